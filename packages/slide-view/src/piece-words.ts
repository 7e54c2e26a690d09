/** What happened to a piece, in words for everybody who cannot see it. */
import { nameOf, type ZoneItem } from '@gobrel/core/deck';
import type { Drop } from '@gobrel/core/work';
import type { PieceWords } from './surroundings.js';

/** What a zone is called: its name, or its place among the zones of its slide. */
export function zoneName(zones: readonly ZoneItem[], place: number, words: PieceWords): string {
  const zone = zones[place];
  return zone ? nameOf(zone) || words.unnamedZone(place + 1) : '';
}

/** What became of a piece that was put down. @param zones those of its slide */
export function outcomeInWords(zones: readonly ZoneItem[], words: PieceWords, name: string, drop: Drop | null): string {
  if (!drop) return words.stays(name);
  const called = (zoneId: string) =>
    zoneName(
      zones,
      zones.findIndex(({ id }) => id === zoneId),
      words,
    );
  const { refused, zoneId } = drop;
  const why = refused && (refused.why === 'full' ? words.full : words.notTaken)(name, called(refused.zone.id));
  if (drop.home) return [why, words.wentHome(name)].filter(Boolean).join(' ');
  if (why) return why;
  return zoneId === null ? words.lies(name) : words.putInto(name, called(zoneId));
}
