/** A whole lesson: five students, both paces, all work modes; leading, watching, submitting, reviewing, showing. */
import { type Browser, expect, type Page, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { classScreen, dragByTouch, join, newClass, newTeacher, odile, ownCopy, saved, tablet, typePin } from './people';
import { readQr } from './read-qr';

interface Lesson {
  readonly id: string;
  readonly code: string;
}

/** A new lesson of the teacher who is signed in on `page`. */
async function lessonOf(page: Page, order: object): Promise<Lesson> {
  const usual = { classId: '6-heron', workMode: 'copy-each', pace: 'own-pace' };
  const made = await page.request.post('/api/lessons', { data: { ...usual, ...order } });
  expect(made.ok()).toBe(true);
  return (await made.json()) as Lesson;
}

/** A student's device, in the lesson. */
async function student(browser: Browser, lesson: Lesson, name: string, options: object = {}): Promise<Page> {
  const page = await (await tablet(browser, options)).newPage();
  await page.goto(`/join/${lesson.code}`);
  await page.getByRole('button', { name }).click();
  await expect(page.getByLabel(/PIN/)).toBeVisible();
  await typePin(page, '2468');
  await expect(page.getByRole('button', { name: 'Submit' })).toBeVisible();
  return page;
}

const row = (page: Page, name: string) => page.getByRole('row', { name: new RegExp(`^${name}`) });

test('a lesson is led together and at own pace, with five students, one on touch, one by keys, one that drops out', async ({
  page,
  browser,
}) => {
  test.setTimeout(300_000);
  await odile(page);
  const lesson = await lessonOf(page, {
    deckId: 'shore-zones',
    pace: 'together',
    terms: { instructions: 'Look first, then write.' },
  });
  await page.goto(`/lessons/${lesson.id}`);
  const screen = await classScreen(page);
  await expect(screen.getByRole('img', { name: 'Start' })).toBeVisible();
  await screen.getByRole('button', { name: 'Full screen' }).click();
  await expect.poll(() => screen.evaluate(() => document.fullscreenElement !== null)).toBe(true);
  await screen.keyboard.press('Escape');
  await screen.evaluate(() => document.fullscreenElement && document.exitFullscreen());

  // Joining: the class screen and the board know at once.
  const names = ['Amaro Finch', 'Bexley Tarn', 'Cosima Rudd', 'Dov Kestrel', 'Elowen Pike'] as const;
  const [touch, keys, drops, fourth, fifth] = await Promise.all(names.map((name) => student(browser, lesson, name)));
  if (!touch || !keys || !drops || !fourth || !fifth) throw new Error('five came in');
  for (const name of names) await expect(row(page, name)).toContainText('at work');
  await page.getByLabel('Show', { exact: true }).selectOption({ label: 'here now' });
  await expect(row(page, 'Farid Moss')).toBeHidden();
  await expect(row(page, 'Amaro Finch')).toBeVisible();
  await page.getByLabel('Show', { exact: true }).selectOption({ label: 'everybody' });
  await page.getByLabel('Order').selectOption({ label: 'who needs help first' });
  await expect(row(page, 'Farid Moss')).toBeVisible();
  await expect(touch.getByText('Look first, then write.')).toBeVisible();

  // Together: everybody is where the teacher leads, and nobody turns pages.
  await page.getByRole('tab', { name: 'Lead' }).click();
  await page.getByRole('button', { name: 'Lead to “Tides”' }).click();
  await expect(screen.getByRole('img', { name: 'Tides' })).toBeVisible();
  for (const each of [touch, keys, drops, fourth, fifth]) {
    await expect(each.getByText('Your teacher leads')).toBeVisible();
    await expect(each.getByLabel('Twice a day it is')).toBeVisible();
    await expect(each.getByRole('button', { name: 'Next' })).toBeHidden();
  }
  await touch.getByLabel('Twice a day it is').fill('low');
  await keys.getByLabel('Twice a day it is').focus();
  await keys.keyboard.type('dry');
  await drops.context().setOffline(true);
  await expect(drops.getByText('no network: kept on this device')).toBeVisible();
  await drops.getByLabel('Twice a day it is').fill('low');

  // Time, dark screens, holding.
  await page.getByRole('button', { name: 'Time', exact: true }).click();
  await page.getByRole('button', { name: '2 minutes', exact: true }).click();
  await expect(fourth.getByText(/^1:5\d$/)).toBeVisible();
  await expect(screen.getByText(/^1:5\d$/)).toBeVisible();
  await page.getByRole('button', { name: 'Dark screens' }).click();
  await expect(fourth.getByText('Look up, please.')).toBeVisible();
  await expect(screen.getByText('All screens are dark.')).toBeVisible();
  await page.getByRole('button', { name: 'Light again' }).click();
  await expect(fourth.getByText('Look up, please.')).toBeHidden();

  // A question that was not planned is in front of everybody.
  await page.getByRole('button', { name: 'Ask now' }).click();
  await page.getByLabel('Your question').fill('What surprised you?');
  await page.getByRole('dialog').getByRole('button', { name: 'A few words' }).click();
  await expect(fourth.getByText('What surprised you?').first()).toBeVisible();
  await fourth.getByRole('textbox').fill('The mud is warm');
  await saved(fourth);

  // At own pace everybody is where they were, among the slides that are open; a call brings them together.
  await page.getByRole('radio', { name: 'Own pace' }).click();
  await expect(fifth.getByRole('button', { name: 'Next' })).toBeVisible();
  await page.getByRole('button', { name: '“Tides” stays shut at own pace' }).click();
  await fifth.getByRole('button', { name: 'Next' }).tap();
  await expect(fifth.getByText('Your teacher has not opened this slide yet.')).toBeVisible();
  await page.getByRole('button', { name: '“Tides” stays shut at own pace' }).click();
  await page.getByRole('button', { name: 'Lead to “Shore zones”' }).click();
  await page.getByRole('button', { name: 'Call all here' }).click();
  const kelp = touch.getByRole('button', { name: 'kelp, not in a zone' });
  await dragByTouch(touch, kelp, touch.getByText('Lower shore', { exact: true }));
  await expect(touch.getByRole('button', { name: 'kelp, in Lower shore' })).toBeVisible();
  await keys.getByRole('button', { name: /^kelp/ }).focus();
  await keys.keyboard.press('Enter');
  await keys.keyboard.press('Enter');
  await expect(keys.getByRole('button', { name: 'kelp, in Splash zone' })).toBeVisible();

  // What was written without a network is there when it is back.
  await drops.context().setOffline(false);
  await saved(drops);

  // Watching: side by side, layered, to the class without names.
  await page.getByRole('tab', { name: 'Side by side' }).click();
  await page.getByLabel('Slide', { exact: true }).selectOption({ label: 'Tides' });
  await expect(page.getByRole('img', { name: '“Tides” as Cosima Rudd has it' })).toContainText('low');
  await page.getByLabel('Slide', { exact: true }).selectOption({ label: 'Shore zones' });
  await page.getByRole('radio', { name: 'Layered' }).click();
  await expect(page.getByRole('img', { name: /The answers of \d students over one another/ })).toBeVisible();
  await page.getByRole('radio', { name: 'Side by side' }).click();
  await page.getByRole('button', { name: 'Show to the class' }).click();
  await expect(screen.getByRole('img', { name: 'Answer 1' })).toBeVisible();
  await expect(screen.getByText('Amaro Finch')).toBeHidden();
  await page.getByRole('button', { name: 'Pick out the answer of Amaro Finch' }).click();
  await expect(screen.getByRole('img', { name: /Answer \d, picked out/ })).toHaveCount(1);
  await page.getByRole('button', { name: 'Take it away' }).click();
  await page.getByRole('tab', { name: 'Ways walked' }).click();
  await expect(page.getByRole('row', { name: /Start/ }).first()).toBeVisible();

  // Showing: a volunteer, the pointer, following, applause, taking over.
  await page.getByRole('tab', { name: 'By student' }).click();
  await page.getByRole('button', { name: 'Amaro Finch: onto the turn list' }).click();
  await page.getByText('What the class may do').click();
  await page.getByLabel('raise a hand to show next').check();
  await keys.getByRole('button', { name: 'I would like to show' }).click();
  await page.getByRole('button', { name: 'Bexley Tarn: onto the turn list' }).first().click();
  const turns = page.getByRole('region', { name: 'Turn list' }).getByRole('listitem');
  const moveBexley = async (key: string) => {
    await page.getByRole('button', { name: 'Move Bexley Tarn in the turn list' }).focus();
    for (const press of ['m', key, 'm']) {
      await page.keyboard.press(press);
      await page.waitForTimeout(300);
    }
  };
  await moveBexley('ArrowUp');
  await expect(turns.first()).toContainText('Bexley Tarn');
  await moveBexley('ArrowDown');
  await expect(turns.first()).toContainText('Amaro Finch');
  for (const what of ['follow on their own devices', 'applaud', 'ask in writing']) await page.getByLabel(what).check();
  await page.getByRole('button', { name: 'Next one shows' }).click();
  await expect(screen.getByText('Amaro Finch shows')).toBeVisible();
  const shown = screen.getByRole('img', { name: 'Shore zones' });
  const width = async () => (await shown.boundingBox())?.width ?? 0;
  const whole = await width();
  await touch.getByRole('button', { name: 'Look closer' }).tap();
  await expect.poll(width).toBeGreaterThan(whole * 1.2);
  await touch.getByRole('button', { name: 'Whole slide' }).tap();
  await expect.poll(width).toBeCloseTo(whole, 0);
  await fourth.getByRole('button', { name: 'Look at it here' }).tap();
  await expect(fourth.getByRole('img', { name: 'Shore zones' })).toBeVisible();
  await fourth.getByRole('button', { name: 'Applaud' }).tap();
  await fourth.getByRole('textbox', { name: 'Your question' }).fill('Why down there?');
  await fourth.getByRole('button', { name: 'Ask' }).tap();
  await expect(page.getByText('Why down there?')).toBeVisible();
  await expect(screen.getByText('Applause: 1')).toBeVisible();
  await page.getByRole('button', { name: 'Take over' }).click();
  await page.getByRole('button', { name: 'Slide before' }).first().click();
  await expect(screen.getByRole('img', { name: 'Shore zones' })).toBeHidden();
  await page.getByRole('button', { name: 'Hand back' }).click();
  await expect(screen.getByRole('img', { name: 'Shore zones' })).toBeVisible();
  await page.getByRole('button', { name: 'End the turn' }).click();
  await expect(fourth.getByRole('button', { name: 'Submit' })).toBeVisible();

  // Submitting says what is empty; reviewing by keys; giving back; what changed between the tries.
  await touch.getByRole('button', { name: 'Submit' }).tap();
  await expect(touch.getByRole('dialog')).toContainText(/Tides: \d still empty/);
  await touch.getByRole('dialog').getByRole('button', { name: 'Submit' }).tap();
  await expect(touch.getByText(/It has arrived/)).toBeVisible();
  await page.getByRole('tab', { name: 'Review' }).click();
  await expect(page.getByRole('heading', { name: 'Amaro Finch' }).first()).toBeVisible();
  await page.keyboard.press('0');
  await page.keyboard.press('c');
  await page.keyboard.type('Look at the tide table.');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('list', { name: 'Comments' })).toContainText('Look at the tide table.');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'star' }).click();
  await page.getByRole('button', { name: 'Speak a comment' }).click();
  await expect(page.getByRole('button', { name: 'Stop 0:01' })).toBeVisible();
  await page.getByRole('button', { name: /^Stop/ }).click();
  await expect(page.getByLabel('Spoken comment')).toBeVisible();
  await page.getByRole('button', { name: 'Return for another try' }).click();
  await expect(touch.getByText(/Returned: have another try/)).toBeVisible();
  await touch.getByRole('button', { name: 'Review' }).tap();
  await expect(touch.getByRole('dialog')).toContainText('Look at the tide table.');
  await expectClean(touch);
  await touch.getByRole('dialog').getByRole('button', { name: 'Close' }).tap();
  await touch.getByRole('button', { name: 'Back', exact: true }).tap();
  await touch.getByRole('button', { name: 'Next' }).tap();
  await touch.getByLabel('Twice a day it is').fill('high');
  await saved(touch);
  await touch.getByRole('button', { name: 'Submit' }).tap();
  await touch.getByRole('dialog').getByRole('button', { name: 'Submit' }).tap();
  await expect(touch.getByText(/It has arrived/)).toBeVisible();
  await touch.getByRole('button', { name: 'Review' }).tap();
  await expect(touch.getByRole('dialog')).toContainText('1 answer changed since the try before');
  for (const each of [touch, keys, drops, fourth, fifth]) await each.context().close();
  await screen.close();
});

