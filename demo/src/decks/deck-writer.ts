/** Writes a sample deck through the same commands that the editor uses. */
import {
  addItem,
  addSection,
  addSlide,
  applyChanges,
  type Credit,
  type Deck,
  type Destination,
  emptyDeck,
  type Item,
  type ItemKindName,
  itemsOf,
  leadLines,
  type OwnFields,
  PLAIN_LOOK,
  plainText,
  type RichText,
  type Role,
  setOnLayout,
  type Slide,
  styledProperties,
  type TextLook,
  themes,
  USUAL_STYLES,
} from '@gobrel/core/deck';
import type { Frame } from '@gobrel/core/geometry';
import type { DrawingName, LibraryName } from '../pictures/index.js';

/** Gives the stored id for a drawing's name. */
export type PictureIds = (name: DrawingName | LibraryName) => string;

/** Left, top, width and height in slide units. */
export type Place = readonly [x: number, y: number, width: number, height: number];

const frameAt = ([x, y, width, height]: Place): Frame => ({ x, y, width, height, rotation: 0 });

/** The teacher of the sample drew its pictures. */
export const DRAWN: Credit = { title: '', author: 'Odile Farrow', source: '', licence: 'own' };

/** A link to a slide of the same deck. */
export const toSlide = (slideId: string): Destination => ({ to: 'slide', slideId });

/** Collects slides and items; ids of items are made from their slide and number, the same every time. */
export class DeckWriter {
  deck: Deck;
  private slideId = '';
  private count = 0;
  private nextSection: string | null = null;

  constructor(
    title: string,
    private readonly pictures: PictureIds,
    theme = '',
  ) {
    const known = themes.find((each) => each.name === theme);
    const empty: Deck = { ...emptyDeck(title), language: 'en-GB' };
    this.deck = known ? { ...empty, theme: known } : empty;
  }

  /** A new slide at the end; what follows is placed on it. */
  slide(id: string, name: string, fields: Partial<Omit<Slide, 'id' | 'name'>> = {}): this {
    this.deck = applyChanges(this.deck, addSlide(this.deck, { id, name }));
    this.deck = applyChanges(this.deck, [{ type: 'set-slide', id, fields }]);
    if (this.nextSection !== null)
      this.deck = applyChanges(
        this.deck,
        addSection(this.deck, { id: `from-${id}`, title: this.nextSection, before: id }),
      );
    this.nextSection = null;
    this.slideId = id;
    return this;
  }

  /** The stored id of a drawing. */
  picture(name: DrawingName | LibraryName): string {
    return this.pictures(name);
  }

  /** A drawing over the whole slide, locked into the backdrop. */
  backdrop(name: DrawingName, alt: string): this {
    const fields = { picture: this.pictures(name), pixels: { width: 1280, height: 720 }, alt, credit: DRAWN };
    return this.add('picture', [0, 0, 1280, 720], { layer: 'backdrop', fields });
  }

  /** Begins a section with the slides that follow. */
  section(title: string): this {
    this.nextSection = title;
    return this;
  }

  /** The slide's title, going by the theme's text style. */
  title(words: string, place: Place = [70, 56, 1000, 76]): this {
    const look = { ...PLAIN_LOOK, ...USUAL_STYLES.title, style: 'title' as const, fit: 'shrink' as const };
    return this.add('text', place, { role: 'title', fields: { text: plainText(words), look } });
  }

  /** A text, one paragraph a line, going by a text style of the theme but for what `look` says. */
  text(words: string | RichText, place: Place, look: Partial<TextLook> = {}): this {
    const text = typeof words === 'string' ? plainText(words) : words;
    const own = styledProperties.filter((property) => property in look);
    return this.add('text', place, {
      fields: { text, look: { ...PLAIN_LOOK, style: 'body', fit: 'shrink', own, ...look } },
    });
  }

  /** An arrow from one item to another, by their ids. */
  arrow(from: string, to: string, fields: Partial<OwnFields<'line'>> = {}): this {
    return this.add('line', [0, 0, 100, 8], {
      fields: {
        from: { u: 0, v: 0.5, at: from, side: null, head: 'none' },
        to: { u: 1, v: 0.5, at: to, side: null, head: 'triangle' },
        ...fields,
      },
    });
  }

  /** A button of the theme with words that leads somewhere. */
  sign(words: string, link: Destination, place: Place): this {
    return this.add('shape', place, {
      link,
      fields: {
        text: plainText(words),
        boxStyle: 'button',
        look: { ...PLAIN_LOOK, size: 26, align: 'center', upright: 'middle', fit: 'shrink' },
      },
    });
  }

  /** A viewpoint; its id is `id`. @param order a rank among those of its slide, `null` where only links lead there */
  viewpoint(id: string, name: string, place: Place, order: string | null): this {
    return this.add('viewpoint', place, { id, name, fields: { order } });
  }

  /** A loose piece with a word on it; its id is `id`. */
  piece(id: string, words: string, place: Place): this {
    return this.add('shape', place, {
      id,
      loose: true,
      fields: {
        text: plainText(words),
        boxStyle: 'piece',
        look: { ...PLAIN_LOOK, size: 22, align: 'center', upright: 'middle', fit: 'shrink' },
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
      role?: Role;
      loose?: boolean;
      link?: Destination;
      fields?: Partial<OwnFields<K>>;
    } = {},
  ): this {
    this.count += 1;
    const id = options.id ?? `${this.slideId}-${this.count}`;
    const changes = addItem(this.deck, { ...options, id, slideId: this.slideId, kind, frame: frameAt(place) });
    this.deck = applyChanges(this.deck, [...changes, ...leadLines(this.deck, changes)]);
    return this;
  }

  /** Puts the item placed last into the backdrop of its layout, behind every slide of it. */
  behindAll(): this {
    const last = itemsOf(this.deck, this.slideId).at(-1);
    this.deck = applyChanges(this.deck, last ? setOnLayout(this.deck, [last.id], true) : []);
    return this;
  }
}
