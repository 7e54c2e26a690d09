/** What is typed is drawn by fonts that come with the application, on any machine and without a network. */
import { addItem, addSlide, applyChanges, characters, type Deck, emptyDeck, plainText } from '@gobrel/core/deck';
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { lessonOf, student } from './handed-out';
import { cutNetwork, newTeacher, odile } from './people';

const SIGNS = Object.values(characters).flat().join(' ');

/** A slide of plain words, and one with every character that is offered for texts. */
function signDeck(): Deck {
  const add = (deck: Deck, id: string, words: string) => {
    const withSlide = applyChanges(deck, addSlide(deck, { id, name: id }));
    const frame = { x: 80, y: 80, width: 1440, height: 700, rotation: 0 };
    const fields = { text: plainText(words) };
    return applyChanges(withSlide, addItem(withSlide, { id: `${id}-words`, slideId: id, kind: 'text', frame, fields }));
  };
  return add(add(emptyDeck('Signs'), 'first', 'Plain words'), 'second', `Signs ${SIGNS}`);
}

async function signDeckOf(page: Page): Promise<string> {
  const made = await page.request.post('/api/decks', { data: { title: 'Signs', deck: signDeck() } });
  expect(made.ok()).toBe(true);
  return ((await made.json()) as { id: string }).id;
}

/** The fonts of the slide's text that the page did not bring: the machine's own. */
async function machineFonts(page: Page): Promise<readonly string[]> {
  const text = page.getByText('Signs …').first();
  await expect(text).toBeVisible();
  await page.evaluate(() => document.fonts.ready);
  await text.evaluate((element) => element.setAttribute('data-looked-at', ''));
  const devtools = await page.context().newCDPSession(page);
  await devtools.send('DOM.enable');
  await devtools.send('CSS.enable');
  const { root } = await devtools.send('DOM.getDocument', { depth: 0 });
  const { nodeId } = await devtools.send('DOM.querySelector', { nodeId: root.nodeId, selector: '[data-looked-at]' });
  const { fonts } = await devtools.send('CSS.getPlatformFontsForNode', { nodeId });
  await devtools.detach();
  expect(fonts.length).toBeGreaterThan(2);
  return fonts.filter(({ isCustomFont }) => !isCustomFont).map(({ familyName }) => familyName);
}

test('every character that is offered is drawn by a font that comes with the application', async ({ page }) => {
  await newTeacher(page);
  await page.goto(`/decks/${await signDeckOf(page)}/show/second`);
  await expect.poll(() => machineFonts(page)).toEqual([]);
});

test('symbols and small pictures of a slide further on are there without a network', async ({ page, browser }) => {
  await odile(page);
  const lesson = await lessonOf(page, { deckId: await signDeckOf(page) });
  const theirs = await student(browser, lesson, 'Amaro Finch');
  await expect(theirs.getByText('Plain words').first()).toBeVisible();
  // Both families, by one of their characters each.
  const isBrought = () =>
    theirs.evaluate(
      () => document.fonts.check('16px "Slide Emoji"', '🦀') && document.fonts.check('16px "Slide Symbols"', '≥'),
    );
  await expect.poll(isBrought).toBe(true);
  await cutNetwork(theirs);
  await theirs.getByRole('button', { name: messages.walking.next, exact: true }).click();
  await expect.poll(() => machineFonts(theirs)).toEqual([]);
});
