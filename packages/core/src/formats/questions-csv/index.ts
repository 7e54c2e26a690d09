/** Choice, text and number questions as a table: a row each, with names over the columns (RFC 4180). */
import Papa from 'papaparse';
import { type OwnFields, storableText } from '../../deck/index.js';
import { choiceLetter, readNumbers } from '../../questions/index.js';
import type { Loss, NotCarried } from '../loss.js';
import type { AskedDraftOf, AskedKind, QuestionDraft } from '../question-draft.js';

/** The columns, in their order; choices follow as `choice A` to `choice L`. */
const columns = ['kind', 'question', 'points', 'right', 'tolerance', 'unit'] as const;
/** The most choices a question can have. */
const MOST_CHOICES = 12;
const choiceColumns = Array.from({ length: MOST_CHOICES }, (_, at) => `choice ${choiceLetter(at)}`);
/** Between several right answers in one cell. */
const OR = ' | ';

/** The largest table that is read, in letters, and its most rows. */
const LARGEST_TABLE = 2_000_000;
const MOST_ROWS = 1_000;

type Row = Readonly<Record<string, string>>;

/** Writes the questions that a table can hold, and lists the others. */
export function writeQuestionsCsv(drafts: readonly QuestionDraft[]): {
  readonly csv: string;
  readonly written: number;
  readonly left: readonly NotCarried[];
} {
  const rows = drafts.map((draft) => ({ draft, row: rowOf(draft) }));
  const left = rows.flatMap(({ draft, row }): NotCarried[] =>
    row ? [] : [{ name: draft.name, why: { code: 'table-holds-few' } }],
  );
  const data = rows.flatMap(({ row }) => (row ? [row] : []));
  const csv = Papa.unparse({ fields: [...columns, ...choiceColumns], data: [...data] }, { escapeFormulae: true });
  return { csv, written: data.length, left };
}

/** The table of question kinds in a file of rows: a row, or nothing where it has no columns for them. */
const rowByKind: { readonly [K in AskedKind]: (fields: Partial<OwnFields<K>>) => Row | null } = {
  choice: choiceRow,
  'short-text': ({ prompt = '', points = 1, accepted = [] }) => ({
    kind: 'text',
    question: prompt,
    points: String(points),
    right: accepted.join(OR),
  }),
  number: numberRow,
  'long-text': () => null,
  blank: () => null,
  point: () => null,
  draw: () => null,
  spoken: () => null,
};

function rowOf(draft: QuestionDraft): Row | null {
  if (draft.kind === 'placement') return null;
  const row = <K extends AskedKind>({ kind, fields }: AskedDraftOf<K>) => rowByKind[kind](fields);
  return row(draft);
}

function choiceRow(fields: Partial<OwnFields<'choice'>>): Row | null {
  const { prompt = '', points = 1, choices = [], right = [], several = false } = fields;
  if (choices.some(({ picture }) => picture !== undefined)) return null;
  const letters = choices.flatMap(({ id }, at) => (right.includes(id) ? [choiceLetter(at)] : []));
  return {
    kind: several ? 'several' : 'choice',
    question: prompt,
    points: String(points),
    right: letters.join(', '),
    ...Object.fromEntries(choices.map(({ text }, at) => [`choice ${choiceLetter(at)}`, text])),
  };
}

function numberRow(fields: Partial<OwnFields<'number'>>): Row {
  const { prompt = '', points = 1, right = null, tolerance = 0, toleranceIs, units = [] } = fields;
  const inPercent = () => `${Number((tolerance * 100).toPrecision(12))} %`;
  return {
    kind: 'number',
    question: prompt,
    points: String(points),
    right: right === null ? '' : String(right),
    tolerance: tolerance === 0 ? '' : toleranceIs === 'relative' ? inPercent() : String(tolerance),
    unit: units[0]?.name ?? '',
  };
}

/** Reads a table of questions; rows that cannot be read are listed by their number. */
export function readQuestionsCsv(text: string): {
  readonly drafts: readonly QuestionDraft[];
  readonly left: readonly NotCarried[];
} {
  if (text.length > LARGEST_TABLE) return { drafts: [], left: [{ name: '', why: { code: 'table-too-large' } }] };
  const read = Papa.parse<Record<string, string>>(storableText(text.replace(/^\ufeff/, '')), {
    header: true,
    skipEmptyLines: 'greedy',
    preview: MOST_ROWS + 1,
    transformHeader: (name) => name.trim().toLowerCase(),
    transform: unescaped,
  });
  const names = read.meta.fields ?? [];
  if (!names.includes('kind') || !names.includes('question'))
    return {
      drafts: [],
      left: [{ name: '', why: { code: 'no-columns' } }],
    };
  const drafts: QuestionDraft[] = [];
  const left: NotCarried[] = [];
  read.data.slice(0, MOST_ROWS).forEach((row, at) => {
    const made = draftOf(row);
    if ('code' in made) left.push({ name: '', row: at + 2, why: made });
    else drafts.push(made);
  });
  if (read.data.length > MOST_ROWS) left.push({ name: '', why: { code: 'only-first-rows', most: MOST_ROWS } });
  return { drafts, left };
}

/** A cell without the mark by which writers keep programs from taking it for a formula. */
function unescaped(cell: string): string {
  return /^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell;
}

function draftOf(row: Row): QuestionDraft | Loss {
  const cell = (name: string) => (row[name.toLowerCase()] ?? '').trim();
  const prompt = cell('question');
  const points = readNumbers(cell('points') || '1')?.values[0];
  if (points === undefined || points < 0 || points > 100) return { code: 'no-points', text: cell('points') };
  const common = { prompt, points };
  const kind = cell('kind').toLowerCase();
  switch (kind) {
    case 'choice':
    case 'several': {
      const choices = choiceColumns.flatMap((name, at) =>
        cell(name) === '' ? [] : [{ id: `c${at + 1}`, text: cell(name) }],
      );
      if (choices.length < 2) return { code: 'few-choices' };
      const letters = cell('right')
        .toUpperCase()
        .split(/[\s,;|]+/)
        .filter(Boolean);
      const right = letters.map((letter) => `c${letter.charCodeAt(0) - 64}`);
      const strange = letters.find((letter, at) => letter.length > 1 || !choices.some(({ id }) => id === right[at]));
      if (strange !== undefined) return { code: 'no-choice', text: strange };
      if (kind === 'choice' && right.length > 1) return { code: 'several-right' };
      return { kind: 'choice', name: prompt, fields: { ...common, choices, right, several: kind === 'several' } };
    }
    case 'text': {
      const accepted = cell('right')
        .split('|')
        .map((words) => words.trim())
        .filter(Boolean);
      return { kind: 'short-text', name: prompt, fields: { ...common, accepted } };
    }
    case 'number': {
      const right = cell('right') === '' ? null : readNumbers(cell('right'))?.values[0];
      const room = readNumbers(cell('tolerance') || '0');
      if (right === undefined) return { code: 'no-number', text: cell('right') };
      if (!room || (room.values[0] ?? 0) < 0) return { code: 'no-tolerance', text: cell('tolerance') };
      const isRelative = room.unit === '%';
      const tolerance = (room.values[0] ?? 0) / (isRelative ? 100 : 1);
      const units = cell('unit') === '' ? [] : [{ name: cell('unit'), worth: 1 }];
      const toleranceIs = isRelative ? ('relative' as const) : ('absolute' as const);
      return { kind: 'number', name: prompt, fields: { ...common, right, tolerance, toleranceIs, units } };
    }
    default:
      return { code: 'no-kind', text: cell('kind') };
  }
}
