// A deck of many slides as PDF, from the press to the file, against the browser's own print of the same slides: laid out
// and printed from the drawings that are exported as SVG.
import { readFileSync, statSync } from 'node:fs';
import { unzipSync } from 'fflate';
import { duplicateSlides, newId, slidesInOrder } from '@gobrel/core/deck';
import { readDeckDocument, writeChanges } from '@gobrel/core/shared-doc';
import { changeDeck, newTeacher, quantile } from './people.mjs';

const ROUNDS = 3;

/** Repeats the slides of the sample deck, drawings, links and all, until there are so many. */
function repeatSlides(doc, slides) {
  const all = slidesInOrder(readDeckDocument(doc)).map(({ id }) => id);
  for (let count = all.length; count < slides;) {
    const deck = readDeckDocument(doc);
    const some = all.slice(0, slides - count);
    writeChanges(doc, duplicateSlides(deck, some, { nameOf: ({ name }) => name, createId: newId }).changes);
    count += some.length;
  }
}

/** Gives the line to print. */
export async function benchPaper(address, browser, slides) {
  const teacher = await newTeacher(address);
  const { id: deckId } = await teacher.ask('POST', '/decks/sample');
  await changeDeck(teacher, deckId, (doc) => repeatSlides(doc, slides));
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  await context.addCookies(teacher.cookies());
  const page = await context.newPage();
  const saved = async (action, button) => {
    await page.goto(`${address}/decks/${deckId}`);
    await page.getByRole('button', { name: 'More actions' }).first().click();
    await page.getByRole('menuitem', { name: action }).click();
    const dialog = page.getByRole('dialog');
    if (action === 'Save as pictures') await dialog.getByRole('radio', { name: 'SVG' }).click();
    const download = page.waitForEvent('download', { timeout: 120_000 });
    const began = performance.now();
    await dialog.getByRole('button', { name: button }).click();
    const file = await download;
    return { took: performance.now() - began, path: await file.path() };
  };
  const ours = [];
  for (let round = 0; round < ROUNDS; round += 1) ours.push(await saved('Save as PDF', 'Save PDF'));
  const { path } = await saved('Save as pictures', /^Save \d+ pictures$/);
  const drawings = Object.values(unzipSync(readFileSync(path))).map((bytes) => Buffer.from(bytes).toString('utf8'));
  // Fonts once for the page, as any page that is printed has them.
  const fonts = new Set(drawings.flatMap((drawing) => drawing.match(/@font-face\{[^}]*\}/g) ?? []));
  const plain = drawings.map((drawing) => drawing.replace(/<style>[\s\S]*?<\/style>/, ''));
  const sheet = `<style>@page{size:1280px 720px;margin:0}body{margin:0}svg{display:block;break-after:page}${[...fonts].join('')}</style>${plain.join('')}`;
  const theirs = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const printed = await context.newPage();
    const began = performance.now();
    await printed.setContent(sheet);
    await printed.evaluate(() => document.fonts.ready);
    const pdf = await printed.pdf({ preferCSSPageSize: true, printBackground: true });
    theirs.push({ took: performance.now() - began, bytes: pdf.length });
    await printed.close();
  }
  const [mine, browsers] = [ours, theirs].map((all) =>
    quantile(
      all.map(({ took }) => took),
      0.5,
    ),
  );
  const [bytes, printedBytes] = [statSync(ours[0].path).size, theirs[0].bytes];
  await context.close();
  return `${slides} slides as PDF: median ${mine.toFixed(0)} ms, ${(bytes / 1000).toFixed(0)} kB · the browser's own print: median ${browsers.toFixed(0)} ms, ${(printedBytes / 1000).toFixed(0)} kB · ratios ${(mine / browsers).toFixed(2)} and ${(bytes / printedBytes).toFixed(2)}`;
}
