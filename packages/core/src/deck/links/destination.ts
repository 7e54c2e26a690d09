/** Where a link leads, and the gate it may have to wait for. */
import { type Gate, readGate } from './gate.js';
import { isId, type ItemId, type SlideId } from '../model/identifiers.js';
import { readFields, readOneOf, readString } from '../model/reading.js';

/**
 * The ways of walking that a link can ask for: along the running order, back along the way that was walked, from the
 * start with the way forgotten, and the end of the walk.
 */
export const steps = ['next', 'previous', 'first', 'last', 'back', 'restart', 'end'] as const;

/** A way of walking. */
export type Step = (typeof steps)[number];

/** Where somebody comes out by what they answered. What is `null` leads nowhere. */
export interface ByAnswer {
  readonly to: 'by-answer';
  readonly questionId: ItemId;
  readonly right: SlideId | null;
  /** Also where a choice leads that has no slide of its own. */
  readonly wrong: SlideId | null;
  /** Slides of single choices, by the id of the choice. */
  readonly choices: Readonly<Record<string, SlideId>>;
}

/** The answer by which a branch of such a link is taken. */
export type BranchAnswer = 'right' | 'wrong' | { readonly choice: string };

/** A place in another deck: its first slide, a slide, or an item on it. */
export interface InDeck {
  readonly to: 'deck';
  readonly deckId: string;
  /** What the deck was called when the link was tied. */
  readonly title: string;
  readonly slideId: SlideId | null;
  readonly itemId: ItemId | null;
}

/** A stored file: a sound is played beside the show, anything else is handed out. */
export interface ToFile {
  readonly to: 'file';
  /** SHA-256 of its bytes. */
  readonly file: string;
  readonly name: string;
  readonly plays: boolean;
}

/** A place a link leads to. A web address is opened apart from the show; a viewpoint is a named region of a slide. */
export type Place =
  | { readonly to: 'slide'; readonly slideId: SlideId }
  | { readonly to: 'viewpoint'; readonly itemId: ItemId }
  | { readonly to: Step }
  | ByAnswer
  | InDeck
  | ToFile
  | { readonly to: 'web'; readonly address: string };

/** Where a link leads. With a gate it waits until that is open. */
export type Destination = Place & { readonly gate?: Gate };

const LONGEST_ADDRESS = 2000;
const MOST_CHOICES = 50;

/**
 * A web address as it may be followed, or `null` when it may not: only http, https and mailto pass.
 * An address without a scheme is taken as https.
 */
export function safeWebAddress(typed: string): string | null {
  const trimmed = typed.trim();
  if (trimmed === '' || trimmed.length > LONGEST_ADDRESS || /\s/.test(trimmed)) return null;
  const scheme = /^([a-z][a-z0-9+.-]*):/i.exec(trimmed)?.[1]?.toLowerCase();
  if (scheme === undefined || /^[\w.-]+:\d+(\/|$)/.test(trimmed)) {
    return trimmed.includes('.') || trimmed.startsWith('localhost') ? `https://${trimmed}` : null;
  }
  return scheme === 'http' || scheme === 'https' || scheme === 'mailto' ? trimmed : null;
}

/** A destination read from untrusted JSON, or `null`. */
export function readDestination(value: unknown): Destination | null {
  const place = readPlace(value);
  const gate = place && readGate(readFields(value)?.['gate']);
  return gate ? { ...place, gate } : place;
}

/** A destination with another gate, or with none. */
export function withGate(destination: Destination, gate: Gate | null): Destination {
  const { gate: _before, ...place } = destination;
  return gate ? { ...place, gate } : place;
}

function readPlace(value: unknown): Place | null {
  const fields = readFields(value);
  const idOf = (name: string) => (isId(fields?.[name]) ? fields[name] : null);
  switch (fields?.['to']) {
    case 'slide': {
      const slideId = idOf('slideId');
      return slideId === null ? null : { to: 'slide', slideId };
    }
    case 'viewpoint': {
      const itemId = idOf('itemId');
      return itemId === null ? null : { to: 'viewpoint', itemId };
    }
    case 'by-answer': {
      const questionId = idOf('questionId');
      const choices = Object.entries(readFields(fields['choices']) ?? {}).slice(0, MOST_CHOICES);
      const known = choices.filter((entry): entry is [string, string] => isId(entry[0]) && isId(entry[1]));
      return questionId === null
        ? null
        : {
            to: 'by-answer',
            questionId,
            right: idOf('right'),
            wrong: idOf('wrong'),
            choices: Object.fromEntries(known.sort(([a], [b]) => (a < b ? -1 : 1))),
          };
    }
    case 'deck': {
      const deckId = idOf('deckId');
      return deckId === null
        ? null
        : {
            to: 'deck',
            deckId,
            title: readString(fields['title'], '', 200),
            slideId: idOf('slideId'),
            itemId: idOf('itemId'),
          };
    }
    case 'file':
      return typeof fields['file'] === 'string' && /^[0-9a-f]{64}$/.test(fields['file'])
        ? {
            to: 'file',
            file: fields['file'],
            name: readString(fields['name'], '', 200),
            plays: fields['plays'] === true,
          }
        : null;
    case 'web': {
      const address = typeof fields['address'] === 'string' ? safeWebAddress(fields['address']) : null;
      return address === null ? null : { to: 'web', address };
    }
    default: {
      const step = readOneOf<Step | null>(fields?.['to'], [...steps, null], null);
      return step && { to: step };
    }
  }
}

/** Whether two destinations are the same place behind the same gate. */
export function sameDestination(a: Destination, b: Destination): boolean {
  return a === b || JSON.stringify(canonical(a)) === JSON.stringify(canonical(b));
}

/** A destination with its fields always in the same order, whoever wrote it. */
function canonical(destination: Destination): Destination | null {
  return readDestination(destination);
}
