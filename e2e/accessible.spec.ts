/** axe finds nothing on any view, in either scheme. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { atSlide, classScreen, fromMenu, join, nothingLoads, odile, odileByHand, QUESTIONS, tablet } from './people';
import { asSaid, startOf } from './as-said';

test.describe.configure({ timeout: 240_000, mode: 'parallel' });

test('the ways in', async ({ page }) => {
  await page.goto('/sign-in');
  await expect(page.getByRole('heading', { name: messages.signIn.title })).toBeVisible();
  await expectClean(page);
  await page.goto('/join/HRNS-427');
  await expect(page.getByRole('button', { name: 'Dov Kestrel' })).toBeVisible();
  await expectClean(page);
  await page.getByRole('button', { name: 'Dov Kestrel' }).click();
  await expectClean(page);
});

test('the teacher’s lists', async ({ page }) => {
  await odileByHand(page);
  await expectClean(page);
  for (const [place, heading] of [
    ['/lessons', 'Lessons'],
    ['/classes', 'Classes'],
  ] as const) {
    await page.goto(place);
    await expect(page.getByRole('heading', { name: heading, exact: true })).toBeVisible();
    await expectClean(page);
  }
});

test('the editor and its dialogs', async ({ page }) => {
  await odile(page);
  await page.goto('/decks/night-walk?slide=fork');
  await expect(page.getByLabel(messages.editor.slideName)).toBeVisible();
  await expectClean(page);
  await page.getByRole('button', { name: /^Shape, “Climb/ }).click();
  await expectClean(page);
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('dialog')).toBeVisible();
  await expectClean(page);
  await page.goto('/decks/exit-questions');
  await page
    .getByRole('button', { name: new RegExp(`^${messages.kinds.choice}`) })
    .last()
    .click();
  await expectClean(page);
  await page.getByRole('button', { name: messages.handOut.action }).click();
  await expectClean(page);
});

test('what shapes, pictures, layouts and themes are chosen from', async ({ page }) => {
  await odile(page);
  await page.goto('/decks/night-walk?slide=fork');
  await page.getByRole('tab', { name: messages.editor.allItems }).click();
  await page.getByLabel(/^Name of Climb/).focus();
  await expectClean(page);
  await page.getByRole('tab', { name: messages.editor.settings }).click();
  const main = page.getByRole('main');
  await main.getByRole('button', { name: /^Picture, / }).click({ position: { x: 500, y: 300 } });
  await page.getByRole('button', { name: messages.editor.crop, exact: true }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await expectClean(page);
  await page.keyboard.press('Escape');
  await main.getByRole('button', { name: /^Text, “Something/ }).click();
  await page.getByRole('button', { name: messages.editor.characters }).click();
  await expectClean(page);
  await page.keyboard.press('Escape');
  for (const name of [messages.editor.shapes, messages.editor.addFrom]) {
    await page.getByRole('button', { name }).click();
    await expect(page.getByRole('dialog')).toBeVisible();
    await expectClean(page);
    await page.keyboard.press('Escape');
  }
  await page.keyboard.press('Escape');
  for (const name of [/^Theme:/, 'Slide size']) {
    await page.getByRole('button', { name }).click();
    await expect(page.getByRole('dialog')).toBeVisible();
    await expectClean(page);
    await page.keyboard.press('Escape');
  }
});

test('the running order, lines, signs, versions and who edits', async ({ page }) => {
  await odile(page);
  await page.goto('/decks/shore-zones?slide=food-web');
  await page.getByRole('button', { name: messages.editor.dash, exact: true }).first().click();
  await expect(page.getByLabel(messages.lines.begins, { exact: true })).toBeVisible();
  await expectClean(page);
  for (const name of [
    messages.lines.title,
    messages.signs.sets.signs,
    messages.versions.title,
    messages.sharing.action,
  ]) {
    if (name === messages.versions.title || name === messages.sharing.action) await fromMenu(page, name);
    else await page.getByRole('button', { name, exact: true }).click();
    await expect(page.getByRole('dialog')).toBeVisible();
    await expect(page.getByRole('dialog').getByRole('button').nth(1)).toBeVisible();
    await expectClean(page);
    await page.keyboard.press('Escape');
  }
  await page.keyboard.press('Escape');
  await page.getByRole('radio', { name: messages.order.sees.grid }).click();
  await page.getByRole('checkbox').first().click();
  await expectClean(page);
  await page
    .getByRole('button', { name: startOf(messages.order.sectionActions) })
    .first()
    .click();
  await expectClean(page);
  await page.keyboard.press('Escape');
  await page.getByRole('radio', { name: messages.order.sees.outline }).click();
  await page.getByRole('textbox', { name: messages.order.titleOf({ place: 1 }), exact: true }).click();
  await expectClean(page);
});

test('the map and its table', async ({ page }) => {
  await odile(page);
  await page.goto('/decks/night-walk?see=map');
  await expect(page.getByRole('status').filter({ hasText: '2 endings' })).toBeVisible();
  await page.getByRole('button', { name: new RegExp(`^${messages.routes.heat}`) }).click();
  await expect(page.getByRole('button', { name: /^1 Dusk at the gate.*reached by/ })).toBeVisible();
  await expectClean(page);
  await page.getByRole('radio', { name: messages.routes.asTable }).click();
  await expectClean(page);
});

test('links, gates and viewpoints, the plan, the presenter’s screen and a trial', async ({ page }) => {
  await odile(page);
  await page.goto('/decks/night-walk?slide=trail');
  await page.getByRole('button', { name: /^Shape, “Let your answer/ }).click();
  await expect(page.getByText(messages.links.branches.right).first()).toBeVisible();
  await expectClean(page);
  await page.keyboard.press('Control+k');
  for (const tab of Object.values(messages.links.kinds)) {
    await page.getByRole('tab', { name: tab }).click();
    await expectClean(page);
  }
  await page.keyboard.press('Escape');
  await page.goto('/decks/night-walk?slide=owl');
  // By its name: what it looks at can be pressed through it.
  await page
    .getByRole('button', { name: /^Viewpoint, “Its wings/ })
    .getByText('Its wings')
    .click();
  await expectClean(page);
  await page.goto('/decks/night-walk?see=plan');
  await expect(page.getByRole('textbox', { name: messages.plan.title })).toBeVisible();
  await expectClean(page);
  await page.goto('/decks/night-walk?see=map');
  await page.getByRole('button', { name: messages.routes.takeOut }).click();
  await page.getByRole('menuitem', { name: messages.routes.bringIn }).click();
  await page.getByRole('dialog').getByRole('textbox').fill('digraph { a -- b');
  await expect(page.getByRole('dialog').getByRole('status')).toContainText(messages.routes.unread.unclosed);
  await expectClean(page);
  await page.goto('/decks/night-walk/present/tide');
  await expect(page.getByText('Stop here and let the class vote')).toBeVisible();
  await expectClean(page);
  await page.goto('/decks/night-walk/trial/trail');
  await expect(page.getByText(messages.show.trying)).toBeVisible();
  await expectClean(page);
});

test('the show', async ({ page }) => {
  await odile(page);
  await page.goto('/decks/night-walk/show/hide');
  await expect(page.getByRole('link', { name: 'Wait' })).toBeVisible();
  await expectClean(page);
  for (const key of ['g', '?']) {
    await page.keyboard.press(key);
    await expect(page.getByRole('dialog')).toBeVisible();
    await expectClean(page);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
  }
});

test('the board and the class screen', async ({ page }) => {
  await odile(page);
  await page.goto('/lessons/exit-lesson');
  await expect(page.getByRole('row', { name: /Ines Calder/ })).toBeVisible();
  await expectClean(page);
  await page.getByRole('tab', { name: messages.board.answers }).click();
  await expect(page.getByText(asSaid(messages.board.answered)).first()).toBeVisible();
  await expectClean(page);
  await page.goto('/lessons/shore-lesson/screen');
  await expect(page.getByText('HRNS-427')).toBeVisible();
  await expectClean(page);
});

test('a student’s slides', async ({ page }) => {
  await join(page, 'HRNS-427', 'Tamsin Oriel', '2468');
  await expectClean(page);
  await page.getByRole('button', { name: messages.walking.next }).click();
  await expectClean(page);
});

test('questions and pieces, in a student’s hands', async ({ browser, page }) => {
  const student = await atSlide(browser, page, ['night-watch', 1]);
  for (let slide = 1; slide <= 11; slide += 1) {
    await expectClean(student);
    expect(await smallestLetters(student)).toBeGreaterThanOrEqual(720 / 36);
    if (slide < 11) await student.getByRole('button', { name: messages.walking.next }).click();
  }
});

/** The smallest letters in questions, pieces and tables of a slide, in slide units; a slide is 720 high. */
function smallestLetters(page: Page): Promise<number> {
  return page.evaluate(() => {
    const asked = '.gv-question, .gv-blank, .gv-zone-label, .gv-piece, .gv-cell, .gv-sure';
    const written = [...document.querySelectorAll(asked)]
      .flatMap((item) => [item, ...item.querySelectorAll('*')])
      .filter((element) => [...element.childNodes].some((node) => node.nodeType === 3 && node.textContent?.trim()));
    return Math.min(...written.map((element) => parseFloat(getComputedStyle(element).fontSize)));
  });
}

