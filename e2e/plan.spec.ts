/** The story plan: typed, followed by the slides, and following them; and graphs taken out and brought in. */
import * as messages from '@gobrel/messages';
import { readFile } from 'node:fs/promises';
import { expect, type Page, test } from '@playwright/test';
import { boxOf, newDeck, newTeacher, odile, ownCopy, saved } from './people';
import { asSaid } from './as-said';

const plan = (page: Page) => page.getByRole('textbox', { name: messages.plan.title });
const see = (page: Page, what: string) => page.getByRole('radio', { name: what, exact: true }).click();
const card = (page: Page, name: string) =>
  page.getByRole('main', { name: messages.routes.map }).getByRole('button', { name: new RegExp(`^\\d+ ${name}`) });

const walk = `1. Dusk at the gate
The warden gives you a lantern.
- Step onto the boards -> The boardwalk splits

2. The boardwalk splits
- Follow the splash -> The splash
- Climb to the hide -> The hid

3. The splash
- Back -> back

4. The cellar
`;

test('a plan becomes slides with texts, choices and a map in one press, and stays tied to them', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'From a plan');
  await see(page, 'Plan');
  await plan(page).fill(walk);
  const findings = page.getByRole('region', { name: messages.plan.findings });
  await expect(findings).toContainText('3 new slides');
  await expect(findings).toContainText(messages.plan.noPassage({ words: 'Climb to the hide', named: 'The hid' }));
  await expect(findings).toContainText(messages.plan.unchosen({ name: 'The cellar' }));
  await findings.getByRole('button', { name: /Climb to the hide/ }).click();
  await expect(plan(page)).toBeFocused();
  // A draft survives leaving and a reload.
  await page.reload();
  await expect(plan(page)).toHaveValue(walk);
  await page.getByRole('button', { name: messages.plan.follow }).click();
  await expect(page.getByText(asSaid(messages.plan.followed, { added: 3 })).first()).toBeVisible();
  await expect(findings).toContainText(messages.plan.same);
  await see(page, 'Map');
  await expect(card(page, 'The boardwalk splits')).toBeVisible();
  await expect(
    page.getByRole('group', {
      name: messages.routes.way({
        from: 'Dusk at the gate',
        to: 'The boardwalk splits',
        carrier: 'Step onto the boards',
      }),
    }),
  ).toBeAttached();

  // What is changed on the slides is in the plan.
  await card(page, 'The cellar').click();
  await page.getByLabel(messages.editor.slideName).fill('The hide');
  await see(page, 'Plan');
  await expect(plan(page)).toHaveValue(/4\. The hide/);
  // And what the plan changes leaves alone what was designed.
  await see(page, messages.order.sees.slide);
  await page.getByRole('button', { name: /^1 Dusk at the gate/ }).click();
  await page.getByLabel(messages.editor.notes).fill('Lights off.');
  await see(page, 'Plan');
  const text = await plan(page).inputValue();
  expect(text).toContain('- Climb to the hide → ?');
  await plan(page).fill(
    text.replace('the hide → ?', 'the hide -> The hide').replace('gives you a lantern', 'hands you a lamp'),
  );
  await page.getByRole('button', { name: messages.plan.follow }).click();
  await see(page, messages.order.sees.slide);
  await expect(page.getByLabel(messages.editor.notes)).toHaveValue('Lights off.');
  await expect(page.getByRole('button', { name: /^Text, “The warden hands you a lamp/ })).toBeVisible();
  await page.getByRole('button', { name: /^2 The boardwalk splits/ }).click();
  await expect(page.getByRole('navigation', { name: messages.editor.leadsTo })).toContainText('The hide');
  await page.getByLabel(messages.common.undo, { exact: true }).click();
  await see(page, 'Plan');
  await expect(plan(page)).toHaveValue(/gives you a lantern/);
  await saved(page);
});

test('by the keyboard alone a branching story is built and walked', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'By keys');
  /** Goes on with Tab until something has the focus. */
  const tabTo = async (name: RegExp) => {
    for (let press = 0; press < 120; press += 1) {
      await page.keyboard.press('Tab');
      const focused = await page.evaluate(() => {
        const element = document.activeElement;
        return element?.getAttribute('aria-label') ?? element?.textContent ?? '';
      });
      if (name.test(focused)) return;
    }
    throw new Error(`Tab never comes to ${name}`);
  };
  await tabTo(new RegExp(`^${messages.order.sees.slide}$`));
  for (const name of ['Grid', 'Outline', 'Map', 'Plan']) {
    await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('radio', { name, exact: true })).toBeFocused();
  }
  await page.keyboard.press('Space');
  await expect(plan(page)).toBeVisible();
  await page.getByRole('radio', { name: messages.order.sees.plan, exact: true }).focus();
  for (let press = 0; press < 30 && !(await plan(page).evaluate((area) => area === document.activeElement)); press += 1)
    await page.keyboard.press('Tab');
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('# Gate\nDusk.\n- Left -> Splash\n- Right -> Hide\n# Splash\n- Back -> back\n# Hide\n');
  await tabTo(/Update slides/);
  await page.keyboard.press('Enter');
  await expect(page.getByText(asSaid(messages.plan.followed)).first()).toBeVisible();
  await saved(page);
  await page.getByRole('link', { name: messages.editor.tryIt }).focus();
  await page.keyboard.press('Enter');
  const stage = (name: string) => page.getByRole('main').getByRole('group', { name, exact: true });
  await expect(stage('Gate')).toBeVisible();
  await tabTo(/^Left$/);
  await page.keyboard.press('Enter');
  await expect(stage('Splash')).toBeVisible();
  await tabTo(/^Back$/);
  await page.keyboard.press('Enter');
  await expect(stage('Gate')).toBeVisible();
  await tabTo(/^Right$/);
  await page.keyboard.press('Enter');
  await expect(stage('Hide')).toBeVisible();
});

