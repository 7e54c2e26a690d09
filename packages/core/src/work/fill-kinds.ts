/** What students fill in, one entry an item kind: which part of their work, when it is filled, and what fits. */
import type { Deck, Item, ItemKindName, ItemOf } from '../deck/index.js';
import { type Answer, type Work, type WorkChange, workLimits, type WorkPart } from './work.js';
import { standingIn } from './zone-lay.js';

/** Why an answer does not fit, in words for a log after the id of its question; `null` when it fits. */
type Misfit = string | null;

/** An entry of the table. */
interface FillKind<K extends ItemKindName> {
  /** The parts of the work that hold what is filled in. */
  readonly parts: readonly WorkPart[];
  /** Whether it is to be filled in as one; of a zone every piece counts instead. */
  readonly countsAsOne: boolean;
  /** Whether something is filled in that says something. */
  isFilled(item: ItemOf<K>, work: Work): boolean;
  /** What was given, so that two answers can be compared. */
  fingerprint(item: ItemOf<K>, work: Work, edition: Deck): string;
  /** Puts what was given back to what it was before. */
  putBack(item: ItemOf<K>, before: Work, after: Work): readonly WorkChange[];
  /** What is wrong with an answer; only asked where `parts` has answers. */
  answerMisfit(item: ItemOf<K>, answer: Answer): Misfit;
}

const TAKES_NO_SUCH = 'is not a question that takes such an answer';
const TOO_LONG = 'has an answer that is too long';

/** Whether a question has an answer that says something. */
function isAnswered({ id }: Item, work: Work): boolean {
  const answer = work.answers[id];
  switch (answer?.kind) {
    case undefined:
      return false;
    case 'choice':
      return answer.picked.length > 0;
    case 'words':
      return answer.text.trim() !== '';
    case 'dots':
      return answer.dots.length > 0;
    case 'sound':
      return answer.bytes !== '';
  }
}

function isDrawnOn({ id }: Item, work: Work): boolean {
  return Object.values(work.drawn).some((stroke) => stroke.itemId === id);
}

/** For questions with an answer of their own. */
const answered = {
  parts: ['answers'],
  countsAsOne: true,
  isFilled: isAnswered,
  fingerprint: ({ id }: Item, work: Work) => JSON.stringify(work.answers[id] ?? null),
  putBack: ({ id }: Item, before: Work): readonly WorkChange[] => [
    { part: 'answers', id, value: before.answers[id] ?? null },
  ],
} as const;

/** For what is drawn on. */
const drawnOn = {
  fingerprint: ({ id }: Item, work: Work) =>
    Object.entries(work.drawn)
      .flatMap(([key, { itemId, points }]) => (itemId === id ? [`${key}:${points.length}`] : []))
      .sort()
      .join(' '),
  putBack: ({ id }: Item, before: Work, after: Work): readonly WorkChange[] => {
    const touched = [before, after].flatMap(({ drawn }) =>
      Object.keys(drawn).filter((key) => drawn[key]?.itemId === id),
    );
    return [...new Set(touched)].map((key) => ({ part: 'drawn', id: key, value: before.drawn[key] ?? null }));
  },
};

/** For what holds no answer. */
const noAnswer = { answerMisfit: (): Misfit => TAKES_NO_SUCH };

function wordsMisfit(most: number) {
  return (_item: Item, answer: Answer): Misfit =>
    answer.kind !== 'words' ? TAKES_NO_SUCH : answer.text.length > most ? TOO_LONG : null;
}

/** Bytes of a recording or a picture, in base64. */
const isBase64 = (bytes: string) => !/[^A-Za-z0-9+/=]/.test(bytes);

/** How many dots an answer can have: two for the ends of a line. */
export function mostDots({ mark, most }: { readonly mark: string; readonly most: number }): number {
  return mark === 'dot' ? 1 : mark === 'dots' ? most : 2;
}

/** What students fill in, by item kind; `null` for kinds that are only looked at or moved. */
const fillKinds = {
  text: null,
  shape: null,
  picture: null,
  line: null,
  table: null,
  sign: null,
  video: null,
  sound: null,
  chart: null,
  ink: null,
  'web-card': null,
  hotspot: null,
  viewpoint: null,
  zone: {
    ...noAnswer,
    parts: ['pieces'],
    countsAsOne: false,
    isFilled: ({ id }, work) => Object.values(work.pieces).some((place) => place.zoneId === id),
    // Most zones are empty, and finding the order lays the work over the edition.
    fingerprint: (zone, work, edition) =>
      Object.values(work.pieces).some(({ zoneId }) => zoneId === zone.id)
        ? standingIn(edition, work, zone)
            .map(({ id }) => id)
            .join(' ')
        : '',
    putBack: ({ id }, before, after) => {
      const touched = [before, after].flatMap(({ pieces }) =>
        Object.keys(pieces).filter((piece) => pieces[piece]?.zoneId === id),
      );
      return [...new Set(touched)].map((piece) => ({ part: 'pieces', id: piece, value: before.pieces[piece] ?? null }));
    },
  },
  blank: {
    ...noAnswer,
    parts: ['blanks'],
    countsAsOne: true,
    isFilled: ({ id }, work) => (work.blanks[id] ?? '').trim() !== '',
    fingerprint: ({ id }, work) => work.blanks[id] ?? '',
    putBack: ({ id }, before) => [{ part: 'blanks', id, value: before.blanks[id] ?? null }],
  },
  choice: {
    ...answered,
    answerMisfit: ({ choices, several }, answer) => {
      if (answer.kind !== 'choice') return TAKES_NO_SUCH;
      const unknown = answer.picked.find((picked) => !choices.some((choice) => choice.id === picked));
      if (unknown !== undefined) return `has no choice ${unknown}`;
      if (new Set(answer.picked).size < answer.picked.length) return 'has a choice picked twice';
      return answer.picked.length > 1 && !several ? 'takes one choice' : null;
    },
  },
  'short-text': { ...answered, answerMisfit: wordsMisfit(workLimits.words) },
  'long-text': { ...answered, answerMisfit: wordsMisfit(workLimits.longText) },
  number: { ...answered, answerMisfit: wordsMisfit(workLimits.blank) },
  point: {
    ...answered,
    answerMisfit: (item, answer) => {
      if (answer.kind !== 'dots') return TAKES_NO_SUCH;
      return answer.dots.length > mostDots(item) ? `takes ${mostDots(item)} dots at most` : null;
    },
  },
  draw: { ...noAnswer, ...drawnOn, parts: ['drawn'], countsAsOne: true, isFilled: isDrawnOn },
  spoken: {
    ...answered,
    answerMisfit: (_item, answer) => {
      if (answer.kind !== 'sound') return TAKES_NO_SUCH;
      return answer.bytes.length > workLimits.recording || !isBase64(answer.bytes) ? TOO_LONG : null;
    },
  },
  'open-area': {
    ...noAnswer,
    ...drawnOn,
    parts: ['drawn', 'added'],
    countsAsOne: true,
    isFilled: (item, work) =>
      isDrawnOn(item, work) || Object.values(work.added).some(({ areaId }) => areaId === item.id),
  },
} as const satisfies { readonly [K in ItemKindName]: FillKind<K> | null };

/** The entry for an item's own kind; `null` for what is not filled in. */
export function fillKindOf(item: Item): FillKind<ItemKindName> | null {
  return fillKinds[item.kind];
}

/** Whether a part of the work may hold something for an item. */
export function fills(item: Item | undefined, part: WorkPart): boolean {
  return item !== undefined && (fillKindOf(item)?.parts.includes(part) ?? false);
}
