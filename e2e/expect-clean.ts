/** axe on what a page shows, in both schemes. */
import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** What axe asks about that a scheme can change: its colours, and nothing else. */
const OF_COLOURS = ['color-contrast', 'link-in-text-block'];

/** Expects that axe finds nothing, in daylight and by lamp. */
export async function expectClean(page: Page): Promise<void> {
  const everything = axe(page).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']);
  await expectNone(page, 'light', everything);
  await expectNone(page, 'lamp', axe(page).withRules(OF_COLOURS));
}

// Within the page, as no page of ours holds a frame of another origin: the other way opens a page for each look.
const axe = (page: Page) => new AxeBuilder({ page }).setLegacyMode();

async function expectNone(page: Page, scheme: 'light' | 'lamp', axe: AxeBuilder): Promise<void> {
  await page.evaluate((value) => {
    document.documentElement.dataset['scheme'] = value;
  }, scheme);
  const { violations } = await axe.analyze();
  const found = violations.map(
    ({ id, nodes }) => `${scheme} ${id}: ${nodes.map((node) => node.html.slice(0, 160)).join(' | ')}`,
  );
  expect(found).toEqual([]);
}
