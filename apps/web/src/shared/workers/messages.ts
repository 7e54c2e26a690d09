/** What passes between a page and a worker it asks. */

/** What a worker can be asked: each task by its name, from what it takes to what it gives. Both are cloned on the way. */
export type WorkerTasks = Readonly<Record<string, (asked: never) => unknown>>;

/** A question; the id is the page's, and comes back with the answer. */
export interface WorkerQuestion {
  readonly id: number;
  readonly task: string;
  readonly asked: unknown;
}

/** The answer to the question of that id. */
export interface WorkerAnswer {
  readonly id: number;
  readonly answer: unknown;
}
