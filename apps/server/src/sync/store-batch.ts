/** Stores many documents with one statement: in a school at work hundreds of them change every second. */
import type { DataSource } from 'typeorm';

/** A document as it is stored. */
export interface StoredState {
  readonly name: string;
  readonly state: Buffer;
  /** JSON. */
  readonly snapshot: string;
  readonly updatedAt: Date;
}

/** Says what a document holds when it is its turn, so that later changes are in it too. */
type TakeState = () => StoredState;

/** How long documents are gathered, in milliseconds, and how many are stored together. */
const GATHER = 50;
const TOGETHER = 200;

/** Settles those who wait for a document: with `null` once it is stored, else with what went wrong. */
type Settle = (error: unknown) => void;

interface Waiting {
  readonly take: TakeState;
  readonly settle: readonly Settle[];
}

interface Taken {
  readonly row: StoredState;
  readonly settle: Settle;
}

/** Gathers documents and stores them together. What goes wrong with one is told to those who wait for that one. */
export class StoreBatch {
  private readonly waiting = new Map<string, Waiting>();
  private running: Promise<void> | null = null;

  constructor(private readonly database: Pick<DataSource, 'query'>) {}

  /** Resolves once the document is stored; rejects when it could not be read, or the database could not take it. */
  add(name: string, take: TakeState): Promise<void> {
    return new Promise((resolve, reject) => {
      const settle: Settle = (error) =>
        error === null ? resolve() : reject(error instanceof Error ? error : new Error(String(error)));
      const known = this.waiting.get(name);
      this.waiting.set(name, { take, settle: [...(known?.settle ?? []), settle] });
      this.running ??= this.run();
    });
  }

  private async run(): Promise<void> {
    await new Promise((resolve) => setTimeout(resolve, GATHER));
    while (this.waiting.size > 0) {
      const batch = [...this.waiting].slice(0, TOGETHER);
      for (const [name] of batch) this.waiting.delete(name);
      await this.store(batch.flatMap(([, waiting]) => takeState(waiting)));
    }
    this.running = null;
  }

  /** Stores documents together or, where that fails, one by one: one that cannot be stored holds back no other. */
  private async store(taken: readonly Taken[]): Promise<void> {
    if (taken.length === 0) return;
    const error = await this.write(taken.map(({ row }) => row));
    if (error === null || taken.length === 1) {
      for (const { settle } of taken) settle(error);
      return;
    }
    for (const { row, settle } of taken) settle(await this.write([row]));
  }

  /** Writes rows; gives what went wrong, or `null`. */
  private write(rows: readonly StoredState[]): Promise<unknown> {
    return this.database
      .query(
        `INSERT INTO shared_document (name, state, snapshot, updated_at)
         SELECT * FROM unnest($1::text[], $2::bytea[], $3::jsonb[], $4::timestamptz[])
         ON CONFLICT (name) DO UPDATE
         SET state = excluded.state, snapshot = excluded.snapshot, updated_at = excluded.updated_at`,
        [
          rows.map(({ name }) => name),
          rows.map(({ state }) => state),
          rows.map(({ snapshot }) => snapshot),
          rows.map(({ updatedAt }) => updatedAt),
        ],
      )
      .then(
        () => null,
        (reason: unknown) => reason,
      );
  }
}

/** What a document holds now; none when it cannot be read, which those who wait are told. */
function takeState({ take, settle }: Waiting): readonly Taken[] {
  const settleAll: Settle = (error) => {
    for (const each of settle) each(error);
  };
  try {
    return [{ row: take(), settle: settleAll }];
  } catch (error) {
    settleAll(error);
    return [];
  }
}
