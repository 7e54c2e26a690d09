/** How shapes look: their fills and lines, and how words stand in them. */
import type { TextLook } from '../../deck/index.js';
import type { UnreadPart } from '../loss.js';
import type { FoundLine } from '../presentation/found-line.js';
import { childAt, childrenOf, type XmlElement } from '../xml/index.js';
import { firstOf } from './first-of.js';
import { EMU } from './names.js';
import { colourIn, type ColourScheme, type FoundColour } from './read-colours.js';

/** A fill, as far as it is one of ours. */
export type FoundFill =
  | { readonly is: 'colour'; readonly colour: FoundColour }
  | { readonly is: 'none' }
  | { readonly is: 'picture'; readonly element: XmlElement };

/** Reads how shapes look. */
export class ShapeLooks {
  constructor(
    private readonly colours: ColourScheme,
    private readonly lose: (part: UnreadPart) => void,
  ) {}

  /** The fill that a shape says of itself. */
  fillOf(properties: XmlElement | null): FoundFill | null {
    for (const child of childrenOf(properties)) {
      if (child.name === 'a:noFill') return { is: 'none' };
      if (child.name === 'a:blipFill') return { is: 'picture', element: child };
      const holds = holdsColour(child);
      if (holds) {
        if (child.name !== 'a:solidFill') this.lose('fills');
        const colour = colourIn(holds, this.colours);
        return colour && { is: 'colour', colour };
      }
    }
    if (childrenOf(childAt(properties, 'a:effectLst')).length > 0) this.lose('effects');
    return null;
  }

  /** The fill that a shape has by a style of the theme. */
  styleFill(style: XmlElement | null): FoundFill | null {
    const reference = childAt(style, 'a:fillRef');
    if (!reference || reference.attributes['idx'] === '0') return null;
    const colour = colourIn(reference, this.colours);
    return colour && { is: 'colour', colour };
  }

  /** The line around a shape, by its own properties and by a style of the theme. */
  lineOf(properties: XmlElement | null, style: XmlElement | null): FoundLine {
    const line = childAt(properties, 'a:ln');
    const reference = childAt(style, 'a:lnRef');
    const none = { color: 'words', width: 0, dash: 'solid', opacity: 1 } as const;
    if (childAt(line, 'a:noFill')) return none;
    const byStyle = reference && reference.attributes['idx'] !== '0' ? colourIn(reference, this.colours) : null;
    const own = colourIn(childAt(line, 'a:solidFill'), this.colours);
    const gradient = colourIn(childAt(line, 'a:gradFill', 'a:gsLst', 'a:gs'), this.colours);
    const colour = own ?? gradient ?? byStyle;
    if (!colour) return none;
    const width = Number(line?.attributes['w'] ?? 9525) / EMU;
    const dashes = childAt(line, 'a:prstDash')?.attributes['val'] ?? 'solid';
    const dash = dashes === 'solid' ? 'solid' : /dot/i.test(dashes) && !/dash/i.test(dashes) ? 'dotted' : 'dashed';
    return { color: colour.color, width, dash, opacity: colour.opacity };
  }
}

/** What in a fill holds its colour, or the first of several; `null` for what is no fill of colours. */
function holdsColour(fill: XmlElement): XmlElement | null {
  if (fill.name === 'a:solidFill') return fill;
  if (fill.name === 'a:gradFill') return childAt(fill, 'a:gsLst', 'a:gs');
  return fill.name === 'a:pattFill' ? childAt(fill, 'a:fgClr') : null;
}

/** What the properties of text bodies say, the nearest first. */
export function bodyLook(bodies: readonly (XmlElement | null)[]): Pick<TextLook, 'upright' | 'fit'> {
  const anchor = firstOf(bodies, (body) => body?.attributes['anchor'] ?? null);
  const fit = firstOf(bodies, (body) => childrenOf(body).find(({ name }) => /Auto[fF]it$/.test(name))?.name ?? null);
  return {
    upright: anchor === 'ctr' ? 'middle' : anchor === 'b' ? 'bottom' : 'top',
    fit: fit === 'a:normAutofit' ? 'shrink' : fit === 'a:spAutoFit' ? 'grow' : 'leave',
  };
}
