/** Decks and pictures: what is sent and what comes back. */
import { type Deck, type SlideSizeName, slideSizes, type Theme } from '@gobrel/core/deck';
import {
  ArrayMaxSize,
  IsArray,
  IsEmail,
  IsIn,
  IsISO8601,
  IsObject,
  IsString,
  Length,
  Matches,
  MaxLength,
  ValidateIf,
} from 'class-validator';
import { fault } from './fault.js';
import { Optional } from './optional.js';
import { Trimmed } from './trimmed.js';

/** A deck's title, for a new deck or a new name. */
export class DeckTitle {
  @Trimmed()
  @IsString()
  @Length(1, 200, fault('deck-title'))
  title: string;
}

/** A copy of a deck; called like it where no title is given. */
export class DeckCopy {
  @Optional()
  @Trimmed()
  @IsString()
  @Length(1, 200, fault('deck-title'))
  title?: string;
}

/** A new deck. */
export class NewDeck extends DeckTitle {
  @Optional()
  @IsIn(Object.keys(slideSizes), fault('slide-size'))
  size?: SlideSizeName;

  /** What its first slide is called. */
  @Optional()
  @IsString()
  @MaxLength(80, fault('other'))
  opening?: string;

  /** The language it is in, as pages name it (BCP 47); not said when it is left out. */
  @Optional()
  @IsString()
  @MaxLength(35, fault('other'))
  language?: string;

  /** Slides to begin with; what of them cannot be read is left out. */
  @Optional()
  @IsObject(fault('slides'))
  deck?: Deck;
}

/** A colleague, by the address they sign in with. */
export class NewAuthor {
  @Trimmed()
  @IsEmail({}, fault('colleague-email'))
  @MaxLength(200, fault('email-too-long'))
  email: string;
}

/** What somebody may do with a deck that is not theirs. */
export const authorRights = ['view', 'edit'] as const;
export type AuthorRight = (typeof authorRights)[number];

/** What somebody may do with a deck, and until when; what is left out stays as it was, or is editing without an end. */
export class AuthorTerms {
  @Optional()
  @IsIn(authorRights, fault('other'))
  may?: AuthorRight;

  /** The moment it ends, ISO 8601; `null` for never. */
  @Optional()
  @ValidateIf((_terms, value) => value !== null)
  @IsISO8601({}, fault('until'))
  until?: string | null;
}

/** Somebody to share a deck with. */
export class InvitedAuthor extends AuthorTerms {
  @Trimmed()
  @IsEmail({}, fault('colleague-email'))
  @MaxLength(200, fault('email-too-long'))
  email: string;
}

/** Who has a deck. */
export interface AuthorView {
  readonly id: string;
  /** '' for somebody who was asked by mail and has not come yet. */
  readonly name: string;
  readonly email: string;
  readonly isOwner: boolean;
  readonly may: AuthorRight;
  /** ISO 8601. */
  readonly until: string | null;
}

/** What a mail's link leads to. */
export interface InvitationView {
  readonly title: string;
  /** Who asks. */
  readonly by: string;
  readonly may: AuthorRight;
}

/** The name of a version that is kept by hand. */
export class VersionName {
  @Trimmed()
  @IsString()
  @Length(1, 120, fault('version-name'))
  name: string;
}

/** A version of a deck in the list of its versions. */
export interface VersionView {
  readonly id: string;
  /** `null` for one that was kept automatically. */
  readonly name: string | null;
  /** Who kept it, by name; `null` for one that was kept automatically. */
  readonly by: string | null;
  /** The moment whose state it is, ISO 8601. */
  readonly madeAt: string;
  readonly slideCount: number;
}

/** An upload that came whole, to be stored as a file. */
export class NewFile {
  @IsString()
  @Length(1, 100)
  upload: string;

  @IsString()
  @Length(1, 200, fault('file-name'))
  name: string;
}

/** A stored file. */
export interface StoredFileView {
  /** SHA-256 of its bytes. */
  readonly id: string;
  readonly name: string;
  /** Whether it is a sound or a video, as its bytes say; `null` for anything else. A sound alone may be in a video's file. */
  readonly media: 'sound' | 'video' | null;
  /** How many bytes it has. */
  readonly size: number;
}

/** How much of what a teacher may store is taken, in bytes. */
export interface RoomView {
  readonly used: number;
  readonly most: number;
  /** The largest that a file may be. */
  readonly largestFile: number;
}

/** A theme to be kept. What of it cannot be read becomes as usual. */
export class KeptTheme {
  @IsObject(fault('theme'))
  theme: Theme;
}

/** A theme that a teacher keeps. */
export interface OwnThemeView {
  readonly id: string;
  readonly theme: Theme;
}

/** Pictures that came from elsewhere, to be kept for decks of one's own. */
export class PictureIds {
  @IsArray()
  @ArrayMaxSize(500)
  @Matches(/^[0-9a-f]{64}$/, { each: true, ...fault('pictures') })
  ids: string[];
}

/** What became of them. */
export interface KeptPictures {
  /** Those that may not be seen by who asked. */
  readonly refused: readonly string[];
}

/** A deck as the library shows it. */
export interface DeckSummary {
  readonly id: string;
  readonly title: string;
  /** When it was last changed, ISO 8601. */
  readonly updatedAt: string;
  readonly slideCount: number;
  /** Whether it has a page that each student can get their own of. */
  readonly hasOwnPage: boolean;
  /** The owner's name, when somebody else shares it with whom it is shown to. */
  readonly sharedBy: string | null;
  /** How many others have it. */
  readonly sharedWith: number;
  /** Whether it is on its owner's school's shelf. */
  readonly isOffered: boolean;
  /** Whether anybody who has its link looks at it. */
  readonly hasLink: boolean;
  /** Whether it is published as a show. */
  readonly isPublished: boolean;
  /** What whoever looks may do with it. */
  readonly may: AuthorRight;
  /** The unit in which whoever looks keeps it; `null` for none. */
  readonly unitId: string | null;
  /** Since when it is in the archive of whoever looks, ISO 8601; `null` where it is not. */
  readonly archivedAt: string | null;
  /** Whose deck it is a copy of; `null` for none of somebody else. */
  readonly copiedFrom: CopiedFrom | null;
  /** The part of the deck that draws its first slide. */
  readonly cover: Deck;
}

/** What a deck was copied from: its title then, and its owner's name. */
export interface CopiedFrom {
  readonly title: string;
  readonly by: string;
}

/** A stored picture; sizes in pixels and bytes. */
export interface PictureView {
  readonly id: string;
  readonly width: number;
  readonly height: number;
  readonly bytes: number;
  /** Whether it is a moving picture. */
  readonly moving: boolean;
}

/** The largest picture that is taken, in bytes. */
export const LARGEST_PICTURE = 20 * 1024 * 1024;
