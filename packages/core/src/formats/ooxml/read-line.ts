/** Lines of a slide, which may be tied to shapes. */
import type { Side } from '../../geometry/index.js';
import { childAt, type XmlElement } from '../xml/index.js';
import { type Placing, readPlace } from './read-place.js';
import type { ShapeLooks } from './shape-looks.js';

const heads: Readonly<Record<string, string>> = {
  none: 'none',
  triangle: 'triangle',
  stealth: 'triangle',
  arrow: 'arrow',
  oval: 'dot',
  diamond: 'diamond',
};
const sides: readonly Side[] = ['top', 'left', 'bottom', 'right'];

/**
 * Reads a line as what gives the fields of its item, once it is known which items it is tied to; `null` for one without a place.
 */
export function readLine(element: XmlElement, placing: Placing, looks: ShapeLooks) {
  const properties = childAt(element, 'p:spPr');
  const place = readPlace(childAt(properties, 'a:xfrm'));
  if (!place) return null;
  const { frame, flippedAcross, flippedDown } = placing(place);
  const line = looks.lineOf(properties, childAt(element, 'p:style'));
  const about = childAt(element, 'p:nvCxnSpPr', 'p:cNvCxnSpPr');
  const preset = childAt(properties, 'a:prstGeom')?.attributes['prst'] ?? 'line';
  const head = (name: string) => heads[childAt(properties, 'a:ln', name)?.attributes['type'] ?? 'none'] ?? 'arrow';
  const [start, stop] = [flippedAcross ? 1 : 0, flippedDown ? 1 : 0];
  return (idOf: (number: string) => string | null) => {
    const end = (u: number, v: number, name: string, headName: string) => {
      const tied = childAt(about, name)?.attributes;
      const at = tied ? idOf(tied['id'] ?? '') : null;
      return { u, v, at, side: at === null ? null : (sides[Number(tied?.['idx'])] ?? null), head: head(headName) };
    };
    return {
      kind: 'line',
      // A level line has no height of its own.
      frame: { ...frame, width: Math.max(frame.width, 1), height: Math.max(frame.height, 1) },
      from: end(start, stop, 'a:stCxn', 'a:headEnd'),
      to: end(1 - start, 1 - stop, 'a:endCxn', 'a:tailEnd'),
      connectorStyle: /^bent/.test(preset) ? 'elbow' : /^curved/.test(preset) ? 'curve' : 'straight',
      sideways: frame.width >= frame.height,
      outline: line.color,
      outlineWidth: line.width || 1,
      dash: line.dash,
      opacity: line.opacity,
    };
  };
}