test('the map is taken along as a drawing, a picture and text, and a graph is brought in', async ({ page }) => {
  // What would be printed is counted instead: slides drawn within the drawing.
  await page.addInitScript(() => {
    window.print = () =>
      Object.assign(window.top ?? window, { printed: document.querySelectorAll('svg foreignObject .gv-slide').length });
  });
  await odile(page);
  const deckId = await ownCopy(page, 'night-walk');
  await page.goto(`/decks/${deckId}?see=map`);
  await expect(card(page, 'Dusk at the gate')).toBeVisible();
  const take = async (entry: string) => {
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: messages.routes.takeOut }).click();
    await page.getByRole('menuitem', { name: entry }).click();
    return readFile(await (await download).path());
  };
  const svg = (await take(messages.routes.asSvg)).toString();
  expect(svg).toContain('13 Ending: the long');
  expect(svg).toContain('Follow the splash');
  // Its pictures are in it, and it asks for nothing outside.
  expect(svg).toMatch(/data:image\/(png|webp);base64/);
  expect(svg).not.toMatch(/(src=|url\()["']?(\/|http)/);
  const size = await page.evaluate(async (text) => {
    const image = new Image();
    image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`;
    await image.decode();
    return image.naturalWidth;
  }, svg);
  expect(size).toBeGreaterThan(1000);
  const png = await take(messages.routes.asPng);
  expect(png.subarray(1, 4).toString()).toBe('PNG');
  expect(png.length).toBeGreaterThan(50_000);
  await page.getByRole('button', { name: messages.routes.takeOut }).click();
  await page.getByRole('menuitem', { name: messages.routes.print }).click();
  await expect.poll(() => page.evaluate(() => (window as { printed?: number }).printed)).toBe(13);
  const dot = (await take(messages.routes.asDot)).toString();
  expect(dot).toContain('"s2" -> "s3" [label="Follow the splash"]');
  expect((await take(messages.routes.asMermaid)).toString()).toContain('s2 -->|"Follow the splash"| s3');

  await page.getByRole('button', { name: messages.routes.takeOut }).click();
  await page.getByRole('menuitem', { name: messages.routes.bringIn }).click();
  const dialog = page.getByRole('dialog', { name: messages.routes.bringInTitle });
  await dialog.getByRole('textbox').fill('flowchart TD\n  A[Cellar] -->|up| B[Attic]\n  style A fill:#f00\n  A --- B');
  await expect(dialog.getByRole('status')).toContainText(messages.routes.understood({ slides: 2, links: 2 }));
  await expect(dialog.getByRole('status')).toContainText(messages.routes.unread.look);
  await expect(dialog.getByRole('status')).toContainText(
    messages.routes.unreadInLine({ line: 4, what: 'has no direction' }),
  );
  await dialog.getByRole('button', { name: messages.routes.bringItIn }).click();
  await expect(page.getByText(messages.routes.broughtIn({ slides: 2 })).first()).toBeVisible();
  await expect(
    page.getByRole('group', { name: messages.routes.way({ from: 'Cellar', to: 'Attic', carrier: 'up' }) }),
  ).toBeAttached();
  await page.getByLabel(messages.common.undo, { exact: true }).click();
  await expect(card(page, 'Cellar')).toHaveCount(0);
});

test('the map beside the plan shows what is typed, and faults stand at their lines', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Beside the plan');
  await see(page, 'Plan');
  await plan(page).fill(walk);
  const map = page.getByRole('region', { name: messages.plan.map });
  const planned = (name: string) => map.getByRole('button', { name: new RegExp(`^\\d+ ${name}`) });
  await expect(planned('Dusk at the gate')).toBeVisible();
  // One line names a slide that is not there, and one slide is led to by nothing.
  const marks = page.getByRole('main').locator('.plan-fault');
  await expect(marks).toHaveText([/^- Climb to the hide/, /^4\. The cellar/]);
  await expect(
    marks.first().getByTitle(messages.plan.noPassage({ words: 'Climb to the hide', named: 'The hid' })),
  ).toBeAttached();
  // A mark stands at the very line it is about.
  const [mark, area] = [await boxOf(marks.first()), await boxOf(plan(page))];
  const line = walk.split('\n').indexOf('- Climb to the hide -> The hid') + 1;
  const top = await plan(page).evaluate((field) => parseFloat(getComputedStyle(field).paddingTop));
  const high = await plan(page).evaluate((field) => parseFloat(getComputedStyle(field).lineHeight));
  expect(Math.abs(mark.y + mark.height / 2 - (area.y + top + (line - 0.5) * high))).toBeLessThan(6);
  await plan(page).fill(`${walk}- Up -> The hide\n\n5. The hide\n`.replace('-> The hid\n', '-> The hide\n'));
  await expect(marks).toHaveText([/^4\. The cellar/]);
  // Nothing was made yet, and pressing on a slide leads to its text.
  await planned('The boardwalk splits').click();
  await expect(plan(page)).toBeFocused();
  const chosen = () =>
    plan(page).evaluate((field: HTMLTextAreaElement) => field.value.slice(field.selectionStart, field.selectionEnd));
  expect(await chosen()).toBe('2. The boardwalk splits');
  await planned('The splash').focus();
  await page.keyboard.press('Enter');
  await expect.poll(chosen).toBe('3. The splash');
  await see(page, 'Map');
  await expect(card(page, 'The boardwalk splits')).toHaveCount(0);
});
