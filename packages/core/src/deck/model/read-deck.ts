/** Reading decks and items from what nobody vouches for. */
import { readTheme } from '../appearance/theme.js';
import { readFormulas } from '../formulas/formula-drawing.js';
import { isItemKind, itemKinds } from '../kinds/item-kinds.js';
import { readDestination } from '../links/destination.js';
import { type Deck, DECK_VERSION, DEEPEST_GROUP, type DeckFields, OWN_SIZE, slideSizes } from './deck.js';
import { readFrame } from './frame-reading.js';
import { isId, type ItemId, type SectionId, type SlideId } from './identifiers.js';
import type { Item } from './item.js';
import { type ItemBase, LAST_APPEARANCE, type PieceBehaviour, type Role, roles } from './item-base.js';
import { readLanguage } from './language.js';
import { readCheckSettings } from './check-settings.js';
import { readWalks } from './kept-walk.js';
import { readPlaying } from './playing.js';
import {
  type Fields,
  readBoolean,
  readFields,
  readNumber,
  readOneOf,
  readString,
  readStrings,
  namesIn,
} from './reading.js';
import { readSection, type Section } from './section.js';
import { readSlide, type Slide } from './slide.js';

/** A deck read from untrusted JSON. What cannot be read is left out and named in `problems`. */
export function readDeck(value: unknown): { readonly deck: Deck; readonly problems: readonly string[] } {
  const fields = readFields(value);
  const problems: string[] = [];
  if (!fields || !isKnownVersion(fields['version'])) problems.push('This is not a deck of a version known here.');
  const slides: Record<SlideId, Slide> = {};
  for (const [id, entry] of Object.entries(readFields(fields?.['slides']) ?? {})) {
    const slide = readFields(entry);
    if (slide && isId(id)) slides[id] = readSlide(id, slide);
    else problems.push(`Slide ${id} cannot be read.`);
  }
  const items: Record<ItemId, Item> = {};
  for (const [id, entry] of Object.entries(readFields(fields?.['items']) ?? {})) {
    const item = isId(id) ? readItem(id, readFields(entry)) : null;
    if (item && slides[item.slideId]) items[id] = item;
    else problems.push(`Item ${id} cannot be read.`);
  }
  const sections: Record<SectionId, Section> = {};
  for (const [id, entry] of Object.entries(readFields(fields?.['sections']) ?? {})) {
    const section = readFields(entry);
    if (section && isId(id)) sections[id] = readSection(id, section);
    else problems.push(`Section ${id} cannot be read.`);
  }
  return { deck: { ...readDeckFields(fields ?? {}), slides, items, sections }, problems };
}

/** Versions of decks that can be read; see `DECK_VERSION` for what is different. */
function isKnownVersion(version: unknown): boolean {
  return version === 1 || version === DECK_VERSION;
}

/** The deck's own fields, apart from its slides, items and sections, from untrusted JSON. */
export function readDeckFields(fields: Fields): DeckFields {
  return {
    version: DECK_VERSION,
    title: readString(fields['title'], '', 200),
    size: readSize(fields['size']),
    theme: readTheme(fields['theme']),
    language: readLanguage(fields['language']),
    playing: readPlaying(fields['playing']),
    walks: readWalks(fields['walks']),
    check: readCheckSettings(fields['check']),
  };
}

function readSize(value: unknown): Deck['size'] {
  const own = readFields(value);
  if (!own) return readOneOf(value, namesIn(slideSizes), '16:9');
  const side = (name: 'width' | 'height', usual: number) =>
    Math.round(readNumber(own[name], usual, OWN_SIZE.least, OWN_SIZE.most));
  return { width: side('width', slideSizes['16:9'].width), height: side('height', slideSizes['16:9'].height) };
}

/** An item read from untrusted JSON, or `null` when its kind or slide is not known. */
export function readItem(id: ItemId, fields: Fields | null): Item | null {
  const kind = fields?.['kind'];
  if (!fields || !isItemKind(kind) || !isId(fields['slideId'])) return null;
  const layer = readOneOf(fields['layer'], ['slide', 'backdrop'], 'slide');
  const base: ItemBase = {
    id,
    slideId: fields['slideId'],
    rank: readString(fields['rank'], '', 200),
    name: readString(fields['name'], '', 120),
    frame: readFrame(fields['frame'], itemKinds[kind].size),
    layer,
    onLayout: layer === 'backdrop' && readBoolean(fields['onLayout'], false),
    loose: layer === 'slide' && readBoolean(fields['loose'], false),
    piece: readPieceBehaviour(fields['piece']),
    link: readDestination(fields['link']),
    groups: readStrings(fields['groups'], 40, DEEPEST_GROUP).filter(isId),
    locked: readBoolean(fields['locked'], false),
    hidden: readBoolean(fields['hidden'], false),
    appears: Math.round(readNumber(fields['appears'], 0, 0, LAST_APPEARANCE)),
    role: readOneOf<Role | null>(fields['role'], [...roles, null], null),
    language: readLanguage(fields['language']),
    formulas: readFormulas(fields['formulas']),
  };
  return itemKinds[kind].make(base, fields);
}

/** The most copies a pile can be told to give out. */
const MOST_COPIES = 50;

function readPieceBehaviour(value: unknown): PieceBehaviour {
  const fields = readFields(value);
  const within = fields?.['within'];
  return {
    pile: fields?.['pile'] === null ? null : Math.round(readNumber(fields?.['pile'], 0, 0, MOST_COPIES)),
    turns: readBoolean(fields?.['turns'], false),
    within: isId(within) ? within : null,
  };
}
