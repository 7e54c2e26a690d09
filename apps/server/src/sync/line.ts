/** A line in which tasks wait for one another. */

const nextTurn = () => new Promise((resolve) => setImmediate(resolve));

/**
 * Runs tasks one after the other, in the order they come. Between two of them whoever waited for the first gets their
 * turn, so that what they do with its outcome is done before the next begins.
 */
export class Line {
  private last: Promise<unknown> = Promise.resolve();

  /** Gives what the task gives, or throws what it throws, which holds back nobody behind it. */
  run<T>(task: () => T | Promise<T>): Promise<T> {
    const done = this.last.then(task);
    this.last = done.then(nextTurn, nextTurn);
    return done;
  }
}
