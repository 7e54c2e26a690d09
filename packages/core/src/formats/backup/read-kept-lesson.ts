/** What lies in a backup beside decks: classes, lessons with everybody's work, themes, templates. Nobody vouches for it. */
import { type Deck, type Fields, readDeck, readFields, readOneOf, readString } from '../../deck/index.js';
import { type LessonTerms, readTerms, type WorkMode, workModes } from '../../lesson/index.js';
import { readReview, type Review } from '../../review/index.js';
import { readRosterRef, type RosterRef } from '../oneroster/index.js';
import { readWork, type Work } from '../../work/index.js';

/** The most of each that is read. */
const MOST = {
  classes: 200,
  students: 400,
  lessons: 2000,
  lines: 1000,
  tries: 50,
  themes: 200,
  templates: 200,
} as const;

/** A class of a backup. */
export interface KeptClass {
  /** Its id where it was kept. */
  readonly id: string;
  readonly name: string;
  /** How the school's system knows it; `null` when it is not from there. */
  readonly roster: RosterRef | null;
  readonly students: readonly {
    readonly id: string;
    readonly name: string;
    readonly group: string;
    /** As the school's system knows them; '' when they are not known there. */
    readonly rosterId: string;
  }[];
}

/** Somebody's submission. */
export interface KeptSubmission {
  readonly number: number;
  /** ISO 8601. */
  readonly submittedAt: string;
  /** ISO 8601; `null` while it stands. */
  readonly takenBackAt: string | null;
  readonly work: Work;
}

/** Somebody's work in a lesson, or that of a group. */
export interface KeptLine {
  readonly name: string;
  /** The student's id where it was kept; `null` for a guest and for a group. */
  readonly studentId: string | null;
  /** The students of a group. */
  readonly members: readonly { readonly studentId: string; readonly name: string }[];
  readonly work: Work;
  readonly submissions: readonly KeptSubmission[];
  readonly review: Review;
  /** ISO 8601; `null` while the student may not see it. */
  readonly releasedAt: string | null;
}

/** A lesson of a backup. */
export interface KeptLesson {
  readonly title: string;
  /** The id of its class where that was kept; `null` for anybody. */
  readonly classId: string | null;
  readonly workMode: WorkMode;
  readonly terms: LessonTerms;
  /** ISO 8601. */
  readonly openedAt: string;
  readonly edition: Deck;
  /** Those who did something. */
  readonly lines: readonly KeptLine[];
}

/** Everything beside the decks. */
export interface KeptBeside {
  readonly classes: readonly KeptClass[];
  readonly lessons: readonly KeptLesson[];
  /** Read with `readTheme`. */
  readonly themes: readonly object[];
  readonly templates: readonly {
    readonly name: string;
    readonly moment: string;
    readonly does: unknown;
    readonly deck: Deck;
  }[];
}

/** How much lies beside the decks. */
export function sizeOfBeside({ classes, lessons, themes, templates }: KeptBeside): number {
  return classes.length + lessons.length + themes.length + templates.length;
}

/** Reads what lies beside decks. @param json what a file of the backup says; `null` for none */
export function readBeside(manifest: Fields, json: (name: string) => unknown): KeptBeside {
  return {
    classes: fieldsIn(json('classes.json'), MOST.classes).map(readClass),
    lessons: fieldsIn(manifest['lessons'], MOST.lessons).flatMap(({ folder }) => {
      const at = readString(folder, '');
      return /^(?:lessons\/[\w-]{1,40}\/)?$/.test(at) ? (readLesson((file) => json(`${at}${file}.json`)) ?? []) : [];
    }),
    themes: fieldsIn(json('themes.json'), MOST.themes).flatMap(({ theme }) => one(readFields(theme))),
    templates: fieldsIn(json('templates.json'), MOST.templates).flatMap(({ name, moment, does, deck }) => {
      const read = readFields(deck);
      return read
        ? [{ name: readString(name, '', 80), moment: readString(moment, ''), does, deck: readDeck(read).deck }]
        : [];
    }),
  };
}

function readClass({ id, name, roster, students }: Fields): KeptClass {
  return {
    id: readString(id, ''),
    name: readString(name, '', 80),
    roster: readRosterRef(roster),
    students: fieldsIn(students, MOST.students).flatMap((student) => {
      const called = readString(student['name'], '', 80);
      return called === ''
        ? []
        : [
            {
              ...{ id: readString(student['id'], ''), name: called, group: readString(student['group'], '', 40) },
              rosterId: readString(student['rosterId'], '', 255),
            },
          ];
    }),
  };
}

function readLesson(json: (file: string) => unknown): KeptLesson | null {
  const lesson = readFields(json('lesson'));
  const edition = readFields(json('edition'));
  if (!lesson || !edition) return null;
  const works = readFields(json('work')) ?? {};
  const submissions = fieldsIn(json('submissions'), MOST.lines * MOST.tries);
  const reviews = fieldsIn(json('reviews'), MOST.lines);
  return {
    title: readString(lesson['title'], '', 200),
    classId: typeof lesson['classId'] === 'string' ? lesson['classId'] : null,
    workMode: readOneOf(lesson['workMode'], workModes, 'copy-each'),
    terms: readTerms(lesson['terms']),
    openedAt: moment(lesson['openedAt']) ?? new Date(0).toISOString(),
    edition: readDeck(edition).deck,
    lines: fieldsIn(lesson['participants'], MOST.lines).flatMap((line): KeptLine[] => {
      const id = line['participantId'];
      if (typeof id !== 'string' || works[id] === undefined) return [];
      const members = fieldsIn(line['members'], MOST.lines);
      const review = reviews.find(({ participantId }) => participantId === id);
      const isAlone = members.length === 0 && line['isGuest'] !== true;
      return [
        {
          name: readString(line['name'], '', 80),
          studentId: isAlone ? readString(line['key'], '') : null,
          members: members.map((member) => ({
            studentId: readString(member['studentId'], ''),
            name: readString(member['name'], '', 80),
          })),
          work: readWork(works[id]),
          submissions: submissions
            .filter(({ participantId }) => participantId === id)
            .slice(0, MOST.tries)
            .map((each, at) => ({
              number: at + 1,
              submittedAt: moment(each['submittedAt']) ?? new Date(0).toISOString(),
              takenBackAt: moment(each['takenBackAt']),
              work: readWork(each['work']),
            })),
          review: readReview(review?.['review']),
          releasedAt: moment(review?.['releasedAt']),
        },
      ];
    }),
  };
}

function moment(value: unknown): string | null {
  const at = typeof value === 'string' ? Date.parse(value) : Number.NaN;
  return Number.isNaN(at) ? null : new Date(at).toISOString();
}

function fieldsIn(value: unknown, most: number): readonly Fields[] {
  if (!Array.isArray(value)) return [];
  return value.slice(0, most).flatMap((entry: unknown) => one(readFields(entry)));
}

function one<T>(value: T | null): readonly T[] {
  return value === null ? [] : [value];
}
