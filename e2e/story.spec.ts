/** The whole story: build, hand out, fill in, submit, look, show; with a student's tablet and a class screen. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import {
  classScreen,
  dragBy,
  dragByTouch,
  handOut,
  item,
  join,
  newClassByHand,
  newDeckByHand,
  saved,
  signUpByHand,
  tablet,
  addQuestion,
} from './people';
import { asSaid } from './as-said';

// One story in its chapters: each goes on where the one before ended.
test.describe.configure({ mode: 'serial' });

let page: Page;
let student: Page;
let code: string;

test.beforeAll(async ({ browser }) => {
  page = await browser.newPage();
  await signUpByHand(page, 'Nadia Quill');
  await newClassByHand(page, '5 Curlew', ['Ada Byng', 'Ben Okafor']);
});

test.afterAll(async () => {
  await Promise.all([page, student].map((each) => each.context().close()));
});

test('a deck is made: a piece for a zone, a choice, a blank and an open area', async () => {
  await page.getByRole('link', { name: messages.frame.library, exact: true }).click();
  await newDeckByHand(page, 'Rock pools');
  await page.getByRole('button', { name: messages.kinds.zone }).click();
  await page.getByLabel(messages.editor.label).fill('Low water');
  await dragBy(page, item(page, 'Zone, “Low water”'), 180, 120);
  await page.getByRole('button', { name: messages.editor.piece, exact: true }).click();
  await page.keyboard.type('limpet');
  await page.keyboard.press('Escape');
  await dragBy(page, item(page, 'Shape, “limpet”, a piece'), -180, 120);
  await page.getByLabel(messages.editor.belongsInto).selectOption('Low water');
  await page.getByRole('button', { name: messages.editor.addSlide, exact: true }).click();
  await page.getByLabel(messages.editor.slideName).fill('Questions');
  await addQuestion(page, messages.questions.starts.choice.name);
  await page.getByRole('textbox', { name: messages.editor.prompt }).fill('What clings to the rock?');
  await page.getByLabel(messages.editor.choiceText({ letter: 'A' })).fill('a limpet');
  // Where it lies is folded away until it is opened, and stays open from then on.
  await page.getByRole('button', { name: new RegExp(`^${messages.editor.place}`) }).click();
  await page.getByRole('spinbutton', { name: messages.editor.fromLeft, exact: true }).fill('40');
  await page.getByRole('button', { name: messages.kinds.blank }).click();
  await page.getByLabel(messages.editor.blankName).fill('Where it lives');
  await page.getByLabel(messages.editor.accepted).fill('rock pool');
  await page.getByRole('spinbutton', { name: messages.editor.fromLeft, exact: true }).fill('900');
  await page.getByRole('button', { name: messages.kinds['open-area'] }).click();
  await page.getByRole('spinbutton', { name: messages.editor.fromTop, exact: true }).fill('440');
  await page.getByRole('spinbutton', { name: messages.editor.fromLeft, exact: true }).fill('760');
  await saved(page);
});

test('it is handed out to the class', async () => {
  code = await handOut(page);
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText(`/join/${code.replace('-', '')}`)).toBeVisible();
  await dialog.getByRole('link', { name: messages.handOut.toLesson }).click();
  await expect(page.getByRole('row', { name: /Ada Byng/ })).toContainText(messages.board.notJoined);
});

test('a student fills it in on a tablet, by touch, and submits it', async ({ browser }) => {
  student = await (await tablet(browser)).newPage();
  await join(student, code, 'Ada Byng', '1234');
  await expect(page.getByRole('row', { name: /Ada Byng/ })).toContainText(asSaid(messages.board.hereWith));
  const piece = student.getByRole('button', { name: messages.pieces.inNoZone({ name: 'limpet' }) });
  await dragByTouch(student, piece, student.getByText('Low water', { exact: true }));
  await expect(
    student.getByRole('button', { name: messages.pieces.inZone({ name: 'limpet', zone: 'Low water' }) }),
  ).toBeVisible();
  await student.getByRole('button', { name: messages.walking.next }).tap();
  await student.getByRole('radio', { name: 'a limpet' }).check({ force: true });
  await student.getByLabel('Where it lives').fill('Rock pool');
  await student.getByRole('button', { name: messages.onSlides.addText }).tap();
  await student.getByRole('textbox', { name: messages.onSlides.yourText }).fill('I saw three of them.');
  await saved(student);
  await student.getByRole('button', { name: messages.student.submit }).tap();
  await student.getByRole('dialog').getByRole('button', { name: messages.student.submit }).tap();
  await expect(student.getByText(asSaid(messages.student.submitted, { at: 0 }))).toBeVisible();
  await expect(student.getByLabel('Where it lives')).not.toBeEditable();
});

test('the teacher looks at what was filled in', async () => {
  const row = page.getByRole('row', { name: /Ada Byng/ });
  await expect(row).toContainText(messages.watching.submitted);
  await expect(row).toContainText('3/3');
  await row.getByRole('button', { name: 'Ada Byng', exact: true }).click();
  const panel = page.getByRole('region', { name: messages.board.slidesOf({ name: 'Ada Byng' }) });
  await expect(panel).toContainText('Rock pool');
  await expect(
    panel.getByRole('img', { name: messages.board.slideOf({ slide: 'Questions', name: 'Ada Byng' }) }),
  ).toContainText('I saw three of them.');
  await page.getByRole('tab', { name: messages.board.answers }).click();
  await expect(page.getByRole('listitem').filter({ hasText: /^A\s*a limpet ✓ Correct\s*1$/ })).toBeVisible();
  await page.getByRole('tab', { name: messages.board.byStudent }).click();
});

test('the student shows it on the class screen and turns the pages', async () => {
  await page.getByRole('button', { name: messages.board.toTurnList({ name: 'Ada Byng' }) }).click();
  const screen = await classScreen(page);
  await expect(screen.getByText(code)).toBeVisible();
  await page.getByRole('button', { name: messages.board.startTurn({ name: 'Ada Byng' }) }).click();
  await expect(screen.getByText(messages.board.shows({ name: 'Ada Byng' }))).toBeVisible();
  await expect(student.getByText(messages.student.yourTurn)).toBeVisible();
  await expect(screen.getByRole('img', { name: 'Questions' })).toContainText('I saw three of them.');
  await student.getByRole('button', { name: messages.walking.back, exact: true }).tap();
  await expect(screen.getByRole('img', { name: messages.slides.opening })).toBeVisible();
  await page.getByRole('button', { name: messages.board.endTurn }).click();
  await expect(screen.getByText(messages.board.shows({ name: 'Ada Byng' }))).toBeHidden();
});

test('it can be taken back until the lesson closes', async () => {
  await student.getByRole('button', { name: messages.student.takeBack }).tap();
  await expect(student.getByRole('button', { name: messages.student.submit })).toBeVisible();
  await page.getByRole('button', { name: messages.lessons.more }).click();
  await page.getByRole('menuitem', { name: messages.board.close }).click();
  await page.getByRole('dialog').getByRole('button', { name: messages.board.close }).click();
  await expect(student.getByText(messages.board.isClosed)).toBeVisible();
});
