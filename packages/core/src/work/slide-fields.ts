/** What is filled in on a slide, in the order it is read: for a screen on which the slide itself is too small for it. */
import {
  type BlankItem,
  type Deck,
  type Item,
  itemsOf,
  lettersOf,
  type Piece,
  piecesOn,
  type SlideId,
  sourceOfPiece,
  type ZoneItem,
  zonesOn,
} from '../deck/index.js';
import { applyWork } from './apply-work.js';
import { fillKindOf } from './fill-kinds.js';
import type { IsFixed } from './filled-in.js';
import type { Work } from './work.js';

/** Something to fill in: pieces to place, blanks in their sentence, or a single question or open area. */
export type SlideField =
  | { readonly type: 'pieces'; readonly zones: readonly ZoneItem[]; readonly pieces: readonly Piece[] }
  | { readonly type: 'sentence'; readonly parts: readonly (string | BlankItem)[] }
  | { readonly type: 'item'; readonly item: Exclude<Item, BlankItem> };

/** How far apart two words of one line may stand, in slide units. */
const WIDEST_GAP = 90;

/**
 * The fields of a slide, from its top to its foot.
 * @param appeared the step up to which items have appeared
 * @param isFixed what is not theirs to fill in
 */
export function fieldsOf(
  edition: Deck,
  work: Work,
  slideId: SlideId,
  appeared: number,
  isFixed: IsFixed,
): readonly SlideField[] {
  const laid = applyWork(edition, work);
  const items = itemsOf(laid, slideId).filter((item) => !item.hidden && item.appears <= appeared);
  const asked = items.filter((item) => fillKindOf(item)?.countsAsOne && !isFixed(item.id));
  const fields: { readonly field: SlideField; readonly top: Item['frame'] }[] = [];
  const inSentences = new Set<Item>();
  for (const item of asked) {
    if (inSentences.has(item)) continue;
    if (item.kind !== 'blank') {
      fields.push({ field: { type: 'item', item }, top: item.frame });
      continue;
    }
    const line = lineOf(
      item,
      items.filter((each) => !inSentences.has(each)),
    );
    for (const each of line) inSentences.add(each);
    // Blanks that are not theirs stand in it as a gap, and their words are elsewhere.
    const parts = line.map((each) =>
      each.kind === 'blank' ? (asked.includes(each) ? each : '…') : each.kind === 'text' ? lettersOf(each.text) : '',
    );
    fields.push({ field: { type: 'sentence', parts }, top: item.frame });
  }
  const zones = zonesOn(laid, slideId).filter(({ appears }) => appears <= appeared);
  // What is moved comes to the front of its slide; here each stays where it was, or it would slip from under a finger.
  const order = piecesOn(edition, slideId).map(({ id }) => id);
  const place = ({ id }: Piece) => order.indexOf(sourceOfPiece(id));
  const pieces = piecesOn(laid, slideId)
    .filter(({ items: [first] }) => first && first.appears <= appeared && !isFixed(first.id))
    .sort((a, b) => place(a) - place(b) || a.id.localeCompare(b.id));
  const [first] = zones;
  if (first && pieces.length > 0)
    fields.push({
      field: { type: 'pieces', zones, pieces },
      top: zones.reduce((top, { frame }) => (frame.y < top.y ? frame : top), first.frame),
    });
  return fields.sort((a, b) => a.top.y - b.top.y || a.top.x - b.top.x).map(({ field }) => field);
}

/** The blanks and texts that stand in one line with a blank, each close to the next, from left to right. */
function lineOf(blank: BlankItem, items: readonly Item[]): readonly Item[] {
  const { y, height } = blank.frame;
  const inLine = items
    .filter((item) => {
      if (item !== blank && item.kind !== 'blank' && item.kind !== 'text') return false;
      const middle = item.frame.y + item.frame.height / 2;
      return middle >= y && middle <= y + height && item.frame.height <= 2 * height;
    })
    .sort((a, b) => a.frame.x - b.frame.x);
  const line: Item[] = [];
  for (const item of inLine) {
    const last = line.at(-1);
    const isFar = last && item.frame.x - (last.frame.x + last.frame.width) > WIDEST_GAP;
    if (isFar && line.includes(blank)) return line;
    if (isFar) line.length = 0;
    line.push(item);
  }
  return line;
}
