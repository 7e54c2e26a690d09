/** A whole lesson: five students, both paces, a copy each (`work-modes.spec.ts` has the others); leading, watching, submitting, reviewing, showing. */
import * as messages from '@gobrel/messages';
import { expect, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { lessonOf, row, student } from './handed-out';
import { classScreen, dragByTouch, join, newTeacher, odile, ownCopy, saved, sortByKeys, tablet } from './people';
import { readQr } from './read-qr';
import { asSaid } from './as-said';

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
  await screen.getByRole('button', { name: messages.show.full }).click();
  await expect.poll(() => screen.evaluate(() => document.fullscreenElement !== null)).toBe(true);
  await screen.keyboard.press('Escape');
  await screen.evaluate(() => document.fullscreenElement && document.exitFullscreen());

  // Joining: the class screen and the board know at once.
  const names = ['Amaro Finch', 'Bexley Tarn', 'Cosima Rudd', 'Dov Kestrel', 'Elowen Pike'] as const;
  const [touch, keys, drops, fourth, fifth] = await Promise.all(names.map((name) => student(browser, lesson, name)));
  if (!touch || !keys || !drops || !fourth || !fifth) throw new Error('five came in');
  for (const name of names) await expect(row(page, name)).toContainText(messages.watching.states.working);
  await page.getByLabel(messages.watching.show, { exact: true }).selectOption({ label: messages.watching.here });
  await expect(row(page, 'Farid Moss')).toBeHidden();
  await expect(row(page, 'Amaro Finch')).toBeVisible();
  await page.getByLabel(messages.watching.show, { exact: true }).selectOption({ label: messages.watching.all });
  await page.getByLabel(messages.watching.order).selectOption({ label: messages.watching.byNeed });
  await expect(row(page, 'Farid Moss')).toBeVisible();
  await expect(touch.getByText('Look first, then write.')).toBeVisible();

  // Together: everybody is where the teacher leads, and nobody turns pages.
  await page.getByRole('tab', { name: messages.leading.tab }).click();
  await page.getByRole('button', { name: messages.leading.leadTo({ slide: 'Tides' }) }).click();
  await expect(screen.getByRole('img', { name: 'Tides' })).toBeVisible();
  for (const each of [touch, keys, drops, fourth, fifth]) {
    await expect(each.getByText(messages.student.isLed)).toBeVisible();
    await expect(each.getByLabel('Twice a day it is')).toBeVisible();
    await expect(each.getByRole('button', { name: messages.walking.next })).toBeHidden();
  }
  await touch.getByLabel('Twice a day it is').fill('low');
  await keys.getByLabel('Twice a day it is').focus();
  await keys.keyboard.type('dry');
  await drops.context().setOffline(true);
  await expect(drops.getByText(messages.kept['on-device'])).toBeVisible();
  await drops.getByLabel('Twice a day it is').fill('low');

  // Time, dark screens, holding.
  await page.getByRole('button', { name: messages.leading.countdown, exact: true }).click();
  await page.getByRole('button', { name: messages.time.minutes({ count: 2 }), exact: true }).click();
  await expect(fourth.getByText(/^1:5\d$/)).toBeVisible();
  await expect(screen.getByText(/^1:5\d$/)).toBeVisible();
  await page.getByRole('button', { name: messages.leading.dark }).click();
  await expect(fourth.getByText(messages.student.isDark)).toBeVisible();
  await expect(screen.getByText(messages.leading.isDark)).toBeVisible();
  await page.getByRole('button', { name: messages.leading.light }).click();
  await expect(fourth.getByText(messages.student.isDark)).toBeHidden();

  // A question that was not planned is in front of everybody.
  await page.getByRole('button', { name: messages.leading.putIn }).click();
  await page.getByLabel(messages.leading.prompt).fill('What surprised you?');
  await page.getByRole('dialog').getByRole('button', { name: messages.questions.starts['short-text'].name }).click();
  await expect(fourth.getByText('What surprised you?').first()).toBeVisible();
  await fourth.getByRole('textbox').fill('The mud is warm');
  await saved(fourth);

  // At own pace everybody is where they were, among the slides that are open; a call brings them together.
  await page.getByRole('button', { name: messages.leading.shut({ slide: 'Tides' }) }).click();
  await page.getByRole('radio', { name: messages.leading.ownPace }).click();
  // What was said before has arrived as well, then.
  await expect(fifth.getByRole('button', { name: messages.walking.next })).toBeVisible();
  await fifth.getByRole('button', { name: messages.walking.next }).tap();
  await expect(fifth.getByText(messages.walking.notOpened)).toBeVisible();
  await page.getByRole('button', { name: messages.leading.shut({ slide: 'Tides' }) }).click();
  await page.getByRole('button', { name: messages.leading.leadTo({ slide: 'Shore zones' }) }).click();
  await page.getByRole('button', { name: messages.leading.gather }).click();
  const kelp = touch.getByRole('button', { name: messages.pieces.inNoZone({ name: 'kelp' }) });
  await dragByTouch(touch, kelp, touch.getByText('Lower shore', { exact: true }));
  await expect(
    touch.getByRole('button', { name: messages.pieces.inZone({ name: 'kelp', zone: 'Lower shore' }) }),
  ).toBeVisible();
  await keys.getByRole('button', { name: /^kelp/ }).focus();
  await keys.keyboard.press('Enter');
  await keys.keyboard.press('Enter');
  await expect(
    keys.getByRole('button', { name: messages.pieces.inZone({ name: 'kelp', zone: 'Splash zone' }) }),
  ).toBeVisible();

  // What was written without a network is there when it is back.
  await drops.context().setOffline(false);
  await saved(drops);

  // Watching: side by side, layered, to the class without names.
  await page.getByRole('tab', { name: messages.watching.sideBySide }).click();
  await page.getByLabel(messages.slides.slide, { exact: true }).selectOption({ label: 'Tides' });
  await expect(
    page.getByRole('img', { name: messages.board.slideOf({ slide: 'Tides', name: 'Cosima Rudd' }) }),
  ).toContainText('low');
  await page.getByLabel(messages.slides.slide, { exact: true }).selectOption({ label: 'Shore zones' });
  await page.getByRole('radio', { name: messages.watching.layered }).click();
  await expect(page.getByRole('img', { name: asSaid(messages.watching.layers) })).toBeVisible();
  await page.getByRole('radio', { name: messages.watching.each }).click();
  await page.getByRole('button', { name: messages.watching.toClass }).click();
  await expect(screen.getByRole('img', { name: messages.watching.answer({ number: 1 }) })).toBeVisible();
  await expect(screen.getByText('Amaro Finch')).toBeHidden();
  await page.getByRole('button', { name: messages.watching.pick({ name: 'Amaro Finch' }) }).click();
  await expect(screen.getByRole('img', { name: /Answer \d, Highlighted/ })).toHaveCount(1);
  await page.getByRole('button', { name: messages.watching.takeAway }).click();
  await page.getByRole('tab', { name: messages.watching.ways }).click();
  await expect(page.getByRole('row', { name: /Start/ }).first()).toBeVisible();

  // Showing: a volunteer, the pointer, following, applause, taking over.
  await page.getByRole('tab', { name: messages.reviewing.byStudent }).click();
  await page.getByRole('button', { name: messages.board.toTurnList({ name: 'Amaro Finch' }) }).click();
  await page.getByText(messages.turns.allowed).click();
  await page.getByLabel(messages.turns.allow.hands).check();
  await keys.getByRole('button', { name: messages.turns.raise }).click();
  await page
    .getByRole('button', { name: messages.board.toTurnList({ name: 'Bexley Tarn' }) })
    .first()
    .click();
  const turns = page.getByRole('region', { name: messages.turns.turnList }).getByRole('listitem');
  const moveBexley = async (key: string) => {
    await page.getByRole('button', { name: messages.turns.move({ name: 'Bexley Tarn' }) }).focus();
    await sortByKeys(page, [key]);
  };
  await moveBexley('ArrowUp');
  await expect(turns.first()).toContainText('Bexley Tarn');
  await moveBexley('ArrowDown');
  await expect(turns.first()).toContainText('Amaro Finch');
  for (const what of Object.values(messages.turns.allow).slice(1)) await page.getByLabel(what).check();
  await page.getByRole('button', { name: messages.turns.next }).click();
  await expect(screen.getByText(messages.board.shows({ name: 'Amaro Finch' }))).toBeVisible();
  const shown = screen.getByRole('img', { name: 'Shore zones' });
  const width = async () => (await shown.boundingBox())?.width ?? 0;
  const whole = await width();
  await touch.getByRole('button', { name: messages.student.closer }).tap();
  await expect.poll(width).toBeGreaterThan(whole * 1.2);
  await touch.getByRole('button', { name: messages.student.wholeSlide }).tap();
  await expect.poll(width).toBeCloseTo(whole, 0);
  await fourth.getByRole('button', { name: messages.turns.follow }).tap();
  await expect(fourth.getByRole('img', { name: 'Shore zones' })).toBeVisible();
  await fourth.getByRole('button', { name: messages.turns.clap }).tap();
  await fourth.getByRole('textbox', { name: messages.turns.question }).fill('Why down there?');
  await fourth.getByRole('button', { name: messages.turns.ask }).tap();
  await expect(page.getByText('Why down there?')).toBeVisible();
  await expect(screen.getByText(messages.turns.applause({ count: 1 }))).toBeVisible();
  await page.getByRole('button', { name: messages.turns.takeOver }).click();
  await page
    .getByRole('region', { name: messages.turns.turnList })
    .getByRole('button', { name: messages.board.slideBefore })
    .click();
  await expect(screen.getByRole('img', { name: 'Shore zones' })).toBeHidden();
  await page.getByRole('button', { name: messages.turns.handBack }).click();
  await expect(screen.getByRole('img', { name: 'Shore zones' })).toBeVisible();
  await page.getByRole('button', { name: messages.board.endTurn }).click();
  await expect(fourth.getByRole('button', { name: messages.student.submit })).toBeVisible();

  // Submitting says what is empty; reviewing by keys; giving back; what changed between the tries.
  await touch.getByRole('button', { name: messages.student.submit }).tap();
  await expect(touch.getByRole('dialog')).toContainText(asSaid(messages.student.emptyOn, { slide: 'Tides' }));
  await touch.getByRole('dialog').getByRole('button', { name: messages.student.submit }).tap();
  await expect(touch.getByText(asSaid(messages.student.submitted, { at: 0 }))).toBeVisible();
  await page.getByRole('tab', { name: messages.reviewing.tab }).click();
  await expect(page.getByRole('heading', { name: 'Amaro Finch' }).first()).toBeVisible();
  await page.keyboard.press('0');
  await page.keyboard.press('c');
  await page.keyboard.type('Look at the tide table.');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('list', { name: messages.reviewing.comments })).toContainText('Look at the tide table.');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.reviewing.praises.star }).click();
  await page.context().grantPermissions(['microphone']);
  await page.getByRole('button', { name: messages.reviewing.speak }).click();
  await expect(page.getByRole('button', { name: 'Stop 0:01' })).toBeVisible();
  await page.getByRole('button', { name: new RegExp(`^${messages.asking.stop}`) }).click();
  await expect(page.getByLabel(messages.reviewing.spoken)).toBeVisible();
  await page.getByRole('button', { name: messages.reviewing.giveBack }).click();
  await expect(touch.getByText(messages.reviewing.again)).toBeVisible();
  await touch.getByRole('button', { name: messages.reviewing.look }).tap();
  await expect(touch.getByRole('dialog')).toContainText('Look at the tide table.');
  await expectClean(touch);
  await touch.getByRole('dialog').getByRole('button', { name: messages.common.close }).tap();
  await touch.getByRole('button', { name: messages.walking.back, exact: true }).tap();
  await touch.getByRole('button', { name: messages.walking.next }).tap();
  await touch.getByLabel('Twice a day it is').fill('high');
  await saved(touch);
  await touch.getByRole('button', { name: messages.student.submit }).tap();
  await touch.getByRole('dialog').getByRole('button', { name: messages.student.submit }).tap();
  await expect(touch.getByText(asSaid(messages.student.submitted, { at: 0 }))).toBeVisible();
  await touch.getByRole('button', { name: messages.reviewing.look }).tap();
  await expect(touch.getByRole('dialog')).toContainText(messages.reviewing.changed({ count: 1 }));
  for (const each of [touch, keys, drops, fourth, fifth]) await each.context().close();
  await screen.close();
});

