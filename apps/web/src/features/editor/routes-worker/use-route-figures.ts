/** What can be counted of the deck's routes, kept up to date by a worker. */
import type { Deck, ItemId, SlideId } from '@gobrel/core/deck';
import { type Ending, routeGraph, type Trouble, troublesOf, Wait } from '@gobrel/core/routes';
import { useMemo } from 'react';
import { askRoutes } from './ask-worker';
import { useAnswer } from './use-answer';

/** The figures of one slide. */
export interface SlideFigures {
  /** What is wrong with it for somebody who walks there. */
  readonly troubles: readonly Trouble[];
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
  /** Whether the way by which an item leads to a slide never opens. */
  readonly isShut: (itemId: ItemId, to: SlideId) => boolean;
  readonly endings: number;
  /** Whether some way has to be opened first: then walks are counted as if it were open already, and can be longer. */
  readonly hasGates: boolean;
  readonly shortest: number | null;
  readonly longest: number | 'endless' | null;
  /** Slides on a random reader's walk on the average. */
  readonly length: number;
  /** How many slides something is wrong with. */
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
  const answer = useAnswer(key, async () => ({ graph, ...(await askRoutes('count', graph)) }));
  return useMemo(() => {
    if (!answer) return null;
    const { figures, chances } = answer;
    const { ids, carriers } = answer.graph;
    const endings = new Map(figures.endings.map((ending) => [ending.slide, ending]));
    const troubles = troublesOf(answer.graph, figures);
    const shut = new Set(figures.shut.map((way) => `${carriers[way]} ${ids[answer.graph.targets[way] ?? -1]}`));
    const slides = new Map(
      ids.map((id, slide): [SlideId, SlideFigures] => {
        const steps = figures.distances[slide] ?? -1;
        return [
          id,
          {
            troubles: troubles.get(slide) ?? [],
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
      isShut: (itemId, to) => shut.has(`${itemId} ${to}`),
      endings: figures.endings.length,
      hasGates: answer.graph.waits.some((wait) => wait !== Wait.nothing && wait !== Wait.forever),
      shortest: figures.shortest,
      longest: figures.longest,
      length: chances.length,
      troubles: troubles.size,
    };
  }, [answer]);
}

function numbersOf(graph: ReturnType<typeof routeGraph>) {
  return [graph.offsets, graph.targets, graph.waits, graph.backs, graph.ends, graph.open, graph.endings, graph.leftOut];
}
