/** Answer keys by doing: what an author filled in on a slide becomes the key of its questions. */
import {
  type Change,
  type Deck,
  itemsOf,
  newId,
  setItemFields,
  setPlaces,
  type SlideId,
  sourceOfPiece,
  zonesOn,
} from '../deck/index.js';
import { isFilledIn, type Work } from '../work/index.js';
import { questionKindOf } from './marking.js';
import { placedIn } from './placement/index.js';

/**
 * Sets the keys of a slide's questions to what was filled in there. Zones are set all together once any piece lies in
 * one; other questions only when they were answered, so that half a trial takes no key away.
 */
export function keepAsKey(deck: Deck, slideId: SlideId, work: Work, createId: () => string = newId): Change[] {
  const zones = zonesOn(deck, slideId);
  const placed = Object.fromEntries(zones.map((zone) => [zone.id, placedIn(zone, work, deck).map(sourceOfPiece)]));
  const places = zones.some((zone) => isFilledIn(zone, work)) ? setPlaces(deck, slideId, placed) : [];
  const answers = itemsOf(deck, slideId).flatMap((item) => {
    const fields = isFilledIn(item, work) ? questionKindOf(item)?.keyFrom(item, work, createId) : null;
    return fields ? setItemFields(deck, item.id, fields) : [];
  });
  return [...places, ...answers];
}
