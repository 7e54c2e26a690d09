/** axe on what a page shows, in both schemes. */
import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** Expects that axe finds nothing, in daylight and by lamp. */
export async function expectClean(page: Page): Promise<void> {
  for (const scheme of ['light', 'lamp']) {
    await page.evaluate((value) => {
      document.documentElement.dataset['scheme'] = value;
    }, scheme);
    const { violations } = await new AxeBuilder({ page })
      .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
      .analyze();
    const found = violations.map(
      ({ id, nodes }) => `${scheme} ${id}: ${nodes.map((node) => node.html.slice(0, 160)).join(' | ')}`,
    );
    expect(found).toEqual([]);
  }
}
