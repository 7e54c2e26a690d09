/** Lays the map out, counts routes and reads plans apart from the page, so that nothing stops while a large deck is worked out. */
import type { Deck } from '@gobrel/core/deck';
import { layOutMap, type MapLayout, type MapSketch } from '@gobrel/core/route-map';
import { type Chances, readingChances, type RouteFigures, type RouteGraph, routeFigures } from '@gobrel/core/routes';
import { followPlan, type PlanEffect, type PlanWishes, readPlan } from '@gobrel/core/story-plan';
import { answerQuestions } from '../../../shared/workers';

/** Figures and chances of one graph. */
interface Counted {
  readonly figures: RouteFigures;
  readonly chances: Chances;
}

/** What a plan would change, and where its passages begin. */
export interface Planned {
  readonly effect: PlanEffect;
  /** The line each passage begins in, from 1. */
  readonly lines: readonly number[];
}

/** A plan to be read. */
interface PlanToRead {
  readonly deck: Deck;
  readonly text: string;
  readonly wishes: PlanWishes;
}

const tasks = {
  'lay-out': (sketch: MapSketch): MapLayout => layOutMap(sketch),
  count: (graph: RouteGraph): Counted => ({ figures: routeFigures(graph), chances: readingChances(graph) }),
  plan: ({ deck, text, wishes }: PlanToRead): Planned => {
    const plan = readPlan(text);
    // New slides are called alike each time, so that they stay where they are on the map while one types.
    let made = 0;
    const effect = followPlan(deck, plan, () => `planned${(made += 1)}`, wishes);
    return { effect, lines: plan.passages.map(({ line }) => line) };
  },
};

/** What the worker does. */
export type RoutesTasks = typeof tasks;

answerQuestions(tasks);
