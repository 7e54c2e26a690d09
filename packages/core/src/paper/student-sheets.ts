/** What each student did, on sheets of A4: two slides a sheet with what was said to them, a heading for each student. */
import { CAPTION, fittedIn, GAP, headingLayer, LARGE, MARGIN, NOTES, plain } from './laying-out.js';
import type { DrawnPage } from './drawn-page.js';
import { A4, type Layer, type Sheet } from './sheet.js';

/** A slide that a student filled in. */
export interface DonePage {
  readonly page: DrawnPage;
  /** What the slide is called, and how it did. */
  readonly caption: string;
  /** What was said to it; '' for nothing. */
  readonly said: string;
}

/** What a student did. */
export interface StudentPages {
  readonly name: string;
  /** How they did as a whole, in a line. */
  readonly facts: string;
  readonly pages: readonly DonePage[];
}

/** What was said to a slide of two has so much room; more of it has its slide on a sheet of its own. Points and letters. */
const SAID = 50;
const SHORT = 240;
const LINES = 3;

/** The sheets of students, one after the other; each begins on a sheet of its own. */
export function studentSheets(students: readonly StudentPages[]): readonly Sheet[] {
  return students.flatMap((student) => {
    const lots = lotsOf(student.pages);
    return (lots.length === 0 ? [[]] : lots).map((lot, at) => sheetOf(student, lot, at === 0));
  });
}

/** Two slides at a time, but for those to which much was said. */
function lotsOf(pages: readonly DonePage[]): readonly (readonly DonePage[])[] {
  const lots: DonePage[][] = [];
  for (const page of pages) {
    const last = lots.at(-1);
    if (last?.length === 1 && last.every(isBrief) && isBrief(page)) last.push(page);
    else lots.push([page]);
  }
  return lots;
}

function isBrief({ said }: DonePage): boolean {
  return said.length <= SHORT && said.split('\n').length <= LINES;
}

function sheetOf({ name, facts }: StudentPages, lot: readonly DonePage[], isFirst: boolean): Sheet {
  const width = A4.width - 2 * MARGIN;
  const top = MARGIN + LARGE + 10 + (isFirst && facts !== '' ? NOTES + 10 : 0);
  const cell = (A4.height - MARGIN - top - GAP) / 2;
  const factsLayer = {
    kind: 'words',
    ...plain,
    text: facts,
    x: MARGIN,
    y: MARGIN + LARGE + 8,
    width,
    size: NOTES,
  } as const;
  return {
    ...A4,
    slideIds: [],
    bookmarks: isFirst ? [{ title: name, depth: 0 }] : [],
    layers: [
      headingLayer(name, MARGIN, MARGIN, width),
      ...(isFirst && facts !== '' ? [{ ...factsLayer, height: NOTES + 6 }] : []),
      ...lot.flatMap((done, at) => layersOf(done, top + at * (cell + GAP), cell, lot.length === 1)),
    ],
  };
}

/** @param isAlone whether what is said may take the rest of the sheet, and go on on another */
function layersOf({ page, caption, said }: DonePage, y: number, cell: number, isAlone: boolean): readonly Layer[] {
  const width = A4.width - 2 * MARGIN;
  const high = cell - CAPTION - (said === '' ? 0 : SAID);
  const { layer, bottom } = fittedIn(page, { x: MARGIN, y, width, height: high });
  const words = { kind: 'words', ...plain, x: MARGIN, width } as const;
  const under = bottom + 3 + CAPTION;
  const room = isAlone ? A4.height - MARGIN - under : SAID;
  return [
    layer,
    { ...words, text: caption, y: bottom + 3, height: CAPTION, size: NOTES - 1 },
    ...(said === '' ? [] : [{ ...words, text: said, y: under, height: room, size: NOTES, flows: isAlone }]),
  ];
}
