/** Searching the picture library, as one would a service outside. */
import type { LicenceName } from '@gobrel/core/deck';
import { Transform } from 'class-transformer';
import { IsIn, IsInt, IsString, Max, MaxLength, Min } from 'class-validator';
import { fault } from './fault.js';
import { Optional } from './optional.js';
import {
  type PictureColour,
  pictureColours,
  type PictureKind,
  pictureKinds,
  type PictureShape,
  pictureShapes,
} from './picture-words.js';

/** What to look for; everything where nothing is said. */
export class LibraryQuery {
  /** Words of what it shows. */
  @Optional()
  @IsString()
  @MaxLength(80, fault('search'))
  find?: string;

  @Optional()
  @IsIn(pictureKinds)
  kind?: PictureKind;

  /** `yes` for pictures that one may change, and for those one may make money with. */
  @Optional()
  @IsIn(['yes', 'no'])
  change?: 'yes' | 'no';

  @Optional()
  @IsIn(['yes', 'no'])
  sell?: 'yes' | 'no';

  @Optional()
  @IsIn(pictureColours)
  colour?: PictureColour;

  @Optional()
  @IsIn(pictureShapes)
  shape?: PictureShape;

  /** From 1. */
  @Optional()
  @Transform(({ value }: { readonly value: unknown }) => Number(value))
  @IsInt()
  @Min(1)
  @Max(1000)
  page?: number;
}

/** A picture that may be used. */
export interface LibraryPicture {
  /** Its name in addresses: `/api/picture-library/<name>`. */
  readonly name: string;
  readonly shows: string;
  readonly by: string;
  /** `null` where nobody knows it here. */
  readonly licence: LicenceName | null;
  /** Where it is looked at outside; '' for nowhere. */
  readonly source: string;
  readonly width: number;
  readonly height: number;
}

/** What was found, a page of it. */
export interface LibraryPictures {
  readonly pictures: readonly LibraryPicture[];
  /** How many there are all together. */
  readonly count: number;
  readonly isMore: boolean;
}
