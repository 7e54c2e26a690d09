/**
 * Which fields of a new slide or item have to be held. Reading gives what a field has when it is not there, so that a field
 * that has just that is left out: a text of 28 values is held as 12, and a deck of 500 slides opens in half the time.
 * What reading gives for a missing field is therefore part of the format, and cannot be changed for decks that exist.
 */
import { isTextField, type Item, type ItemKindName, readItem, readSlide, type Slide } from '../deck/index.js';
import { isParted } from './field-parts.js';

/** Fields by name. */
type Fields = Readonly<Record<string, unknown>>;

/** What reading gives when nothing is held, as JSON by field. */
type Given = ReadonlyMap<string, string>;

/** Fields that say what something is and where, held whatever they are. */
const ALWAYS: ReadonlySet<string> = new Set(['kind', 'slideId', 'rank']);

/** An id that no slide or item is looked for by: what is read under it is only compared with. */
const NOBODY = 'nobody';

const givenByKind = new Map<ItemKindName, Given>();
let givenToSlides: Given | null = null;

/** The fields of an item that have to be held, without its id. Texts are held always: people type in them together. */
export function statedOfItem(item: Item): Fields {
  let given = givenByKind.get(item.kind);
  if (!given) {
    given = givenOf(readItem(NOBODY, { kind: item.kind, slideId: NOBODY }));
    givenByKind.set(item.kind, given);
  }
  return stated(item, given);
}

/** The fields of a slide that have to be held, without its id. */
export function statedOfSlide(slide: Slide): Fields {
  givenToSlides ??= givenOf(readSlide(NOBODY, {}));
  return stated(slide, givenToSlides);
}

function givenOf(read: object | null): Given {
  return new Map(Object.entries(read ?? {}).map(([name, value]) => [name, JSON.stringify(value)]));
}

function stated({ id: _id, ...fields }: { readonly id: string }, given: Given): Fields {
  return Object.fromEntries(
    Object.entries(fields).filter(
      ([name, value]) => ALWAYS.has(name) || holdsTogether(name) || JSON.stringify(value) !== given.get(name),
    ),
  );
}

/** Whether a field is one of several that are read as a whole: a text, a part, or a line of a table (`row:1`). */
function holdsTogether(name: string): boolean {
  return isTextField(name) || isParted(name) || name.includes(':');
}
