/** Files that are no pictures, and uploads on their way. */
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** PostgreSQL's `bigint`, which comes as text, as a number: no file has 2^53 bytes. */
const wholeNumber = { to: (value: number) => value, from: Number };

/** A sound, a video or any other file, by the SHA-256 of its bytes. */
@Entity('stored_file')
export class StoredFileRow {
  @PrimaryColumn('text')
  id: string;

  /** The media type of a sound or a video; `null` for what is only handed out. */
  @Column('text', { name: 'media_type', nullable: true })
  mediaType: string | null;

  /** How many bytes it has. */
  @Column('bigint', { transformer: wholeNumber })
  size: number;

  /** By what its parts are found in `file_part`. */
  @Column('text')
  parts: string;
}

/** A file on its way here, which goes on after a break. */
@Entity('upload')
export class UploadRow {
  @PrimaryColumn('text')
  id: string;

  @Column('text', { name: 'teacher_id' })
  teacherId: string;

  /** How many bytes it will have, and how many came. */
  @Column('bigint', { transformer: wholeNumber })
  size: number;

  @Column('bigint', { transformer: wholeNumber })
  came: number;

  /** How far its SHA-256 is worked out; `null` before the first bytes. */
  @Column('bytea', { name: 'hash_state', nullable: true })
  hashState: Buffer | null;

  /** The stored file that was made of it. */
  @Column('text', { name: 'file_id', nullable: true })
  fileId: string | null;

  @Column('timestamptz', { name: 'touched_at' })
  touchedAt: Date;
}
