/** Playing a deck. */
import { expect, test } from '@playwright/test';
import { odile } from './people';

test.beforeEach(async ({ page }) => {
  await odile(page);
});

test('next does nothing on a slide left by its links, and says why; back returns along the way', async ({ page }) => {
  await page.goto('/decks/night-walk/show');
  const slide = (name: string) => page.getByRole('group', { name });
  await expect(slide('Dusk at the gate')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(slide('The boardwalk splits')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText('This slide is left by its links: choose one.')).toBeVisible();
  await expect(slide('The boardwalk splits')).toBeVisible();
  await page.getByRole('link', { name: 'Climb to the hide' }).click();
  await page.getByRole('link', { name: 'The dark window' }).focus();
  await page.keyboard.press('Enter');
  await expect(slide('Lantern room')).toBeVisible();
  await page.getByRole('link', { name: 'Climb down' }).click();
  await expect(slide('The hide')).toBeVisible();
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await expect(slide('The boardwalk splits')).toBeVisible();
  await page.keyboard.press('Home');
  await expect(slide('Dusk at the gate')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Back', exact: true })).toBeDisabled();
});

test('linked words are followed, and the show begins at any slide', async ({ page }) => {
  await page.goto('/decks/night-walk/show/splash');
  await page.getByRole('link', { name: 'a fresh trail' }).click();
  await expect(page.getByRole('group', { name: 'What left this trail?' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByLabel('Name of the slide')).toHaveValue('What left this trail?');
});

test('the show fills the screen and leaves it', async ({ page }) => {
  await page.goto('/decks/night-walk/show');
  await page.getByRole('button', { name: 'Full screen' }).click();
  await expect(page.getByRole('button', { name: 'Leave full screen' })).toBeVisible();
  await page.getByRole('button', { name: 'Leave full screen' }).click();
  await expect(page.getByRole('button', { name: 'Full screen' })).toBeVisible();
});