test('a slide each: five students, each first on their own card; it takes pictures, signs and ink, and is kept as a deck', async ({
  page,
  browser,
}) => {
  test.setTimeout(180_000);
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'species-cards', workMode: 'slide-each' });
  const noor = await student(browser, lesson, 'Noor Ashby', { permissions: ['camera'] });
  await expect(noor.getByRole('group', { name: 'Noor Ashby', exact: true })).toBeVisible();

  // Four others, each first on their own card: one writes by keys, one without a network; led and let go again.
  const names = ['Amaro Finch', 'Bexley Tarn', 'Cosima Rudd', 'Dov Kestrel'] as const;
  const others = await Promise.all(names.map((name) => student(browser, lesson, name)));
  const [keys, drops] = others;
  if (!keys || !drops) throw new Error('four came in');
  for (const [at, each] of others.entries())
    await expect(each.getByRole('group', { name: names[at] ?? '', exact: true })).toBeVisible();
  await keys.getByLabel('What is it called?').focus();
  await keys.keyboard.type('barn owl');
  await drops.context().setOffline(true);
  await drops.getByLabel('What is it called?').fill('otter');
  await expect(drops.getByText('no network: kept on this device')).toBeVisible();
  await drops.context().setOffline(false);
  await saved(drops);
  await saved(keys);
  await page.goto(`/lessons/${lesson.id}`);
  await page.getByRole('radio', { name: 'Together' }).click();
  for (const each of [noor, ...others]) await expect(each.getByText('Your teacher leads')).toBeVisible();
  await page.getByRole('radio', { name: 'Own pace' }).click();
  await expect(keys.getByLabel('What is it called?')).toHaveValue('barn owl');
  await expect(drops.getByLabel('What is it called?')).toHaveValue('otter');
  for (const each of others) await each.context().close();

  await noor.getByRole('button', { name: /^Your species/ }).tap();
  await noor.getByRole('textbox', { name: 'Your text' }).fill('It hangs upside down.');
  await noor.getByRole('button', { name: 'Smaller' }).tap();
  await noor.getByRole('button', { name: 'Smaller' }).tap();
  await expect(noor.getByText('Too small to read from the back row')).toBeVisible();
  await noor.getByRole('button', { name: 'Larger' }).tap();
  await noor.getByRole('button', { name: 'Camera' }).tap();
  await noor.getByRole('button', { name: 'Take it' }).tap();
  await noor.getByLabel('What it shows').fill('a bat');
  await noor.getByRole('dialog').getByRole('button', { name: 'Add', exact: true }).tap();
  await expect(noor.getByRole('img', { name: 'a bat' })).toBeVisible();
  await noor.getByRole('button', { name: 'Picture', exact: true }).tap();
  await noor.getByRole('searchbox', { name: 'Find a picture' }).fill('submarine');
  await expect(noor.getByText('No picture shows “submarine”.')).toBeVisible();
  await noor.getByRole('searchbox', { name: 'Find a picture' }).fill('full moon');
  await noor.getByRole('button', { name: /The full moon over the sea/ }).tap();
  await noor.getByRole('dialog').getByRole('button', { name: 'Add', exact: true }).tap();
  await expect(noor.getByRole('img', { name: 'The full moon over the sea' })).toBeVisible();
  await expect(noor.getByText('drawn by Gobrel, CC0 1.0')).toBeVisible();
  await noor.getByRole('button', { name: 'Sign', exact: true }).tap();
  await noor.getByRole('radio', { name: 'Signs' }).check();
  await noor.getByRole('dialog').getByRole('searchbox').fill('feather');
  await noor.getByRole('dialog').getByRole('button', { name: 'feather', exact: true }).tap();
  await expect(noor.getByRole('img', { name: 'feather' })).toBeVisible();
  await noor.getByRole('button', { name: 'Sign', exact: true }).tap();
  await noor.getByRole('dialog').getByRole('searchbox').fill('bat');
  await noor.getByRole('dialog').getByRole('button', { name: 'bat', exact: true }).tap();
  await noor.getByRole('button', { name: 'Pen' }).tap();
  await noor.getByRole('application').focus();
  await noor.keyboard.press('Space');
  for (let step = 0; step < 6; step += 1) await noor.keyboard.press('ArrowRight');
  await noor.keyboard.press('Space');
  await noor.getByRole('button', { name: 'Done' }).tap();
  await saved(noor);
  await noor.getByRole('button', { name: 'Submit' }).tap();
  await noor.getByRole('dialog').getByRole('button', { name: 'Submit' }).tap();
  await expect(noor.getByText(/It has arrived/)).toBeVisible();

  await page.goto(`/lessons/${lesson.id}`);
  await page.getByRole('button', { name: 'More of this lesson' }).click();
  await page.getByRole('menuitem', { name: 'Keep the class deck in the library' }).click();
  await page.getByRole('button', { name: 'Open it' }).click();
  await expect(page.getByRole('textbox', { name: 'Title of the deck' })).toHaveValue('Our species cards, 6 Heron');
  await expect(page.getByRole('listitem').filter({ hasText: 'Noor Ashby' }).first()).toBeVisible();
  await noor.context().close();
});