test('setting up questions: the picker, panels, regions, files, templates, trying', async ({ page }) => {
  await odile(page);
  await page.goto('/decks/night-watch');
  await page.getByRole('button', { name: messages.questions.add, exact: true }).click();
  await expectClean(page);
  await page.getByRole('button', { name: messages.exchange.open }).click();
  await page.getByRole('tab', { name: messages.exchange.takeOut }).click();
  await expectClean(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.questions.fromWords }).click();
  await expectClean(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.editor.addFrom }).click();
  await page.getByRole('button', { name: messages.templates.open }).click();
  await expectClean(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.templates.keep }).click();
  await expectClean(page);
  await page.keyboard.press('Escape');
  for (const [slide, name] of QUESTIONS) {
    await page.goto(`/decks/night-watch?slide=${slide}`);
    await page.getByRole('button', { name }).first().click();
    await expectClean(page);
  }
  await page.goto('/decks/night-watch?slide=watch-places');
  await page
    .getByRole('button', { name: /^Point/ })
    .first()
    .click();
  await page.getByRole('button', { name: asSaid(messages.questions.regions) }).click();
  await expectClean(page);
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.questions.tryHere }).click();
  await expectClean(page);
});

test('everybody’s answers, of every kind', async ({ page }) => {
  await odile(page);
  await page.goto('/lessons/watch-lesson');
  await page.getByRole('tab', { name: messages.board.answers }).click();
  await expect(page.getByRole('heading', { name: messages.figures.title })).toBeVisible();
  await expectClean(page);
});

