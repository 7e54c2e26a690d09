/** The running order: several slides at once, sections, the grid, the outline, numbers and grounds. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { dragByTouch, newDeck, newTeacher, odile, pickColour, saved, tablet } from './people';
import { asSaid, startOf } from './as-said';

/** A deck of the sample scenario's teacher for each test: slides One to Five. */
async function fiveSlides(page: Page): Promise<void> {
  await newTeacher(page);
  await newDeck(page, 'Five slides');
  await page.getByLabel(messages.editor.slideName).fill('One');
  for (const name of ['Two', 'Three', 'Four', 'Five']) {
    await page.getByRole('button', { name: messages.editor.addSlide, exact: true }).click();
    await page.getByLabel(messages.editor.slideName).fill(name);
  }
  await saved(page);
}

const strip = (page: Page) => page.getByRole('region', { name: messages.editor.strip });
const tile = (page: Page, name: string) => strip(page).getByRole('button', { name: new RegExp(`^\\d+ ${name}$`) });
const order = async (page: Page) =>
  (await strip(page).locator('[data-slide]').allInnerTexts()).map((text) => text.replace(/\d+ /, '').trim());

test('several slides are chosen by Shift and Ctrl, moved, set and removed as one, and it is one step back', async ({
  page,
}) => {
  await fiveSlides(page);
  await tile(page, 'Two').click();
  await tile(page, 'Three').click({ modifiers: ['Shift'] });
  await expect(page.getByRole('heading', { name: messages.order.severalSlides({ count: 2 }) })).toBeVisible();
  await page.getByRole('button', { name: messages.editor.moveLater }).click();
  await expect.poll(() => order(page)).toEqual(['One', 'Four', 'Two', 'Three', 'Five']);
  await page.getByRole('checkbox', { name: messages.editor.leftOut }).check();
  await expect(strip(page).getByRole('button', { name: new RegExp(`, ${messages.editor.leftOut}$`) })).toHaveCount(2);
  await page.getByLabel(messages.common.undo, { exact: true }).click();
  await tile(page, 'Two').click();
  await tile(page, 'Five').click({ modifiers: ['ControlOrMeta'] });
  await page.keyboard.press('Delete');
  await expect.poll(() => order(page)).toEqual(['One', 'Four', 'Three']);
  await expect(page.getByText(messages.editor.takeBack, { exact: true })).toBeVisible();
  await page.getByLabel(messages.common.undo, { exact: true }).click();
  await expect(page.getByText(messages.editor.takeBack, { exact: true })).toBeHidden();
  await expect.poll(() => order(page)).toEqual(['One', 'Four', 'Two', 'Three', 'Five']);
});

test('several slides are copied and pasted by keys and by buttons, and duplicated', async ({ page }) => {
  await fiveSlides(page);
  await tile(page, 'One').click();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(page.getByRole('heading', { name: messages.order.severalSlides({ count: 2 }) })).toBeVisible();
  await page.keyboard.press('ControlOrMeta+c');
  await tile(page, 'Five').click();
  await page.keyboard.press('ControlOrMeta+v');
  await expect.poll(() => order(page)).toEqual(['One', 'Two', 'Three', 'Four', 'Five', 'One', 'Two']);
  await tile(page, 'Three').click();
  await page.getByRole('button', { name: messages.order.copy, exact: true }).click();
  await page.getByRole('button', { name: messages.order.pasteAfter }).click();
  await expect.poll(() => order(page)).toEqual(['One', 'Two', 'Three', 'Three', 'Four', 'Five', 'One', 'Two']);
  await tile(page, 'Four').click();
  await page.keyboard.press('ControlOrMeta+d');
  await expect(tile(page, 'Four \\(copy\\)')).toBeVisible();
});

test('a section is begun, named, folded, moved as a whole, nested and ended', async ({ page }) => {
  await fiveSlides(page);
  const begin = async (at: string, title: string) => {
    await tile(page, at).click();
    await page.getByRole('button', { name: messages.order.beginSection }).click();
    await page.getByLabel(messages.order.sectionTitle).fill(title);
    await page.keyboard.press('Enter');
  };
  await begin('Two', 'Shore');
  await begin('Four', 'Marsh');
  const heading = (title: string) => strip(page).getByRole('button', { name: new RegExp(`^Section ${title}`) });
  await expect(heading('Shore')).toHaveAccessibleName('Section Shore, 2 slides');
  await heading('Shore').click();
  await expect.poll(() => order(page)).toEqual(['One', 'Four', 'Five']);
  await expect(heading('Shore')).toHaveAccessibleName('Section Shore, 2 slides, folded');
  await page.getByRole('button', { name: messages.order.sectionActions({ title: 'Shore' }) }).click();
  await page.getByRole('button', { name: messages.order.later }).click();
  await page.keyboard.press('Escape');
  await heading('Shore').click();
  await expect.poll(() => order(page)).toEqual(['One', 'Four', 'Five', 'Two', 'Three']);
  await page.getByRole('button', { name: messages.order.sectionActions({ title: 'Shore' }) }).click();
  await page.getByRole('button', { name: messages.order.nestIn }).click();
  await page.keyboard.press('Escape');
  await expect(heading('Marsh')).toHaveAccessibleName('Section Marsh, 4 slides');
  await page.getByRole('button', { name: messages.order.sectionActions({ title: 'Marsh' }) }).click();
  await page.getByRole('button', { name: messages.order.removeSection }).click();
  await expect.poll(() => order(page)).toEqual(['One']);
  await page.getByLabel(messages.common.undo, { exact: true }).click();
  await expect.poll(() => order(page)).toEqual(['One', 'Four', 'Five', 'Two', 'Three']);
});

