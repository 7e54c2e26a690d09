/** Where slides and headings stand in the grid: short sections share a row, so that none leaves most of it empty. */
import { type Entry, isSection } from '@gobrel/core/deck';

/** Where an entry stands: rows and columns from 1, and over how many columns it reaches. */
export interface GridPlace {
  readonly id: string;
  readonly row: number;
  readonly column: number;
  readonly span: number;
}

/** A place as CSS has it. */
export function cellStyle({ row, column, span }: GridPlace) {
  return { gridRow: row, gridColumn: `${column} / span ${span}` } as const;
}

/** A heading with the slides right below it; `null` for those before the first heading. */
interface Block {
  readonly heading: Entry | null;
  readonly slides: readonly Entry[];
}

/** A heading needs room for its words and its menu, even over a single slide. */
const LEAST_SPAN = 2;

/**
 * Where the entries of a running order stand in a grid of so many columns, in their order: line by line, each from left to
 * right. Sections that fit beside one another share a line of headings and the line of slides below it; one that is wider
 * than the grid has lines of its own. Takes time in proportion to the entries.
 */
export function gridPlaces(entries: readonly Entry[], columns: number): readonly GridPlace[] {
  const places: GridPlace[] = [];
  let row = 1;
  let column = 1;
  /** Lines that what stands in the present line takes: 0 while it is empty. */
  let taken = 0;
  for (const { heading, slides } of blocksOf(entries)) {
    // A heading with nothing below it is folded, or stands over deeper ones: nothing is read beside it.
    const wanted = slides.length === 0 ? columns : Math.max(heading ? LEAST_SPAN : 1, slides.length);
    const span = Math.min(columns, wanted);
    if (taken > 0 && column + span - 1 > columns) {
      row += taken;
      column = 1;
      taken = 0;
    }
    if (heading) places.push({ id: heading.id, row, column, span });
    const first = heading ? row + 1 : row;
    slides.forEach(({ id }, at) =>
      places.push({ id, row: first + Math.floor(at / span), column: column + (at % span), span: 1 }),
    );
    taken = Math.max(taken, first - row + Math.ceil(slides.length / span));
    column += span;
  }
  return places;
}

function blocksOf(entries: readonly Entry[]): readonly Block[] {
  const blocks: { heading: Entry | null; slides: Entry[] }[] = [];
  for (const entry of entries) {
    const last = blocks.at(-1);
    if (isSection(entry)) blocks.push({ heading: entry, slides: [] });
    else if (last) last.slides.push(entry);
    else blocks.push({ heading: null, slides: [entry] });
  }
  return blocks;
}
