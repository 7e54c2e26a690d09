/** Units, and where each teacher keeps the decks of their library: their own order, which nobody else sees. */
import type { Shelving, UnitView } from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { UnitRow } from '../database/index.js';
import { notFound, refuseWith } from '../errors/index.js';

/** More units than anybody finds their way in. */
const MOST_UNITS = 200;

@Injectable()
export class ShelvesService {
  constructor(@InjectDataSource() private readonly database: DataSource) {}

  /** A teacher's units, as they were made. */
  async units(teacherId: string): Promise<UnitView[]> {
    const rows = await this.database
      .getRepository(UnitRow)
      .find({ where: { teacherId }, order: { madeAt: 'ASC', id: 'ASC' } });
    return rows.map(({ id, name }) => ({ id, name }));
  }

  /** A new unit. */
  async make(teacherId: string, name: string): Promise<UnitView> {
    const units = this.database.getRepository(UnitRow);
    if ((await units.countBy({ teacherId })) >= MOST_UNITS)
      throw refuseWith(409, 'too-many-units', { most: MOST_UNITS });
    const id = newId();
    await units.insert({ id, teacherId, name, madeAt: new Date() });
    return { id, name };
  }

  /** Gives a unit another name. */
  async rename(teacherId: string, id: string, name: string): Promise<UnitView> {
    const { affected } = await this.database.getRepository(UnitRow).update({ id, teacherId }, { name });
    if (affected === 0) throw notFound('unit');
    return { id, name };
  }

  /** Deletes a unit; its decks stay in the library, in no unit. */
  async remove(teacherId: string, id: string): Promise<void> {
    const { affected } = await this.database.getRepository(UnitRow).delete({ id, teacherId });
    if (affected === 0) throw notFound('unit');
  }

  /** Puts decks that a teacher may edit into one of their units or none, into the archive or back: all or none of them. */
  async shelve(teacherId: string, { deckIds, unitId, archived }: Shelving): Promise<void> {
    const ids = [...new Set(deckIds)];
    await this.database.transaction(async (manager) => {
      if (typeof unitId === 'string' && !(await manager.existsBy(UnitRow, { id: unitId, teacherId })))
        throw notFound('unit');
      const [{ count } = { count: 0 }] = await manager.query<{ count: number }[]>(
        `SELECT count(DISTINCT deck_id)::int AS count FROM deck_access
         WHERE deck_id = ANY($2) AND teacher_id = $1 AND through <> 'school'`,
        [teacherId, ids],
      );
      if (count !== ids.length) throw notFound('deck');
      await manager.query(
        `INSERT INTO deck_shelf (teacher_id, deck_id, unit_id, archived_at)
         SELECT $1, id, $3, CASE WHEN $6 THEN now() END FROM unnest($2::text[]) AS id
         ON CONFLICT (teacher_id, deck_id) DO UPDATE SET
           unit_id = CASE WHEN $4 THEN $3 ELSE deck_shelf.unit_id END,
           archived_at = CASE WHEN NOT $5 THEN deck_shelf.archived_at WHEN $6 THEN
             coalesce(deck_shelf.archived_at, now()) END`,
        [teacherId, ids, unitId ?? null, unitId !== undefined, archived !== undefined, archived ?? false],
      );
    });
  }
}
