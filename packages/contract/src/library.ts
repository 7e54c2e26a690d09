/** How a library is kept in order: units, the archive, and what is found in it. */
import { ArrayMaxSize, IsArray, IsBoolean, IsString, Length, Matches, MaxLength, ValidateIf } from 'class-validator';
import { fault } from './fault.js';
import { Optional } from './optional.js';
import { Trimmed } from './trimmed.js';

/** The most decks that are put somewhere at once. */
export const MOST_SHELVED = 500;

/** What a unit is called. */
export class UnitName {
  @Trimmed()
  @IsString()
  @Length(1, 80, fault('unit-name'))
  name: string;
}

/** Some decks of a library that belong together, for whoever keeps it so. */
export interface UnitView {
  readonly id: string;
  readonly name: string;
}

/** Puts decks into a unit or none, into the archive or back; what is not said stays. */
export class Shelving {
  @IsArray()
  @ArrayMaxSize(MOST_SHELVED)
  @Matches(/^[\w-]{1,64}$/, { each: true, ...fault('other') })
  deckIds: string[];

  /** `null` for no unit. */
  @Optional()
  @ValidateIf((_object, value: unknown) => value !== null)
  @IsString()
  @MaxLength(64, fault('other'))
  unitId?: string | null;

  @Optional()
  @IsBoolean()
  archived?: boolean;
}

/** Words that are looked for. */
export class Sought {
  @IsString()
  @MaxLength(200, fault('other'))
  words: string;
}

/** A deck on whose slides words stand. */
export interface FoundDeck {
  readonly id: string;
  readonly slides: readonly { readonly slideId: string; readonly name: string; readonly excerpt: string }[];
}
