/** Editions: frozen decks by their hash, kept in memory once read since they never change. */
import { createHash } from 'node:crypto';
import { type Deck, readDeck } from '@gobrel/core/deck';
import type { WorkMode } from '@gobrel/core/lesson';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, EntityManager, In } from 'typeorm';
import { BusService } from '../bus/index.js';
import { EditionRow, LessonRow } from '../database/index.js';
import { notFound } from '../errors/index.js';

/** What work in a lesson has to fit. */
interface LessonEdition {
  readonly edition: Deck;
  readonly mode: WorkMode;
}

/** How many editions, and lessons' editions, are kept in memory. */
const KEPT = 200;

@Injectable()
export class EditionsService {
  private readonly kept = new Map<string, Deck>();
  private readonly looking = new Map<string, Promise<LessonEdition>>();
  private readonly lessons = new Map<string, { readonly hash: string; readonly mode: WorkMode }>();

  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly bus: BusService,
  ) {
    bus.on('edition', ({ lessonId }) => this.forgetHere(lessonId));
    bus.onCatchUp(() => {
      for (const lessonId of [...this.lessons.keys(), ...this.looking.keys()]) this.forgetHere(lessonId);
    });
  }

  /** Freezes a deck: stores it under its hash, once; within a transaction when there is one. */
  async freeze(deck: Deck, manager: EntityManager = this.database.manager): Promise<string> {
    const hash = createHash('sha256').update(canonicalJson(deck)).digest('hex');
    await manager
      .createQueryBuilder()
      .insert()
      .into(EditionRow)
      .values({ hash, deck: deck as object })
      .orIgnore()
      .execute();
    return hash;
  }

  /** The edition with a hash, answer keys included. */
  async get(hash: string): Promise<Deck> {
    const edition = (await this.getAll([hash])).get(hash);
    if (!edition) throw notFound('edition');
    return edition;
  }

  /** Editions by their hashes, those that are not in memory read together; what is not there is left out. */
  async getAll(hashes: readonly string[]): Promise<ReadonlyMap<string, Deck>> {
    const found = new Map<string, Deck>();
    for (const hash of hashes) {
      const known = this.kept.get(hash);
      if (known) found.set(hash, known);
    }
    const missing = [...new Set(hashes)].filter((hash) => !found.has(hash));
    const rows = missing.length > 0 ? await this.database.getRepository(EditionRow).findBy({ hash: In(missing) }) : [];
    for (const row of rows) {
      const { deck } = readDeck(row.deck);
      if (this.kept.size >= KEPT) this.kept.delete(this.kept.keys().next().value ?? '');
      this.kept.set(row.hash, deck);
      found.set(row.hash, deck);
    }
    return found;
  }

  /** The edition a lesson has by now, and how its students work; kept in memory until it is forgotten. */
  async ofLesson(lessonId: string): Promise<LessonEdition> {
    const known = this.lessons.get(lessonId);
    const edition = known && this.kept.get(known.hash);
    if (edition) return { edition, mode: known.mode };
    // A class that begins at once asks once.
    return this.looking.get(lessonId) ?? this.lookUp(lessonId);
  }

  private lookUp(lessonId: string): Promise<LessonEdition> {
    const isCurrent = () => this.looking.get(lessonId) === looking;
    const looking = this.look(lessonId)
      .then(async ({ hash, mode }) => {
        const edition = await this.get(hash);
        // Where it was forgotten meanwhile, another one may have come.
        if (isCurrent()) this.keep(lessonId, { hash, mode });
        return { edition, mode };
      })
      .finally(() => {
        if (isCurrent()) this.looking.delete(lessonId);
      });
    this.looking.set(lessonId, looking);
    return looking;
  }

  /** Looks up a lesson's edition anew when it is asked for the next time. */
  forget(lessonId: string): void {
    this.forgetHere(lessonId);
    this.bus.say({ say: 'edition', lessonId });
  }

  private forgetHere(lessonId: string): void {
    this.lessons.delete(lessonId);
    // Whoever asks from now on does not get what was looked up before.
    this.looking.delete(lessonId);
  }

  private async look(lessonId: string): Promise<{ hash: string; mode: WorkMode }> {
    const lesson = await this.database.getRepository(LessonRow).findOneBy({ id: lessonId });
    if (!lesson) throw notFound('lesson');
    return { hash: lesson.editionHash, mode: lesson.workMode };
  }

  private keep(lessonId: string, found: { readonly hash: string; readonly mode: WorkMode }): void {
    if (this.lessons.size >= KEPT) this.lessons.delete(this.lessons.keys().next().value ?? '');
    this.lessons.set(lessonId, found);
  }
}

/** JSON with the keys of every object sorted, so that equal values have equal texts. */
function canonicalJson(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(canonicalJson).join(',')}]`;
  if (value === undefined) return 'null';
  if (typeof value !== 'object' || value === null) return JSON.stringify(value);
  const entries = Object.entries(value)
    .filter(([, entry]) => entry !== undefined)
    .sort(([a], [b]) => (a < b ? -1 : 1));
  return `{${entries.map(([key, entry]) => `${JSON.stringify(key)}:${canonicalJson(entry)}`).join(',')}}`;
}
