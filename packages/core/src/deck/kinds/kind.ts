/** What the house must know of an item kind; one file a kind in this folder, entered in `index.ts`. */
import type { FieldText } from '../text/field-text.js';
import { isFontName } from '../text/fonts.js';
import type { AskedGate } from '../links/gate.js';
import type { Dash, ItemKindName, ItemOf, OwnFields, TextLook } from '../model/item.js';
import type { ItemBase, PixelSize } from '../model/item-base.js';
import type { WordCare } from '../model/question-items.js';
import { readColour } from '../appearance/colour.js';
import { type KindReferences, noReferences } from '../references/reference.js';
import { type Fields, readBoolean, readFields, readNumber, readNames, readOneOf } from '../model/reading.js';
import type { RichText } from '../text/rich-text.js';
import { readTracking, readWeight } from '../text/text-style.js';
import { styledProperties, textStyleNames } from '../text/text-style-names.js';

/** An entry of the table of item kinds. */
export interface ItemKind<K extends ItemKindName> {
  readonly kind: K;
  /** The size of a new one, in slide units. */
  readonly size: { readonly width: number; readonly height: number };
  /** An item of this kind: the shared fields, and its own ones from untrusted JSON. */
  readonly make: (base: ItemBase, fields: Fields) => ItemOf<K>;
  /** Its own fields from untrusted JSON; whatever is missing or wrong gets its default. */
  readonly read: (fields: Fields) => OwnFields<K>;
  /** The item as a student may have it before the key may be seen. */
  readonly withoutKey: (item: ItemOf<K>) => ItemOf<K>;
  /** What it says or shows, in words; '' when it says nothing by itself. */
  readonly words: (item: ItemOf<K>) => string;
  /** Whether it is seen in a show: what is not is only a place. */
  readonly isSeen: boolean;
  /** Whether students fill something into it. */
  readonly asks: boolean;
  /** What gates can ask of it, besides finding it when it is loose; nothing when no gate can. */
  readonly gates: readonly AskedGate[];
  /** What it refers to besides its link, its linked words, its groups and what it stays within. */
  readonly references: KindReferences<ItemOf<K>>;
  /** The texts that authors write in it, in reading order. */
  readonly texts: (item: ItemOf<K>) => readonly FieldText[];
  /** What it shows of what is stored beside the deck. */
  readonly contents: (item: ItemOf<K>) => readonly StoredContent[];
  /** The item without some of them; `null` when there is nothing left of it. */
  readonly withoutContents: (item: ItemOf<K>, gone: ReadonlySet<string>) => ItemOf<K> | null;
  /** Whether it is missed in a file of the questions beside it: it may say what they need, and has no place there. */
  readonly isMissedInQuestions: boolean;
  /** Whether it can carry a link as a whole. */
  readonly carriesLink: boolean;
  /** Whether it can be loose, so that students move it: it is seen, and asks nothing itself. */
  readonly canBeLoose: boolean;
  /** Its own fields when it is made larger by a factor, lengths and letters with it; its frame is another matter. */
  readonly scaled: (item: ItemOf<K>, factor: number) => Partial<OwnFields<K>>;
  /** Its own fields when it covers a whole slide whose sides become others, in slide units. */
  readonly stretched: (
    item: ItemOf<K>,
    to: { readonly width: number; readonly height: number },
  ) => Partial<OwnFields<K>>;
}

/** Something stored beside a deck, by the SHA-256 of its bytes: as a picture, or as a file of any other sort. */
export interface StoredContent {
  readonly as: 'picture' | 'file';
  readonly id: string;
}

/** For kinds in which authors write nothing. */
export const noTexts = (): readonly FieldText[] => [];

/** For kinds with one text. */
export function oneText({ text }: { readonly text: RichText }): readonly FieldText[] {
  return [{ field: 'text', text }];
}

/** For kinds that show nothing stored. */
export const noContents = { contents: (): readonly StoredContent[] => [], withoutContents: asItIs };

