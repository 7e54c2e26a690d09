/** What the readers of shapes need of the slide, what it goes by, and its package. */
import type { Deck, Destination, LayoutName } from '../../deck/index.js';
import type { FoundContents, FoundSlide } from '../presentation/found-deck.js';
import type { XmlElement } from '../xml/index.js';
import type { ColourScheme } from './read-colours.js';
import type { OoxmlPackage } from './read-package.js';
import type { FoundFonts } from './read-text.js';

/** What a slide, a layout or a master is among the others. */
export interface ShapeSource {
  readonly path: string;
  readonly root: XmlElement | null;
}

/** What reading the shapes of a slide needs of what is around them. */
export interface ShapesAround {
  readonly pack: OoxmlPackage;
  readonly deck: Deck;
  readonly colours: ColourScheme;
  readonly fonts: FoundFonts;
  readonly slide: FoundSlide;
  readonly contents: FoundContents;
  readonly layoutName: LayoutName;
  readonly layout: ShapeSource | null;
  readonly master: ShapeSource | null;
  readonly defaults: XmlElement | null;
  /** Where a link of some part leads. */
  readonly link: (element: XmlElement, path: string) => Destination | null;
  readonly createId: () => string;
}
