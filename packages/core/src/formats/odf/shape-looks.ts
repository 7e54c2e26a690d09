/** How the shapes of a page look: their fills, lines and words, after the styles that they go by. */
import type { TextLook } from '../../deck/index.js';
import type { UnreadPart } from '../loss.js';
import type { FoundLine } from '../presentation/found-line.js';
import { type FoundLetters, foundText } from '../presentation/found-text.js';
import type { XmlElement } from '../xml/index.js';
import { readLength, readPart } from './names.js';
import type { FoundProperties } from './read-styles.js';
import { lettersOf, readBlocks, USUAL_LETTERS } from './read-text.js';
import type { ShapesAround } from './shapes-around.js';

/** What a shape is filled with. */
export interface FoundFill {
  readonly color: string | null;
  /** From 0 to 1. */
  readonly opacity: number;
  /** The address of a picture; `null` for none. */
  readonly image: string | null;
}

/** Reads how shapes look. */
export class ShapeLooks {
  constructor(
    private readonly around: ShapesAround,
    private readonly lose: (part: UnreadPart) => void,
  ) {}

  /** The properties of a kind that hold for a shape. */
  properties(element: XmlElement, kind: string): FoundProperties {
    const { attributes } = element;
    const presented = attributes['presentation:style-name'];
    return presented === undefined
      ? this.around.styles.properties('graphic', attributes['draw:style-name'], kind)
      : this.around.styles.properties('presentation', presented, kind);
  }

  private letters(element: XmlElement): FoundLetters {
    const properties = { ...this.properties(element, 'paragraph'), ...this.properties(element, 'text') };
    return lettersOf({ ...USUAL_LETTERS, color: this.around.text.colour('#000000') }, properties, this.around.text);
  }

  /** The words of a shape, which lie in it or in a box of it. */
  words(
    element: XmlElement,
    holds: XmlElement,
  ): { readonly text: ReturnType<typeof foundText>['text']; readonly look: TextLook } {
    const letters = this.letters(element);
    const found = foundText(readBlocks(holds, letters, this.around.text), letters);
    const properties = this.properties(element, 'graphic');
    const upright = properties['draw:textarea-vertical-align'];
    const align = this.properties(element, 'paragraph')['fo:text-align'];
    const fit =
      properties['style:shrink-to-fit'] === 'true'
        ? 'shrink'
        : properties['draw:auto-grow-height'] === 'true'
          ? 'grow'
          : 'leave';
    return {
      text: found.text,
      look: {
        ...found.look,
        align: found.look.align === 'left' && align === 'center' ? 'center' : found.look.align,
        upright: upright === 'middle' || upright === 'bottom' ? upright : 'top',
        fit,
      },
    };
  }

  fill(element: XmlElement): FoundFill {
    const properties = this.properties(element, 'graphic');
    const kind = properties['draw:fill'] ?? 'none';
    const opacity = readPart(properties['draw:opacity']) ?? 1;
    const color = properties['draw:fill-color'];
    if (kind === 'none') return { color: null, opacity, image: null };
    if (kind === 'bitmap') {
      const image = this.around.styles.find('draw:fill-image', properties['draw:fill-image-name']);
      return { color: null, opacity, image: image?.attributes['xlink:href'] ?? null };
    }
    if (kind === 'gradient') {
      const gradient = this.around.styles.find('draw:gradient', properties['draw:fill-gradient-name']);
      this.lose('fills');
      return { color: this.colour(gradient?.attributes['draw:start-color'] ?? color), opacity, image: null };
    }
    if (kind !== 'solid') this.lose('fills');
    return { color: this.colour(color), opacity, image: null };
  }

  private colour(written: string | undefined): string | null {
    return written && /^#[\da-f]{6}$/i.test(written) ? this.around.text.colour(written.toLowerCase()) : null;
  }

  stroke(element: XmlElement): FoundLine {
    const properties = this.properties(element, 'graphic');
    const kind = properties['draw:stroke'] ?? 'none';
    const color = this.colour(properties['svg:stroke-color']) ?? this.around.text.colour('#000000');
    const opacity = readPart(properties['svg:stroke-opacity']) ?? 1;
    if (kind === 'none') return { color, width: 0, dash: 'solid', opacity };
    const dash = this.around.styles.find('draw:stroke-dash', properties['draw:stroke-dash'])?.attributes;
    const dots = dash?.['draw:dots1-length'];
    const isShort = (readPart(dots) ?? 4) <= 1.5;
    return {
      color,
      width: Math.max(readLength(properties['svg:stroke-width']) ?? 1, 0.5),
      dash: kind === 'dash' ? (isShort ? 'dotted' : 'dashed') : 'solid',
      opacity,
    };
  }
}
