/** Searching the picture library, as one would a service outside. */
import { fault } from './fault.js';
import { IsString, MaxLength } from 'class-validator';
import { Optional } from './optional.js';

/** What to look for: words of what a picture shows; everything where it is empty. */
export class PictureSearch {
  @Optional()
  @IsString()
  @MaxLength(80, fault('search'))
  find?: string;
}

/** A picture that may be used. */
export interface LibraryPicture {
  /** Its name in addresses: `/api/picture-library/<name>`. */
  readonly name: string;
  readonly shows: string;
  readonly by: string;
  readonly licence: string;
}
