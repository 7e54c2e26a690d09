/** Questions to the worker of the map and the plan; it is started with the first one and serves all of them. */
import { askingWorker } from '../../../shared/workers';
import type { RoutesTasks } from './routes-worker';

/** Asks it where the cards of a map stand, for the figures of a graph, or what a plan would change of a deck. */
export const askRoutes = askingWorker<RoutesTasks>(
  () => new Worker(new URL('./routes-worker.ts', import.meta.url), { type: 'module' }),
);
