/**
 * Writes rows in groups: one group at a time, each with all that has come meanwhile, so that a lone row waits for nobody
 * and a hundred cost little more than one. What is away is tried again until it is back.
 */

/** A change of a document, as it is stored. */
interface UpdateToStore {
  readonly name: string;
  readonly bytes: Uint8Array;
}

/** Writes a group of rows; gives what went wrong, or `null`. */
type WriteGroup = (rows: readonly UpdateToStore[]) => Promise<unknown>;

interface Settings {
  readonly write: WriteGroup;
  /** Whether an error is the rows' own, so that trying again helps nobody. */
  readonly isForGood: (error: unknown) => boolean;
  /** Called when a group has to be tried again. */
  readonly onRetry: (error: unknown) => void;
  /** Pause before it is, in ms. */
  readonly pause: number;
}

interface Waiting extends UpdateToStore {
  settle(error: unknown): void;
}

/** The most rows, and bytes, of a group. */
const MOST_ROWS = 500;
const MOST_BYTES = 8 * 1024 * 1024;

/** Rows on their way to the database, in the order they came. */
export class UpdateQueue {
  private readonly waiting: Waiting[] = [];
  private running = false;
  private stopping = false;
  /** Bytes that are not written yet. */
  bytes = 0;

  constructor(private readonly settings: Settings) {}

  /** Resolves once a row is written. Rejects when it cannot be, or when the queue stops while nothing can be. */
  add(row: UpdateToStore): Promise<void> {
    return new Promise((resolve, reject) => {
      this.bytes += row.bytes.length;
      const settle = (error: unknown) => {
        this.bytes -= row.bytes.length;
        if (error === null) resolve();
        else reject(error instanceof Error ? error : new Error(String(error)));
      };
      this.waiting.push({ ...row, settle });
      if (!this.running) void this.run();
    });
  }

  /** From now on a failed attempt is the last one. */
  stop(): void {
    this.stopping = true;
  }

  private async run(): Promise<void> {
    this.running = true;
    while (this.waiting.length > 0) await this.store(this.takeGroup());
    this.running = false;
  }

  private takeGroup(): readonly Waiting[] {
    let bytes = 0;
    let count = 0;
    for (const row of this.waiting) {
      bytes += row.bytes.length;
      if (count > 0 && (count >= MOST_ROWS || bytes > MOST_BYTES)) break;
      count += 1;
    }
    return this.waiting.splice(0, count);
  }

  private async store(group: readonly Waiting[]): Promise<void> {
    const { write, isForGood, onRetry, pause } = this.settings;
    for (;;) {
      const error = await write(group).catch((reason: unknown) => reason ?? new Error('unknown'));
      if (error === null) return settleAll(group, null);
      if (isForGood(error)) {
        if (group.length === 1) return settleAll(group, error);
        // One that cannot be stored holds back no other.
        for (const row of group) await this.store([row]);
        return;
      }
      if (this.stopping) return settleAll(group, error);
      onRetry(error);
      await new Promise((resolve) => setTimeout(resolve, pause));
    }
  }
}

function settleAll(group: readonly Waiting[], error: unknown): void {
  for (const row of group) row.settle(error);
}
