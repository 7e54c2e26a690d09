/** Questions to the worker of the map and the plan; it is started with the first one and serves all of them. */
import type { Deck } from '@gobrel/core/deck';
import type { MapLayout, MapSketch } from '@gobrel/core/route-map';
import type { RouteGraph } from '@gobrel/core/routes';
import type { Answer, Counted, Planned, Question } from './routes-worker';

let worker: Worker | null = null;
let asked = 0;
const waiting = new Map<number, (result: Answer['result']) => void>();

function started(): Worker {
  if (worker) return worker;
  worker = new Worker(new URL('./routes-worker.ts', import.meta.url), { type: 'module' });
  worker.addEventListener('message', ({ data }: MessageEvent<Answer>) => {
    waiting.get(data.id)?.(data.result);
    waiting.delete(data.id);
  });
  return worker;
}

function ask(question: (id: number) => Question): Promise<Answer['result']> {
  asked += 1;
  const id = asked;
  return new Promise((resolve) => {
    waiting.set(id, resolve);
    started().postMessage(question(id));
  });
}

/** Where the cards of a map stand. */
export async function askForLayout(sketch: MapSketch): Promise<MapLayout> {
  return (await ask((id) => ({ id, type: 'lay-out', sketch }))) as MapLayout;
}

/** The figures of a graph. */
export async function askForFigures(graph: RouteGraph): Promise<Counted> {
  return (await ask((id) => ({ id, type: 'count', graph }))) as Counted;
}

/** What a plan would change of a deck. */
export async function askForPlan(deck: Deck, text: string): Promise<Planned> {
  return (await ask((id) => ({ id, type: 'plan', deck, text }))) as Planned;
}
