/** Decks and pictures: what is sent and what comes back. */
import { type Deck, type SlideSizeName, slideSizes, type Theme } from '@gobrel/core/deck';
import { ArrayMaxSize, IsArray, IsEmail, IsIn, IsObject, IsOptional, IsString, Length, Matches } from 'class-validator';
import { Trimmed } from './trimmed.js';

/** A deck's title, for a new deck or a new name. */
export class DeckTitle {
  @Trimmed()
  @IsString()
  @Length(1, 200, { message: 'Give the deck a title of up to 200 letters.' })
  title: string;
}

/** A new deck. */
export class NewDeck extends DeckTitle {
  @IsOptional()
  @IsIn(Object.keys(slideSizes), { message: 'There is no such slide size.' })
  size?: SlideSizeName;

  /** Slides to begin with; what of them cannot be read is left out. */
  @IsOptional()
  @IsObject({ message: 'There are no slides in this.' })
  deck?: Deck;
}

/** A deck that was deleted, and can be restored. */
export interface DeletedDeck {
  readonly id: string;
  readonly title: string;
  readonly slideCount: number;
  /** ISO 8601. */
  readonly deletedAt: string;
}

/** Somebody to edit a deck together with. */
export class NewAuthor {
  @Trimmed()
  @IsEmail({}, { message: 'Type an e-mail address, such as nadia@marrambay.example.' })
  email: string;
}

/** Who edits a deck. */
export interface AuthorView {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly isOwner: boolean;
}

/** The name of a version that is kept by hand. */
export class VersionName {
  @Trimmed()
  @IsString()
  @Length(1, 120, { message: 'Give the version a name of up to 120 letters.' })
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

/** What comes along with an uploaded file. */
export class NewFile {
  @IsString()
  @Length(1, 200, { message: 'The name of the file is too long. Use up to 200 letters.' })
  name: string;
}

/** A stored file. */
export interface StoredFileView {
  /** SHA-256 of its bytes. */
  readonly id: string;
  readonly name: string;
  /** Whether it is a sound that can be played. */
  readonly plays: boolean;
}

/** A theme to be kept. What of it cannot be read becomes as usual. */
export class KeptTheme {
  @IsObject({ message: 'There is no theme in this.' })
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
  @Matches(/^[0-9a-f]{64}$/, { each: true, message: 'These are no pictures.' })
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
  /** The part of the deck that draws its first slide. */
  readonly cover: Deck;
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