test('a deck is handed out to anybody, corrected while it runs, and the lesson deleted', async ({ page, browser }) => {
  test.setTimeout(120_000);
  await odile(page);
  const deckId = await ownCopy(page, 'exit-questions');
  await page.goto(`/decks/${deckId}`);
  await page.getByRole('button', { name: messages.handOut.action }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel(messages.handOut.anybody).check();
  await dialog.getByText(messages.handOut.more).click();
  await dialog.getByLabel(messages.handOut.instructions).fill('Three questions.');
  await dialog.getByRole('button', { name: messages.handOut.action }).click();
  const code = (await dialog.getByText(/^[A-Z]{4}-\d{3}$/).textContent()) ?? '';
  const way = new URL(`/join/${code.replace('-', '')}`, page.url()).href;
  await expect(dialog.getByText(way)).toBeVisible();
  expect(await readQr(dialog.getByRole('img'))).toBe(way);
  await dialog.getByRole('link', { name: messages.handOut.toLesson }).click();
  const guest = await (await tablet(browser)).newPage();
  await guest.goto(`/join/${code}`);
  await guest.getByLabel(messages.join.firstName).fill('Kit');
  await guest.getByRole('button', { name: messages.join.begin }).tap();
  await expect(guest.getByText('Three questions.')).toBeVisible();
  await expect(row(page, 'Kit')).toBeVisible();

  await page.getByRole('button', { name: messages.lessons.more }).click();
  await page.getByRole('menuitem', { name: messages.leading.correct }).click();
  await expect(dialog).toContainText(messages.leading.nothingToCorrect);
  await dialog.getByRole('button', { name: messages.common.cancel }).click();
  const board = page.url();
  await page.goto(`/decks/${deckId}`);
  await page.getByLabel(messages.editor.slideName).fill('Tide, once more');
  await saved(page);
  await page.goto(board);
  await page.getByRole('button', { name: messages.lessons.more }).click();
  await page.getByRole('menuitem', { name: messages.leading.correct }).click();
  await expect(dialog).toContainText('Tide, once more');
  await expectClean(page);
  await dialog.getByRole('button', { name: messages.leading.sendCorrection }).click();
  await expect(guest.getByText('Tide, once more')).toBeVisible();

  await page.getByRole('button', { name: messages.lessons.more }).click();
  await page.getByRole('menuitem', { name: messages.lessons.delete }).click();
  await dialog.getByRole('button', { name: messages.lessons.delete }).click();
  await expect(page.getByRole('heading', { name: messages.lessons.title })).toBeVisible();
  await guest.context().close();
});

test('a class comes from a file, has cards to print, a gradebook to take out, and is put away', async ({ page }) => {
  await newTeacher(page);
  await page.goto('/classes');
  await page.getByRole('button', { name: messages.classes.newClass }).click();
  await page.getByLabel(messages.classes.name).fill('6 Tern');
  const file = 'Surname;First name;Group\nWick;Odhrán;North\nLima;Ana;South\nLima;Ana;\n';
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'class.csv', mimeType: 'text/csv', buffer: Buffer.from(file, 'latin1') });
  await expect(page.getByRole('list', { name: messages.classList.lines })).toContainText('Odhrán Wick · North');
  await page.getByRole('button', { name: messages.common.keep }).click();
  await expect(page.getByText('Ana Lima (2)')).toBeVisible();
  await page.getByRole('button', { name: messages.classes.more({ className: '6 Tern' }) }).click();
  await page.getByRole('menuitem', { name: messages.classes.cards }).click();
  await page.getByRole('button', { name: messages.classes.cardsAction }).click();
  await expect(page.getByRole('heading', { name: messages.classes.cardOf({ className: '6 Tern' }) })).toBeVisible();
  await expect(page.getByRole('listitem')).toHaveCount(3);
  await expect(page.getByRole('listitem').first()).toContainText(/PIN: \d{4}/);
  await expectClean(page);
  const print = page.getByRole('button', { name: messages.classes.print, exact: true });
  await expect(print).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(print).toBeHidden();
  const first = page.getByRole('listitem').first();
  await expect(first).toBeVisible();
  expect(await readQr(first.getByRole('img'))).toBe(new URL('/join', page.url()).href);
  await page.emulateMedia({ media: null });
  await page.goto('/classes');
  await page.getByRole('link', { name: messages.classes.gradebook }).click();
  await expect(page.getByText(messages.gradebook.empty)).toBeVisible();
  await page.goto('/classes');
  await page.getByRole('button', { name: messages.classes.more({ className: '6 Tern' }) }).click();
  await page.getByRole('menuitem', { name: messages.classes.archive }).click();
  await expect(page.getByRole('heading', { name: messages.classes.archived })).toBeVisible();
});

