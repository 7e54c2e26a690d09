/** Lays the map out, counts routes and reads plans apart from the page, so that nothing stops while a large deck is worked out. */
import type { Deck } from '@gobrel/core/deck';
import { layOutMap, type MapLayout, type MapSketch } from '@gobrel/core/route-map';
import { type Chances, readingChances, type RouteFigures, type RouteGraph, routeFigures } from '@gobrel/core/routes';
import { followPlan, type PlanEffect, type PlanProblem, readPlan } from '@gobrel/core/story-plan';
import { answerQuestions } from '../../../shared/workers';

/** Figures and chances of one graph. */
interface Counted {
  readonly figures: RouteFigures;
  readonly chances: Chances;
}

/** What a plan would change, and what is wrong with it. */
export interface Planned {
  readonly effect: PlanEffect;
  readonly problems: readonly PlanProblem[];
  readonly passages: number;
}

const tasks = {
  'lay-out': (sketch: MapSketch): MapLayout => layOutMap(sketch),
  count: (graph: RouteGraph): Counted => ({ figures: routeFigures(graph), chances: readingChances(graph) }),
  plan: ({ deck, text }: { readonly deck: Deck; readonly text: string }): Planned => {
    const plan = readPlan(text);
    const effect = followPlan(deck, plan);
    return { effect, problems: effect.problems, passages: plan.passages.length };
  },
};

/** What the worker does. */
export type RoutesTasks = typeof tasks;

answerQuestions(tasks);
