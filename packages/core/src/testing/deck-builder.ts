/** A builder of small decks for tests, through the same commands that the editor uses. */
import {
  addItem,
  addSlide,
  applyChanges,
  type Change,
  type Deck,
  emptyDeck,
  type ItemKindName,
  type OwnFields,
  type Slide,
} from '../deck/index.js';

type ItemOptions<K extends ItemKindName> = Omit<
  Parameters<typeof addItem<K>>[1],
  'id' | 'slideId' | 'kind' | 'fields'
> & { fields?: Partial<OwnFields<K>> };

/** Collects slides and items under ids of the test's choosing. */
export class DeckBuilder {
  deck: Deck;
  private current = '';

  constructor(title = 'A deck') {
    this.deck = emptyDeck(title);
  }

  /** Adds a slide at the end and goes on with it. */
  slide(id: string, fields: Partial<Omit<Slide, 'id'>> = {}): this {
    this.apply(addSlide(this.deck, { id, name: id }));
    this.apply([{ type: 'set-slide', id, fields }]);
    this.current = id;
    return this;
  }

  /** Places an item on the current slide. */
  item<K extends ItemKindName>(id: string, kind: K, options: ItemOptions<K> = {}): this {
    return this.apply(addItem(this.deck, { ...options, id, slideId: this.current, kind }));
  }

  /** Applies any changes. */
  apply(changes: readonly Change[]): this {
    this.deck = applyChanges(this.deck, changes);
    return this;
  }
}