test('a device whose clock is an hour wrong shows the time that is really left', async ({ page, browser }) => {
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'exit-questions' });
  await page.goto(`/lessons/${lesson.id}`);
  await page.getByRole('button', { name: messages.leading.countdown, exact: true }).click();
  await page.getByRole('button', { name: messages.time.minutes({ count: 5 }), exact: true }).click();
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

test('when time is up in the middle of a sentence, what is there is handed in, and everybody is told', async ({
  page,
  browser,
}) => {
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'shore-zones' });
  const perrin = await student(browser, lesson, 'Perrin Holt');
  await perrin.getByRole('button', { name: messages.walking.next }).tap();
  const low = perrin.getByLabel('Twice a day it is');
  await low.focus();
  await perrin.keyboard.type('lo');
  const due = { terms: { dueAt: Date.now() + 2000, late: false } };
  expect((await page.request.patch(`/api/lessons/${lesson.id}`, { data: due })).ok()).toBe(true);
  // On and on, until the field takes no more.
  await expect
    .poll(async () => {
      await perrin.keyboard.type('w');
      return perrin.getByText(asSaid(messages.student.collected, { at: 0 })).isVisible();
    })
    .toBe(true);
  await expect(low).not.toBeEditable();
  await expect(perrin.getByText('stays on this device')).toBeHidden();
  const shown = await low.inputValue();
  expect(shown).toMatch(/^low+$/);
  await page.goto(`/lessons/${lesson.id}`);
  await expect(row(page, 'Perrin Holt')).toContainText(messages.watching.states.submitted);
  await perrin.reload();
  await expect(perrin.getByText(asSaid(messages.student.collected, { at: 0 }))).toBeVisible();
  await perrin.context().close();
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
  await away.getByRole('button', { name: messages.walking.next }).tap();
  await away.getByLabel('Twice a day it is').fill('low');
  await saved(away);
  await context.setOffline(true);
  await expect(away.getByText(messages.kept['on-device'])).toBeVisible();
  await away.getByLabel('What pulls the water').fill('the moon');
  await away.clock.fastForward('01:00:00');
  await expect(away.getByText(messages.kept['on-device'])).toBeVisible();
  await away.getByRole('button', { name: messages.walking.next }).tap();
  await away.getByRole('button', { name: /^kelp/ }).focus();
  await away.keyboard.press('Enter');
  await away.keyboard.press('Enter');
  await expect(
    away.getByRole('button', { name: messages.pieces.inZone({ name: 'kelp', zone: 'Splash zone' }) }),
  ).toBeVisible();
  await page.request.post(`/api/lessons/${lesson.id}/hold`, { data: { held: true } });
  await page.request.post(`/api/lessons/${lesson.id}/hold`, { data: { held: false } });
  await page.request.patch(`/api/lessons/${lesson.id}`, { data: { terms: { dueAt: Date.now() + 86_400_000 } } });
  await context.setOffline(false);
  await saved(away);
  await expect(away.getByText(/^Due /)).toBeVisible();
  await page.goto(`/lessons/${lesson.id}`);
  await page.getByRole('button', { name: 'Quilla Dunn', exact: true }).click();
  const panel = page.getByRole('region', { name: messages.board.slidesOf({ name: 'Quilla Dunn' }) });
  await panel.getByRole('button', { name: messages.board.slideBefore }).click();
  await expect(panel.getByText('the moon').first()).toBeVisible();
  await context.close();
});
