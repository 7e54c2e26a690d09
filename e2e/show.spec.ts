/** Playing a deck. */
import * as messages from '@gobrel/messages';
import { expect, type Locator, type Page, test } from '@playwright/test';
import {
  addQuestion,
  fromMenu,
  middleOf,
  newDeck,
  newTeacher,
  odile,
  ownCopy,
  saved,
  withGroupsOpen,
  boxOf,
} from './people';

test.beforeEach(async ({ page }) => {
  await withGroupsOpen(page);
  await odile(page);
});

test('next does nothing on a slide left by its links, and says why; back returns along the way', async ({ page }) => {
  await page.goto('/decks/night-walk/show');
  const slide = (name: string) => page.getByRole('group', { name });
  await expect(slide('Dusk at the gate')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(slide('The boardwalk splits')).toBeVisible();
  // The keys that a clicker presses.
  await page.keyboard.press('PageUp');
  await expect(slide('Dusk at the gate')).toBeVisible();
  await page.keyboard.press('PageDown');
  await expect(slide('The boardwalk splits')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText(messages.walking['links-only'])).toBeVisible();
  await expect(slide('The boardwalk splits')).toBeVisible();
  await page.getByRole('link', { name: 'Climb to the hide' }).click();
  await page.getByRole('link', { name: 'The dark window' }).focus();
  await page.keyboard.press('Enter');
  await expect(slide('Lantern room')).toBeVisible();
  await page.getByRole('link', { name: 'Climb down' }).click();
  await expect(slide('The hide')).toBeVisible();
  await page.getByRole('button', { name: messages.walking.back, exact: true }).click();
  await expect(slide('The boardwalk splits')).toBeVisible();
  await page.keyboard.press('Home');
  await expect(slide('Dusk at the gate')).toBeVisible();
  await expect(page.getByRole('button', { name: messages.walking.back, exact: true })).toBeDisabled();
});

test('linked words are followed, and the show begins at any slide', async ({ page }) => {
  await page.goto('/decks/night-walk/show/splash');
  await page.getByRole('link', { name: 'a fresh trail' }).click();
  await expect(page.getByRole('group', { name: 'What left this trail?' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByLabel(messages.editor.slideName)).toHaveValue('What left this trail?');
});

test('the show fills the screen and leaves it', async ({ page }) => {
  await page.goto('/decks/night-walk/show');
  await page.getByRole('button', { name: messages.show.full }).click();
  await expect(page.getByRole('button', { name: messages.show.leaveFull })).toBeVisible();
  await page.getByRole('button', { name: messages.show.leaveFull }).click();
  await expect(page.getByRole('button', { name: messages.show.full })).toBeVisible();
});

test('two windows are kept together: the presenter’s own, and what the audience sees', async ({ page }) => {
  await page.goto('/decks/night-walk/show/fork');
  await page.getByRole('button', { name: messages.show.more }).click();
  const opened = page.waitForEvent('popup');
  await page.getByRole('menuitem', { name: messages.show.mine }).click();
  const own = await opened;
  const stage = (at: Page, name: string) => at.getByRole('main').getByRole('group', { name });
  await expect(stage(own, 'The boardwalk splits')).toBeVisible();
  await expect(own.getByText(messages.show.thenLinks)).toBeVisible();
  // By the presenter's cards of links, by a digit, by the audience's keys, by a search the audience does not see.
  await own
    .getByRole('navigation', { name: messages.show.linksLead })
    .getByRole('button', { name: /Follow the splash/ })
    .click();
  await expect(stage(page, 'The splash')).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await expect(stage(own, 'The boardwalk splits')).toBeVisible();
  await own.keyboard.press('1');
  await expect(stage(page, 'The splash')).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await expect(stage(own, 'The boardwalk splits')).toBeVisible();
  await own.keyboard.press('g');
  await own.getByLabel(messages.show.goToName).fill('tide turns');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await own.keyboard.press('Enter');
  await expect(stage(page, 'The tide turns')).toBeVisible();
  await expect(own.getByText('Stop here and let the class vote')).toBeVisible();
  // Black, pen and pointer are seen in both, and leave no trace.
  await own.keyboard.press('b');
  await expect(page.getByText(messages.show.isBlack)).toBeAttached();
  await own.keyboard.press('b');
  await own.keyboard.press('p');
  const middle = await middleOf(stage(own, 'The tide turns'));
  await own.mouse.move(middle.x - 60, middle.y);
  await own.mouse.down();
  await own.mouse.move(middle.x + 60, middle.y + 20, { steps: 6 });
  await own.mouse.up();
  await expect(page.locator('main svg[aria-hidden] path[fill="#c2410c"]')).toHaveCount(1);
  await own.keyboard.press('c');
  await expect(page.locator('main svg[aria-hidden] path[fill="#c2410c"]')).toHaveCount(0);
  // How we got here: a press on the way goes back along it.
  await own
    .getByRole('navigation', { name: messages.show.trail })
    .getByRole('button', { name: 'The boardwalk splits' })
    .click();
  await expect(stage(page, 'The boardwalk splits')).toBeVisible();
  await expect(page.getByRole('button', { name: messages.walking.back, exact: true })).toBeDisabled();
});

test('a walk is kept, looked at on the map, and forgotten', async ({ page }) => {
  const deckId = await ownCopy(page, 'night-walk');
  await page.goto(`/decks/${deckId}/show`);
  await page.getByRole('link', { name: 'Step onto the boards' }).click();
  await page.getByRole('link', { name: 'Climb to the hide' }).click();
  await page.getByRole('button', { name: messages.show.more }).click();
  await page.getByRole('menuitem', { name: messages.show.saveWalk }).click();
  await expect(page.getByText(messages.show.walkKept).first()).toBeVisible();
  await page.goto(`/decks/${deckId}?see=map`);
  const map = page.getByRole('main', { name: messages.routes.map });
  await map.getByRole('combobox', { name: messages.routes.look }).selectOption({ label: await walkNamed(page) });
  await expect(map.getByRole('button', { name: /^5 The hide/ })).toBeAttached();
  await expect(map.getByRole('button', { name: /^3 The splash/ })).toHaveCount(0);
  await map.getByRole('button', { name: messages.routes.forgetWalk }).click();
  await expect(map.getByRole('button', { name: /^3 The splash/ })).toBeAttached();
});

/** The name of the first walk that the map offers. */
async function walkNamed(page: Page): Promise<string> {
  const option = page.getByRole('combobox', { name: messages.routes.look }).locator('optgroup option').first();
  await expect(option).toBeAttached();
  return (await option.textContent()) ?? '';
}

test('what appears step by step, a transition, and going on by itself up to a choice; any key stops it', async ({
  page,
}) => {
  await newTeacher(page);
  await newDeck(page, 'Steps');
  await page.getByLabel(messages.editor.slideName).fill('One');
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.type('The moon');
  await page.keyboard.press('Escape');
  await page.getByLabel(messages.editor.appears).selectOption({ label: messages.editor.appearsWith({ step: 1 }) });
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.editor.addSlide, exact: true }).click();
  await page.getByLabel(messages.editor.slideName).fill('Two');
  await page
    .getByLabel(messages.editor.transition, { exact: true })
    .selectOption({ label: messages.editor.transitions.push });
  await addQuestion(page, messages.questions.starts.choice.name);
  await page.getByRole('button', { name: /^1 One/ }).click();
  await page.getByLabel(messages.editor.stays).selectOption({ label: messages.editor.staysFixed });
  await page.getByLabel(messages.editor.seconds).fill('2');
  await saved(page);
  await page.getByRole('link', { name: messages.editor.tryIt }).click();
  const stage = page.getByRole('main');
  await expect(stage.getByRole('group', { name: 'One' })).toBeVisible();
  await expect(stage.getByText('The moon')).toHaveCount(0);
  await page.keyboard.press('ArrowRight');
  await expect(stage.getByText('The moon')).toBeVisible();
  // The slide that leaves is not drawn anew: it goes as it was, with whatever moves or plays on it.
  await stage.getByText('The moon').evaluate((moon) => {
    document.addEventListener('animationstart', ({ animationName, target }) => {
      if (animationName.includes('to-left')) document.body.dataset['left'] = String((target as Element).contains(moon));
    });
  });
  await page.keyboard.press('ArrowRight');
  await expect(stage.getByRole('group', { name: 'Two' })).toBeVisible();
  await expect.poll(() => page.evaluate(() => document.body.dataset['left'])).toBe('true');
  await page.keyboard.press('ArrowLeft');
  await expect(stage.getByRole('group', { name: 'One' })).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('a');
  await expect(stage.getByText('The moon')).toBeVisible();
  await expect(stage.getByRole('group', { name: 'Two' })).toBeVisible();
  await expect(page.getByText(messages.show.waits)).toBeVisible();
  await page.keyboard.press('Shift');
  await expect(page.getByText(messages.show.waits)).toHaveCount(0);
});

test('a slide that comes in by a transition is simply there for those who want no movement', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Calm');
  await page.getByText(messages.editor.deckPlaying).click();
  await page
    .getByLabel(`${messages.editor.deckPlaying}: ${messages.editor.transition}`, { exact: true })
    .selectOption({ label: messages.editor.transitions.push });
  await page.getByRole('button', { name: messages.editor.duplicateSlide }).click();
  await page.getByLabel(messages.editor.slideName).fill('Two');
  await page.getByRole('button', { name: /^1 Opening/ }).click();
  await saved(page);
  await page.getByRole('link', { name: messages.editor.tryIt }).click();
  await page.waitForURL(/\/show\//);
  const stage = page.getByRole('main');
  await expect(stage.getByRole('group', { name: messages.slides.opening, exact: true })).toBeVisible();
  // Every movement that begins is counted by the page itself, however short it is.
  await page.evaluate(() => {
    document.addEventListener('animationstart', () => (document.body.dataset['moved'] = 'yes'));
  });
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.keyboard.press('ArrowRight');
  await expect(stage.getByRole('group', { name: 'Two' })).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await expect(stage.getByRole('group', { name: messages.slides.opening })).toBeVisible();
  await expect(page.locator('body')).not.toHaveAttribute('data-moved');
  await page.emulateMedia({ reducedMotion: 'no-preference' });
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('body')).toHaveAttribute('data-moved', 'yes');
});

