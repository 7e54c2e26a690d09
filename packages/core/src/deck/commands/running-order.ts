/** Commands on the running order: moving slides and sections, one or many, and making and ending sections. */
import type { Change } from '../model/change.js';
import type { Deck } from '../model/deck.js';
import type { SectionId, SlideId } from '../model/identifiers.js';
import { rankAt, ranksAt } from '../model/rank.js';
import { blockOf, type Entry, entriesOf, isSection, sectionsAround } from '../model/running-order.js';
import { DEEPEST_SECTION } from '../model/section.js';

/** Beside which entry something is put. */
interface Beside {
  readonly id: SlideId | SectionId;
  readonly side: 'before' | 'after';
}

/** Entries with everything that moves along: a section takes what is in it. */
function withBlocks(deck: Deck, ids: readonly string[]): ReadonlySet<string> {
  const moving = new Set(ids);
  for (const id of ids) for (const entry of blockOf(deck, id)) moving.add(entry.id);
  return moving;
}

/** Moves slides and whole sections, in their present order, to beside an entry; nothing when that moves along. */
export function moveEntries(deck: Deck, ids: readonly string[], beside: Beside): Change[] {
  const entries = entriesOf(deck);
  const moving = withBlocks(deck, ids);
  const resting = entries.filter((entry) => !moving.has(entry.id));
  const at = resting.findIndex((entry) => entry.id === beside.id);
  return at < 0 ? [] : place(entries, moving, resting, beside.side === 'before' ? at : at + 1);
}

/**
 * Moves slides and whole sections one step along the running order: over a slide, or over a heading into or out of
 * a section; a section passes the one beside it whole. At the end of the order nothing happens.
 */
export function stepEntries(deck: Deck, ids: readonly string[], step: 'earlier' | 'later'): Change[] {
  const entries = entriesOf(deck);
  const moving = withBlocks(deck, ids);
  const resting = entries.filter((entry) => !moving.has(entry.id));
  const first = entries.findIndex((entry) => moving.has(entry.id));
  const last = entries.findLastIndex((entry) => moving.has(entry.id));
  const depth = Math.min(...entries.filter(isSection).flatMap((each) => (moving.has(each.id) ? [each.depth] : [])));
  const [before, next] = [entries[first - 1], entries[last + 1]];
  if (step === 'later') {
    return next ? place(entries, moving, resting, resting.indexOf(next) + wholeLength(deck, next, depth)) : [];
  }
  // What stands before a section is passed whole when it is a section beside it.
  const beside = sectionsAround(deck, before?.id ?? '').find((section) => section.depth >= depth) ?? before;
  return before ? place(entries, moving, resting, resting.indexOf(beside ?? before)) : [];
}

/** How many entries are passed in one step over `entry` by a section of some depth (a slide: infinitely deep). */
function wholeLength(deck: Deck, entry: Entry, depth: number): number {
  return isSection(entry) && entry.depth >= depth ? blockOf(deck, entry.id).length : 1;
}

function place(
  entries: readonly Entry[],
  moving: ReadonlySet<string>,
  resting: readonly Entry[],
  index: number,
): Change[] {
  const moved = entries.filter((entry) => moving.has(entry.id));
  const ranks = ranksAt(resting, Math.min(Math.max(0, index), resting.length), moved.length);
  return moved.map((entry, at): Change => {
    const fields = { rank: ranks[at] ?? entry.rank };
    return isSection(entry)
      ? { type: 'set-section', id: entry.id, fields }
      : { type: 'set-slide', id: entry.id, fields };
  });
}

/** Begins a section with a slide: its heading goes before it, as deep as the section the slide is in. */
export function addSection(deck: Deck, options: { id: SectionId; title: string; before: SlideId }): Change[] {
  const entries = entriesOf(deck);
  const at = entries.findIndex((entry) => entry.id === options.before);
  if (at < 0) return [];
  const depth = sectionsAround(deck, options.before).at(-1)?.depth ?? 0;
  return [{ type: 'put-section', section: { id: options.id, title: options.title, rank: rankAt(entries, at), depth } }];
}

/** Takes a heading away: its slides stay where they are, and sections within it move one step out. */
export function endSection(deck: Deck, id: SectionId): Change[] {
  const [heading, ...inside] = blockOf(deck, id);
  if (!heading) return [];
  return [{ type: 'remove-section', id }, ...deepened(inside, -1)];
}

/** Removes a section with everything in it. */
export function removeSection(deck: Deck, id: SectionId): Change[] {
  return blockOf(deck, id).map((entry): Change =>
    isSection(entry) ? { type: 'remove-section', id: entry.id } : { type: 'remove-slide', id: entry.id },
  );
}

/** Moves a section with those in it into the section before it, or out of the one it is in. */
export function nestSection(deck: Deck, id: SectionId, step: 'in' | 'out'): Change[] {
  const block = blockOf(deck, id);
  const [heading] = block;
  if (!heading || !isSection(heading)) return [];
  if (step === 'out') return heading.depth === 0 ? [] : deepened(block, -1);
  const entries = entriesOf(deck);
  const before = entries.slice(0, entries.indexOf(heading)).findLast(isSection);
  const deepest = Math.max(...block.filter(isSection).map((section) => section.depth));
  return !before || before.depth < heading.depth || deepest >= DEEPEST_SECTION ? [] : deepened(block, 1);
}

function deepened(entries: readonly Entry[], by: number): Change[] {
  return entries
    .filter(isSection)
    .map(({ id, depth }) => ({ type: 'set-section', id, fields: { depth: Math.max(0, depth + by) } }));
}
