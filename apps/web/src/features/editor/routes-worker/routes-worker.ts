/** Lays the map out, counts routes and reads plans apart from the page, so that nothing stops while a large deck is worked out. */
import type { Deck } from '@gobrel/core/deck';
import { layOutMap, type MapLayout, type MapSketch } from '@gobrel/core/route-map';
import { type Chances, readingChances, type RouteFigures, type RouteGraph, routeFigures } from '@gobrel/core/routes';
import { followPlan, type PlanEffect, type PlanProblem, readPlan } from '@gobrel/core/story-plan';

/** What the worker is asked. */
export type Question =
  | { readonly id: number; readonly type: 'lay-out'; readonly sketch: MapSketch }
  | { readonly id: number; readonly type: 'count'; readonly graph: RouteGraph }
  | { readonly id: number; readonly type: 'plan'; readonly deck: Deck; readonly text: string };

/** Figures and chances of one graph. */
export interface Counted {
  readonly figures: RouteFigures;
  readonly chances: Chances;
}

/** What a plan would change, and what is wrong with it. */
export interface Planned {
  readonly effect: PlanEffect;
  readonly problems: readonly PlanProblem[];
  readonly passages: number;
}

/** What it answers, to the question of that id. */
export interface Answer {
  readonly id: number;
  readonly result: MapLayout | Counted | Planned;
}

self.addEventListener('message', ({ data }: MessageEvent<Question>) => {
  self.postMessage({ id: data.id, result: answerTo(data) } satisfies Answer);
});

function answerTo(question: Question): Answer['result'] {
  switch (question.type) {
    case 'lay-out':
      return layOutMap(question.sketch);
    case 'count':
      return { figures: routeFigures(question.graph), chances: readingChances(question.graph) };
    case 'plan': {
      const plan = readPlan(question.text);
      const effect = followPlan(question.deck, plan);
      return { effect, problems: effect.problems, passages: plan.passages.length };
    }
  }
}
