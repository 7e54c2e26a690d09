/** Lays drawn slides out on sheets: one a sheet, several, with their notes, as worksheets. */
import { type Deck, entriesOf, isSection, piecesOn, sectionsAround } from '../deck/index.js';
import type { Box } from '../geometry/index.js';
import { type DrawnMark, type DrawnPage, led, type Matrix, STILL } from './drawn-page.js';
import { CAPTION, fittedIn, GAP, headingLayer, inLots, LARGE, MARGIN, NOTES, plain, SMALL } from './laying-out.js';
import { A4, type Layer, type PageLayer, POINTS, type Sheet, type WordsLayer } from './sheet.js';

/** How many slides may lie on a sheet. */
export const perSheetChoices = [1, 2, 3, 4, 6] as const;
export type PerSheet = (typeof perSheetChoices)[number];

/** The words that stand on sheets beside slides. */
export interface SheetWords {
  /** What a slide is called, with its number where it has one. */
  readonly slideName: (slideId: string) => string;
  readonly nameLine: string;
  readonly dateLine: string;
  /** Over the pieces of a slide. */
  readonly cutOut: (slide: string) => string;
  /** Over a slide with its key. */
  readonly key: (slide: string) => string;
}

/** Half of the room across a sheet on its side; beside the words before a line to write on. */
const HALF = (A4.height - 2 * MARGIN) / 2;
const BESIDE = 64;
/** Between lines to write on. */
const WRITING = 22;
const HAIRLINE = [120, 120, 120, 1] as const;

/** Each slide is a sheet of its own size. */
export function slideSheets(deck: Deck, pages: readonly DrawnPage[], words: SheetWords): readonly Sheet[] {
  return pages.map((page) => ({
    width: page.width * POINTS,
    height: page.height * POINTS,
    slideIds: [page.slideId],
    bookmarks: bookmarksOf(deck, page.slideId, words),
    layers: [{ kind: 'page', page, at: scaled(POINTS), framed: false }],
  }));
}

/** Several slides a sheet of A4, with their names; of three, each has lines to write on beside it. */
export function handoutSheets(
  deck: Deck,
  pages: readonly DrawnPage[],
  perSheet: PerSheet,
  words: SheetWords,
): readonly Sheet[] {
  if (perSheet === 1) return slideSheets(deck, pages, words);
  const [across, down] = ({ 2: [1, 2], 3: [1, 3], 4: [2, 2], 6: [2, 3] } as const)[perSheet];
  const isLevel = perSheet === 4;
  const [width, height] = isLevel ? [A4.height, A4.width] : [A4.width, A4.height];
  const columns = perSheet === 3 ? 2 : across;
  const cell = {
    width: (width - 2 * MARGIN - (columns - 1) * GAP) / columns,
    height: (height - 2 * MARGIN - (down - 1) * GAP) / down,
  };
  return inLots(pages, perSheet).map((lot) => ({
    width,
    height,
    slideIds: lot.map(({ slideId }) => slideId),
    bookmarks: lot.flatMap(({ slideId }) => bookmarksOf(deck, slideId, words)),
    layers: lot.flatMap((page, at): readonly Layer[] => {
      const x = MARGIN + (at % across) * (cell.width + GAP);
      const y = MARGIN + Math.floor(at / across) * (cell.height + GAP);
      const fitted = fittedIn(page, { x, y, width: cell.width, height: cell.height - CAPTION });
      const caption: WordsLayer = {
        kind: 'words',
        ...plain,
        text: words.slideName(page.slideId),
        x,
        y: fitted.bottom + 3,
        width: cell.width,
        height: CAPTION,
        size: SMALL,
      };
      const lines = perSheet === 3 ? [writingLines({ x: x + cell.width + GAP, y, ...cell })] : [];
      return [fitted.layer, caption, ...lines];
    }),
  }));
}

