/** What can be counted of the deck's routes, kept up to date by a worker. */
import type { Deck, ItemId, SlideId } from '@gobrel/core/deck';
import { type Ending, routeGraph } from '@gobrel/core/routes';
import { useMemo } from 'react';
import { askForFigures } from './ask-worker';
import { useAnswer } from './use-answer';

/** What is wrong with a slide for somebody who walks there. */
export type Trouble = 'unreached' | 'dead-end' | 'trapped' | 'shut';

/** The figures of one slide. */
export interface SlideFigures {
  readonly trouble: Trouble | null;
  /** Slides on the shortest way here, this one included; `null` where no way leads. */
  readonly distance: number | null;
  /** The chance that a reader who chooses at random sees it; `NaN` where it could not be counted. */
  readonly seen: number;
  readonly visits: number;
  /** Set for endings. */
  readonly ending: Ending | null;
}

/** The figures of a deck. */
export interface DeckFigures {
  readonly slides: ReadonlyMap<SlideId, SlideFigures>;
  /** The items whose links never open. */
  readonly shut: ReadonlySet<ItemId>;
  readonly endings: number;
  readonly shortest: number | null;
  readonly longest: number | 'endless' | null;
  /** Slides on a random reader's walk on the average. */
  readonly length: number;
  readonly troubles: number;
}

/** The figures, `null` until they are counted for the first time. */
export function useRouteFigures(deck: Deck): DeckFigures | null {
  const graph = useMemo(() => routeGraph(deck), [deck]);
  const key = useMemo(
    () =>
      JSON.stringify([
        graph.ids,
        graph.carriers,
        graph.start,
        ...numbersOf(graph).map((numbers) => [...numbers].join(' ')),
      ]),
    [graph],
  );
  const answer = useAnswer(key, async () => ({ graph, ...(await askForFigures(graph)) }));
  return useMemo(() => {
    if (!answer) return null;
    const { figures, chances } = answer;
    const { ids, offsets, carriers } = answer.graph;
    const endings = new Map(figures.endings.map((ending) => [ending.slide, ending]));
    const troubles = new Map<number, Trouble>([
      ...figures.shut.map((way) => [slideOfWay(offsets, way), 'shut'] as const),
      ...figures.unreached.map((slide) => [slide, 'unreached'] as const),
      ...figures.deadEnds.map((slide) => [slide, 'dead-end'] as const),
      ...figures.traps.flat().map((slide) => [slide, 'trapped'] as const),
    ]);
    const slides = new Map(
      ids.map((id, slide): [SlideId, SlideFigures] => {
        const steps = figures.distances[slide] ?? -1;
        return [
          id,
          {
            trouble: troubles.get(slide) ?? null,
            distance: steps < 0 ? null : steps + 1,
            seen: chances.seen[slide] ?? 0,
            visits: chances.visits[slide] ?? 0,
            ending: endings.get(slide) ?? null,
          },
        ];
      }),
    );
    return {
      slides,
      shut: new Set(figures.shut.flatMap((way) => carriers[way] ?? [])),
      endings: figures.endings.length,
      shortest: figures.shortest,
      longest: figures.longest,
      length: chances.length,
      troubles: troubles.size,
    };
  }, [answer]);
}

/** The slide that a way leaves from, by number. */
function slideOfWay(offsets: Int32Array, way: number): number {
  return offsets.findIndex((_start, slide) => way < (offsets[slide + 1] ?? Infinity));
}

function numbersOf(graph: ReturnType<typeof routeGraph>) {
  return [graph.offsets, graph.targets, graph.waits, graph.backs, graph.ends, graph.endings, graph.leftOut];
}
