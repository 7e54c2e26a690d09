/** The course of the stand-in, what stands in it, and how it is set up. */
import type { JWTPayload } from 'jose';
import type { Person } from '../people.js';

/** As what the application is known here. */
export const PLATFORM_CLIENT = { id: 'gobrel-at-marram-bay', deployment: 'deployment-1' } as const;

/** The course. */
export const COURSE = { id: 'course-heron', title: '6 Heron: the shore' } as const;

/** Something of the application's that stands in the course. */
export interface Placed {
  readonly id: string;
  readonly title: string;
  readonly url: string;
  readonly custom: Readonly<Record<string, string>>;
  /** The column of the gradebook; `null` where there is none. */
  lineItem: LineItem | null;
}

/** A column of the gradebook. */
export interface LineItem {
  readonly id: string;
  readonly label: string;
  readonly scoreMaximum: number;
  /** What was sent last for each person, by their id. */
  readonly scores: Map<string, Score>;
}

/** A score, as the standard names its parts. */
export interface Score {
  readonly userId: string;
  readonly scoreGiven: number;
  readonly scoreMaximum: number;
  readonly activityProgress: string;
  readonly gradingProgress: string;
  readonly timestamp: string;
}

/** Where the application is, and where it takes launches: what whoever runs a platform enters there. */
export interface Tool {
  readonly site: string;
  /** The id that it gave to this platform. */
  readonly platformId: string;
}

/** How the platform misbehaves, for tests. */
export interface Mischief {
  /** Signs with a key that it never published. */
  readonly signsFalsely?: boolean;
  /** Claims that are said instead of the right ones. */
  readonly says?: JWTPayload;
  /** Scores are refused with this status. */
  readonly refusesScores?: number;
}

/** A platform that runs. */
export interface RunningPlatform {
  readonly issuer: string;
  /** What is entered for it in the application. */
  readonly addresses: {
    readonly issuer: string;
    readonly clientId: string;
    readonly deploymentId: string;
    readonly signInUrl: string;
    readonly tokenUrl: string;
    readonly keysUrl: string;
  };
  readonly placed: Placed[];
  /** Who is in the course beside those whom everybody sees, for tests. */
  readonly more: Person[];
  tool: Tool | null;
  mischief: Mischief;
  stop(): Promise<void>;
}
