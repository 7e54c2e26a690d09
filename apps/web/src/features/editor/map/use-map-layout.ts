/** Where the slides' cards stand on the map: worked out in a worker whenever slides or ways change. */
import { type Deck, sectionsAround, slidesInOrder } from '@gobrel/core/deck';
import type { MapLayout, MapSketch, MapWay } from '@gobrel/core/route-map';
import { useEffect, useMemo } from 'react';
import { useDesk } from '../state/desk';
import { askRoutes } from '../routes-worker/ask-worker';
import { useAnswer } from '../routes-worker/use-answer';

/**
 * Where everything stands on the map; `null` until it is known for the first time.
 * @param isKept whether the next layout, also after the map was left, keeps as near as it can to this one
 */
export function useMapLayout(deck: Deck, ways: readonly MapWay[], isKept = true): MapLayout | null {
  const { slides, sections } = deck;
  const sketch = useMemo((): Omit<MapSketch, 'before'> => {
    const ordered = slidesInOrder({ slides });
    return {
      slides: ordered.map((slide) => slide.id),
      ways: ways.map(({ from, to, link }) => ({ from, to, isLink: link !== null })),
      sections: Object.fromEntries(
        ordered.flatMap(({ id }) => {
          const section = sectionsAround({ slides, sections }, id).at(-1);
          return section ? [[id, section.id]] : [];
        }),
      ),
      byHand: Object.fromEntries(ordered.flatMap(({ id, onMap }) => (onMap ? [[id, onMap]] : []))),
    };
  }, [slides, sections, ways]);
  const key = useMemo(() => JSON.stringify(sketch), [sketch]);
  const layout = useAnswer(key, () => askRoutes('lay-out', { ...sketch, before: useDesk.getState().mapPlaces }));
  useEffect(() => {
    if (layout && isKept) useDesk.setState({ mapPlaces: layout.places });
  }, [layout, isKept]);
  return layout;
}
