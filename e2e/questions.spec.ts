/** Questions in a student's hands: every kind answered, checked, and never told before it may be. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { addQuestion, atSlide, item, middleOf, newDeck, newTeacher, saved } from './people';
import { startOf } from './as-said';

const DECK = 'night-watch';

/** The lesson a student is in: its teacher may have others that were handed out since. */
async function lessonIdOf(student: Page): Promise<string> {
  const answer = await student.request.get('/api/my-lesson');
  return ((await answer.json()) as { lessonId: string }).lessonId;
}

test('an answer is checked, a hint given, and the last check makes it stay', async ({ browser, page }) => {
  const student = await atSlide(browser, page, [DECK, 1]);
  await student.getByRole('radio', { name: /an owl over the hide/ }).check();
  await student.getByRole('radio', { name: messages.asking.sure['3'] }).check();
  await student.getByRole('button', { name: messages.telling.hint }).tap();
  await expect(student.getByText('It swims on its back.')).toBeVisible();
  await expect(student.getByText(messages.telling.left({ count: 2 }))).toBeVisible();
  await student.getByRole('button', { name: messages.telling.check }).tap();
  const told = student.getByRole('region', { name: messages.telling.title });
  await expect(told.getByText('That one does not swim.')).toBeVisible();
  await expect(told.getByText(messages.telling.left({ count: 1 }))).toBeVisible();
  await expect(told).not.toContainText('Correct:');
  await student.getByRole('radio', { name: /a water rail/ }).check();
  await expect(told.getByText('That one does not swim.')).toBeHidden();
  await student.getByRole('button', { name: messages.telling.check }).tap();
  await expect(told.getByText(messages.reasons.key({ key: 'an otter in the creek' }))).toBeVisible();
  await expect(student.getByRole('radio', { name: /an otter/ })).toBeDisabled();
  await expect(student.getByRole('button', { name: messages.common.undo })).toBeDisabled();
  await student.reload();
  await expect(student.getByText(messages.reasons.key({ key: 'an otter in the creek' }))).toBeVisible();
});

test('the teacher holds answers, and lets them be given again', async ({ browser, page }) => {
  const student = await atSlide(browser, page, [DECK, 2]);
  await page.goto(`/lessons/${await lessonIdOf(student)}`);
  await page.getByRole('button', { name: messages.board.hold }).click();
  await expect(student.getByText(messages.student.held)).toBeVisible();
  await expect(student.getByRole('radio', { name: messages.questions.forms['true-false'][0] })).toBeDisabled();
  await page.getByRole('button', { name: messages.board.letGo }).click();
  await expect(student.getByText(messages.student.held)).toBeHidden();
  await student.getByRole('radio', { name: messages.questions.forms['true-false'][1] }).check();
  await expect(student.getByText(messages.student.progress({ filled: 1, asked: 2 }))).toBeVisible();
});

test('words, lists, numbers and a place on a scale are answered by keys, and told after submitting', async ({
  browser,
  page,
}) => {
  const student = await atSlide(browser, page, [DECK, 3]);
  await student.getByRole('textbox', { name: /Which purple plant/ }).fill('Sea lavendr');
  await student.getByRole('combobox', { name: 'At night the otter hunts' }).selectOption('fish');
  await student.getByRole('textbox', { name: 'in the …' }).fill('sea');
  await student.getByRole('button', { name: messages.telling.check }).click();
  await expect(student.getByText(messages.reasons['taken-for']({ accepted: 'sea lavender' }))).toBeVisible();
  await student.getByRole('button', { name: messages.walking.next }).click();
  await student.getByRole('textbox', { name: 'How far is it' }).fill('1.150 m');
  await student.getByRole('textbox', { name: 'Which part of the night' }).fill('½');
  await student.getByRole('button', { name: messages.asking.placeDot }).click();
  const dot = student.getByRole('slider', { name: messages.asking.onlyDot });
  await dot.focus();
  for (let count = 0; count < 4; count += 1) await student.keyboard.press('ArrowLeft');
  await expect(student.getByText("23.04 o'clock")).toBeVisible();
  // The key is told once nothing can be taken back any more.
  const once = await page.request.patch(`/api/lessons/${await lessonIdOf(student)}`, {
    data: { terms: { attempts: 1 } },
  });
  expect(once.ok()).toBe(true);
  await student.getByRole('button', { name: messages.student.submit }).click();
  await student.getByRole('dialog').getByRole('button', { name: messages.student.submit }).click();
  const told = student.getByRole('region', { name: messages.telling.title });
  await expect(told.getByText(messages.reasons['right-on-scale'])).toBeVisible();
  await expect(told.getByText(messages.reasons.key({ key: '0.75' }))).toBeVisible();
});

