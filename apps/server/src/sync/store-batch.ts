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
export type TakeState = () => StoredState;

/** How long documents are gathered, in milliseconds, and how many are stored together. */
const GATHER = 50;
const TOGETHER = 200;

interface Waiting {
  readonly take: TakeState;
  readonly settle: ((error: unknown) => void)[];
}

/** Gathers documents and stores them together. */
export class StoreBatch {
  private readonly waiting = new Map<string, Waiting>();
  private running: Promise<void> | null = null;

  constructor(private readonly database: DataSource) {}

  /** Resolves once the document is stored; rejects when the database could not do it. */
  add(name: string, take: TakeState): Promise<void> {
    return new Promise((resolve, reject) => {
      const settle = (error: unknown) => (error === null ? resolve() : reject(error as Error));
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
      const error = await this.write(batch.map(([, { take }]) => take())).then(
        () => null,
        (reason: unknown) => reason,
      );
      for (const [, { settle }] of batch) for (const each of settle) each(error);
    }
    this.running = null;
  }

  private async write(rows: readonly StoredState[]): Promise<void> {
    await this.database.query(
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
    );
  }
}
