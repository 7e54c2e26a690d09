/** Keeping templates, and who finds which. Slides made from one are copies, so removing it changes no deck. */
import type { KeptTemplate, KeptTemplateView } from '@gobrel/contract';
import { applyChanges, contentsIn, newId, readDeck, withoutPictures } from '@gobrel/core/deck';
import { doings, moments } from '@gobrel/core/templates';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In } from 'typeorm';
import { colleagueBy } from '../accounts/index.js';
import { TemplateRow, TemplateShareRow, TeacherRow } from '../database/index.js';
import { notFound, refuseWith } from '../errors/index.js';
import { ContentAccessService } from '../pictures/index.js';

/** More than anybody tells apart. */
const MOST_TEMPLATES = 200;
/** Slides in one of them. */
const MOST_SLIDES = 40;

@Injectable()
export class TemplatesService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly contents: ContentAccessService,
  ) {}

  /** A teacher's own templates and those of colleagues, the newest first. */
  async list(teacherId: string): Promise<KeptTemplateView[]> {
    const given = await this.database.getRepository(TemplateShareRow).findBy({ teacherId });
    const rows = await this.database.getRepository(TemplateRow).find({
      where: [{ teacherId }, { id: In(given.map(({ templateId }) => templateId)) }],
      order: { keptAt: 'DESC', id: 'ASC' },
    });
    const own = rows.filter((row) => row.teacherId === teacherId).map(({ id }) => id);
    const shares = await this.database.getRepository(TemplateShareRow).findBy({ templateId: In(own) });
    const ids = [...rows.map((row) => row.teacherId), ...shares.map((row) => row.teacherId)];
    const teachers = await this.database.getRepository(TeacherRow).findBy({ id: In(ids) });
    const nameOf = (id: string) => teachers.find((teacher) => teacher.id === id)?.name ?? '';
    return rows.map(({ id, name, moment, does, deck, teacherId: ownerId }) => ({
      id,
      name,
      moment: moments.find((each) => each === moment) ?? 'practising',
      does: doings.filter((each) => Array.isArray(does) && does.includes(each)),
      deck: readDeck(deck).deck,
      by: ownerId === teacherId ? null : nameOf(ownerId),
      sharedWith: shares
        .filter(({ templateId }) => templateId === id)
        .map((row) => ({ id: row.teacherId, name: nameOf(row.teacherId) }))
        .sort((a, b) => a.name.localeCompare(b.name)),
    }));
  }

  /** Keeps slides; pictures that are somebody else's are taken out of them. */
  async keep(teacherId: string, { name, moment, does, deck }: KeptTemplate): Promise<KeptTemplateView[]> {
    const templates = this.database.getRepository(TemplateRow);
    if ((await templates.countBy({ teacherId })) >= MOST_TEMPLATES)
      throw refuseWith(409, 'too-many-templates', { most: MOST_TEMPLATES });
    const { deck: read } = readDeck(deck);
    const count = Object.keys(read.slides).length;
    if (count === 0 || count > MOST_SLIDES) throw refuseWith(422, 'no-slides', { most: MOST_SLIDES });
    const refused = await this.contents.keepFor(teacherId, contentsIn(read));
    const kept = applyChanges(read, withoutPictures(read, refused));
    const row = { id: newId(), teacherId, name: name.trim() || read.title, moment, does, keptAt: new Date() };
    await templates.insert({ ...row, does: does as object, deck: kept as object });
    return this.list(teacherId);
  }

  /** Removes one's own template for everybody, or a colleague's from one's own list. */
  async remove(teacherId: string, id: string): Promise<void> {
    const own = await this.database.getRepository(TemplateRow).delete({ id, teacherId });
    if (own.affected !== 0) return;
    const given = await this.database.getRepository(TemplateShareRow).delete({ templateId: id, teacherId });
    if (given.affected === 0) throw notFound('template');
  }

  /** Lets a colleague find a template, with the pictures in it. */
  async share(teacherId: string, id: string, email: string): Promise<KeptTemplateView[]> {
    const template = await this.owned(teacherId, id);
    const colleague = await colleagueBy(this.database, email);
    if (colleague.id !== teacherId) {
      const row = { templateId: id, teacherId: colleague.id };
      await this.database.createQueryBuilder().insert().into(TemplateShareRow).values(row).orIgnore().execute();
      for (const contentId of contentsIn(readDeck(template.deck).deck))
        await this.contents.keep(colleague.id, contentId);
    }
    return this.list(teacherId);
  }

  async unshare(teacherId: string, id: string, colleagueId: string): Promise<void> {
    await this.owned(teacherId, id);
    await this.database.getRepository(TemplateShareRow).delete({ templateId: id, teacherId: colleagueId });
  }

  private async owned(teacherId: string, id: string): Promise<TemplateRow> {
    const row = await this.database.getRepository(TemplateRow).findOneBy({ id, teacherId });
    if (!row) throw notFound('template');
    return row;
  }
}