/** For kinds that ask about a picture: the question stays without it. */
export const groundContents = {
  contents: contentsOfPicture,
  withoutContents: <T extends { readonly picture: string }>(item: T, gone: ReadonlySet<string>): T =>
    gone.has(item.picture) ? { ...item, picture: '' } : item,
};

/** The one picture of an item. */
export function contentsOfPicture({ picture }: { readonly picture: string }): readonly StoredContent[] {
  return picture === '' ? [] : [{ as: 'picture', id: picture }];
}

/** The file of a video or a sound. */
export function contentsOfFile({ file }: { readonly file: string }): readonly StoredContent[] {
  return file === '' ? [] : [{ as: 'file', id: file }];
}

/** For kinds that have no length of their own besides their frame. */
export const noLengths = { scaled: () => ({}), stretched: () => ({}) };

/** For what students fill in: it is seen where it stands, is nobody's to move, and carries no link. */
export const filledIn = {
  isSeen: true,
  references: noReferences,
  texts: noTexts,
  ...noContents,
  isMissedInQuestions: false,
  carriesLink: false,
  canBeLoose: false,
  ...noLengths,
};

/** The size of the letters of a look, larger by a factor. */
export function scaledLook(look: TextLook, factor: number): TextLook {
  return { ...look, size: look.size * factor };
}

/** For kinds that hold no answer key. */
export function asItIs<T>(item: T): T {
  return item;
}

/** The look of a new text. */
export const PLAIN_LOOK: TextLook = {
  size: 28,
  color: 'words',
  align: 'left',
  upright: 'top',
  heading: false,
  font: null,
  lineSpacing: null,
  weight: null,
  tracking: null,
  fit: 'leave',
  style: null,
  own: [],
};

/** A text look from untrusted JSON, with the defaults of a new text box. */
export function readLook(value: unknown, defaults: TextLook): TextLook {
  const fields = readFields(value);
  return {
    size: readNumber(fields?.['size'], defaults.size, 8, 400),
    color: readColour(fields?.['color'], defaults.color),
    align: readOneOf(fields?.['align'], ['left', 'center', 'right', 'justify'], defaults.align),
    upright: readOneOf(fields?.['upright'], ['top', 'middle', 'bottom'], defaults.upright),
    heading: readBoolean(fields?.['heading'], defaults.heading),
    font: isFontName(fields?.['font']) ? fields['font'] : defaults.font,
    lineSpacing: readNumber(fields?.['lineSpacing'], 0, 0, 4) || defaults.lineSpacing,
    weight: readWeight(fields?.['weight']) ?? defaults.weight,
    tracking: readTracking(fields?.['tracking']) ?? defaults.tracking,
    style: readOneOf(fields?.['style'], [...textStyleNames, null], defaults.style),
    own: readNames(fields?.['own'], styledProperties),
    fit: readOneOf(fields?.['fit'], ['leave', 'shrink', 'grow'], defaults.fit),
  };
}

/** How a line is drawn along its length, from untrusted JSON. */
export function readDash(value: unknown): Dash {
  return readOneOf(value, ['solid', 'dashed', 'dotted'], 'solid');
}

/** The colour of words and lines that say nothing else: the theme's. */
export const INK = 'words';

/** What typed words must have in common with accepted ones, from untrusted JSON. */
export function readWordCare(fields: Fields): WordCare {
  return {
    slips: Math.round(readNumber(fields['slips'], 0, 0, 3)),
    caseMatters: readBoolean(fields['caseMatters'], false),
    accentsMatter: readBoolean(fields['accentsMatter'], true),
    patterns: readBoolean(fields['patterns'], false),
  };
}

/** The size of a stored picture in its own pixels, from untrusted JSON; 0 when it is not known. */
export function readPixels(value: unknown): PixelSize {
  const fields = readFields(value);
  return {
    width: readNumber(fields?.['width'], 0, 0, 100_000),
    height: readNumber(fields?.['height'], 0, 0, 100_000),
  };
}

/** The id of a stored picture, from untrusted JSON; '' for none. */
export function readPictureId(value: unknown): string {
  return typeof value === 'string' && /^[0-9a-f]{64}$/.test(value) ? value : '';
}
