/** Everything in the bin: told, and removed for good when somebody wishes it, when its time is over, when its owner leaves. */
import { type BinKind, binKinds, type BinView } from '@gobrel/contract';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { AuditService } from '../audit/index.js';
import { DeckBinService } from '../decks/index.js';
import { notFound, refuse } from '../errors/index.js';
import { LessonBinService } from '../lessons/index.js';
import { ClassBinService } from './class-bin.service.js';

/** Where a kind is kept, and what one of it is called. */
interface Place {
  readonly table: string;
  /** The column that says whose it is. */
  readonly owner: string;
  readonly what: 'deck' | 'lesson' | 'class';
}

const PLACES: Readonly<Record<BinKind, Place>> = {
  decks: { table: 'deck', owner: 'owner_id', what: 'deck' },
  lessons: { table: 'lesson', owner: 'teacher_id', what: 'lesson' },
  classes: { table: 'school_class', owner: 'teacher_id', what: 'class' },
};

@Injectable()
export class BinService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly decks: DeckBinService,
    private readonly lessons: LessonBinService,
    private readonly classes: ClassBinService,
    private readonly audit: AuditService,
  ) {}

  /** What a teacher has in the bin. */
  async view(teacherId: string): Promise<BinView> {
    const [decks, lessons, classes] = await Promise.all([
      this.decks.list(teacherId),
      this.lessons.list(teacherId),
      this.classes.list(teacherId),
    ]);
    return { decks, lessons, classes };
  }

  /** Removes one thing from a teacher's bin for good. @throws ProblemException when it is not there */
  async purge(teacherId: string, kindNamed: string, id: string): Promise<void> {
    const kind = binKinds.find((known) => known === kindNamed);
    if (!kind) throw refuse(404, 'nothing-here');
    const { owner, what } = PLACES[kind];
    const found = await this.find(kind, `id = $1 AND ${owner} = $2 AND deleted_at IS NOT NULL`, [id, teacherId]);
    if (found.length === 0) throw notFound(what);
    await this.audit.note({ act: 'removed for good', by: teacherId, place: id });
    await this.purgeOne(kind, id);
  }

  /** Removes everything from a teacher's bin for good. */
  async empty(teacherId: string): Promise<void> {
    await this.audit.note({ act: 'bin emptied', by: teacherId });
    await this.purgeWhere(({ owner }) => `${owner} = $1 AND deleted_at IS NOT NULL`, teacherId);
  }

  /** Removes for good what has been in a bin for some days. */
  async purgeOlder(days: number): Promise<void> {
    await this.purgeWhere(() => 'deleted_at < now() - make_interval(days => $1)', days);
  }

  /** Removes for good everything a teacher has, in the bin or not. */
  async purgeAllOf(teacherId: string): Promise<void> {
    await this.purgeWhere(({ owner }) => `${owner} = $1`, teacherId);
  }

  private async purgeWhere(condition: (place: Place) => string, value: unknown): Promise<void> {
    for (const kind of binKinds)
      for (const id of await this.find(kind, condition(PLACES[kind]), [value])) await this.purgeOne(kind, id);
  }

  private async find(kind: BinKind, condition: string, values: readonly unknown[]): Promise<string[]> {
    const query = `SELECT id FROM ${PLACES[kind].table} WHERE ${condition}`;
    const rows = await this.database.query<{ id: string }[]>(query, [...values]);
    return rows.map(({ id }) => id);
  }

  private purgeOne(kind: BinKind, id: string): Promise<void> {
    return { decks: this.decks, lessons: this.lessons, classes: this.classes }[kind].purge(id);
  }
}
