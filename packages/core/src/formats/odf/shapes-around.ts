/** What the readers of shapes need of the page, its document and its package. */
import type { Deck, LayoutName } from '../../deck/index.js';
import type { FoundContents, FoundSlide } from '../presentation/found-deck.js';
import type { XmlElement } from '../xml/index.js';
import type { FoundStyles } from './read-styles.js';
import type { TextAround } from './read-text.js';

/** What reading the shapes of a page needs of what is around them. */
export interface ShapesAround {
  readonly deck: Deck;
  readonly styles: FoundStyles;
  readonly text: TextAround;
  readonly slide: FoundSlide;
  readonly contents: FoundContents;
  readonly layout: LayoutName;
  /** The bytes under an address of the package; `null` where there are none, or it leads out of it. */
  readonly bytes: (address: string) => Uint8Array | null;
  /** The first element of a part of the package. */
  readonly tree: (path: string) => XmlElement | null;
  readonly createId: () => string;
}
