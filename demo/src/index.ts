/** The sample scenario: Marram Bay School, class 6 Heron, the unit "Night on the saltmarsh". All of it is made up. */
import type { Deck } from '@gobrel/core/deck';
import { type LessonTerms, usualTerms, type WorkMode } from '@gobrel/core/lesson';
import type { Review } from '@gobrel/core/review';
import { emptyWork, type Work } from '@gobrel/core/work';
import { heronId, heronNames } from './class-heron.js';
import { tideTables, weatherWords } from './decks/colleagues-decks.js';
import type { PictureIds } from './decks/deck-writer.js';
import { exitQuestions } from './decks/exit-questions.js';
import { marshSounds } from './decks/marsh-sounds.js';
import { nightWalk } from './decks/night-walk.js';
import { nightWatch } from './decks/night-watch.js';
import { shoreZones } from './decks/shore-zones.js';
import { speciesCards } from './decks/species-cards.js';
import { tideNumbers } from './decks/tide-numbers.js';
import type { MediaFiles } from './media/index.js';
import { drawings } from './pictures/index.js';
import { exitReview } from './reviews.js';
import { exitWork, shoreZonesWork, speciesCardWork } from './student-work.js';
import { nightWatchWork } from './watch-work.js';

export { media, type DemoMedia, type MediaFiles, type StoredMedia } from './media/index.js';
export { DRAWN } from './decks/deck-writer.js';
export { drawings, fromLibrary } from './pictures/index.js';
export { nightWalk } from './decks/night-walk.js';

/** The scenario as plain data. */
export interface DemoScenario {
  readonly teacher: DemoTeacher;
  /** The PIN of every student who has one. */
  readonly pin: string;
  readonly schoolClass: {
    readonly id: string;
    readonly name: string;
    readonly students: readonly {
      readonly id: string;
      readonly name: string;
      readonly hasPin: boolean;
      readonly group: string;
      /** As the school's system knows them. */
      readonly rosterId: string;
    }[];
    readonly roster: { readonly classId: string; readonly schoolId: string; readonly termId: string };
  };
  /** SVG by picture name. */
  readonly drawings: Readonly<Record<string, string>>;
  readonly decks: readonly { readonly id: string; readonly deck: Deck }[];
  readonly lessons: readonly DemoLesson[];
  readonly school: DemoSchool;
  readonly published: DemoShow;
  /** Somebody without an account who was asked to a deck. */
  readonly invited: { readonly deckId: string; readonly email: string; readonly may: 'view' | 'edit' };
}

/** Somebody with an account. */
interface DemoTeacher {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly password: string;
}

/** The teacher's school: colleagues with decks of their own, a team with the teacher in it, and what is on the shelf. */
interface DemoSchool {
  readonly name: string;
  readonly colleagues: readonly (DemoTeacher & {
    readonly decks: readonly { readonly id: string; readonly deck: Deck }[];
  })[];
  readonly team: { readonly name: string; readonly members: readonly string[]; readonly deckId: string };
  readonly shelf: readonly {
    readonly deckId: string;
    readonly by: string;
    readonly subject: string;
    readonly ageFrom: number;
    readonly ageTo: number;
  }[];
}

/** A deck that is published as a show. */
export interface DemoShow {
  readonly deckId: string;
  /** The last part of its web address: as a sample everybody may know it. */
  readonly address: string;
  /** How often it was viewed, today and on each day before. */
  readonly looks: readonly number[];
}

/** A lesson with what its students did. */
export interface DemoLesson {
  readonly id: string;
  readonly deckId: string;
  readonly code: string;
  readonly workMode: WorkMode;
  readonly terms: LessonTerms;
  readonly openedHoursAgo: number;
  readonly closed: boolean;
  readonly works: readonly DemoWork[];
}

/** What one student did, and what was said to it. */
export interface DemoWork {
  readonly studentId: string;
  readonly work: Work;
  readonly submitted: boolean;
  /** A review that is released; `null` where nothing was said yet. */
  readonly review: Review | null;
}

/** The groups of the class, in which a copy can be shared. */
const groups = ['Terns', 'Avocets', 'Curlews', 'Herons'] as const;

/** How many of the class have not come in yet: they set their PIN at their first visit. */
const ABSENT = 4;

