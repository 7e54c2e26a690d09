/** A school: its colleagues, their teams, and the decks that are offered on its shelf. */
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsInt,
  IsString,
  Length,
  Matches,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { type AuthorRight, AuthorTerms, type DeckSummary } from './decks.js';
import { fault } from './fault.js';
import { Optional } from './optional.js';
import { Trimmed } from './trimmed.js';

/** The ages of students a deck can be for, in years. */
export const AGES = { least: 3, most: 19 } as const;

/** The most colleagues in a team. */
export const MOST_IN_TEAM = 200;

/** What a school is called. */
export class SchoolName {
  @Trimmed()
  @IsString()
  @Length(1, 80, fault('school-name'))
  name: string;
}

/** Whether a colleague manages the school. */
export class Managing {
  @IsBoolean()
  manages: boolean;
}

/** A team: colleagues who share decks with each other; what is left out stays as it was. */
export class TeamTerms {
  @Optional()
  @Trimmed()
  @IsString()
  @Length(1, 80, fault('team-name'))
  name?: string;

  /** The ids of the colleagues in it. */
  @Optional()
  @IsArray()
  @ArrayMaxSize(MOST_IN_TEAM)
  @Matches(/^[\w-]{1,64}$/, { each: true, ...fault('other') })
  members?: string[];
}

/** A new team. */
export class NewTeam {
  @Trimmed()
  @IsString()
  @Length(1, 80, fault('team-name'))
  name: string;

  /** The ids of the colleagues in it, beside whoever makes it. */
  @IsArray()
  @ArrayMaxSize(MOST_IN_TEAM)
  @Matches(/^[\w-]{1,64}$/, { each: true, ...fault('other') })
  members: string[];
}

/** Somebody of the same school. */
export interface ColleagueView {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  /** Whether they let others in and out. */
  readonly manages: boolean;
}

/** Colleagues who share decks with each other. */
export interface TeamView {
  readonly id: string;
  readonly name: string;
  /** The ids of the colleagues in it. */
  readonly members: readonly string[];
}

/** A school as its colleagues see it. */
export interface SchoolView {
  readonly id: string;
  readonly name: string;
  /** The id of whoever looks. */
  readonly me: string;
  /** By name. */
  readonly colleagues: readonly ColleagueView[];
  /** Those who were asked by mail and have not come yet. */
  readonly invited: readonly { readonly id: string; readonly email: string }[];
  /** By name. */
  readonly teams: readonly TeamView[];
}

/** Somebody's school; `null` for none. */
export interface OwnSchool {
  readonly school: SchoolView | null;
}

/** What a mail's link to a school leads to. */
export interface SchoolInvitationView {
  readonly school: string;
  /** Who asks. */
  readonly by: string;
}

/** How a deck is offered to a school: what colleagues may do, until when, and for whom it is; what is left out stays as it was. */
export class OfferTerms extends AuthorTerms {
  @Optional()
  @Trimmed()
  @IsString()
  @MaxLength(60, fault('subject'))
  subject?: string;

  /** The youngest and the oldest it is for, in years. */
  @Optional()
  @IsInt(fault('ages'))
  @Min(AGES.least, fault('ages'))
  @Max(AGES.most, fault('ages'))
  ageFrom?: number;

  @Optional()
  @IsInt(fault('ages'))
  @Min(AGES.least, fault('ages'))
  @Max(AGES.most, fault('ages'))
  ageTo?: number;
}

/** How a deck is offered to a school. */
export interface OfferView {
  readonly may: AuthorRight;
  /** ISO 8601. */
  readonly until: string | null;
  /** '' for none. */
  readonly subject: string;
  readonly ageFrom: number;
  readonly ageTo: number;
}

/** A team that a deck is shared with. */
export interface TeamAudienceView extends Required<Pick<AuthorTerms, 'may'>> {
  readonly id: string;
  readonly name: string;
  readonly members: number;
  /** ISO 8601. */
  readonly until: string | null;
}

/** With which colleagues at once a deck is shared. */
export interface AudiencesView {
  /** Its owner's school; `null` for none. */
  readonly school: string | null;
  /** `null` while it is not offered. */
  readonly offer: OfferView | null;
  readonly teams: readonly TeamAudienceView[];
  /** The teams it could be shared with. */
  readonly otherTeams: readonly { readonly id: string; readonly name: string; readonly members: number }[];
}

/** A deck on a school's shelf. */
export interface OfferedDeck {
  readonly deck: DeckSummary;
  /** Whose it is. */
  readonly by: string;
  readonly isMine: boolean;
  readonly subject: string;
  readonly ageFrom: number;
  readonly ageTo: number;
  /** ISO 8601. */
  readonly offeredAt: string;
}