test('a deck for a hall goes on by itself from the start, and begins again at its end', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'In the hall');
  await page.getByLabel(messages.editor.slideName).fill('One');
  await page.getByLabel(messages.editor.stays).selectOption({ label: messages.editor.staysFixed });
  await page.getByLabel(messages.editor.seconds).fill('1');
  await page.getByText(messages.editor.deckPlaying).click();
  await page.getByLabel(messages.editor.byItself).check();
  await page.getByLabel(messages.editor.overAndOver).check();
  await page.getByRole('button', { name: messages.editor.duplicateSlide }).click();
  await page.getByLabel(messages.editor.slideName).fill('Two');
  await saved(page);
  await page.getByRole('button', { name: /^1 One/ }).click();
  await page.getByRole('link', { name: messages.editor.tryIt }).click();
  for (const name of ['Two', 'One', 'Two'])
    await expect(page.getByRole('main').getByRole('group', { name, exact: true })).toBeVisible();
});

test('a trial is the deck as a student sees it: no key, no author’s items, filled in and forgotten', async ({
  page,
}) => {
  await page.goto('/decks/shore-zones?slide=start');
  await fromMenu(page, messages.editor.asStudent);
  await expect(page.getByText(messages.show.trying)).toBeVisible();
  await page.getByRole('button', { name: messages.walking.next }).click();
  const blank = page.getByRole('textbox').first();
  await blank.fill('low');
  await expect(page.getByText(/This slide: 1 of \d+/)).toBeVisible();
  await page.getByRole('button', { name: messages.show.tryAgain }).click();
  await page.getByRole('button', { name: messages.walking.next }).click();
  await expect(blank).toHaveValue('');
  await page.getByRole('link', { name: messages.show.tryEnd }).click();
  await expect(page.getByLabel(messages.editor.slideName)).toBeVisible();
});