test('the grid shows all slides: they are chosen by boxes, dragged, and opened', async ({ page }) => {
  await fiveSlides(page);
  await page.getByRole('radio', { name: messages.order.sees.grid }).click();
  const grid = page.getByRole('main', { name: messages.order.grid });
  const big = (name: string) => grid.getByRole('button', { name: new RegExp(`^\\d+ ${name}$`) });
  const shown = async () =>
    (await grid.locator('[data-slide]').allInnerTexts()).map((text) => text.replace(/\d+ /, '').trim());
  await big('One').click();
  await grid.getByRole('checkbox', { name: messages.order.pick({ name: '2 Two' }) }).click();
  await big('Two').hover();
  await page.mouse.down();
  await big('Four').hover();
  await big('Four').hover({ position: { x: 150, y: 60 } });
  await page.mouse.up();
  await expect.poll(shown).toEqual(['Three', 'Four', 'One', 'Two', 'Five']);
  await big('Five').dblclick();
  await expect(page.getByLabel(messages.editor.slideName)).toHaveValue('Five');
  await expect(strip(page)).toBeVisible();
});

test('in the grid slides are chosen and moved by finger', async ({ browser }) => {
  const page = await (await tablet(browser)).newPage();
  await newTeacher(page);
  await newDeck(page, 'By finger');
  for (const name of ['Two', 'Three']) {
    await page.getByRole('button', { name: messages.editor.addSlide, exact: true }).tap();
    await page.getByLabel(messages.editor.slideName).fill(name);
  }
  await page.getByRole('radio', { name: messages.order.sees.grid }).tap();
  const grid = page.getByRole('main', { name: messages.order.grid });
  const tile = (name: string) => grid.getByRole('button', { name: new RegExp(`^\\d+ ${name}$`) });
  await dragByTouch(page, tile('Three'), tile('Opening'), () =>
    expect(page.getByRole('status').filter({ hasText: asSaid(messages.sorting.over) })).toBeAttached(),
  );
  const shown = async () =>
    (await grid.locator('[data-slide]').allInnerTexts()).map((text) => text.replace(/\d+ /, '').trim());
  await expect.poll(shown).toEqual(['Three', 'Opening', 'Two']);
  await grid.getByRole('checkbox', { name: 'Select 3 Two' }).tap();
  await expect(page.getByRole('heading', { name: messages.order.severalSlides({ count: 2 }) })).toBeVisible();
  await page.context().close();
});

test('in the outline titles and texts are typed straight down, and new slides begin', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Written down');
  await page.getByRole('radio', { name: messages.order.sees.outline }).click();
  await page.getByRole('textbox', { name: messages.order.titleOf({ place: 1 }), exact: true }).click();
  await page.keyboard.type('The tide');
  await page.keyboard.press('Enter');
  await page.keyboard.type('Twice a day');
  await page.keyboard.press('Control+Enter');
  await page.keyboard.type('The moon');
  await page.keyboard.press('Enter');
  await page.keyboard.type('It pulls.');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('textbox', { name: messages.order.titleOf({ place: 2 }), exact: true })).toHaveText(
    'The moon',
  );
  await page.getByRole('button', { name: /^Open 2/ }).click();
  const slide = page.getByRole('group', { name: startOf(messages.editor.canvas) });
  await expect(slide.getByText('The moon')).toBeVisible();
  await expect(slide.getByText('It pulls.')).toBeVisible();
  await strip(page).locator('[data-slide]').first().click();
  await expect(slide.getByText('Twice a day')).toBeVisible();
});

