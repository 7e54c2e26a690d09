/** The people of the sample scenario at their browsers, and things several tests do. */
import { purposeOfAccount } from '@gobrel/contract/purposes';
import { payToll, type Toll } from '@gobrel/core/toll';
import * as messages from '@gobrel/messages';
import {
  type APIResponse,
  type Browser,
  type BrowserContextOptions,
  expect,
  type Locator,
  type Page,
} from '@playwright/test';
import { asSaid, startOf } from './as-said';

/** A teacher with an account of their own, so that tests do not meet; signed in, with no page open yet. */
export async function newTeacher(page: Page, name = 'Nadia Quill'): Promise<{ email: string }> {
  const email = newEmail();
  const make = (toll?: string) =>
    page.request.post('/api/accounts', { data: { name, email, password: 'a sentence by the sea', toll } });
  const first = await make();
  // Where a test has just made very many, the others pay, as the page does.
  if (first.status() !== 429) await answered(Promise.resolve(first));
  else await answered(make(payToll(purposeOfAccount(email), ((await first.json()) as { values: Toll }).values)));
  return { email };
}

/** The same by hand, from the first page to the library. */
export async function signUpByHand(page: Page, name: string): Promise<void> {
  await page.goto('/sign-in');
  await page.getByRole('button', { name: messages.signIn.noAccount }).click();
  await page.getByLabel(messages.signIn.name, { exact: true }).fill(name);
  await page.getByLabel(messages.signIn.email).fill(newEmail());
  await page.getByLabel(messages.signIn.password).fill('a sentence by the sea');
  await page.getByRole('button', { name: messages.signIn.create }).click();
  await expect(page.getByRole('heading', { name: messages.library.title })).toBeVisible();
}

const newEmail = () => `${Date.now()}${Math.floor(Math.random() * 1e6)}@marrambay.example`;

/** Who the teacher of the sample scenario is. */
const ODILE = { email: 'odile@marrambay.example', password: 'saltmarsh at night' };

/** Odile Farrow, the teacher of the sample scenario; signed in, with no page open yet. */
export async function odile(page: Page): Promise<void> {
  await answered(page.request.post('/api/session', { data: ODILE }));
}

/** The same by hand, from the first page to her library. */
export async function odileByHand(page: Page): Promise<void> {
  await page.goto('/sign-in');
  await page.getByLabel(messages.signIn.email).fill(ODILE.email);
  await page.getByLabel(messages.signIn.password).fill(ODILE.password);
  await page.getByRole('button', { name: messages.signIn.enter }).click();
  await expect(page.getByRole('heading', { name: messages.library.title })).toBeVisible();
}

/** A new deck, open in the editor and saved. */
export async function newDeck(page: Page, title: string): Promise<void> {
  const data = { title, opening: messages.slides.opening };
  const { id } = await answered<{ id: string }>(page.request.post('/api/decks', { data }));
  await page.goto(`/decks/${id}`);
  await saved(page);
}

/** The same by hand, from the library. */
export async function newDeckByHand(page: Page, title: string): Promise<void> {
  await page.getByRole('button', { name: messages.library.newDeck }).click();
  await page.getByLabel(messages.library.deckTitle).fill(title);
  await saved(page);
}

/** What the server answered; what it refused is no answer. */
async function answered<Answer = unknown>(asking: Promise<APIResponse>): Promise<Answer> {
  const answer = await asking;
  if (!answer.ok()) throw new Error(`${answer.status()} ${await answer.text()}`);
  const text = await answer.text();
  return (text === '' ? undefined : JSON.parse(text)) as Answer;
}

/** A copy of a deck for this test alone, so that others find it as it was; gives its id. */
export async function ownCopy(page: Page, deckId: string): Promise<string> {
  return (await answered<{ id: string }>(page.request.post(`/api/decks/${deckId}/copy`))).id;
}

/** A class with some names; gives its id. */
export async function newClass(page: Page, name: string, students: readonly string[]): Promise<string> {
  return (await answered<{ id: string }>(page.request.post('/api/classes', { data: { name, students } }))).id;
}

/** The same by hand; each name is a line as teachers write it. */
export async function newClassByHand(page: Page, name: string, students: readonly string[]): Promise<void> {
  await page.goto('/classes');
  await page.getByRole('button', { name: messages.classes.newClass }).click();
  await page.getByLabel(messages.classes.name).fill(name);
  await page.getByLabel(messages.classes.students).fill(students.join('\n'));
  await page.getByRole('button', { name: messages.common.keep }).click();
  await expect(page.getByRole('heading', { name })).toBeVisible();
}

/** A class on the page of classes, unfolded; other classes may have names that begin alike. */
export async function rosterOf(page: Page, className: string): Promise<Locator> {
  const roster = page
    .locator('section')
    .filter({ has: page.getByRole('heading', { name: new RegExp(`^${className} \\d`) }) });
  const button = roster.getByRole('heading').getByRole('button');
  await expect(button).toBeVisible();
  if ((await button.getAttribute('aria-expanded')) === 'false') await button.click();
  await expect(button).toHaveAttribute('aria-expanded', 'true');
  return roster;
}

