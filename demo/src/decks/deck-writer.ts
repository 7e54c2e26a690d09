/** Writes a sample deck through the same commands that the editor uses. */
import {
  addItem,
  addSlide,
  applyChanges,
  type Deck,
  type Destination,
  emptyDeck,
  type Item,
  type ItemKindName,
  type ItemOf,
  itemsOf,
  type OwnFields,
  PLAIN_LOOK,
  plainText,
  type RichText,
  type Slide,
  type TextLook,
  themes,
} from '@gobrel/core/deck';
import type { Frame } from '@gobrel/core/geometry';
import type { DrawingName } from '../pictures/index.js';

/** Gives the stored id for a drawing's name. */
export type PictureIds = (name: DrawingName) => string;

/** Left, top, width and height in slide units. */
export type Place = readonly [x: number, y: number, width: number, height: number];

const LIGHT = '#fff6e0';

const frameAt = ([x, y, width, height]: Place): Frame => ({ x, y, width, height, rotation: 0 });

/** A link to a slide of the same deck. */
export const toSlide = (slideId: string): Destination => ({ to: 'slide', slideId });

/** Collects slides and items; ids of items are made from their slide and number, the same every time. */
export class DeckWriter {
  deck: Deck;
  private slideId = '';
  private count = 0;

  constructor(
    title: string,
    private readonly pictures: PictureIds,
    theme = '',
  ) {
    const known = themes.find((each) => each.name === theme);
    this.deck = known ? { ...emptyDeck(title), theme: known } : emptyDeck(title);
  }

  /** A new slide at the end; what follows is placed on it. */
  slide(id: string, name: string, fields: Partial<Omit<Slide, 'id' | 'name'>> = {}): this {
    this.deck = applyChanges(this.deck, addSlide(this.deck, { id, name }));
    this.deck = applyChanges(this.deck, [{ type: 'set-slide', id, fields }]);
    this.slideId = id;
    return this;
  }

  /** A drawing over the whole slide, locked into the backdrop. */
  backdrop(name: DrawingName, alt: string): this {
    return this.add('picture', [0, 0, 1280, 720], { layer: 'backdrop', fields: { picture: this.pictures(name), alt } });
  }

  /** A title in light or dark letters. */
  title(words: string, place: Place = [70, 56, 1000, 76], color: string = LIGHT): this {
    return this.text(words, place, { size: 54, color, heading: true });
  }

  /** A text, one paragraph a line. */
  text(words: string | RichText, place: Place, look: Partial<TextLook> = {}): this {
    const text = typeof words === 'string' ? plainText(words) : words;
    const whole: TextLook = { ...PLAIN_LOOK, color: LIGHT, ...look };
    return this.add('text', place, { fields: { text, look: whole } });
  }

  /** A sign with words that leads somewhere. */
  sign(words: string, link: Destination, place: Place): this {
    return this.add('shape', place, {
      link,
      fields: {
        text: plainText(words),
        fill: '#f6ead0',
        outline: '#6a4d2c',
        outlineWidth: 4,
        look: { ...PLAIN_LOOK, align: 'center', upright: 'middle' },
      },
    });
  }

  /** A loose piece with a word on it; its id is `id`. */
  piece(id: string, words: string, place: Place): this {
    return this.add('shape', place, {
      id,
      loose: true,
      fields: {
        text: plainText(words),
        fill: 'ground',
        look: { ...PLAIN_LOOK, size: 22, align: 'center', upright: 'middle' },
      },
    });
  }

  /** Any item. */
  add<K extends ItemKindName>(
    kind: K,
    place: Place,
    options: {
      id?: string;
      name?: string;
      layer?: Item['layer'];
      loose?: boolean;
      link?: Destination;
      fields?: Partial<OwnFields<K>>;
    } = {},
  ): this {
    this.count += 1;
    const id = options.id ?? `${this.slideId}-${this.count}`;
    const changes = addItem(this.deck, { ...options, id, slideId: this.slideId, kind, frame: frameAt(place) });
    this.deck = applyChanges(this.deck, changes);
    return this;
  }
}

/** All items of one kind in a deck, by slides. */
export function itemsOfKind<K extends ItemKindName>(deck: Deck, kind: K): readonly ItemOf<K>[] {
  return Object.keys(deck.slides)
    .flatMap((slideId) => itemsOf(deck, slideId))
    .filter((item): item is ItemOf<K> => item.kind === kind);
}