test('the outline says where links lead, leads them elsewhere, ties new ones, and goes along them', async ({
  page,
}) => {
  await newTeacher(page);
  await newDeck(page, 'Tied in the outline');
  const see = (what: 'outline' | 'plan') =>
    page.getByRole('radio', { name: messages.order.sees[what], exact: true }).click();
  await see('plan');
  await page
    .getByRole('textbox', { name: messages.plan.title })
    .fill('1. Gate\nDusk over the marsh.\n- On -> Fork\n- Home -> end\n\n2. Fork\nTwo ways.\n- Back -> back\n');
  await page.getByRole('button', { name: messages.plan.follow }).click();
  await see('outline');
  const outline = page.getByRole('main', { name: messages.order.outline });
  const leads = (carrier: string, leadsTo: string) =>
    outline.getByRole('button', { name: messages.order.linkLeads({ carrier, leadsTo }) });
  await expect(leads('On', 'Fork')).toBeVisible();
  await expect(leads('Home', messages.destinations.steps.end)).toBeVisible();
  // Elsewhere.
  await leads('On', 'Fork').press('Enter');
  await page.getByRole('dialog').getByRole('button', { name: messages.links.stepsShort.last }).click();
  await expect(leads('On', messages.destinations.steps.last)).toBeVisible();
  await page.getByLabel(messages.common.undo, { exact: true }).click();
  await expect(leads('On', 'Fork')).toBeVisible();
  // A new one, on a whole text.
  await outline.getByRole('button', { name: messages.order.tieTo({ label: 'Two ways.' }) }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('dialog').getByRole('button', { name: /Gate/ }).click();
  await expect(leads('Two ways.', 'Gate')).toBeVisible();
  // And on the words that are marked while one types.
  await outline.getByRole('textbox').filter({ hasText: 'Dusk over' }).click();
  // As whoever marks words does: until they are marked.
  await expect(async () => {
    await page.keyboard.press('Home');
    for (let letter = 0; letter < 4; letter += 1) await page.keyboard.press('Shift+ArrowRight');
    expect(await page.evaluate(() => String(getSelection()))).toBe('Dusk');
  }).toPass();
  await outline.getByRole('button', { name: messages.order.tieTo({ label: 'Dusk over the marsh.' }) }).click();
  await page.getByRole('dialog').getByRole('button', { name: /Fork/ }).click();
  await expect(leads('Dusk', 'Fork')).toBeVisible();
  await leads('Dusk', 'Fork').click();
  await page.getByRole('dialog').getByRole('button', { name: messages.editor.removeLink }).click();
  await expect(leads('Dusk', 'Fork')).toHaveCount(0);
  await outline.getByRole('button', { name: messages.editor.goThere({ name: 'Fork' }) }).click();
  await expect(page.getByLabel(messages.editor.slideName)).toHaveValue('Fork');
});

test('numbers are shown on one slide or all, and a ground goes on all slides', async ({ page }) => {
  await fiveSlides(page);
  await tile(page, 'Two').click();
  await page.getByRole('checkbox', { name: messages.order.showNumber }).check();
  const slide = page.getByRole('group', { name: messages.editor.canvas({ name: 'Two' }) });
  await expect(slide.getByText('2', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: messages.order.onAll, exact: true }).click();
  await tile(page, 'Four').click();
  await expect(
    page.getByRole('group', { name: messages.editor.canvas({ name: 'Four' }) }).getByText('4', { exact: true }),
  ).toBeVisible();
  await page.getByRole('radio', { name: messages.ground.wash }).click();
  await pickColour(page, messages.ground.washTo, messages.colours.accent);
  await page.getByRole('button', { name: messages.ground.onAll }).click();
  await tile(page, 'One').click();
  await expect(page.getByRole('radio', { name: messages.ground.wash })).toBeChecked();
  await page.getByRole('link', { name: messages.editor.tryIt }).click();
  await expect(page.getByText('1', { exact: true }).first()).toBeVisible();
});

test('a picture lies on the ground, whole, filling or tiled, and faded', async ({ page }) => {
  await fiveSlides(page);
  const dot = await page.evaluate(async () => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 40, height: 30 });
    const pen = canvas.getContext('2d');
    pen?.fillRect(4, 4, 20, 20);
    return canvas.toDataURL('image/png').split(',')[1] ?? '';
  });
  await page
    .getByLabel(messages.ground.picture)
    .and(page.locator('input'))
    .setInputFiles({ name: 'dot.png', mimeType: 'image/png', buffer: Buffer.from(dot, 'base64') });
  const lying = page.locator('[data-canvas] .gv-ground-picture');
  await expect(lying).toHaveCSS('background-size', 'cover');
  await page.getByRole('radio', { name: messages.ground.lays.tile }).click();
  await expect(lying).toHaveCSS('background-repeat', 'repeat');
  await page.getByRole('slider', { name: messages.ground.faded }).press('ArrowRight');
  await expect(lying).toHaveCSS('opacity', '0.95');
  await page.getByRole('button', { name: messages.ground.noPicture }).click();
  await expect(lying).toHaveCount(0);
});

test('a deck of the library is seen as a grid and an outline by its teacher', async ({ page }) => {
  await odile(page);
  await page.goto('/');
  await page
    .getByRole('link', { name: /Night walk/ })
    .first()
    .click();
  await page.getByRole('radio', { name: messages.order.sees.outline }).click();
  await expect(page.getByRole('textbox', { name: messages.order.titleOf({ place: 1 }), exact: true })).toHaveText(
    'Dusk at the gate',
  );
  await page.reload();
  await expect(page.getByRole('main', { name: messages.order.outline })).toBeVisible();
});