/** Hands the open deck out to the first class, a copy each at their own pace; gives the code, with the dialog open. */
export async function handOut(page: Page): Promise<string> {
  await page.getByRole('button', { name: messages.handOut.action }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByLabel(messages.handOut.workModes['copy-each'].name)).toBeChecked();
  await expect(dialog.getByLabel(messages.handOut.paces['own-pace'].name)).toBeChecked();
  await dialog.getByRole('button', { name: messages.handOut.action }).click();
  await expect(dialog.getByAltText(messages.handOut.qr)).toBeVisible();
  return (await dialog.getByText(/^[A-Z]{4}-\d{3}$/).textContent()) ?? '';
}

/** Opens the class screen of the lesson that is looked at. */
export async function classScreen(page: Page): Promise<Page> {
  const opening = page.waitForEvent('popup');
  await page.getByRole('button', { name: messages.board.classScreen }).click();
  // Before that it loads, and is no page yet.
  const screen = await opening;
  await expect(screen.getByRole('heading', { level: 1 })).toBeAttached();
  return screen;
}

/** Waits until everything typed is on the server. */
export async function saved(page: Page): Promise<void> {
  await expect(page.getByText(messages.kept.saved, { exact: true })).toBeVisible();
}

/** Waits until the page would open without a network; begins anew when a busy browser left the worker behind. */
export async function readyForOffline(page: Page): Promise<void> {
  await expect(async () => {
    const ready = await page.evaluate(async () => {
      const late = new Promise<false>((resolve) => setTimeout(() => resolve(false), 10_000));
      return Promise.race([navigator.serviceWorker.ready.then(() => true), late]);
    });
    if (!ready) {
      await page.evaluate(async () => {
        for (const registration of await navigator.serviceWorker.getRegistrations()) await registration.unregister();
      });
      await page.reload();
    }
    expect(ready).toBe(true);
  }).toPass({ timeout: 90_000 });
  await expect
    .poll(() => page.evaluate(() => caches.open('gobrel files 1').then(async (cache) => (await cache.keys()).length)))
    .toBeGreaterThan(8);
  const answers = () => caches.open('gobrel answers 1').then(async (cache) => (await cache.keys()).length);
  await expect.poll(() => page.evaluate(answers)).toBeGreaterThan(0);
}

/** Cuts the network, and sees to it that the page has been told. */
export async function cutNetwork(page: Page): Promise<void> {
  await expect(async () => {
    await page.context().setOffline(true);
    expect(await page.evaluate(() => navigator.onLine)).toBe(false);
  }).toPass();
}

/** A student's tablet: touch, of middling size. */
export function tablet(browser: Browser, options: BrowserContextOptions = {}) {
  return browser.newContext({ viewport: { width: 1180, height: 820 }, hasTouch: true, ...options });
}

/** A student comes into a lesson by its code and is on their slides. */
export async function join(page: Page, code: string, name: string, pin: string): Promise<void> {
  await page.goto('/join');
  await page.getByLabel(messages.join.code).fill(code);
  await page.getByRole('button', { name: messages.join.enter }).click();
  await page.getByRole('button', { name }).click();
  await expect(page.getByLabel(/PIN/)).toBeVisible();
  await typePin(page, pin);
  await expect(page.getByRole('button', { name: messages.walking.back, exact: true })).toBeVisible();
}

/** A student says their PIN; a chosen one has to be confirmed, a known one is enough. */
export async function typePin(page: Page, pin: string): Promise<void> {
  const field = page.getByLabel(/PIN/);
  const isChosen = (await page.getByLabel(messages.join.newPin).count()) > 0;
  await field.fill(pin);
  if (isChosen) await page.getByRole('button', { name: messages.join.begin }).click();
}

/** A new lesson of Odile's with one of her decks, so that students find it untouched; gives its code. */
export async function newLesson(page: Page, deckId: string): Promise<string> {
  await odile(page);
  const order = { deckId, classId: '6-heron', workMode: 'copy-each', pace: 'own-pace' };
  return (await answered<{ code: string }>(page.request.post('/api/lessons', { data: order }))).code;
}

/** A student of 6 Heron, on a slide of a new lesson. */
export async function atSlide(browser: Browser, page: Page, [deckId, slide]: readonly [string, number]): Promise<Page> {
  const code = await newLesson(page, deckId);
  const student = await (await tablet(browser, { permissions: ['microphone'] })).newPage();
  await join(student, code, 'Amaro Finch', '2468');
  for (let at = 1; at < slide; at += 1) await student.getByRole('button', { name: messages.walking.next }).click();
  return student;
}

