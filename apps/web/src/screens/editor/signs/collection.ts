/** The collection of signs and stickers: fetched once, when somebody first looks for one. */
import { type OwnFields, strokesOf, type SvgElement } from '@gobrel/core/deck';
import type { Findable } from './search';

/** A sign or a sticker that can be placed. */
export interface Collected extends Findable {
  readonly strokes: readonly string[];
  readonly character: string;
}

/** What a placed sign is made of. */
export function signFields({ shows, strokes, character }: Collected): Partial<OwnFields<'sign'>> {
  return { shows, strokes, character };
}

/** All signs, by name. */
export async function loadSigns(): Promise<readonly Collected[]> {
  const [nodes, tags] = await Promise.all([
    import('lucide-static/icon-nodes.json').then((file) => file.default as unknown as Record<string, SvgElement[]>),
    import('lucide-static/tags.json').then((file) => file.default as unknown as Record<string, string[]>),
  ]);
  return Object.entries(nodes).map(([name, elements]) => ({
    shows: name.replaceAll('-', ' '),
    tags: tags[name] ?? [],
    strokes: strokesOf(elements),
    character: '',
  }));
}

/** The fields of a sticker as its data give them. */
interface StickerData {
  readonly label: string;
  readonly unicode: string;
  readonly tags?: readonly string[];
  /** The group it belongs to; parts of other characters have none. */
  readonly group?: number;
}

/** All stickers, in the order of their kinds: faces, people, nature, food, travel, doings, things, marks. */
export async function loadStickers(): Promise<readonly Collected[]> {
  const data = (await import('emojibase-data/en/compact.json')).default as unknown as StickerData[];
  return data
    .filter((each) => each.group !== undefined)
    .map(({ label, unicode, tags = [] }) => ({ shows: label, tags, strokes: [], character: unicode }));
}
