/** Sharing a deck by an address: what its owner sets, and what whoever has the address gets. */
import type { Deck, ItemId } from '@gobrel/core/deck';
import type { AnswerFeedback } from '@gobrel/core/questions';
import type { Stop } from '@gobrel/core/show';
import type { Work } from '@gobrel/core/work';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsISO8601,
  IsObject,
  IsString,
  Length,
  ValidateIf,
} from 'class-validator';
import { fault } from './fault.js';
import { Optional } from './optional.js';

/** A link for those it is given to, or a show for everybody. */
export const shareKinds = ['link', 'show'] as const;
export type ShareKind = (typeof shareKinds)[number];

/** What somebody may do who has the address; each includes those before it. */
export const shareRights = ['view', 'copy', 'edit'] as const;
export type ShareRight = (typeof shareRights)[number];

/** The shortest and the longest passcode, in letters. */
export const PASSCODE = { least: 6, most: 60 } as const;

/** What is set of a share; what is left out stays as it was. */
export class ShareTerms {
  @Optional()
  @IsIn(shareRights, fault('other'))
  may?: ShareRight;

  /** The moment it ends, ISO 8601; `null` for never. */
  @Optional()
  @ValidateIf((_terms, value) => value !== null)
  @IsISO8601({}, fault('until'))
  until?: string | null;

  /** What has to be said before anything is shown; `null` for nothing. */
  @Optional()
  @ValidateIf((_terms, value) => value !== null)
  @IsString()
  @Length(PASSCODE.least, PASSCODE.most, fault('passcode'))
  passcode?: string | null;

  /** Whether a show follows its deck, rather than stay as it was published. */
  @Optional()
  @IsBoolean()
  newest?: boolean;

  /** Whether search engines may list a show. */
  @Optional()
  @IsBoolean()
  listed?: boolean;

  /** Publishes the deck as it is now. */
  @Optional()
  @IsBoolean()
  anew?: boolean;

  /** Gives it another address: the one it had leads nowhere any more. */
  @Optional()
  @IsBoolean()
  readdress?: boolean;
}

/** How often a show was looked at on a day. */
export interface DayCount {
  /** Such as 2026-03-12. */
  readonly day: string;
  readonly count: number;
}

/** A share as the deck's owner sees it. */
export interface ShareView {
  /** The last part of its web address. */
  readonly address: string;
  readonly may: ShareRight;
  /** ISO 8601. */
  readonly until: string | null;
  readonly hasPasscode: boolean;
  readonly newest: boolean;
  readonly listed: boolean;
  /** When what is shown was published; ISO 8601. */
  readonly publishedAt: string;
  /** The days of the last four weeks on which it was looked at, the last one first. */
  readonly looks: readonly DayCount[];
}

/** How a deck is shared by address; `null` for what is off. */
export type SharesView = Readonly<Record<ShareKind, ShareView | null>>;

/** What was said before anything is shown. */
export class Passcode {
  @IsString()
  @Length(1, 200, fault('passcode'))
  passcode: string;
}

/** What opens a show with a passcode, for as long as the passcode stays. */
export interface ShowPass {
  readonly pass: string;
}

/** A deck as whoever has the address sees it: without keys, notes, and what is hidden. */
export interface ShownDeck {
  readonly kind: ShareKind | 'follow';
  readonly deck: Deck;
  readonly may: ShareRight;
  /** Where the show that is followed was, the last stop last; `null` where everybody walks by themselves. */
  readonly walk: readonly Stop[] | null;
  /** ISO 8601. */
  readonly until: string | null;
}

/** Asking how answers stand that are kept nowhere. */
export class CheckLooker {
  @IsObject(fault('other'))
  work: Work;

  @IsArray()
  @ArrayMaxSize(100)
  @IsString({ each: true })
  @Length(1, 40, { each: true })
  itemIds: string[];

  /** How often each was checked before, by item. */
  @IsObject(fault('other'))
  tries: Record<ItemId, number>;
}

/** What is said of an answer: whether it is right, for links, and what may be told of it. */
export interface LookerFeedback {
  readonly right: boolean;
  readonly feedback: AnswerFeedback | null;
}

/** By the ids of the questions. */
export type LookerChecks = Readonly<Record<ItemId, LookerFeedback>>;

/** Lets others follow a show on their own devices. */
export class StartFollowing {
  /** Whether they can look at it afterwards. */
  @IsBoolean()
  keeps: boolean;

  /** Where it is shown just now. */
  @IsObject(fault('other'))
  stop: Stop;
}

/** Where a show that is followed is by now. */
export class FollowStep {
  @IsObject(fault('other'))
  stop: Stop;
}

/** A show that others follow, for whoever presents it. */
export interface FollowingView {
  /** The last part of the web address. */
  readonly address: string;
  /** How many came to it. */
  readonly joined: number;
}

/** For how many days a show that was followed can be looked at afterwards. */
export const DAYS_AFTER_FOLLOWING = 30;

/** The deck that somebody may edit from now on, or their copy of it. */
export interface DeckOfOwn {
  readonly deckId: string;
}
