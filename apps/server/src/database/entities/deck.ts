/** Decks, shared documents, pictures and editions. */
import type { AuthorRight, CopiedFrom } from '@gobrel/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A deck's place in a library; what it holds is the shared document `deck:<id>`. */
@Entity('deck')
export class DeckRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'owner_id' })
  ownerId: string;

  @Column('timestamptz', { name: 'updated_at' })
  updatedAt: Date;

  @Column('timestamptz', { name: 'deleted_at', nullable: true })
  deletedAt: Date | null;

  /** What it was copied from; `null` for a deck that is nobody else's. */
  @Column('jsonb', { name: 'copied_from', nullable: true })
  copiedFrom: CopiedFrom | null;
}

/** Somebody who edits or looks at a deck beside its owner. */
@Entity('deck_author')
export class DeckAuthorRow {
  @PrimaryColumn('text', { name: 'deck_id' })
  deckId: string;

  @PrimaryColumn('text', { name: 'teacher_id' })
  teacherId: string;

  @Column('text', { default: 'edit' })
  may: AuthorRight;

  /** When it ends; `null` for never. */
  @Column('timestamptz', { nullable: true })
  until: Date | null;
}

/** A unit: decks of a library that belong together. */
@Entity('unit')
export class UnitRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'teacher_id' })
  teacherId: string;

  @Column('text')
  name: string;

  @Column('timestamptz', { name: 'made_at' })
  madeAt: Date;
}

/** Where a teacher keeps a deck in their library; nobody else sees it there. */
@Entity('deck_shelf')
export class DeckShelfRow {
  @PrimaryColumn('text', { name: 'teacher_id' })
  teacherId: string;

  @PrimaryColumn('text', { name: 'deck_id' })
  deckId: string;

  @Column('text', { name: 'unit_id', nullable: true })
  unitId: string | null;

  @Column('timestamptz', { name: 'archived_at', nullable: true })
  archivedAt: Date | null;
}

/** A deck as it was at some moment; `name` is `null` for those that were kept automatically. */
@Entity('deck_version')
export class DeckVersionRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'deck_id' })
  deckId: string;

  @Column('text', { nullable: true })
  name: string | null;

  @Column('text', { name: 'author_id', nullable: true })
  authorId: string | null;

  @Column('timestamptz', { name: 'made_at' })
  madeAt: Date;

  @Column('jsonb')
  deck: unknown;
}

/** A theme that a teacher keeps for all their decks. */
@Entity('own_theme')
export class OwnThemeRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'teacher_id' })
  teacherId: string;

  @Column('jsonb')
  theme: unknown;

  @Column('timestamptz', { name: 'kept_at' })
  keptAt: Date;
}

/** Somebody who uploaded a picture or a file, or was given it with a deck. */
@Entity('content_keeper')
export class ContentKeeperRow {
  @PrimaryColumn('text', { name: 'content_id' })
  contentId: string;

  @PrimaryColumn('text', { name: 'teacher_id' })
  teacherId: string;
}

/** A shared document: compact Yjs state, and what it says as JSON. */
@Entity('shared_document')
export class SharedDocumentRow {
  @PrimaryColumn('text')
  name: string;

  @Column('bytea')
  state: Buffer;

  @Column('jsonb')
  snapshot: unknown;

  @Column('timestamptz', { name: 'updated_at' })
  updatedAt: Date;
}

/** A picture's bytes, by their SHA-256; sizes in pixels. */
@Entity('picture')
export class PictureRow {
  @PrimaryColumn('text')
  id: string;

  @Column('bytea')
  bytes: Buffer;

  @Column('text', { name: 'media_type' })
  mediaType: string;

  @Column('int')
  width: number;

  @Column('int')
  height: number;

  /** Whether it is a moving picture. */
  @Column('boolean')
  moving: boolean;
}

/** A picture of the templates that come along, which every teacher may use. */
@Entity('scene')
export class SceneRow {
  @PrimaryColumn('text')
  name: string;

  /** The SHA-256 of the drawing that the picture was made of. */
  @Column('text')
  drawing: string;

  @Column('text', { name: 'picture_id' })
  pictureId: string;
}

/** The frozen state of a deck that was handed out, by the SHA-256 of its canonical JSON. */
@Entity('edition')
export class EditionRow {
  @PrimaryColumn('text')
  hash: string;

  @Column('jsonb')
  deck: unknown;
}

/** Slides that a teacher keeps to begin from. */
@Entity('starter')
export class TemplateRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'teacher_id' })
  teacherId: string;

  @Column('text')
  name: string;

  @Column('text')
  moment: string;

  @Column('jsonb')
  does: unknown;

  @Column('jsonb')
  deck: unknown;

  @Column('timestamptz', { name: 'kept_at' })
  keptAt: Date;
}

/** A colleague who finds a template among theirs. */
@Entity('starter_share')
export class TemplateShareRow {
  @PrimaryColumn('text', { name: 'starter_id' })
  templateId: string;

  @PrimaryColumn('text', { name: 'teacher_id' })
  teacherId: string;
}
