/** The whole story: build, hand out, fill in, submit, look, show; with a student's tablet and a class screen. */
import { expect, test } from '@playwright/test';
import {
  classScreen,
  dragBy,
  dragByTouch,
  handOut,
  item,
  join,
  newClass,
  newDeck,
  newTeacher,
  saved,
  tablet,
  addQuestion,
} from './people';

test('a teacher builds a deck and hands it out, a student fills it in, submits and shows it', async ({
  page,
  browser,
}) => {
  test.setTimeout(240_000);
  await newTeacher(page, 'Nadia Quill');
  await newClass(page, '5 Curlew', ['Ada Byng', 'Ben Okafor']);

  // Making.
  await page.getByRole('link', { name: 'Library', exact: true }).click();
  await newDeck(page, 'Rock pools');
  await page.getByRole('button', { name: 'Zone' }).click();
  await page.getByLabel('Label').fill('Low water');
  await dragBy(page, item(page, 'Zone, “Low water”'), 180, 120);
  await page.getByRole('button', { name: 'Piece', exact: true }).click();
  await page.keyboard.type('limpet');
  await page.keyboard.press('Escape');
  await dragBy(page, item(page, 'Shape, “limpet”, a piece'), -180, 120);
  await page.getByLabel('Belongs into').selectOption('Low water');
  await page.getByRole('button', { name: 'Add a slide', exact: true }).click();
  await page.getByLabel('Name of the slide').fill('Questions');
  await addQuestion(page, 'Pick one');
  await page.getByRole('textbox', { name: 'Question' }).fill('What clings to the rock?');
  await page.getByLabel('Text of choice A').fill('a limpet');
  await page.getByRole('spinbutton', { name: 'left' }).fill('40');
  await page.getByRole('button', { name: 'Blank' }).click();
  await page.getByLabel('What it asks, for screen readers').fill('Where it lives');
  await page.getByLabel('Counts as right').fill('rock pool');
  await page.getByRole('spinbutton', { name: 'left' }).fill('900');
  await page.getByRole('button', { name: 'Open area' }).click();
  await page.getByRole('spinbutton', { name: 'top' }).fill('440');
  await page.getByRole('spinbutton', { name: 'left' }).fill('760');
  await saved(page);

  // Handing out.
  const code = await handOut(page);
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText(`/join/${code.replace('-', '')}`)).toBeVisible();
  await dialog.getByRole('link', { name: 'To the lesson' }).click();
  await expect(page.getByRole('row', { name: /Ada Byng/ })).toContainText('not here yet');

  // A student, on a tablet, by touch.
  const student = await (await tablet(browser)).newPage();
  await join(student, code, 'Ada Byng', '1234');
  await expect(page.getByRole('row', { name: /Ada Byng/ })).toContainText('Opening');
  const piece = student.getByRole('button', { name: 'limpet, not in a zone' });
  await dragByTouch(student, piece, student.getByText('Low water', { exact: true }));
  await expect(student.getByRole('button', { name: 'limpet, in Low water' })).toBeVisible();
  await student.getByRole('button', { name: 'Next' }).tap();
  await student.getByRole('radio', { name: 'a limpet' }).check({ force: true });
  await student.getByLabel('Where it lives').fill('Rock pool');
  await student.getByRole('button', { name: 'Press here to add a text' }).tap();
  await student.getByRole('textbox', { name: 'Your text' }).fill('I saw three of them.');
  await saved(student);
  await student.getByRole('button', { name: 'Submit' }).tap();
  await student.getByRole('dialog').getByRole('button', { name: 'Submit' }).tap();
  await expect(student.getByText(/Submitted at .*It has arrived/)).toBeVisible();
  await expect(student.getByLabel('Where it lives')).not.toBeEditable();

  // Looking.
  const row = page.getByRole('row', { name: /Ada Byng/ });
  await expect(row).toContainText('submitted');
  await expect(row).toContainText('3/3');
  await row.getByRole('button', { name: 'Ada Byng', exact: true }).click();
  const panel = page.getByRole('region', { name: 'Slides of Ada Byng' });
  await expect(panel).toContainText('Rock pool');
  await expect(panel.getByRole('img', { name: /“Questions” as Ada Byng has it/ })).toContainText(
    'I saw three of them.',
  );
  await page.getByRole('tab', { name: 'Answers' }).click();
  await expect(page.getByRole('row', { name: 'A a limpet right 1' })).toBeVisible();
  await page.getByRole('tab', { name: 'By student' }).click();

  // Showing: the turn list, the class screen, the student turning the pages.
  await page.getByRole('button', { name: 'Ada Byng: onto the turn list' }).click();
  const screen = await classScreen(page);
  await expect(screen.getByText(code)).toBeVisible();
  await page.getByRole('button', { name: 'Ada Byng shows now' }).click();
  await expect(screen.getByText('Ada Byng shows')).toBeVisible();
  await expect(student.getByText(/It is your turn/)).toBeVisible();
  await expect(screen.getByRole('img', { name: 'Questions' })).toContainText('I saw three of them.');
  await student.getByRole('button', { name: 'Back', exact: true }).tap();
  await expect(screen.getByRole('img', { name: 'Opening' })).toBeVisible();
  await page.getByRole('button', { name: 'End the turn' }).click();
  await expect(screen.getByText('Ada Byng shows')).toBeHidden();

  // Taking back, until the lesson closes.
  await student.getByRole('button', { name: 'Take it back' }).tap();
  await expect(student.getByRole('button', { name: 'Submit' })).toBeVisible();
  await page.getByRole('button', { name: 'More of this lesson' }).click();
  await page.getByRole('menuitem', { name: 'Close the lesson' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Close the lesson' }).click();
  await expect(student.getByText(/The lesson is closed/)).toBeVisible();
  await student.context().close();
});
