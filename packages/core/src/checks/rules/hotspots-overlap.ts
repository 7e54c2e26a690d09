/** Invisible areas over each other that lead to different places: which of them is pressed is a matter of luck. */
import { type HotspotItem, sameDestination, sharedShapeArea } from '../../deck/index.js';
import type { SlideRule } from '../rule.js';

/** The part of the smaller one that may lie under the other. */
const MAY_SHARE = 0.05;

export const hotspotsOverlap: SlideRule<'hotspots-overlap'> = {
  name: 'hotspots-overlap',
  level: 'fix',
  source: 'pictures on which a press on the otter opened the owl',
  look: ({ items }) => {
    const spots = items.filter((item): item is HotspotItem => item.kind === 'hotspot' && item.link !== null);
    return spots.flatMap((one, at) =>
      spots.slice(at + 1).flatMap((other) => {
        if (one.link && other.link && sameDestination(one.link, other.link)) return [];
        const smaller = Math.min(sharedShapeArea(one, one), sharedShapeArea(other, other));
        return sharedShapeArea(one, other) > smaller * MAY_SHARE ? [{ items: [one.id, other.id], values: {} }] : [];
      }),
    );
  },
  mend: null,
};
