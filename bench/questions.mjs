// Questions: a piece dragged on a full worksheet by a slow device, marking and tallying a class, grouping short texts.
import { addItem, addSlide, applyChanges, emptyDeck, plainText } from '@gobrel/core/deck';
import { analyseMarks, groupTexts, markWork, tallyChoice } from '@gobrel/core/questions';
import { readDeckDocument, writeChanges } from '@gobrel/core/shared-doc';
import { emptyWork } from '@gobrel/core/work';
import { drag, dragFigure, openBare } from './drag.mjs';
import { newDeck, newTeacher, quantile } from './people.mjs';

const ROUNDS = 15;
/** How much slower than this machine a student's tablet is. */
const SLOW_DOWN = 4;

/** The median time of an act, in ms. */
function timed(act) {
  for (let round = 0; round < 5; round += 1) act();
  const taken = Array.from({ length: ROUNDS }, () => {
    const began = performance.now();
    act();
    return performance.now() - began;
  });
  return quantile(taken, 0.5);
}

const QUESTIONS = 200;
const STUDENTS = 30;

/** A deck of so many questions of four kinds in turn, and what a class answered. */
function marked() {
  let deck = applyChanges(emptyDeck('bench'), addSlide(emptyDeck('bench'), { id: 's', name: 'S' }));
  const choices = ['a', 'b', 'c', 'd'].map((id) => ({ id, text: `choice ${id}` }));
  const fields = [
    ['choice', { choices, right: ['b'] }],
    ['short-text', { accepted: ['sea lavender', 'limonium'], slips: 1 }],
    ['number', { right: 1200, tolerance: 0.1, toleranceIs: 'relative' }],
    ['choice', { choices, right: ['a', 'c'], several: true, points: 2 }],
  ];
  for (let at = 0; at < QUESTIONS; at += 1) {
    const [kind, own] = fields[at % 4];
    deck = applyChanges(deck, addItem(deck, { id: `q${at}`, slideId: 's', kind, fields: own }));
  }
  const works = Array.from({ length: STUDENTS }, (_none, student) => ({
    ...emptyWork,
    answers: Object.fromEntries(
      Array.from({ length: QUESTIONS }, (_, at) => {
        const picks = [['b'], ['a'], ['c'], ['a', 'c']];
        const texts = ['sea lavender', 'sea lavendar', '1.250', '1 100', 'heather'];
        const answer =
          at % 4 === 0 || at % 4 === 3
            ? { kind: 'choice', picked: at % 4 === 3 ? picks[3] : picks[(student + at) % 3] }
            : { kind: 'words', text: texts[(student + at) % 5] };
        return [`q${at}`, answer];
      }),
    ),
  }));
  return { deck, works };
}

function marking() {
  const { deck, works } = marked();
  const json = JSON.stringify({ deck, works });
  const reading = timed(() => JSON.parse(json));
  const marks = works.map((work) => markWork(deck, work));
  const ours = timed(() => works.map((work) => markWork(deck, work)));
  const tallies = timed(() => {
    for (const item of Object.values(deck.items)) if (item.kind === 'choice') tallyChoice(item, works);
    return analyseMarks(
      deck,
      works.map((work, at) => ({ work, marks: marks[at] })),
    );
  });
  const ratio = (value) => (value / reading).toFixed(1);
  return [
    `mark ${STUDENTS} students x ${QUESTIONS} questions: ${ours.toFixed(2)} ms · reading the same JSON: ${reading.toFixed(2)} ms · ratio ${ratio(ours)}`,
    `  tally and analyse them: ${tallies.toFixed(2)} ms · ratio ${ratio(tallies)}`,
  ].join('\n');
}

function grouping() {
  const said = ['the tide comes in', 'it gets dark', 'because of the moon', 'the otter is hungry', 'nobody is there'];
  const texts = Array.from({ length: 1000 }, (_none, at) => {
    const words = said[at % said.length];
    const slip = (at * 7) % words.length;
    return at % 3 === 0 ? words : `${words.slice(0, slip)}${words.slice(slip + 1)} ${at % 11}`;
  });
  const json = JSON.stringify(texts);
  const reading = timed(() => JSON.parse(json));
  const ours = timed(() => groupTexts(texts));
  return `group 1,000 short texts, ${new Set(texts).size} of them different, into ${groupTexts(texts).length}: ${ours.toFixed(1)} ms · reading the same JSON: ${reading.toFixed(3)} ms · ratio ${(ours / reading).toFixed(0)}`;
}

async function dragging(address, browser, pieces) {
  const teacher = await newTeacher(address);
  let slideId = '';
  const deckId = await newDeck(teacher, `${pieces} pieces`, (doc) => {
    let deck = readDeckDocument(doc);
    [slideId] = Object.keys(deck.slides);
    const all = [];
    const add = (item) => {
      const changes = addItem(deck, { slideId, ...item });
      deck = applyChanges(deck, changes);
      all.push(...changes);
    };
    for (let zone = 0; zone < 4; zone += 1)
      add({ id: `zone-${zone}`, kind: 'zone', frame: { x: zone * 320, y: 500, width: 310, height: 200, rotation: 0 } });
    for (let count = 0; count < pieces; count += 1) {
      const frame = { x: (count % 25) * 50, y: Math.floor(count / 25) * 38, width: 46, height: 32, rotation: 0 };
      const fields = { text: plainText(String(count)) };
      add({ id: `piece-${count}`, name: `piece ${count}`, kind: 'shape', loose: true, frame, fields });
    }
    writeChanges(doc, all);
  });
  const context = await browser.newContext({ viewport: { width: 1180, height: 820 } });
  await context.addCookies(teacher.cookies());
  const page = await context.newPage();
  await page.goto(`${address}/decks/${deckId}/trial/${slideId}`);
  const piece = '[aria-label^="piece 150,"]';
  await page.locator(piece).waitFor();
  await page.waitForTimeout(1500);
  const ours = await drag(page, piece, SLOW_DOWN);
  await openBare(page, pieces);
  const bare = await drag(page, '#bare-150', SLOW_DOWN);
  await context.close();
  return [
    `drag one of ${pieces} pieces on a worksheet, CPU slowed down ${SLOW_DOWN} x, against a bare element among ${pieces}`,
    dragFigure(ours, bare, 'script', 'script'),
    dragFigure(ours, bare, 'laidOut', 'script, style and layout'),
  ].join('\n');
}

/** Gives the lines to print. */
export async function benchQuestions(address, browser) {
  return [await dragging(address, browser, 300), marking(), grouping()].join('\n');
}