/** A slide a sheet of A4, and below it what its author says to it. */
export function notesSheets(deck: Deck, pages: readonly DrawnPage[], words: SheetWords): readonly Sheet[] {
  return pages.map((page) => {
    const room = { x: MARGIN, y: MARGIN + LARGE + 10, width: A4.width - 2 * MARGIN, height: A4.height / 2 };
    const fitted = fittedIn(page, room);
    const notes = deck.slides[page.slideId]?.notes.trim() ?? '';
    const y = fitted.bottom + 18;
    return {
      ...A4,
      slideIds: [page.slideId],
      bookmarks: bookmarksOf(deck, page.slideId, words),
      layers: [
        headingLayer(words.slideName(page.slideId), room.x, MARGIN, room.width),
        fitted.layer,
        ...(notes === ''
          ? [writingLines({ x: room.x, y, width: room.width, height: A4.height - MARGIN - y })]
          : [
              {
                kind: 'words',
                ...plain,
                text: notes,
                x: room.x,
                y,
                width: room.width,
                height: A4.height - MARGIN - y,
                size: NOTES,
                flows: true,
              } as const,
            ]),
      ],
    };
  });
}

/** What worksheets are made of. */
export interface Worksheet {
  /** Slides as they are filled in. */
  readonly pages: readonly DrawnPage[];
  /** The same slides as the key has them; none for sheets without a key. */
  readonly keys: readonly DrawnPage[];
  /** Who gets one each; `['']` for one without a name. */
  readonly names: readonly string[];
}

/** Sheets to write on, each student's one after the other, their pieces to be cut out, and the key at the end. */
export function worksheetSheets(deck: Deck, { pages, keys, names }: Worksheet, words: SheetWords): readonly Sheet[] {
  const filled = pages.map((page) => ({ page, cut: piecesApart(deck, page) }));
  const ofStudents = names.flatMap((name) =>
    filled.flatMap(({ page, cut }) => {
      const slide = words.slideName(page.slideId);
      const bookmark = name === '' ? slide : `${name} · ${slide}`;
      return [
        levelSheet(cut.left, name || words.nameLine, bookmark, nameAndDate(name, words)),
        ...cut.pieces.map((pieces) => cuttingSheet(pieces, page.slideId, name, words)),
      ];
    }),
  );
  const ofKey = keys.map((page) => {
    const head = words.key(words.slideName(page.slideId));
    return levelSheet(page, head, head, []);
  });
  return [...ofStudents, ...ofKey];
}

/** A slide on its side, with something over it. */
function levelSheet(page: DrawnPage, head: string, bookmark: string, over: readonly Layer[]): Sheet {
  const [width, height] = [A4.height, A4.width];
  const top = MARGIN + LARGE + 12;
  const { layer } = fittedIn(page, { x: MARGIN, y: top, width: width - 2 * MARGIN, height: height - top - MARGIN });
  return {
    width,
    height,
    slideIds: [page.slideId],
    bookmarks: [{ title: bookmark, depth: 0 }],
    layers: [headingLayer(head, MARGIN, MARGIN, over.length > 0 ? HALF : 2 * HALF), ...over, layer],
  };
}

/** Lines for the name, unless it is there already, and for the date. */
function nameAndDate(name: string, words: SheetWords): readonly Layer[] {
  const [date, foot] = [MARGIN + HALF, MARGIN + LARGE + 3];
  const place = { x: date, y: MARGIN, width: BESIDE, height: LARGE + 6, size: LARGE };
  return [
    ...(name === '' ? [lineLayer(MARGIN + BESIDE, foot, HALF - BESIDE - GAP)] : []),
    { kind: 'words', ...plain, ...place, text: words.dateLine },
    lineLayer(date + BESIDE, foot, HALF - BESIDE),
  ];
}

/** A slide without its pieces, and its pieces on pages as large as itself. */
function piecesApart(deck: Deck, page: DrawnPage): { readonly left: DrawnPage; readonly pieces: readonly DrawnPage[] } {
  const pieces = piecesOn(deck, page.slideId);
  const loose = new Set(pieces.flatMap(({ items }) => items.map(({ id }) => id)));
  const left = { ...page, marks: page.marks.filter(({ itemId }) => itemId === null || !loose.has(itemId)) };
  const laid: DrawnMark[][] = [[]];
  let [x, y, high] = [GAP, GAP, 0];
  for (const { frame, items } of pieces) {
    const around = turnedBox(frame);
    if (x > GAP && x + around.width > page.width - GAP) [x, y, high] = [GAP, y + high + GAP, 0];
    if (y > GAP && y + around.height > page.height - GAP) {
      laid.push([]);
      [x, y, high] = [GAP, GAP, 0];
    }
    const ids = new Set(items.map(({ id }) => id));
    const shift: Matrix = [1, 0, 0, 1, x - around.x, y - around.y];
    const marks = page.marks.filter(({ itemId }) => itemId !== null && ids.has(itemId));
    // What a piece is cut to on its slide moves with it only as far as its own marks do: a piece is cut out whole.
    laid
      .at(-1)
      ?.push(
        ...marks.map((mark) => ({ ...mark, matrix: led(shift, mark.matrix), cuts: [], part: null })),
        cuttingLine({ x: x - GAP / 4, y: y - GAP / 4, width: around.width + GAP / 2, height: around.height + GAP / 2 }),
      );
    x += around.width + GAP;
    high = Math.max(high, around.height);
  }
  return {
    left,
    pieces:
      pieces.length === 0 ? [] : laid.map((marks) => ({ ...page, marks, cuts: [], groups: [], parts: [], links: [] })),
  };
}

