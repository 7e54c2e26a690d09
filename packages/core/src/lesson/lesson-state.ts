/** The state of a lesson that its teacher steers and everybody in it sees. */
import {
  isId,
  type ItemId,
  readBoolean,
  readFields,
  readNumber,
  readOneOf,
  readString,
  readStrings,
  type SlideId,
} from '../deck/index.js';
import type { Stop } from '../show/index.js';

/** The paces of a lesson. */
export const paces = ['together', 'own-pace'] as const;

/** *Together*: the class follows the teacher's slide. *Own pace*: each walks alone. */
export type Pace = (typeof paces)[number];

/** Where the teacher stands: the stops walked, the last of which the class sees, and the slides seen. */
export interface Lead {
  readonly walk: readonly [Stop, ...Stop[]];
  readonly seen: readonly SlideId[];
}

/** Time that is given to the class. */
export interface Countdown {
  /** When it is over, in milliseconds since 1970 by the server's clock. */
  readonly endsAt: number;
  /** How long it was when it began, in seconds. */
  readonly seconds: number;
}

/** A call to one slide, which each device follows once. */
interface Gathering {
  readonly slideId: SlideId;
  /** Higher with each call. */
  readonly number: number;
}

/** What students may do while somebody shows. */
export interface Allowed {
  /** Raise a hand to show next. */
  readonly hands: boolean;
  /** See the slides that are shown on their own devices. */
  readonly following: boolean;
  readonly applause: boolean;
  /** Ask in writing. */
  readonly questions: boolean;
}

/** The answers on a slide that the class screen shows, without names. */
export interface AnswersShown {
  readonly slideId: SlideId;
  /** Which answers, by participant, in an order that tells nobody whose they are. */
  readonly of: readonly string[];
  /** Answers that are picked out among them, by participant. */
  readonly picked: readonly string[];
  /** Side by side on their slides, or all over one another. */
  readonly how: 'side-by-side' | 'layered';
}

/** The answers to a question as a chart that the class screen shows. */
export interface ChartShown {
  readonly itemId: ItemId;
  /** Whether it says what is right. */
  readonly isKeyShown: boolean;
}

/** A question that somebody asked in writing while another showed. */
export interface AskedInWriting {
  readonly id: string;
  readonly participantId: string;
  readonly text: string;
}

/** What the teacher steers and everybody in the lesson sees. */
export interface LessonState {
  readonly pace: Pace;
  /** `null` until the teacher leads for the first time. */
  readonly lead: Lead | null;
  /** The slides that are open at everybody's own pace; `null` for all of them. */
  readonly opened: readonly SlideId[] | null;
  /** Whether all screens are dark. */
  readonly dark: boolean;
  readonly countdown: Countdown | null;
  readonly gathering: Gathering | null;
  /** Participants waiting to show, first come first. */
  readonly turnList: readonly string[];
  /** Those who would like to show, first come first. */
  readonly hands: readonly string[];
  /** The participant whose slides the class screen shows, or `null`. */
  readonly showing: string | null;
  /** The time of the turn that is on; `null` while it takes as long as it takes. */
  readonly turnTime: Countdown | null;
  /** How long a turn takes, in seconds; 0 for as long as it takes. */
  readonly turnSeconds: number;
  /** Where the teacher leads the slides that are shown; `null` while whoever shows steers. */
  readonly steeredTo: Stop | null;
  readonly allowed: Allowed;
  /** How often the class applauded in the turn that is on. */
  readonly applause: number;
  readonly asked: readonly AskedInWriting[];
  /** Everybody's slides on the class screen; `null` for none. Not together with a chart. */
  readonly answersShown: AnswersShown | null;
  readonly chartShown: ChartShown | null;
}

/** A lesson nobody has steered yet. */
export const newLessonState: LessonState = {
  pace: 'own-pace',
  lead: null,
  opened: null,
  dark: false,
  countdown: null,
  gathering: null,
  turnList: [],
  hands: [],
  showing: null,
  turnTime: null,
  turnSeconds: 0,
  steeredTo: null,
  allowed: { hands: false, following: false, applause: false, questions: false },
  applause: 0,
  asked: [],
  answersShown: null,
  chartShown: null,
};

