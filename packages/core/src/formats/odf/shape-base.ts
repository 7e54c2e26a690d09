/** What all shapes of a page share: their names, layers and links, and what they are in. */
import type { Destination } from '../../deck/index.js';
import type { UnreadPart } from '../loss.js';
import { childAt, childrenOf, type XmlElement, wordsIn } from '../xml/index.js';
import type { ShapeLooks } from './shape-looks.js';
import type { ShapesAround } from './shapes-around.js';

/** What shapes are in, and what holds for them. */
export interface Within {
  readonly groups: readonly string[];
  readonly link: Destination | null;
}

/** The fields that all shapes share. */
export interface ShapeBase {
  readonly name: string;
  readonly link: Destination | null;
  readonly groups: readonly string[];
  readonly layer: 'backdrop' | 'slide';
  readonly locked: boolean;
  readonly hidden: boolean;
  /** What it shows, in words. */
  readonly says: string;
  /** By what others of the file refer to it; '' for nothing. */
  readonly own: string;
}

/** Reads what all shapes share. */
export class ShapeBases {
  /** @param isBehind whether these are shapes of a master, which lie behind everything */
  constructor(
    private readonly around: ShapesAround,
    private readonly looks: ShapeLooks,
    private readonly lose: (part: UnreadPart) => void,
    private readonly isBehind: boolean,
  ) {}

  of(element: XmlElement, within: Within): ShapeBase {
    const { attributes } = element;
    const still = /position/.test(this.looks.properties(element, 'graphic')['style:protect'] ?? '');
    const isBackdrop = this.isBehind || attributes['draw:layer'] === 'backgroundobjects';
    const says = childAt(element, 'svg:desc') ?? childAt(element, 'svg:title');
    return {
      name: this.isBehind ? '' : (attributes['draw:name'] ?? ''),
      link: this.pressed(element) ?? within.link,
      groups: within.groups,
      layer: isBackdrop ? 'backdrop' : 'slide',
      locked: still && !isBackdrop,
      hidden: attributes['draw:display'] === 'none',
      says: says ? wordsIn(says).trim() : '',
      own: attributes['xml:id'] ?? attributes['draw:id'] ?? '',
    };
  }

  /** Where a press on a shape leads. */
  private pressed(element: XmlElement): Destination | null {
    for (const listener of childrenOf(childAt(element, 'office:event-listeners'))) {
      const { attributes } = listener;
      const action = attributes['presentation:action'] ?? 'show';
      const step = actions[action];
      if (step) return { to: step };
      const address = attributes['xlink:href'];
      const link = action === 'show' && address !== undefined ? this.around.text.link(address) : null;
      if (link) return link;
      if (action !== 'none')
        this.lose(/^(execute|verb)$/.test(action) || listener.name.startsWith('script') ? 'programs' : 'links-left');
    }
    return null;
  }
}

const actions: Readonly<Record<string, 'next' | 'previous' | 'first' | 'last' | 'back' | 'end'>> = {
  'next-page': 'next',
  'previous-page': 'previous',
  'first-page': 'first',
  'last-page': 'last',
  'last-visited-page': 'back',
  stop: 'end',
};
