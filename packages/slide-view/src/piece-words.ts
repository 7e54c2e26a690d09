/** What happened to a piece, in words for everybody who cannot see it. */
import { type Deck, nameOf, type ZoneItem, zonesOn } from '@gobrel/core/deck';
import type { Drop } from '@gobrel/core/work';
import type { PieceWords } from './surroundings.js';

/** What a zone is called: its name, or its place among the zones of its slide. */
export function zoneName(zones: readonly ZoneItem[], place: number, words: PieceWords): string {
  const zone = zones[place];
  return zone ? nameOf(zone) || words.unnamedZone(place + 1) : '';
}

/** What became of a piece that was put down. */
export function outcomeInWords(edition: Deck, words: PieceWords, name: string, drop: Drop | null): string {
  if (!drop) return words.noneLeft(name);
  const called = (zone: ZoneItem) => {
    const zones = zonesOn(edition, zone.slideId);
    return zoneName(
      zones,
      zones.findIndex(({ id }) => id === zone.id),
      words,
    );
  };
  const { refused } = drop;
  const why = refused && (refused.why === 'full' ? words.full : words.notTaken)(name, called(refused.zone));
  if (drop.home) return [why, words.wentHome(name)].filter(Boolean).join(' ');
  if (why) return why;
  const zone = drop.zoneId === null ? undefined : edition.items[drop.zoneId];
  return zone?.kind === 'zone' ? words.putInto(name, called(zone)) : words.lies(name);
}