test('a copy per group: five students, two work in one, see each other point, and submit once', async ({
  page,
  browser,
}) => {
  test.setTimeout(120_000);
  await newTeacher(page);
  await newClass(page, '5 Plover', [
    'Ada Byng, Reeds',
    'Bo Carr, Reeds',
    'Cy Dunn',
    'Dee Ellis, Sedge',
    'Eve Frost, Sedge',
  ]);
  const classes = (await (await page.request.get('/api/classes')).json()) as { id: string }[];
  await page.goto('/');
  const made = await page.request.post('/api/decks', { data: { title: 'In pairs' } });
  const { id: deckId } = (await made.json()) as { id: string };
  const lesson = await lessonOf(page, { deckId, classId: classes[0]?.id, workMode: 'copy-per-group' });
  const come = async (name: string) => {
    const device = await (await tablet(browser)).newPage();
    await join(device, lesson.code, name, '1234');
    return device;
  };
  const [ada, bo] = [await come('Ada Byng'), await come('Bo Carr')];
  // A student without a group has a copy of their own; another group has another one.
  const [cy, dee, eve] = [await come('Cy Dunn'), await come('Dee Ellis'), await come('Eve Frost')];
  await expect(dee.getByText('Sedge · Dee Ellis')).toBeVisible();
  await expect(eve.getByText('Sedge · Eve Frost')).toBeVisible();
  await expect(ada.getByText('Reeds · Ada Byng')).toBeVisible();
  const slide = ada.getByRole('img').or(ada.getByRole('group')).first();
  const box = await slide.boundingBox();
  await ada.mouse.move((box?.x ?? 0) + 200, (box?.y ?? 0) + 120);
  await expect(bo.getByText('Ada Byng', { exact: true })).toBeVisible();
  await bo.getByRole('button', { name: 'Submit' }).tap();
  await bo.getByRole('dialog').getByRole('button', { name: 'Submit' }).tap();
  await expect(ada.getByText(/It has arrived/)).toBeVisible();
  await page.goto(`/lessons/${lesson.id}`);
  await expect(page.getByRole('row', { name: /Reeds/ })).toContainText('Ada Byng, Bo Carr');
  await expect(page.getByRole('row', { name: /Sedge/ })).toContainText('Dee Ellis, Eve Frost');
  await expect(row(page, 'Cy Dunn')).toBeVisible();
  await page.getByRole('radio', { name: 'Together' }).click();
  for (const each of [cy, dee, eve]) await expect(each.getByText('Your teacher leads')).toBeVisible();
  await page.getByRole('radio', { name: 'Own pace' }).click();
  for (const each of [cy, dee, eve]) await expect(each.getByText('Your teacher leads')).toBeHidden();
  for (const each of [ada, bo, cy, dee, eve]) await each.context().close();
});

