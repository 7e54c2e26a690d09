/** Templates that teachers keep and share: what is sent and what comes back. */
import { fault } from './fault.js';
import type { Deck } from '@gobrel/core/deck';
import type { PictureView } from './decks.js';
import { type Doing, doings, type Moment, moments } from '@gobrel/core/templates';
import { ArrayMaxSize, IsArray, IsIn, IsObject, IsString, Length } from 'class-validator';

/** Slides to be kept as a template. What of the deck cannot be read is left out. */
export class KeptTemplate {
  @IsString()
  @Length(1, 80, fault('template-name'))
  name: string;

  @IsIn(moments, fault('moment'))
  moment: Moment;

  @IsArray()
  @ArrayMaxSize(doings.length)
  @IsIn(doings, { each: true, ...fault('doing') })
  does: Doing[];

  @IsObject(fault('slides'))
  deck: Deck;
}

/** A colleague in a list. */
export interface Colleague {
  readonly id: string;
  readonly name: string;
}

/** A template that a teacher keeps, or was given by a colleague. */
export interface KeptTemplateView {
  readonly id: string;
  readonly name: string;
  readonly moment: Moment;
  readonly does: readonly Doing[];
  readonly deck: Deck;
  /** Who shared it; `null` for one's own. */
  readonly by: string | null;
  /** With whom it is shared; nobody is told of one that is not theirs. */
  readonly sharedWith: readonly Colleague[];
}

/** The stored pictures of the templates that come along, by name. */
export type SceneViews = Readonly<Record<string, Pick<PictureView, 'id' | 'width' | 'height'>>>;
