/** Decks that are shared by an address. */
import type { AuthorRight, ShareKind, ShareRight } from '@gobrel/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** An address by which a deck is looked at: of a link and a show a deck has one, and one of each time it is followed. */
@Entity('deck_share')
export class ShareRow {
  @PrimaryColumn('text')
  address: string;

  @Column('text', { name: 'deck_id' })
  deckId: string;

  @Column('text')
  kind: ShareKind | 'follow';

  @Column('text')
  may: ShareRight;

  @Column('timestamptz', { nullable: true })
  until: Date | null;

  @Column('text', { name: 'passcode_hash', nullable: true })
  passcodeHash: string | null;

  /** What whoever said the passcode shows from then on. */
  @Column('text')
  pass: string;

  @Column('boolean')
  newest: boolean;

  @Column('boolean')
  listed: boolean;

  /** The edition that is shown, and since when. */
  @Column('text', { name: 'edition_hash' })
  editionHash: string;

  @Column('timestamptz', { name: 'published_at' })
  publishedAt: Date;

  /** When it was turned off; `null` while it is on. */
  @Column('timestamptz', { name: 'ended_at', nullable: true })
  endedAt: Date | null;

  /** Who presents what is followed; `null` for a link and a show. */
  @Column('text', { name: 'presenter_id', nullable: true })
  presenterId: string | null;

  /** Where the one who presents was, the last stop last; `null` for a link and a show. */
  @Column('jsonb', { nullable: true })
  walk: unknown;

  /** Whether what was followed can be looked at afterwards. */
  @Column('boolean', { default: false })
  keeps: boolean;

  /** When whoever presents was heard of the last time; `null` for a link and a show. */
  @Column('timestamptz', { name: 'seen_at', nullable: true })
  seenAt: Date | null;
}

/** How often a share was looked at on a day. */
@Entity('share_look')
export class ShareLookRow {
  @PrimaryColumn('text')
  address: string;

  @PrimaryColumn('date')
  day: string;

  @Column('int')
  count: number;
}

/** Somebody who was asked by mail to come to a deck, and has not come yet. */
@Entity('deck_invitation')
export class InvitationRow {
  @PrimaryColumn('text')
  id: string;

  /** SHA-256 of what the mail's link ends with. */
  @Column('text', { name: 'token_hash' })
  tokenHash: string;

  @Column('text', { name: 'deck_id' })
  deckId: string;

  /** In small letters. */
  @Column('text')
  email: string;

  @Column('text')
  may: AuthorRight;

  /** When what they may do ends; `null` for never. */
  @Column('timestamptz', { nullable: true })
  until: Date | null;
}
