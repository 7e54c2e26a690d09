/** Gates: a link may wait until something was done or seen. */
import { isId, type ItemId, type SlideId } from '../model/identifiers.js';
import { readFields, readNumber } from '../model/reading.js';

/** What opens a gate that asks for something about one item. */
export const itemGates = ['answered', 'right', 'filled', 'found'] as const;

/** A gate that asks for something students fill in; what it can ask of an item stands in the table of item kinds. */
export type AskedGate = Exclude<(typeof itemGates)[number], 'found'>;

/**
 * When a link is open: a question is answered, or answered right; something lies in a zone; a piece was taken from
 * where it lay; a slide was seen; so many different slides were seen.
 */
export type Gate =
  | { readonly opens: (typeof itemGates)[number]; readonly itemId: ItemId }
  | { readonly opens: 'seen'; readonly slideId: SlideId }
  | { readonly opens: 'seen-count'; readonly count: number };

/** What opens a gate. */
export type GateName = Gate['opens'];

/** The most slides a gate can ask for. */
const MOST_SEEN = 10_000;

/** A gate read from untrusted JSON, or `null`. */
export function readGate(value: unknown): Gate | null {
  const fields = readFields(value);
  const opens = itemGates.find((each) => each === fields?.['opens']);
  if (opens) return isId(fields?.['itemId']) ? { opens, itemId: fields['itemId'] } : null;
  if (fields?.['opens'] === 'seen')
    return isId(fields['slideId']) ? { opens: 'seen', slideId: fields['slideId'] } : null;
  if (fields?.['opens'] !== 'seen-count') return null;
  return { opens: 'seen-count', count: Math.round(readNumber(fields['count'], 2, 1, MOST_SEEN)) };
}
