/** Makes a PDF of a deck: draws its slides, lays them out on sheets, and has them written. */
import { type Deck, itemsOf, piecesOn, sectionsAround, slidesInOrder } from '@gobrel/core/deck';
import {
  type DrawnPage,
  handoutSheets,
  mapSheet,
  notesSheets,
  type PageFont,
  type PerSheet,
  type Sheet,
  type SheetWords,
  worksheetSheets,
} from '@gobrel/core/paper';
import { keyedAnswer } from '@gobrel/core/questions';
import { layOutMap, mapWays } from '@gobrel/core/route-map';
import { applyWorkChanges, emptyWork, isToFillIn, type Work } from '@gobrel/core/work';
import type { Surroundings } from '@gobrel/slide-view';
import { language, messages, slideName } from '../../../shared/messages';
import { ContentsAhead } from '../drawing/contents-ahead';
import { drawPages, type ToDraw } from '../drawing/draw-pages';
import { pageFonts } from '../drawing/page-fonts';
import { writeApart } from './write-apart';

/** What lies on the sheets. */
export type PaperChoice =
  | { readonly what: 'slides'; readonly perSheet: PerSheet }
  | { readonly what: 'notes' }
  | { readonly what: 'worksheets'; readonly withKey: boolean; readonly names: readonly string[] }
  | { readonly what: 'map' };

/** How far it is: drawing the slides, fetching what they show, writing the sheets. */
export interface PaperProgress {
  readonly step: 'drawing' | 'fetching' | 'writing';
  readonly done: number;
  readonly all: number;
}

interface Making {
  readonly deck: Deck;
  readonly choice: PaperChoice;
  readonly surroundings: Surroundings;
  readonly signal: AbortSignal;
  readonly onProgress: (progress: PaperProgress) => void;
}

/** The bytes of a PDF. @throws when something cannot be had, or `signal` ends it */
export async function makePaper(making: Making): Promise<Uint8Array<ArrayBuffer>> {
  const { deck, signal, onProgress } = making;
  const contents = new ContentsAhead(signal);
  const laid = await laidOut(making, contents);
  return sheetsAsPdf(laid, { title: deck.title, language: deck.language ?? null, contents, signal, onProgress });
}

interface Writing {
  readonly title: string;
  /** `null` for that of the interface. */
  readonly language: string | null;
  /** What is shown on them, as far as it was fetched. */
  readonly contents: ContentsAhead;
  readonly signal: AbortSignal;
  readonly onProgress: (progress: PaperProgress) => void;
}

/** Sheets as the bytes of a PDF, with the pictures and fonts of what lies on them. */
export async function sheetsAsPdf({ pages, sheets }: LaidOut, writing: Writing): Promise<Uint8Array<ArrayBuffer>> {
  const { title, contents: ahead, signal, onProgress } = writing;
  onProgress({ step: 'fetching', done: 0, all: sheets.length });
  const wordFonts = fontsOfWords(sheets);
  const { pictures, fonts } = await ahead.of(pages, [...wordFonts.plain, ...wordFonts.bold]);
  const contents = { title, language: writing.language ?? language, fonts, pictures, wordFonts };
  const onSheet = (done: number) => onProgress({ step: 'writing', done, all: sheets.length });
  return writeApart({ sheets, contents }, signal, onSheet);
}

/** Sheets, and the drawn slides on them. */
interface LaidOut {
  readonly pages: readonly DrawnPage[];
  readonly sheets: readonly Sheet[];
}

