/** A deck over time and in company: versions, co-authors, themes of one's own, pictures that come along. */
import { expect, type Page, test } from '@playwright/test';
import { newDeck, newTeacher, saved } from './people';

const text = (page: Page) => page.getByRole('button', { name: /^Text, / });
const ground = (page: Page) => page.locator('[data-canvas] .gv-ground');

test('a version is kept by hand, seen beside today’s, gone back to, and that is taken back', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Before');
  await saved(page);
  await page.getByRole('button', { name: 'Versions' }).click();
  const dialog = page.getByRole('dialog', { name: 'Versions' });
  await dialog.getByLabel('Keep the deck as it is now').fill('Before the walk');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog.getByRole('button', { name: /^Before the walk/ })).toBeVisible();
  await expect(dialog.getByText('The deck is the same today.')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByLabel('Title of the deck').fill('After');
  await page.getByRole('button', { name: 'Add a slide', exact: true }).click();
  await page.getByLabel('Name of the slide').fill('Something new');
  await saved(page);
  await page.getByRole('button', { name: 'Versions' }).click();
  await dialog.getByRole('button', { name: /^Before the walk/ }).click();
  await expect(dialog.getByText('1 slide differs.')).toBeVisible();
  await expect(dialog.getByText('new since')).toBeVisible();
  await dialog.getByRole('button', { name: 'Go back to this version' }).click();
  await expect(page.getByLabel('Title of the deck')).toHaveValue('Before');
  await expect(page.getByRole('region', { name: 'Running order' }).locator('[data-slide]')).toHaveCount(1);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Title of the deck')).toHaveValue('After');
  await expect(page.getByRole('region', { name: 'Running order' }).locator('[data-slide]')).toHaveCount(2);
});

test('a colleague is let in, edits the deck at the same time, and is let out', async ({ browser }) => {
  const mine = await (await browser.newContext()).newPage();
  const theirs = await (await browser.newContext()).newPage();
  await newTeacher(mine, 'Odile F.');
  const email = `nadia${Date.now()}@marrambay.example`;
  await theirs.goto('/sign-in');
  await theirs.getByRole('button', { name: 'I have no account yet' }).click();
  await theirs.getByLabel('Name', { exact: true }).fill('Nadia Quill');
  await theirs.getByLabel('E-mail address').fill(email);
  await theirs.getByLabel('Password').fill('a sentence by the sea');
  await theirs.getByRole('button', { name: 'Create account' }).click();
  await expect(theirs.getByRole('heading', { name: 'Library' })).toBeVisible();
  await newDeck(mine, 'Together');
  await mine.getByRole('button', { name: 'Who edits this deck' }).click();
  await mine.getByLabel('E-mail address of a colleague').fill('nobody@marrambay.example');
  await mine.getByRole('button', { name: 'Let in' }).click();
  await expect(mine.getByRole('alert')).toContainText('Nobody here has an account');
  await mine.getByLabel('E-mail address of a colleague').fill(email);
  await mine.getByRole('button', { name: 'Let in' }).click();
  await expect(mine.getByRole('button', { name: 'Let Nadia Quill out' })).toBeVisible();
  await theirs.reload();
  await expect(theirs.getByText(/shared by Odile F\./)).toBeVisible();
  await theirs.getByRole('link', { name: /Together/ }).click();
  await theirs.getByLabel('Title of the deck').fill('Together indeed');
  await expect(mine.getByText('also here: Nadia Quill')).toBeAttached();
  await expect(mine.getByLabel('Title of the deck')).toHaveValue('Together indeed');
  await mine.getByRole('button', { name: 'Let Nadia Quill out' }).click();
  await expect(theirs.getByText('This deck is not here, or it is not yours.')).toBeVisible();
  await mine.context().close();
  await theirs.context().close();
});