/** The scenario, with pictures, sounds and films by the ids under which they are stored. */
export function makeScenario(pictures: PictureIds, files: MediaFiles): DemoScenario {
  const shore = shoreZones(pictures);
  const exit = exitQuestions(pictures);
  const watch = nightWatch(pictures);
  const cards = speciesCards(pictures);
  const students = heronNames.map((name, index) => ({
    id: heronId(index),
    name,
    hasPin: index < heronNames.length - ABSENT,
    group: groups[index % groups.length] ?? '',
    rosterId: `mbs-${heronId(index)}`,
  }));
  const habit = (index: number) => ({
    care: 0.45 + 0.5 * (((index * 5) % 11) / 10),
    pace: 0.25 + 0.75 * (((index * 7) % 13) / 12),
    seed: index + 1,
  });
  const present = students.slice(0, students.length - ABSENT);
  return {
    teacher: { id: 'odile', name: 'Odile Farrow', email: 'odile@marrambay.example', password: 'saltmarsh at night' },
    pin: '2468',
    schoolClass: {
      ...{ id: '6-heron', name: '6 Heron', students },
      roster: { classId: 'mbs-6-heron', schoolId: 'mbs', termId: 'mbs-spring' },
    },
    drawings,
    decks: [
      { id: 'night-walk', deck: nightWalk(pictures) },
      { id: 'shore-zones', deck: shore },
      { id: 'night-watch', deck: watch },
      { id: 'exit-questions', deck: exit },
      { id: 'species-cards', deck: cards },
      { id: 'marsh-sounds', deck: marshSounds(pictures, files) },
      { id: 'tide-numbers', deck: tideNumbers(pictures) },
    ],
    lessons: [
      {
        id: 'shore-lesson',
        deckId: 'shore-zones',
        code: 'HRNS427',
        workMode: 'copy-each',
        terms: usualTerms,
        openedHoursAgo: 0.5,
        closed: false,
        works: present.map((student, index) => ({
          studentId: student.id,
          work: index === present.length - 1 ? { ...emptyWork, walk: ['start'] } : shoreZonesWork(shore, habit(index)),
          submitted: habit(index).pace > 0.9,
          review: null,
        })),
      },
      {
        id: 'cards-lesson',
        deckId: 'species-cards',
        code: 'HRNC318',
        workMode: 'slide-each',
        terms: { ...usualTerms, others: 'submitted', instructions: 'One species, one card. Ten minutes.' },
        openedHoursAgo: 1.2,
        closed: false,
        works: present.map((student, index) => ({
          studentId: student.id,
          work: speciesCardWork(cards, habit(index)),
          submitted: habit(index).pace > 0.5,
          review: null,
        })),
      },
      {
        id: 'watch-lesson',
        deckId: 'night-watch',
        code: 'HRNW561',
        workMode: 'copy-each',
        terms: usualTerms,
        openedHoursAgo: 21,
        closed: false,
        works: present.map((student, index) => ({
          studentId: student.id,
          work: nightWatchWork(watch, habit(index)),
          submitted: habit(index).pace > 0.7,
          review: null,
        })),
      },
      {
        id: 'exit-lesson',
        deckId: 'exit-questions',
        code: 'HRNX835',
        workMode: 'copy-each',
        terms: usualTerms,
        openedHoursAgo: 74,
        closed: true,
        works: present.map((student, index) => ({
          studentId: student.id,
          work: exitWork(exit, habit(index)),
          submitted: index % 9 !== 8,
          review: exitReview(index),
        })),
      },
    ],
    school: {
      name: 'Marram Bay School',
      colleagues: [
        {
          id: 'nadia',
          name: 'Nadia Quill',
          email: 'n.quill@marrambay.example',
          password: 'three gulls and a lamp',
          decks: [{ id: 'tide-tables', deck: tideTables(pictures) }],
        },
        {
          id: 'tomas',
          name: 'Tomas Reed',
          email: 't.reed@marrambay.example',
          password: 'fog on the long jetty',
          decks: [{ id: 'weather-words', deck: weatherWords(pictures) }],
        },
      ],
      team: { name: 'Year 6', members: ['nadia'], deckId: 'night-watch' },
      shelf: [
        { deckId: 'weather-words', by: 'tomas', subject: 'English', ageFrom: 8, ageTo: 11 },
        { deckId: 'tide-tables', by: 'nadia', subject: 'Mathematics', ageFrom: 10, ageTo: 13 },
        { deckId: 'shore-zones', by: 'odile', subject: 'Natural sciences', ageFrom: 9, ageTo: 12 },
        { deckId: 'night-walk', by: 'odile', subject: 'Natural sciences', ageFrom: 10, ageTo: 14 },
      ],
    },
    published: { deckId: 'night-walk', address: 'saltmarshAtNight', looks: [4, 19, 31, 0, 2, 7, 12] },
    invited: { deckId: 'shore-zones', email: 'r.sedge@fenhouse.example', may: 'view' },
  };
}

export type { DrawingName } from './pictures/index.js';
