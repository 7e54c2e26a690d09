/** Lays the map out and counts routes apart from the page, so that nothing stops while a large deck is worked out. */
import { layOutMap, type MapLayout, type MapSketch } from '@gobrel/core/route-map';
import { type Chances, readingChances, type RouteFigures, type RouteGraph, routeFigures } from '@gobrel/core/routes';

/** What the worker is asked. */
export type Question =
  | { readonly id: number; readonly type: 'lay-out'; readonly sketch: MapSketch }
  | { readonly id: number; readonly type: 'count'; readonly graph: RouteGraph };

/** Figures and chances of one graph. */
export interface Counted {
  readonly figures: RouteFigures;
  readonly chances: Chances;
}

/** What it answers, to the question of that id. */
export interface Answer {
  readonly id: number;
  readonly result: MapLayout | Counted;
}

self.addEventListener('message', ({ data }: MessageEvent<Question>) => {
  const result =
    data.type === 'lay-out'
      ? layOutMap(data.sketch)
      : { figures: routeFigures(data.graph), chances: readingChances(data.graph) };
  self.postMessage({ id: data.id, result } satisfies Answer);
});