test('a deck is handed out to anybody, corrected while it runs, and the lesson deleted', async ({ page, browser }) => {
  test.setTimeout(120_000);
  await odile(page);
  const deckId = await ownCopy(page, 'exit-questions');
  await page.goto(`/decks/${deckId}`);
  await page.getByRole('button', { name: 'Hand out' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Anybody with the code').check();
  await dialog.getByText('Times, attempts, and what is shown when').click();
  await dialog.getByLabel('Instructions').fill('Three questions.');
  await dialog.getByRole('button', { name: 'Hand out' }).click();
  const code = (await dialog.getByText(/^[A-Z]{4}-\d{3}$/).textContent()) ?? '';
  const way = new URL(`/join/${code.replace('-', '')}`, page.url()).href;
  await expect(dialog.getByText(way)).toBeVisible();
  expect(await readQr(dialog.getByRole('img'))).toBe(way);
  await dialog.getByRole('link', { name: 'To the lesson' }).click();
  const guest = await (await tablet(browser)).newPage();
  await guest.goto(`/join/${code}`);
  await guest.getByLabel('Your first name').fill('Kit');
  await guest.getByRole('button', { name: 'Begin' }).tap();
  await expect(guest.getByText('Three questions.')).toBeVisible();
  await expect(row(page, 'Kit')).toBeVisible();

  await page.getByRole('button', { name: 'More of this lesson' }).click();
  await page.getByRole('menuitem', { name: 'Send a correction' }).click();
  await expect(dialog).toContainText('there is nothing to send');
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  const board = page.url();
  await page.goto(`/decks/${deckId}`);
  await page.getByLabel('Name of the slide').fill('Tide, once more');
  await saved(page);
  await page.goto(board);
  await page.getByRole('button', { name: 'More of this lesson' }).click();
  await page.getByRole('menuitem', { name: 'Send a correction' }).click();
  await expect(dialog).toContainText('Tide, once more');
  await expectClean(page);
  await dialog.getByRole('button', { name: 'Send it to the class' }).click();
  await expect(guest.getByText('Tide, once more')).toBeVisible();

  await page.getByRole('button', { name: 'More of this lesson' }).click();
  await page.getByRole('menuitem', { name: 'Delete the lesson' }).click();
  await dialog.getByRole('button', { name: 'Delete the lesson' }).click();
  await expect(page.getByRole('heading', { name: 'Lessons' })).toBeVisible();
  await guest.context().close();
});

test('a class comes from a file, has cards to print, a gradebook to take out, and is put away', async ({ page }) => {
  await newTeacher(page);
  await page.goto('/classes');
  await page.getByRole('button', { name: 'New class' }).click();
  await page.getByLabel('Name of the class').fill('6 Tern');
  const file = 'Surname;First name;Group\nWick;Odhrán;North\nLima;Ana;South\nLima;Ana;\n';
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'class.csv', mimeType: 'text/csv', buffer: Buffer.from(file) });
  await expect(page.getByLabel('Students, one name a line')).toHaveValue(/Odhrán Wick, North/);
  await page.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByText('Ana Lima (2)')).toBeVisible();
  await page.getByRole('button', { name: 'More of 6 Tern' }).click();
  await page.getByRole('menuitem', { name: 'Print cards with new PINs' }).click();
  await page.getByRole('button', { name: 'New PINs and cards' }).click();
  await expect(page.getByRole('heading', { name: 'Cards of 6 Tern' })).toBeVisible();
  await expect(page.getByRole('listitem')).toHaveCount(3);
  await expect(page.getByRole('listitem').first()).toContainText(/PIN: \d{4}/);
  await expectClean(page);
  const print = page.getByRole('button', { name: 'Print', exact: true });
  await expect(print).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(print).toBeHidden();
  const first = page.getByRole('listitem').first();
  await expect(first).toBeVisible();
  expect(await readQr(first.getByRole('img'))).toBe(new URL('/join', page.url()).href);
  await page.emulateMedia({ media: null });
  await page.goto('/classes');
  await page.getByRole('link', { name: 'Gradebook' }).click();
  await expect(page.getByText('No lesson with this class yet.')).toBeVisible();
  await page.goto('/classes');
  await page.getByRole('button', { name: 'More of 6 Tern' }).click();
  await page.getByRole('menuitem', { name: 'Put the class away' }).click();
  await expect(page.getByRole('heading', { name: 'Put away' })).toBeVisible();
});