/** The most participants a list names, slides a walk remembers, and questions that are kept. */
export const lessonLimits = { participants: 1000, walk: 500, asked: 200, question: 300 } as const;

const LATEST = 8.64e15;

/** The state read from untrusted fields; what cannot be read is as in a new lesson. */
export function readLessonState(value: unknown): LessonState {
  const fields = readFields(value) ?? {};
  return {
    pace: readOneOf(fields['pace'], paces, 'own-pace'),
    lead: readLead(fields['lead']),
    opened: Array.isArray(fields['opened']) ? readIds(fields['opened']) : null,
    dark: readBoolean(fields['dark'], false),
    countdown: readCountdown(fields['countdown']),
    gathering: readGathering(fields['gathering']),
    turnList: readIds(fields['turnList']),
    hands: readIds(fields['hands']),
    showing: isId(fields['showing']) ? fields['showing'] : null,
    turnTime: readCountdown(fields['turnTime']),
    turnSeconds: readNumber(fields['turnSeconds'], 0, 0, 3600),
    steeredTo: readPlace(fields['steeredTo']),
    allowed: readAllowed(fields['allowed']),
    applause: readNumber(fields['applause'], 0, 0),
    asked: readAsked(fields['asked']),
    answersShown: readAnswersShown(fields['answersShown']),
    chartShown: readChartShown(fields['chartShown']),
  };
}

function readChartShown(value: unknown): ChartShown | null {
  const fields = readFields(value);
  return isId(fields?.['itemId'])
    ? { itemId: fields['itemId'], isKeyShown: readBoolean(fields['isKeyShown'], false) }
    : null;
}

function readIds(value: unknown): readonly string[] {
  return [...new Set(readStrings(value, 40, lessonLimits.participants).filter(isId))];
}

function readPlace(value: unknown): Stop | null {
  const fields = readFields(value);
  if (!isId(fields?.['slideId'])) return null;
  return {
    slideId: fields['slideId'],
    viewpointId: isId(fields['viewpointId']) ? fields['viewpointId'] : null,
    appeared: readNumber(fields['appeared'], 0, 0),
  };
}

function readLead(value: unknown): Lead | null {
  const fields = readFields(value);
  const stored = fields?.['walk'] ?? fields?.['way'];
  const walk = Array.isArray(stored) ? stored : [];
  const [first, ...rest] = walk.slice(-lessonLimits.walk).flatMap((stop) => readPlace(stop) ?? []);
  return first ? { walk: [first, ...rest], seen: readIds(fields?.['seen']) } : null;
}

function readCountdown(value: unknown): Countdown | null {
  const fields = readFields(value);
  if (typeof fields?.['endsAt'] !== 'number') return null;
  return {
    endsAt: readNumber(fields['endsAt'], 0, 0, LATEST),
    seconds: readNumber(fields['seconds'], 0, 0, 86_400),
  };
}

function readGathering(value: unknown): Gathering | null {
  const fields = readFields(value);
  return isId(fields?.['slideId']) ? { slideId: fields['slideId'], number: readNumber(fields['number'], 0, 0) } : null;
}

function readAllowed(value: unknown): Allowed {
  const fields = readFields(value) ?? {};
  const { hands, following, applause, questions } = newLessonState.allowed;
  return {
    hands: readBoolean(fields['hands'], hands),
    following: readBoolean(fields['following'], following),
    applause: readBoolean(fields['applause'], applause),
    questions: readBoolean(fields['questions'], questions),
  };
}

function readAsked(value: unknown): readonly AskedInWriting[] {
  return (Array.isArray(value) ? value : []).slice(-lessonLimits.asked).flatMap((entry) => {
    const fields = readFields(entry);
    if (!isId(fields?.['id']) || !isId(fields['participantId'])) return [];
    const text = readString(fields['text'], '', lessonLimits.question);
    return [{ id: fields['id'], participantId: fields['participantId'], text }];
  });
}

function readAnswersShown(value: unknown): AnswersShown | null {
  const fields = readFields(value);
  if (!isId(fields?.['slideId'])) return null;
  return {
    slideId: fields['slideId'],
    of: readIds(fields['of']),
    picked: readIds(fields['picked']),
    how: readOneOf(fields['how'], ['side-by-side', 'layered'], 'side-by-side'),
  };
}
