/** Decks, shared documents, pictures and editions. */
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
}

/** The frozen state of a deck that was handed out, by the SHA-256 of its canonical JSON. */
@Entity('edition')
export class EditionRow {
  @PrimaryColumn('text')
  hash: string;

  @Column('jsonb')
  deck: unknown;
}