test('dots and an arrow are put on pictures by finger, moved by keys, and taken away', async ({ browser, page }) => {
  const student = await atSlide(browser, page, [DECK, 5]);
  const picture = student.getByAltText(
    'The shore in profile, from the dry bank on the left down into the sea on the right',
  );
  const { x, y } = await middleOf(picture);
  await student.touchscreen.tap(x, y);
  await student.touchscreen.tap(x + 90, y);
  await expect(student.getByRole('slider', { name: startOf(messages.asking.dot) })).toHaveCount(2);
  const second = student.getByRole('slider', { name: messages.asking.dot({ place: 2 }) });
  const before = await second.getAttribute('aria-valuetext');
  await second.focus();
  await student.keyboard.press('ArrowDown');
  await expect(second).not.toHaveAttribute('aria-valuetext', before ?? '');
  await student.keyboard.press('Delete');
  await expect(student.getByRole('slider', { name: startOf(messages.asking.dot) })).toHaveCount(1);
  await expect(student.getByText(messages.student.progress({ filled: 1, asked: 2 }))).toBeVisible();
});

test('a drawing is made by mouse and by keys, erased, and taken back', async ({ browser, page }) => {
  const student = await atSlide(browser, page, [DECK, 9]);
  const area = student.getByRole('application');
  const { x, y } = await middleOf(area);
  await student.mouse.move(x - 60, y);
  await student.mouse.down();
  await student.mouse.move(x + 60, y + 20, { steps: 8 });
  await student.mouse.up();
  await expect(area).toHaveAccessibleName(/1 stroke$/);
  await area.focus();
  await student.keyboard.press('Space');
  for (let count = 0; count < 5; count += 1) await student.keyboard.press('ArrowUp');
  await student.keyboard.press('Space');
  await expect(area).toHaveAccessibleName(/2 strokes$/);
  await expect(student.getByText(messages.asking.penUp)).toBeAttached();
  await student.getByRole('button', { name: messages.asking.undoStroke }).click();
  await expect(area).toHaveAccessibleName(/1 stroke$/);
  await student.getByRole('button', { name: messages.asking.eraser }).click();
  await student.mouse.click(x, y + 10);
  await expect(area).toHaveAccessibleName(/nothing drawn yet$/);
});

test('an answer is spoken into a simulated microphone, kept over a reload, and heard by the teacher', async ({
  browser,
  page,
}) => {
  const student = await atSlide(browser, page, [DECK, 9]);
  await student.getByRole('button', { name: messages.asking.record }).tap();
  // Whichever second it is when a busy browser is looked at.
  const any = new RegExp(`^${messages.asking.recording({ seconds: 1, longest: 20 }).replace('1', '[1-9]\\d*')}$`);
  await expect(student.getByText(any)).toBeVisible();
  await student.getByRole('button', { name: messages.asking.stop }).tap();
  await expect(student.getByRole('button', { name: messages.asking.recordAgain })).toBeVisible();
  await expect(student.getByText(messages.kept.saved, { exact: true })).toBeVisible();
  await student.reload();
  await expect(student.getByRole('button', { name: messages.asking.recordAgain })).toBeVisible();
  const playable = await student.locator('audio').evaluate(async (audio: HTMLAudioElement) => {
    if (audio.readyState < 1)
      await new Promise((resolve) => audio.addEventListener('loadedmetadata', resolve, { once: true }));
    return audio.error === null;
  });
  expect(playable).toBe(true);
  await page.goto(`/lessons/${await lessonIdOf(student)}`);
  await page.getByRole('tab', { name: messages.board.answers }).click();
  const heard = page.getByLabel(messages.board.spokenBy({ name: 'Amaro Finch' }));
  await expect(heard).toBeVisible();
  const sound = await page.request.get((await heard.getAttribute('src')) ?? '');
  expect(sound.headers()['content-type']).toContain('audio/webm');
  expect((await sound.body()).length).toBeGreaterThan(500);
});

test('a key says how it was read, offers the other reading, and takes its unit', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Numbers');
  await addQuestion(page, messages.questions.starts.number.name);
  const key = page.getByLabel(messages.questions.right);
  await key.fill('1,234');
  await expect(page.getByText(messages.questions.readAs({ value: '1,234' }), { exact: true })).toBeVisible();
  await page.getByRole('button', { name: messages.questions.meantInstead({ value: '1.234' }) }).click();
  await expect(page.getByText(messages.questions.readAs({ value: '1.234' }), { exact: true })).toBeVisible();
  await key.fill('5*3');
  await expect(page.getByText(messages.questions.notANumber)).toBeVisible();
  await key.fill('5 km');
  await key.press('Tab');
  await expect(page.getByText(messages.questions.readAs({ value: '5 km' }), { exact: true })).toBeVisible();
  await expect(page.getByLabel(messages.questions.units)).toHaveValue('km');
  await saved(page);
});

test('on a question that is turned, a dot comes to lie under the finger', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Askew');
  await addQuestion(page, messages.questions.starts.dot.name);
  for (let turn = 0; turn < 3; turn += 1) await page.keyboard.press('Alt+.');
  await expect(item(page, /^Point/)).toHaveAttribute('style', /rotate\([1-9]\d+deg\)/);
  await saved(page);
  await page.getByRole('button', { name: messages.questions.tryHere }).click();
  const ground = page.locator('.gv-pointed.gv-open');
  const { x, y } = await middleOf(ground);
  const at = { x: x + 20, y: y - 15 };
  await page.mouse.click(at.x, at.y);
  const dot = await middleOf(page.getByRole('slider'));
  expect(Math.hypot(dot.x - at.x, dot.y - at.y)).toBeLessThan(3);
});
