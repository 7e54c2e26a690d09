/** Words for questions and results on their way into and out of files. */
import { many } from './phrases';

export const exchange = {
  open: 'From a file, or into one …',
  title: 'Questions and files',
  bringIn: 'Bring questions in',
  takeOut: 'Take questions out',
  bringHint:
    'A QTI package (version 3.0 or 2.x, .zip), a single QTI item (.xml), or a table (.csv) with the columns kind, question, points, right, choice A, choice B …',
  reading: 'Reading …',
  found: (count: number) => `${many(count, 'question', 'questions')} found`,
  leftIn: 'Not read, or not all of it:',
  add: (count: number) => `Add ${many(count, 'slide', 'slides')}`,
  addingThem: 'Adding …',
  added: (count: number) => `${many(count, 'slide', 'slides')} added.`,
  notRead: 'The file could not be read. Try again, or choose another one.',
  notWritten: 'The package could not be made. Nothing was changed; try again.',
  none: 'There is no question in this deck yet.',
  qti: 'QTI package',
  qtiHint: 'For other programs that keep questions: version 3.0, with pictures.',
  takeQti: 'Save the package',
  writing: 'Packing …',
  csv: 'Table',
  csvHint: 'For spreadsheets: choice, text and number questions.',
  takeCsv: (count: number) => `Save ${many(count, 'question', 'questions')}`,
  leftBefore: 'Not in the file, or not all of it:',
  leftAfter: 'Saved. Not in the file, or not all of it:',
  results: 'Results as a table',
  resultsFrom: 'Results from a file',
  resultsTitle: 'Results from a file',
  resultsHint: 'A table that was saved here with “Results as a table”. It is only looked at, not kept.',
} as const;
