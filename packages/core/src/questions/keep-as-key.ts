/** Answer keys by doing: what an author filled in on a slide becomes the key of its questions. */
import {
  type Change,
  type Deck,
  groundRatio,
  type Item,
  itemsOf,
  newId,
  type OwnFields,
  type Region,
  setItemFields,
  setPlaces,
  type SlideId,
  sourceOfPiece,
  zonesOn,
} from '../deck/index.js';
import { isFilledIn, type Work } from '../work/index.js';
import { pickedIn } from './choice/index.js';
import { inFirstUnit, readNumbers } from './number/index.js';
import { placedIn } from './placement/index.js';
import { dotsIn, isIn, valueAt } from './point/index.js';
import { wordsGiven } from './words-given.js';

/** How wide a region around a dot is, as a share of the picture's width. */
const AROUND = 0.12;

/**
 * Sets the keys of a slide's questions to what was filled in there. Zones are set all together once any piece lies in
 * one; other questions only when they were answered, so that half a trial takes no key away.
 */
export function keepAsKey(deck: Deck, slideId: SlideId, work: Work, createId: () => string = newId): Change[] {
  const zones = zonesOn(deck, slideId);
  const placed = Object.fromEntries(zones.map((zone) => [zone.id, placedIn(zone, work, deck).map(sourceOfPiece)]));
  const places = zones.some((zone) => isFilledIn(zone, work)) ? setPlaces(deck, slideId, placed) : [];
  const answers = itemsOf(deck, slideId).flatMap((item) => {
    const fields = keyFrom(item, work, createId);
    return fields ? setItemFields(deck, item.id, fields) : [];
  });
  return [...places, ...answers];
}

function keyFrom(item: Item, work: Work, createId: () => string): Partial<OwnFields<Item['kind']>> | null {
  if (item.kind === 'zone' || !isFilledIn(item, work)) return null;
  switch (item.kind) {
    case 'choice':
      return { right: pickedIn(work, item.id) };
    case 'blank':
      return { accepted: inFront((work.blanks[item.id] ?? '').trim(), item.accepted) };
    case 'short-text':
      return { accepted: inFront(wordsGiven(work, item.id).trim(), item.accepted) };
    case 'number': {
      const read = readNumbers(wordsGiven(work, item.id));
      const [right] = (read && inFirstUnit(read, item.units)?.values) ?? [];
      return right === undefined ? null : { right };
    }
    case 'point': {
      const dots = dotsIn(work, item.id);
      const [first] = dots;
      if (item.axis && first) return { axis: { ...item.axis, right: rounded(valueAt(item.axis, first), item.axis) } };
      const tall = groundRatio(item);
      const missed = dots.filter((dot) => !item.regions.some((region) => isIn(region, dot)));
      const kept = item.regions.filter((region) => dots.some((dot) => isIn(region, dot)));
      const made = missed.map(({ x, y }): Region => {
        const [width, height] = [AROUND, Math.min(1, AROUND * tall)];
        const within = (at: number, size: number) => Math.min(1 - size, Math.max(0, at - size / 2));
        return { id: createId(), shape: 'oval', x: within(x, width), y: within(y, height), width, height };
      });
      return { regions: [...kept, ...made] };
    }
    default:
      return null;
  }
}

/** A new accepted answer before the others. */
function inFront(words: string, accepted: readonly string[]): readonly string[] {
  return [words, ...accepted.filter((other) => other !== words && other !== '')];
}

/** A value to about a hundredth of its scale: nobody points more exactly. */
function rounded(value: number, { from, to }: { readonly from: number; readonly to: number }): number {
  const step = 10 ** Math.floor(Math.log10(Math.abs(to - from) / 100));
  return Number((Math.round(value / step) * step).toPrecision(12));
}
