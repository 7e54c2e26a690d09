/** A deck over time and in company: versions, co-authors, themes of one's own, pictures that come along. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { fromMenu, newDeck, newTeacher, pickColour, saved } from './people';

const text = (page: Page) => page.getByRole('button', { name: /^Text, / });
const ground = (page: Page) => page.locator('[data-canvas] .gv-ground');

test('a version is kept by hand, seen beside today’s, gone back to, and that is taken back', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Before');
  await saved(page);
  await fromMenu(page, messages.versions.title);
  const dialog = page.getByRole('dialog', { name: messages.versions.title });
  await dialog.getByLabel(messages.versions.name).fill('Before the walk');
  await dialog.getByRole('button', { name: messages.versions.keep }).click();
  await expect(dialog.getByRole('button', { name: /^Before the walk/ })).toBeVisible();
  await expect(dialog.getByText(messages.versions.differ({ same: true, count: 0 }))).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByLabel(messages.library.deckTitle).fill('After');
  await page.getByRole('button', { name: messages.editor.addSlide, exact: true }).click();
  await page.getByLabel(messages.editor.slideName).fill('Something new');
  await saved(page);
  await fromMenu(page, messages.versions.title);
  await dialog.getByRole('button', { name: /^Before the walk/ }).click();
  await expect(dialog.getByText(messages.versions.differ({ same: false, count: 1 }))).toBeVisible();
  await expect(dialog.getByText(messages.versions.differences.added)).toBeVisible();
  await dialog.getByRole('button', { name: messages.versions.restore }).click();
  await expect(page.getByLabel(messages.library.deckTitle)).toHaveValue('Before');
  await expect(page.getByRole('region', { name: messages.editor.strip }).locator('[data-slide]')).toHaveCount(1);
  await page.getByLabel(messages.common.undo, { exact: true }).click();
  await expect(page.getByLabel(messages.library.deckTitle)).toHaveValue('After');
  await expect(page.getByRole('region', { name: messages.editor.strip }).locator('[data-slide]')).toHaveCount(2);
});

test('a colleague is let in, edits the deck at the same time, and is let out', async ({ browser }) => {
  const mine = await (await browser.newContext()).newPage();
  const theirs = await (await browser.newContext()).newPage();
  await newTeacher(mine, 'Odile F.');
  const { email } = await newTeacher(theirs, 'Nadia Quill');
  await theirs.goto('/');
  await expect(theirs.getByRole('heading', { name: messages.library.empty })).toBeVisible();
  await newDeck(mine, 'Together');
  await fromMenu(mine, messages.sharing.action);
  await mine.getByLabel(messages.sharing.email).fill('nobody@marrambay.example');
  await mine.getByRole('button', { name: messages.sharing.invite }).click();
  await expect(mine.getByText(messages.sharing.invited, { exact: true })).toBeVisible();
  await mine.getByLabel(messages.sharing.email).fill(email);
  await mine.getByRole('button', { name: messages.sharing.invite }).click();
  await expect(mine.getByRole('button', { name: messages.sharing.removeName({ name: 'Nadia Quill' }) })).toBeVisible();
  await theirs.reload();
  await expect(theirs.getByText(messages.library.from({ name: 'Odile F.' }))).toBeVisible();
  await theirs.getByRole('link', { name: /Together/ }).click();
  await theirs.getByLabel(messages.library.deckTitle).fill('Together indeed');
  await expect(mine.getByText(messages.editor.alsoHere({ names: 'Nadia Quill' }))).toBeAttached();
  await expect(mine.getByLabel(messages.library.deckTitle)).toHaveValue('Together indeed');
  await mine.getByRole('button', { name: messages.sharing.removeName({ name: 'Nadia Quill' }) }).click();
  await expect(theirs.getByText(messages.elsewhere.notYours)).toBeVisible();
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
  await page.getByRole('button', { name: messages.editor.addSlide, exact: true }).click();
  await page.getByRole('button', { name: /^Theme:/ }).click();
  const dialog = page.getByRole('dialog', { name: messages.editor.themeTitle });
  await dialog
    .getByRole('spinbutton', { name: messages.textStyles.sizeOf({ style: 'Title' }), exact: true })
    .fill('60');
  await dialog
    .getByLabel(messages.textStyles.colourOf({ style: 'Title' }), { exact: true })
    .selectOption({ label: messages.colours.accent });
  await dialog.getByLabel(messages.textStyles.backdrop).selectOption({ label: messages.textStyles.backdrops.band });
  await expect(ground(page).locator('.gv-backdrop rect')).toHaveCount(1);
  await dialog.getByLabel(messages.ownThemes.name).fill('Harbour blue');
  await dialog.getByRole('button', { name: messages.ownThemes.keep }).click();
  await expect(page.getByText(messages.ownThemes.kept({ name: 'Harbour blue' })).first()).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(ground(page).locator('.gv-heading').first()).toHaveCSS('color', 'rgb(11, 95, 92)');
  await expect(ground(page).locator('.gv-heading').first()).toHaveCSS('font-size', '80px');
  await saved(page);
  await page.goto('/');
  await page.getByRole('button', { name: messages.library.otherSize }).click();
  await page.getByRole('menuitem', { name: messages.slides.sizeNames['a4-portrait'] }).click();
  await expect(page.getByRole('button', { name: messages.editor.slideSize })).toHaveText(
    messages.slides.sizeNames['a4-portrait'],
  );
  await page.getByRole('button', { name: /^Theme:/ }).click();
  await dialog.getByRole('tab', { name: messages.ownThemes.mine }).click();
  await dialog.getByRole('button', { name: 'Harbour blue', exact: true }).click();
  await dialog.getByRole('tab', { name: messages.ownThemes.others }).click();
  await expect(dialog.getByText(messages.ownThemes.noDecks)).toBeVisible();
  await dialog.getByRole('tab', { name: messages.ownThemes.along }).click();
  await dialog.getByRole('button', { name: messages.asking.colours['#3d4e8a'], exact: true }).click();
  await dialog.getByRole('tab', { name: messages.ownThemes.others }).click();
  await dialog.getByRole('button', { name: 'Harbour', exact: true }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.editor.addSlide, exact: true }).click();
  await expect(ground(page).locator('.gv-heading').first()).toHaveCSS('color', 'rgb(11, 95, 92)');
});

test('a text has something of its own beside its style, and goes by the style again', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Own');
  await text(page).first().dblclick();
  await page.keyboard.type('Low water');
  await page.keyboard.press('Escape');
  await expect(page.getByLabel(messages.textStyles.field, { exact: true })).toHaveValue('opening');
  await pickColour(page, messages.editor.textColour, messages.colours.second);
  await page
    .getByLabel(messages.textStyles.weight, { exact: true })
    .selectOption({ label: messages.textStyles.weights['300'] });
  const heading = ground(page).locator('.gv-heading').first();
  await expect(heading).toHaveCSS('font-weight', '300');
  await page
    .getByRole('button', { name: messages.textStyles.backTo({ style: messages.textStyles.names.opening }) })
    .click();
  await expect(heading).toHaveCSS('font-weight', '800');
  await page
    .getByLabel(messages.textStyles.field, { exact: true })
    .selectOption({ label: messages.textStyles.names.caption });
  await expect(ground(page).getByText('Low water').locator('xpath=ancestor::*[contains(@class,"gv-text")]')).toHaveCSS(
    'font-size',
    '26px',
  );
});

test('what is in the backdrop of a layout is behind all slides of it', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'With a badge');
  await page.getByRole('button', { name: messages.editor.addSlide, exact: true }).click();
  await page.getByRole('button', { name: messages.editor.rectangle, exact: true }).click();
  await page.getByRole('radio', { name: messages.editor.backdrop }).click();
  await page.getByRole('radio', { name: messages.editor.backdropOfLayout }).click();
  await page.getByRole('button', { name: messages.editor.addSlide, exact: true }).click();
  await expect(ground(page).locator('.gv-outline')).toHaveCount(1);
  await page.getByRole('region', { name: messages.editor.strip }).locator('[data-slide]').first().click();
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
  const picture = page
    .getByRole('button', { name: messages.editor.picture, exact: true })
    .and(page.locator('[data-item]'));
  await expect(picture).toBeVisible();
  await picture.focus();
  await page.keyboard.press('ControlOrMeta+c');
  await page.keyboard.press('ControlOrMeta+v');
  await expect(picture).toHaveCount(2);
  await saved(page);
  await page.goto('/');
  await page.getByRole('button', { name: messages.frame.signOut }).click();
  await expect(page.getByRole('button', { name: messages.signIn.enter })).toBeVisible();
  await newTeacher(page, 'Somebody Else');
  await newDeck(page, 'Pasted');
  await text(page).first().focus();
  await page.keyboard.press('ControlOrMeta+v');
  await expect(page.getByText(messages.editor.picturesOfOthers({ count: 1 })).first()).toBeVisible();
  await expect(picture).toHaveCount(0);
  await context.close();
});
