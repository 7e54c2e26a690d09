/** What would turn one deck into another: for looking at versions side by side, and for restoring one. */
import type { Change } from '../model/change.js';
import type { Deck } from '../model/deck.js';
import type { SlideId } from '../model/identifiers.js';
import { namesIn } from '../model/reading.js';

/** The changes after which `from` says what `to` says; none when they say the same. */
export function changesBetween(from: Deck, to: Deck): Change[] {
  const { slides, items, sections, ...own } = to;
  const fields = namesIn(own).flatMap((name) => (isSame(from[name], own[name]) ? [] : [[name, own[name]] as const]));
  const gone = <T>(before: Readonly<Record<string, T>>, after: Readonly<Record<string, T>>) =>
    Object.keys(before).filter((id) => !after[id]);
  const other = <T>(before: Readonly<Record<string, T>>, after: Readonly<Record<string, T>>) =>
    Object.entries(after).flatMap(([id, value]) => (isSame(before[id], value) ? [] : [value]));
  return [
    ...(fields.length > 0 ? [{ type: 'set-deck' as const, fields: Object.fromEntries(fields) }] : []),
    ...other(from.slides, slides).map((slide): Change => ({ type: 'put-slide', slide })),
    ...other(from.sections, sections).map((section): Change => ({ type: 'put-section', section })),
    ...other(from.items, items).map((item): Change => ({ type: 'put-item', item })),
    ...gone(from.items, items).map((id): Change => ({ type: 'remove-item', id })),
    ...gone(from.sections, sections).map((id): Change => ({ type: 'remove-section', id })),
    ...gone(from.slides, slides).map((id): Change => ({ type: 'remove-slide', id })),
  ];
}

/** How a slide stands in a deck beside how it stood before. */
type SlideDifference = 'same' | 'changed' | 'added' | 'removed';

/** How each slide of either deck differs from `before` to `after`; a slide is changed when anything on it is. */
export function slideDifferences(before: Deck, after: Deck): ReadonlyMap<SlideId, SlideDifference> {
  const differences = new Map<SlideId, SlideDifference>();
  for (const id of Object.keys(before.slides)) differences.set(id, after.slides[id] ? 'same' : 'removed');
  for (const [id, slide] of Object.entries(after.slides)) {
    const old = before.slides[id];
    if (!old) differences.set(id, 'added');
    else if (!isSame(old, slide)) differences.set(id, 'changed');
  }
  const touched = new Set(
    [...Object.keys(before.items), ...Object.keys(after.items)].flatMap((id) =>
      isSame(before.items[id], after.items[id])
        ? []
        : [before.items[id]?.slideId, after.items[id]?.slideId].filter((slide) => slide !== undefined),
    ),
  );
  for (const id of touched) if (differences.get(id) === 'same') differences.set(id, 'changed');
  return differences;
}

function isSame(a: unknown, b: unknown): boolean {
  return a === b || (a !== undefined && b !== undefined && canonical(a) === canonical(b));
}

/** JSON with the names of fields in order: a database may give them in another. */
function canonical(value: unknown): string {
  return JSON.stringify(value, (_key, part: unknown) =>
    typeof part === 'object' && part !== null && !Array.isArray(part)
      ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
      : part,
  );
}