test('a show works on a phone, turned by swiping', async ({ browser }) => {
  const phone = await (
    await browser.newContext({ viewport: { width: 390, height: 760 }, hasTouch: true, isMobile: true })
  ).newPage();
  await odile(phone);
  await phone.goto('/decks/night-walk/show');
  const session = await phone.context().newCDPSession(phone);
  const at = await middleOf(phone.getByRole('group', { name: 'Dusk at the gate' }));
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', x?: number) =>
    session.send('Input.dispatchTouchEvent', { type, touchPoints: x === undefined ? [] : [{ x, y: at.y - 40 }] });
  await touch('touchStart', at.x + 90);
  await touch('touchMove', at.x - 20);
  await touch('touchMove', at.x - 90);
  await touch('touchEnd');
  await expect(phone.getByRole('group', { name: 'The boardwalk splits' })).toBeVisible();
  for (const name of ['Back', 'Next', 'More', 'End the show'])
    await expect(
      phone.getByRole('button', { name, exact: true }).or(phone.getByRole('link', { name })),
    ).toBeInViewport();
});

test('the presenter reads notes and time while standing, sees what the audience sees, and what next and links lead to', async ({
  page,
}) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto('/decks/night-walk/present/tide');
  const notes = page.getByRole('region', { name: messages.show.notes });
  const letters = (text: Locator) => text.evaluate((element) => parseFloat(getComputedStyle(element).fontSize));
  const text = notes.getByText('Stop here and let the class vote');
  expect(await letters(text)).toBeGreaterThanOrEqual(20);
  const before = await letters(text);
  await notes.getByRole('button', { name: messages.show.largerNotes }).click();
  expect(await letters(text)).toBeGreaterThan(before);
  await page.reload();
  await expect.poll(() => letters(text)).toBeGreaterThan(before);
  // A button that is disabled by being pressed keeps the focus.
  const smaller = notes.getByRole('button', { name: messages.show.smallerNotes });
  await smaller.focus();
  for (let press = 0; press < 4; press += 1) await page.keyboard.press('Enter');
  await expect(smaller).toBeDisabled();
  await expect(smaller).toBeFocused();
  expect(await letters(page.getByRole('timer', { name: messages.show.timer }))).toBeGreaterThanOrEqual(64);

  // The slide fills its place: no black around it.
  const main = page.getByRole('main');
  const slide = await boxOf(main.getByRole('group', { name: 'The tide turns' }));
  expect((await boxOf(main)).width - slide.width).toBeLessThan(32);
  const links = page.getByRole('navigation', { name: messages.show.linksLead });
  await expect(links.getByRole('button')).toHaveCount(3);
  await expect(links).toBeInViewport({ ratio: 1 });
  await expect(page.getByRole('region', { name: messages.show.then })).toBeInViewport({ ratio: 1 });
  await page.keyboard.press('3');
  await expect(main.getByRole('group', { name: 'Tide table' })).toBeVisible();
  const path = page.getByRole('navigation', { name: messages.show.trail });
  await expect(path.getByRole('button')).toHaveCount(2);
  await expect(path).toContainText('Look up the tide');
});
