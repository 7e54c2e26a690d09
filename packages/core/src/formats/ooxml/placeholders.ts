/** What placeholders of a slide take from its layout and its master, and the parts they play in layouts of ours. */
import type { LayoutName, Role, TextStyleName } from '../../deck/index.js';
import { childAt, within, type XmlElement } from '../xml/index.js';
import type { ShapesAround, ShapeSource } from './shapes-around.js';

/** The shapes of layout and master that a placeholder takes from, the nearest first. */
export function inheritedBy(held: XmlElement, around: ShapesAround): readonly XmlElement[] {
  const { type = 'obj', idx } = held.attributes;
  const shapesOf = (source: ShapeSource | null) =>
    within(source?.root ?? { name: '', attributes: {}, children: [] }, 'p:sp');
  const holds = (shape: XmlElement) => childAt(shape, 'p:nvSpPr', 'p:nvPr', 'p:ph')?.attributes;
  const general = (of: string) =>
    of === 'ctrTitle' ? 'title' : ['subTitle', 'obj', 'body'].includes(of) ? 'body' : of;
  const inLayout = shapesOf(around.layout).find((shape) => {
    const own = holds(shape);
    if (!own) return false;
    if (idx !== undefined && own['idx'] !== undefined) return own['idx'] === idx;
    return general(own['type'] ?? 'obj') === general(type);
  });
  const wanted = general((inLayout && holds(inLayout)?.['type']) ?? type);
  const inMaster = shapesOf(around.master).find((shape) => {
    const own = holds(shape);
    return own !== undefined && general(own['type'] ?? 'obj') === wanted;
  });
  return [...(inLayout ? [inLayout] : []), ...(inMaster ? [inMaster] : [])];
}

/** The lists of levels that the master has for a kind of text. */
export function textStylesOf(held: XmlElement | null, around: ShapesAround): readonly (XmlElement | null)[] {
  const type = held?.attributes['type'] ?? 'obj';
  const name = !held ? 'p:otherStyle' : /title/i.test(type) && type !== 'subTitle' ? 'p:titleStyle' : 'p:bodyStyle';
  const master = childAt(around.master?.root, 'p:txStyles', name);
  return held ? [master] : [around.defaults];
}

/** The part that a placeholder plays in a layout of ours. */
export function roleOf(held: XmlElement, layout: LayoutName): Role | null {
  const { type = 'obj', idx = '0' } = held.attributes;
  switch (type) {
    case 'title':
    case 'ctrTitle':
      return 'title';
    case 'subTitle':
      return 'subtitle';
    case 'pic':
      return 'picture';
    case 'body':
    case 'obj':
      if (layout === 'picture') return 'caption';
      if (layout === 'section' || layout === 'title') return 'subtitle';
      return layout === 'two-columns' && Number(idx) >= 2 ? 'second-body' : 'body';
    default:
      return null;
  }
}

/** The style of our themes that a part goes by. */
export function styleOf(role: Role, layout: LayoutName): TextStyleName {
  if (role === 'title') return layout === 'title' ? 'opening' : layout === 'section' ? 'section' : 'title';
  return role === 'subtitle' ? 'subtitle' : role === 'caption' ? 'caption' : 'body';
}