test('a device whose clock is an hour wrong shows the time that is really left', async ({ page, browser }) => {
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'exit-questions' });
  await page.goto(`/lessons/${lesson.id}`);
  await page.getByRole('button', { name: 'Time', exact: true }).click();
  await page.getByRole('button', { name: '5 minutes', exact: true }).click();
  const context = await tablet(browser);
  await context.addInitScript(() => {
    const now = Date.now.bind(Date);
    Date.now = () => now() + 3_600_000;
  });
  const late = await context.newPage();
  await join(late, lesson.code, 'Perrin Holt', '2468');
  await expect(late.getByText(/^4:\d\d$/)).toBeVisible();
  await context.close();
});

test('an hour without a network: work goes on, the state is told as it is, and everything arrives afterwards', async ({
  page,
  browser,
}) => {
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'shore-zones' });
  const context = await tablet(browser);
  const away = await context.newPage();
  await away.clock.install();
  await join(away, lesson.code, 'Quilla Dunn', '2468');
  await away.getByRole('button', { name: 'Next' }).tap();
  await away.getByLabel('Twice a day it is').fill('low');
  await saved(away);
  await context.setOffline(true);
  await expect(away.getByText('no network: kept on this device')).toBeVisible();
  await away.getByLabel('What pulls the water').fill('the moon');
  await away.clock.fastForward('01:00:00');
  await expect(away.getByText('no network: kept on this device')).toBeVisible();
  await away.getByRole('button', { name: 'Next' }).tap();
  await away.getByRole('button', { name: /^kelp/ }).focus();
  await away.keyboard.press('Enter');
  await away.keyboard.press('Enter');
  await expect(away.getByRole('button', { name: 'kelp, in Splash zone' })).toBeVisible();
  await page.request.post(`/api/lessons/${lesson.id}/hold`, { data: { held: true } });
  await page.request.post(`/api/lessons/${lesson.id}/hold`, { data: { held: false } });
  await page.request.patch(`/api/lessons/${lesson.id}`, { data: { terms: { dueAt: Date.now() + 86_400_000 } } });
  await context.setOffline(false);
  await saved(away);
  await expect(away.getByText(/^due /)).toBeVisible();
  await page.goto(`/lessons/${lesson.id}`);
  await page.getByRole('button', { name: 'Quilla Dunn', exact: true }).click();
  const panel = page.getByRole('region', { name: 'Slides of Quilla Dunn' });
  await panel.getByRole('button', { name: 'Slide before' }).click();
  await expect(panel.getByText('the moon').first()).toBeVisible();
  await context.close();
});
