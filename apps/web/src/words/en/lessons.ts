/** Words of handing out, lessons and classes. */
import { many, moment } from './phrases';

export const handOut = {
  action: 'Hand out',
  title: 'Hand out',
  toWhom: 'To which class',
  workMode: 'How they work',
  copyEach: 'A copy each',
  pace: 'Pace',
  ownPace: 'Own pace',
  noClass: 'You have no class yet. Write down who is in it, then hand the deck out.',
  done: (className: string) => `Handed out to ${className}`,
  toLesson: 'To the lesson',
  code: 'Code',
  address: 'Address',
  qr: 'QR code of the address',
  copy: 'Copy the address',
  copied: 'The address is copied.',
  wayIn: 'The way in',
} as const;

export const lessons = {
  title: 'Lessons',
  lesson: 'the lesson',
  running: 'Running',
  closed: 'Closed',
  isClosed: 'closed',
  empty: 'No lesson yet',
  emptyText: 'Hand a deck out from the library, and its lesson is here.',
  facts: (className: string, openedAt: string) => `${className} · ${moment(openedAt)}`,
  counts: (joined: number, students: number, submitted: number) =>
    `${joined} of ${students} in, ${submitted} submitted`,
} as const;

export const classes = {
  title: 'Classes',
  newClass: 'New class',
  name: 'Name of the class',
  students: 'Students, one name a line',
  count: (students: number) => many(students, 'student', 'students'),
  empty: 'No class yet',
  emptyText: 'Type or paste the names; students choose their PIN themselves at their first visit.',
  noPin: 'no PIN yet',
  forgetPin: (name: string) => `New PIN for ${name} at the next visit`,
  pinForgotten: 'Done. A new PIN is set at the next visit.',
} as const;