function cuttingSheet(page: DrawnPage, slideId: string, name: string, words: SheetWords): Sheet {
  const [width, height] = [A4.height, A4.width];
  const top = MARGIN + LARGE + 12;
  const { layer } = fittedIn(page, { x: MARGIN, y: top, width: width - 2 * MARGIN, height: height - top - MARGIN });
  const head = words.cutOut(words.slideName(slideId));
  return {
    width,
    height,
    slideIds: [],
    bookmarks: [{ title: head, depth: 0 }],
    layers: [
      headingLayer(name === '' ? head : `${name} · ${head}`, MARGIN, MARGIN, width - 2 * MARGIN),
      { ...layer, framed: false },
    ],
  };
}

/** What lies around a frame that is turned. */
function turnedBox({ x, y, width, height, rotation }: Box & { readonly rotation: number }): Box {
  const angle = (rotation * Math.PI) / 180;
  const [cos, sin] = [Math.abs(Math.cos(angle)), Math.abs(Math.sin(angle))];
  const [w, h] = [width * cos + height * sin, width * sin + height * cos];
  return { x: x + (width - w) / 2, y: y + (height - h) / 2, width: w, height: h };
}

function cuttingLine({ x, y, width, height }: Box): DrawnMark {
  return ruled(`M${x} ${y}h${width}v${height}h${-width}Z`, [6, 5]);
}

function ruled(d: string, dash: readonly number[] = [], width = 1): DrawnMark {
  return {
    kind: 'path',
    d,
    fill: null,
    stroke: { colour: HAIRLINE, width, dash, cap: 'butt', join: 'miter' },
    matrix: STILL,
    seen: 1,
    cuts: [],
    group: null,
    part: null,
    itemId: null,
  };
}

/** Lines drawn on the sheet itself, in points. */
function drawnOnSheet(marks: readonly DrawnMark[]): PageLayer {
  const page = { slideId: '', width: 0, height: 0, marks, cuts: [], groups: [], parts: [], links: [] };
  return { kind: 'page', page, at: STILL, framed: false };
}

function lineLayer(x: number, y: number, width: number): PageLayer {
  return drawnOnSheet([ruled(`M${x} ${y}h${width}`, [], 0.6)]);
}

function writingLines({ x, y, width, height }: Box): PageLayer {
  const count = Math.max(0, Math.floor(height / WRITING));
  return drawnOnSheet(
    Array.from({ length: count }, (_, at) => ruled(`M${x} ${y + (at + 1) * WRITING}h${width}`, [], 0.5)),
  );
}

function scaled(scale: number): Matrix {
  return [scale, 0, 0, scale, 0, 0];
}

/** Headings of sections that begin with a slide, and the slide below them. */
function bookmarksOf(deck: Deck, slideId: string, words: SheetWords): Sheet['bookmarks'] {
  const entries = entriesOf(deck);
  const at = entries.findIndex(({ id }) => id === slideId);
  const before = entries.slice(0, Math.max(0, at)).reverse();
  const until = before.findIndex((entry) => !isSection(entry));
  const headings = (until < 0 ? before : before.slice(0, until)).reverse().filter(isSection);
  const depth = sectionsAround(deck, slideId).length;
  const depthOf = (id: string) => sectionsAround(deck, id).length;
  return [
    ...headings.map(({ id, title }) => ({ title, depth: depthOf(id) })),
    { title: words.slideName(slideId), depth },
  ];
}
