/** What somebody who walks through the deck would be stopped by: slides without a way there or on, links that lead nowhere. */
import { type Deck, isDangling, type SlideId } from '../../deck/index.js';
import {
  linksOf,
  type RouteFigures,
  type RouteGraph,
  routeFigures,
  routeGraph,
  type Trouble,
  troublesOf,
} from '../../routes/index.js';
import type { RuleName } from '../finding.js';
import type { DeckRule } from '../rule.js';

interface Walked {
  readonly graph: RouteGraph;
  readonly figures: RouteFigures;
  readonly troubles: ReadonlyMap<number, readonly Trouble[]>;
}

/** Several rules ask for the same figures of the same deck. */
const known = new WeakMap<Deck, Walked>();

function walked(deck: Deck): Walked {
  const before = known.get(deck);
  if (before) return before;
  const graph = routeGraph(deck);
  const figures = routeFigures(graph);
  const made = { graph, figures, troubles: troublesOf(graph, figures) };
  known.set(deck, made);
  return made;
}

/** The slides that have some trouble. */
function slidesWith(deck: Deck, ...wanted: readonly Trouble[]): readonly SlideId[] {
  const { graph, troubles } = walked(deck);
  return [...troubles].flatMap(([at, found]) => {
    const id = graph.ids[at];
    return id !== undefined && found.some((trouble) => wanted.includes(trouble)) ? [id] : [];
  });
}

type Plain = Extract<RuleName, 'unreachable' | 'dead-end' | 'endless-loop'>;

function ofSlides<R extends Plain>(name: R, level: 'fix' | 'look', ...troubles: readonly Trouble[]) {
  return {
    name,
    level,
    source: 'the ways through the deck as a graph (`routes/figures.ts`)',
    lookAt: (deck: Deck) => slidesWith(deck, ...troubles).map((slideId) => ({ slideId, items: [], values: {} })),
    mend: null,
  };
}

export const unreachable: DeckRule<'unreachable'> = ofSlides('unreachable', 'fix', 'unreached', 'cut-off');
export const deadEnd: DeckRule<'dead-end'> = ofSlides('dead-end', 'fix', 'dead-end');
export const endlessLoop: DeckRule<'endless-loop'> = ofSlides('endless-loop', 'look', 'trapped');

export const brokenLink: DeckRule<'broken-link'> = {
  name: 'broken-link',
  level: 'fix',
  source: 'links to slides that were deleted',
  lookAt: (deck) =>
    linksOf(deck).flatMap(({ from, itemId, carrier, destination }) =>
      isDangling(deck, destination) ? [{ slideId: from, items: [itemId], values: { carrier } }] : [],
    ),
  mend: null,
};

export const neverOpens: DeckRule<'never-opens'> = {
  name: 'never-opens',
  level: 'fix',
  source: 'doors whose key lay behind them (`routes/gates.ts`)',
  lookAt: (deck) => {
    const { graph, figures } = walked(deck);
    return figures.shut.flatMap((way) => {
      const itemId = graph.carriers[way];
      const item = itemId == null ? undefined : deck.items[itemId];
      if (!item) return [];
      const carrier = linksOf(deck).find((link) => link.itemId === item.id)?.carrier ?? '';
      return [{ slideId: item.slideId, items: [item.id], values: { carrier } }];
    });
  },
  mend: null,
};
