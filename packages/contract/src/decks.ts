/** Decks and pictures: what is sent and what comes back. */
import type { Deck } from '@gobrel/core/deck';
import { Transform } from 'class-transformer';
import { IsString, Length } from 'class-validator';

/** A deck's title, for a new deck or a new name. */
export class DeckTitle {
  @Transform(({ value }: { value: unknown }) => (typeof value === 'string' ? value.trim() : value))
  @IsString()
  @Length(1, 200, { message: 'Give the deck a title of up to 200 letters.' })
  title: string;
}

/** A deck as the library shows it. */
export interface DeckSummary {
  readonly id: string;
  readonly title: string;
  /** When it was last changed, ISO 8601. */
  readonly updatedAt: string;
  readonly slideCount: number;
  /** The part of the deck that draws its first slide. */
  readonly cover: Deck;
}

/** A stored picture; sizes in pixels and bytes. */
export interface PictureView {
  readonly id: string;
  readonly width: number;
  readonly height: number;
  readonly bytes: number;
}

/** The largest picture that is taken, in bytes. */
export const LARGEST_PICTURE = 20 * 1024 * 1024;
