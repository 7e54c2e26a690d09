/** The table of item kinds. A new kind is a file beside this one and a line here. */
import { wordsInLine } from '../formulas/in-line.js';
import type { itemGates } from '../links/gate.js';
import type { Item, ItemKindName } from '../model/item.js';
import { cutText } from '../model/reading.js';
import { blankKind } from './blank.js';
import { chartKind } from './chart.js';
import { choiceKind } from './choice.js';
import { drawKind } from './draw.js';
import { hotspotKind } from './hotspot.js';
import type { ItemKind, StoredContent } from './kind.js';
import { inkKind } from './ink.js';
import { lineKind } from './line.js';
import { longTextKind } from './long-text.js';
import { numberKind } from './number.js';
import { openAreaKind } from './open-area.js';
import { pictureKind } from './picture.js';
import { pointKind } from './point.js';
import { shapeKind } from './shape.js';
import { shortTextKind } from './short-text.js';
import { signKind } from './sign.js';
import { soundKind } from './sound.js';
import { spokenKind } from './spoken.js';
import { tableKind } from './table.js';
import { textKind } from './text.js';
import { videoKind } from './video.js';
import { viewpointKind } from './viewpoint.js';
import { webCardKind } from './web-card.js';
import { zoneKind } from './zone.js';

/** Every item kind by its name. */
export const itemKinds: { readonly [K in ItemKindName]: ItemKind<K> } = {
  text: textKind,
  shape: shapeKind,
  picture: pictureKind,
  line: lineKind,
  table: tableKind,
  sign: signKind,
  video: videoKind,
  sound: soundKind,
  chart: chartKind,
  ink: inkKind,
  'web-card': webCardKind,
  hotspot: hotspotKind,
  viewpoint: viewpointKind,
  zone: zoneKind,
  blank: blankKind,
  choice: choiceKind,
  'short-text': shortTextKind,
  'long-text': longTextKind,
  number: numberKind,
  point: pointKind,
  draw: drawKind,
  spoken: spokenKind,
  'open-area': openAreaKind,
};

/** The entry for an item's own kind, typed for any item of the union. */
export function kindOf(item: Item): ItemKind<ItemKindName> {
  // An item goes with the entry of its own kind, which the types of a union cannot say.
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  return itemKinds[item.kind] as unknown as ItemKind<ItemKindName>;
}

/** Whether a value names an item kind. */
export function isItemKind(value: unknown): value is ItemKindName {
  return typeof value === 'string' && Object.hasOwn(itemKinds, value);
}

/** The item without its answer key. */
export function withoutKey(item: Item): Item {
  return kindOf(item).withoutKey(item);
}

/** What an item says or shows, in words; '' when it says nothing by itself. */
export function wordsOf(item: Item): string {
  return kindOf(item).words(item);
}

/** What an item is called: the author's name for it, else what it says; '' when neither is there. */
export function nameOf(item: Item): string {
  return item.name || cutText(wordsInLine(kindOf(item).words(item), item.formulas).split('\n', 1)[0] ?? '', 80);
}

/** Whether students fill something into this item. */
export function asksSomething(item: Item): boolean {
  return kindOf(item).asks && !item.hidden;
}

/** Whether a gate of a kind can ask for something of an item as it is; whether that can be done is another matter. */
export function takesGate(item: Item, opens: (typeof itemGates)[number]): boolean {
  return opens === 'found' ? item.loose : kindOf(item).gates.includes(opens);
}

/** What an item shows of what is stored beside the deck. */
export function contentsOf(item: Item): readonly StoredContent[] {
  return kindOf(item).contents(item);
}

/** An item without some stored contents; `null` when there is nothing left of it. */
export function withoutContents(item: Item, gone: ReadonlySet<string>): Item | null {
  return kindOf(item).withoutContents(item, gone);
}

/** Whether an item can carry a link as a whole: a piece is dragged instead. */
export function canCarryLink(item: Item): boolean {
  return kindOf(item).carriesLink && !item.loose;
}