test('a lesson: handing out, the board’s ways to look, the class screen, classes and the gradebook', async ({
  page,
  browser,
}) => {
  test.setTimeout(480_000);
  await odile(page);
  await page.goto('/decks/species-cards');
  await page.getByRole('button', { name: messages.handOut.action }).click();
  await page.getByLabel(messages.handOut.some).check();
  await page.getByText(messages.handOut.more).click();
  await expectClean(page);
  await page.keyboard.press('Escape');

  await page.goto('/lessons/shore-lesson');
  for (const tab of [
    messages.leading.tab,
    messages.board.byStudent,
    messages.watching.sideBySide,
    messages.watching.ways,
    messages.reviewing.tab,
  ]) {
    await page.getByRole('tab', { name: tab }).click();
    await expect(page.getByRole('tabpanel', { name: tab })).toBeVisible();
    await nothingLoads(page);
    await expectClean(page);
  }
  await page.getByRole('tab', { name: messages.watching.sideBySide }).click();
  await page.getByRole('radio', { name: messages.watching.layered }).click();
  await expectClean(page);
  await page.getByRole('button', { name: messages.leading.putIn }).click();
  await expectClean(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.lessons.more }).click();
  await page.getByRole('menuitem', { name: messages.leading.settings }).click();
  await expectClean(page);
  await page.keyboard.press('Escape');

  const made = await page.request.post('/api/lessons', {
    data: { deckId: 'species-cards', classId: '6-heron', workMode: 'slide-each', pace: 'own-pace' },
  });
  const lesson = (await made.json()) as { id: string; code: string };
  const student = await (await tablet(browser)).newPage();
  await join(student, lesson.code, 'Amaro Finch', '2468');
  await student.getByRole('button', { name: /^Your species/ }).tap();
  await expectClean(student);
  await page.goto(`/lessons/${lesson.id}`);
  await page.getByRole('tab', { name: messages.leading.tab }).click();
  await page.getByRole('radio', { name: messages.leading.together }).click();
  await expect(student.getByText(messages.student.isLed)).toBeVisible();
  await expectClean(student);
  const screen = await classScreen(page);
  await expectClean(screen);
  await page.getByRole('button', { name: messages.turns.addAll }).click();
  await page.getByText(messages.turns.allowed).click();
  await page.getByRole('button', { name: messages.turns.next }).click();
  await expect(screen.getByText(messages.board.shows({ name: 'Amaro Finch' }))).toBeVisible();
  await expectClean(page);
  await expectClean(screen);
  await expectClean(student);
  await student.context().close();
  await screen.close();

  for (const address of ['/classes', '/classes/6-heron/gradebook']) {
    await page.goto(address);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await nothingLoads(page);
    await expectClean(page);
  }
});