test('a text style is changed once for all; the theme is kept, and worn by another deck', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Harbour');
  const title = text(page).first();
  await title.dblclick();
  await page.keyboard.type('High water');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Add a slide', exact: true }).click();
  await page.getByRole('button', { name: /^Theme:/ }).click();
  const dialog = page.getByRole('dialog', { name: 'The theme of this deck' });
  await dialog.getByRole('spinbutton', { name: 'Title, points', exact: true }).fill('60');
  await dialog.getByLabel('colour of Title', { exact: true }).selectOption({ label: 'First accent' });
  await dialog.getByLabel('backdrop').selectOption({ label: 'Band at the side' });
  await expect(ground(page).locator('.gv-backdrop rect')).toHaveCount(1);
  await dialog.getByLabel('Its name among your themes').fill('Harbour blue');
  await dialog.getByRole('button', { name: 'Keep this theme as mine' }).click();
  await expect(page.getByText('“Harbour blue” is kept').first()).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(ground(page).locator('.gv-heading').first()).toHaveCSS('color', 'rgb(15, 92, 90)');
  await expect(ground(page).locator('.gv-heading').first()).toHaveCSS('font-size', '80px');
  await saved(page);
  await page.goto('/');
  await page.getByRole('button', { name: 'Begin in another way' }).click();
  await page.getByRole('menuitem', { name: 'A4 upright' }).click();
  await expect(page.getByRole('button', { name: 'Slide size' })).toHaveText('A4 upright');
  await page.getByRole('button', { name: /^Theme:/ }).click();
  await dialog.getByRole('tab', { name: 'Mine' }).click();
  await dialog.getByRole('button', { name: 'Harbour blue', exact: true }).click();
  await dialog.getByRole('tab', { name: 'From another deck' }).click();
  await expect(dialog.getByText('There is no other deck.')).toBeVisible();
  await dialog.getByRole('tab', { name: 'Come along' }).click();
  await dialog.getByRole('button', { name: 'Dusk', exact: true }).click();
  await dialog.getByRole('tab', { name: 'From another deck' }).click();
  await dialog.getByRole('button', { name: 'Harbour', exact: true }).click();
  await page.keyboard.press('Escape');
  await expect(ground(page).locator('.gv-heading').first()).toHaveCSS('color', 'rgb(15, 92, 90)');
});

test('a text has something of its own beside its style, and goes by the style again', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Own');
  await text(page).first().dblclick();
  await page.keyboard.type('Low water');
  await page.keyboard.press('Escape');
  await expect(page.getByLabel('style', { exact: true })).toHaveValue('title');
  await page.getByRole('group', { name: 'Text colour' }).getByRole('button', { name: 'Second accent' }).click();
  await page.getByLabel('weight', { exact: true }).selectOption({ label: 'light' });
  const heading = ground(page).locator('.gv-heading').first();
  await expect(heading).toHaveCSS('font-weight', '300');
  await page.getByRole('button', { name: 'As Title again' }).click();
  await expect(heading).toHaveCSS('font-weight', '700');
  await page.getByLabel('style', { exact: true }).selectOption({ label: 'Caption' });
  await expect(ground(page).getByText('Low water').locator('xpath=ancestor::*[contains(@class,"gv-text")]')).toHaveCSS(
    'font-size',
    '24px',
  );
});

test('what is in the backdrop of a layout is behind all slides of it', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'With a badge');
  await page.getByRole('button', { name: 'Add a slide', exact: true }).click();
  await page.getByRole('button', { name: 'Rectangle', exact: true }).click();
  await page.getByRole('radio', { name: 'backdrop' }).click();
  await page.getByRole('radio', { name: 'its layout' }).click();
  await page.getByRole('button', { name: 'Add a slide', exact: true }).click();
  await expect(ground(page).locator('.gv-outline')).toHaveCount(1);
  await page.getByRole('region', { name: 'Running order' }).locator('[data-slide]').first().click();
  await expect(page.getByRole('group', { name: /^Slide “Opening/ })).toBeVisible();
  await expect(ground(page).locator('.gv-outline')).toHaveCount(0);
});

test('pictures of somebody else do not come along with what is pasted; one’s own do', async ({ browser }) => {
  const context = await browser.newContext({ permissions: ['clipboard-read', 'clipboard-write'] });
  const page = await context.newPage();
  await newTeacher(page, 'Odile F.');
  await newDeck(page, 'Private');
  const dot = await page.evaluate(() => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 40, height: 30 });
    const pen = canvas.getContext('2d');
    if (pen)
      pen.fillStyle = `#${Math.floor(Math.random() * 0xffffff)
        .toString(16)
        .padStart(6, '0')}`;
    pen?.fillRect(0, 0, 40, 30);
    return canvas.toDataURL('image/png').split(',')[1] ?? '';
  });
  await page
    .getByRole('toolbar')
    .locator('input[type=file]')
    .setInputFiles({ name: 'dot.png', mimeType: 'image/png', buffer: Buffer.from(dot, 'base64') });
  const picture = page.getByRole('button', { name: 'Picture', exact: true }).and(page.locator('[data-item]'));
  await expect(picture).toBeVisible();
  await picture.focus();
  await page.keyboard.press('ControlOrMeta+c');
  await page.keyboard.press('ControlOrMeta+v');
  await expect(picture).toHaveCount(2);
  await saved(page);
  await page.goto('/');
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await newTeacher(page, 'Somebody Else');
  await newDeck(page, 'Pasted');
  await text(page).first().focus();
  await page.keyboard.press('ControlOrMeta+v');
  await expect(page.getByText(/somebody else’s and cannot be taken along/).first()).toBeVisible();
  await expect(picture).toHaveCount(0);
  await context.close();
});