async function laidOut(
  { deck, choice, surroundings, signal, onProgress }: Making,
  contents: ContentsAhead,
): Promise<LaidOut> {
  const draw = (slides: readonly ToDraw[]) =>
    drawPages(slides, {
      surroundings,
      signal,
      onPage: contents.begin,
      onDrawn: (done) => onProgress({ step: 'drawing', done, all: slides.length }),
    });
  const slides = slidesInOrder(deck).map(({ id }) => ({ deck, slideId: id }));
  switch (choice.what) {
    case 'slides': {
      const pages = await draw(slides);
      return { pages, sheets: handoutSheets(deck, pages, choice.perSheet, wordsFor(deck)) };
    }
    case 'notes': {
      const pages = await draw(slides);
      return { pages, sheets: notesSheets(deck, pages, wordsFor(deck)) };
    }
    case 'map': {
      const pages = await draw(slides);
      return { pages, sheets: [mapSheet(deck, pages, layOutMap(sketchOf(deck)), wordsFor(deck))] };
    }
    case 'worksheets': {
      const asking = slides.filter(({ slideId }) => isToFillIn(deck, slideId));
      const keyed = choice.withKey
        ? asking.filter(({ slideId }) => hasKey(deck, slideId)).map((slide) => ({ ...slide, work: keyOf(deck) }))
        : [];
      const drawn = await draw([...asking, ...keyed]);
      const pages = drawn.slice(0, asking.length).map((page) => withoutHints(deck, page));
      const keys = drawn.slice(asking.length);
      return { pages: drawn, sheets: worksheetSheets(deck, { pages, keys, names: choice.names }, wordsFor(deck)) };
    }
  }
}

/** Work that answers everything as the key says. */
function keyOf(deck: Deck): Work {
  const changes = Object.values(deck.items).flatMap((item) => keyedAnswer(item, deck));
  return applyWorkChanges(emptyWork, changes);
}

function hasKey(deck: Deck, slideId: string): boolean {
  const isPlaced = piecesOn(deck, slideId).length > 0;
  return isPlaced || itemsOf(deck, slideId).some((item) => keyedAnswer(item, deck).length > 0);
}

/** A page without the words that say what to press: on paper there is only room to write. */
function withoutHints(deck: Deck, page: DrawnPage): DrawnPage {
  const isHint = ({ kind, itemId }: DrawnPage['marks'][number]) =>
    kind === 'run' && itemId !== null && deck.items[itemId]?.kind === 'open-area';
  return { ...page, marks: page.marks.filter((mark) => !isHint(mark)) };
}

function sketchOf(deck: Deck) {
  const slides = slidesInOrder(deck);
  return {
    slides: slides.map(({ id }) => id),
    ways: mapWays(deck).map(({ from, to, link }) => ({ from, to, isLink: link !== null })),
    sections: Object.fromEntries(
      slides.flatMap(({ id }) =>
        sectionsAround(deck, id)
          .slice(-1)
          .map((each) => [id, each.id]),
      ),
    ),
    byHand: Object.fromEntries(slides.flatMap(({ id, onMap }) => (onMap ? [[id, onMap]] : []))),
    before: {},
  };
}

function wordsFor(deck: Deck): SheetWords {
  const { paper } = messages;
  const places = new Map(slidesInOrder(deck).map(({ id }, at) => [id, at + 1]));
  return {
    slideName: (slideId) => paper.slide({ place: places.get(slideId) ?? 0, name: slideName(deck, slideId) }),
    nameLine: paper.nameLine,
    dateLine: paper.dateLine,
    cutOut: (slide) => paper.cutOut({ slide }),
    key: (slide) => paper.keyOf({ slide }),
  };
}

/** The fonts of the words that stand beside slides, in the order in which they are sought. */
function fontsOfWords(sheets: readonly Sheet[]): { readonly plain: PageFont[]; readonly bold: PageFont[] } {
  const { fontFor } = pageFonts();
  const families = getComputedStyle(document.documentElement).getPropertyValue('--gv-font-text');
  const beyond = getComputedStyle(document.documentElement).getPropertyValue('--gv-font-beyond');
  const layers = sheets.flatMap((sheet) => sheet.layers.flatMap((layer) => (layer.kind === 'words' ? [layer] : [])));
  const fonts = (bold: boolean) => {
    const letters = new Set([...layers.filter((layer) => layer.bold === bold).flatMap(({ text }) => [...text]), '…']);
    const known = new Map<string, PageFont>();
    for (const letter of letters) {
      const font = fontFor(letter, families.replace(/var\([^)]*\)/, beyond), bold ? 700 : 400);
      if (font) known.set(font.url, font);
    }
    return [...known.values()];
  };
  return { plain: fonts(false), bold: fonts(true) };
}
