/** The collection of signs and stickers: fetched once, when somebody first looks for one. */
import { type OwnFields, strokesOf, type SvgElement } from '@gobrel/core/deck';
import type { Findable } from './search';

/** A sign or a sticker that can be placed. */
export interface Collected extends Findable {
  readonly strokes: readonly string[];
  readonly sticker: string;
}

/** What a placed sign is made of. */
export function signFields({ shows, strokes, sticker }: Collected): Partial<OwnFields<'sign'>> {
  return { shows, strokes, sticker };
}

/** All signs, by name. */
export async function loadSigns(): Promise<readonly Collected[]> {
  const [nodes, tags] = await Promise.all([
    // Shipped with the package, and in this shape.
    // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
    import('lucide-static/icon-nodes.json').then((file) => file.default as unknown as Record<string, SvgElement[]>),
    // Shipped with the package, and in this shape.
    // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
    import('lucide-static/tags.json').then((file) => file.default as unknown as Record<string, string[]>),
  ]);
  return Object.entries(nodes).map(([name, elements]) => ({
    shows: name.replaceAll('-', ' '),
    tags: tags[name] ?? [],
    strokes: strokesOf(elements),
    sticker: '',
  }));
}

/** The fields of a sticker as its data give them. */
interface StickerData {
  readonly label: string;
  /** Its code points, in hexadecimal, joined by dashes. */
  readonly hexcode: string;
  readonly tags?: readonly string[];
  /** The group it belongs to; parts of other characters have none. */
  readonly group?: number;
}

/** All stickers, in the order of their kinds: faces, people, nature, food, travel, doings, things, marks. */
export async function loadStickers(): Promise<readonly Collected[]> {
  const [data, there] = await Promise.all([
    // Shipped with the package, and in this shape.
    // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
    import('emojibase-data/en/compact.json').then((file) => file.default as unknown as StickerData[]),
    fetch('/stickers/index.json').then(async (answer) => new Set<string>(await answer.json())),
  ]);
  return data.flatMap(({ label, hexcode, tags = [], group }) => {
    const sticker = pictureName(hexcode);
    return group !== undefined && there.has(sticker) ? [{ shows: label, tags, strokes: [], sticker }] : [];
  });
}

/** The name of a sticker's picture: the sign that asks for colour (FE0F) is in it only where characters are joined. */
export function pictureName(hexcode: string): string {
  const name = hexcode.toLowerCase();
  return name.includes('200d') ? name : name.replaceAll('-fe0f', '');
}
