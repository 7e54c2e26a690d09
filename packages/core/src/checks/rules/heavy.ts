/** Videos and sounds that a weak network cannot play. */
import { isMedia } from '../../deck/index.js';
import type { SlideRule } from '../rule.js';

/** What a school's network carries to a device, in bits a second, and the most that is fetched in a break, in bytes. */
const [CARRIES, MOST] = [2_000_000, 25_000_000];

export const heavy: SlideRule<'heavy'> = {
  name: 'heavy',
  level: 'look',
  source: 'twenty devices at 40 Mbit/s: 2 Mbit/s each',
  look: ({ items }) =>
    items.flatMap((item) => {
      if (!isMedia(item) || item.bytes === 0) return [];
      const isTooFast = item.seconds > 0 && (item.bytes * 8) / item.seconds > CARRIES && item.bytes > MOST / 10;
      return isTooFast || item.bytes > MOST
        ? [{ items: [item.id], values: { megabytes: Math.round(item.bytes / 1e6) } }]
        : [];
    }),
  mend: null,
};