/** The box of something on the screen, in CSS pixels of the window. */
export async function boxOf(element: Locator) {
  const box = await element.boundingBox();
  if (!box) throw new Error('the element is not on the screen');
  return box;
}

/** The middle of an element, in CSS pixels. */
export async function middleOf(element: Locator): Promise<{ x: number; y: number }> {
  const box = await boxOf(element);
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

/** Drags by mouse from the middle of an element by some CSS pixels; keys may be pressed before it is let go. */
export async function dragBy(
  page: Page,
  element: Locator,
  dx: number,
  dy: number,
  keys: readonly string[] = [],
): Promise<void> {
  const from = await middleOf(element);
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x + dx / 2, from.y + dy / 2, { steps: 4 });
  await page.mouse.move(from.x + dx, from.y + dy, { steps: 4 });
  for (const key of keys) await page.keyboard.press(key);
  await page.mouse.up();
}

/** Waits until nothing on the page says that it is still on its way. */
export async function nothingLoads(page: Page): Promise<void> {
  await expect(page.getByRole('status').filter({ hasText: asSaid(messages.common.loading) })).toHaveCount(0);
}

/** What is said of something that is moved within its list. */
const PLACED = new RegExp(
  [messages.sorting.pickedUp, messages.sorting.over, messages.sorting.putDown]
    .map((each) => asSaid(each).source)
    .join('|'),
);

/** Moves what has the focus within its list by keys: picked up, moved as far as the keys say, put down; each step is said. */
export async function sortByKeys(page: Page, keys: readonly string[]): Promise<void> {
  const said = page.getByRole('status').filter({ hasText: PLACED });
  let last = '';
  const saidAnew = async () => {
    await expect(said).not.toHaveText(last);
    last = (await said.textContent()) ?? '';
  };
  for (const key of ['m', ...keys, 'm']) {
    await page.keyboard.press(key);
    await saidAnew();
    // What is picked up listens to keys from the next turn on.
    await page.evaluate(() => new Promise((next) => setTimeout(next)));
  }
}

/** Drags by finger from one element's middle to another's. @param isHeld waits until holding still has picked it up */
export async function dragByTouch(
  page: Page,
  element: Locator,
  onto: Locator,
  isHeld: () => Promise<void> = () => Promise.resolve(),
): Promise<void> {
  const from = await middleOf(element);
  const to = await middleOf(onto);
  const session = await page.context().newCDPSession(page);
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', point?: { x: number; y: number }) =>
    session.send('Input.dispatchTouchEvent', { type, touchPoints: point ? [point] : [] });
  await touch('touchStart', from);
  await isHeld();
  for (let step = 1; step <= 8; step += 1) {
    await touch('touchMove', { x: from.x + ((to.x - from.x) * step) / 8, y: from.y + ((to.y - from.y) * step) / 8 });
  }
  await touch('touchEnd');
  await session.detach();
}

/** An item on the editor's canvas, by its name for a screen reader. */
export function item(page: Page, name: string | RegExp): Locator {
  return page.getByRole('group', { name: startOf(messages.editor.canvas) }).getByRole('button', { name });
}

/** A question of every kind in the deck of the night watch: the slide it is on, and its name in the editor. */
export const QUESTIONS = [
  ['watch-guess', /^Choice/],
  ['watch-words', /^Short answer/],
  ['watch-count', /^Number/],
  ['watch-places', /^Point/],
  ['watch-order', /^Zone/],
  ['watch-build', /a piece$/],
  ['watch-draw', /^Draw/],
  ['watch-tell', /^Long answer/],
] as const;

/** Places a question on the slide that is edited, by what students do. */
export async function addQuestion(page: Page, name: string): Promise<void> {
  await page.getByRole('button', { name: messages.questions.add, exact: true }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: new RegExp(`^${name}`) })
    .click();
}

/** Chooses a colour in the panel. @param of what it is the colour of, as its row says */
export async function pickColour(page: Page, of: string, colour: string): Promise<void> {
  await page.getByRole('button', { name: new RegExp(`^${of}: `) }).click();
  await page.getByRole('dialog', { name: of }).getByRole('radio', { name: colour, exact: true }).click();
}

/** The panel of an author who has opened what is folded in it. To be said before the page is opened. */
export async function withGroupsOpen(page: Page): Promise<void> {
  await page.addInitScript(() => localStorage.setItem('gobrel open groups', 'place arrange appears'));
}

/** Places a table of three rows and three columns, and types in its first cell. */
export async function placeTable(page: Page): Promise<void> {
  await page.getByRole('button', { name: messages.kinds.table, exact: true }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: messages.tables.size({ rows: 3, columns: 3 }) })
    .click();
}

/** What is done now and then with all of a deck: an entry of the menu in the editor's header. */
export async function fromMenu(page: Page, name: string): Promise<void> {
  await page.getByRole('button', { name: messages.editor.moreActions }).click();
  await page.getByRole('menuitem', { name }).click();
}
