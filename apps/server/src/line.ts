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

/** Lines by a key: the tasks of one wait for one another, those of others go on. */
export class Lines {
  private readonly lines = new Map<string, { readonly line: Line; tasks: number }>();

  /** As `Line.run`, among the tasks of this key. */
  async run<T>(key: string, task: () => T | Promise<T>): Promise<T> {
    const held = this.lines.get(key) ?? { line: new Line(), tasks: 0 };
    this.lines.set(key, held);
    held.tasks += 1;
    try {
      return await held.line.run(task);
    } finally {
      held.tasks -= 1;
      if (held.tasks === 0) this.lines.delete(key);
    }
  }

  /** How many keys have tasks that are not done. */
  get size(): number {
    return this.lines.size;
  }
}
