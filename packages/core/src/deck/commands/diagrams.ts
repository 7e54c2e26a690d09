/** A diagram on a slide, as ordinary shapes and attached lines. */
import type { Box } from '../../geometry/index.js';
import { type BoxRole, type DiagramKind, type DiagramPart, layOutDiagram } from '../diagrams/index.js';
import { PLAIN_LOOK } from '../kinds/kind.js';
import { leadLines } from '../lines/line-commands.js';
import { applyChanges, type Change } from '../model/change.js';
import { type Deck, sizeOf } from '../model/deck.js';
import { type ItemId, newId, type SlideId } from '../model/identifiers.js';
import type { OwnFields } from '../model/item.js';
import { plainText } from '../text/rich-text.js';
import { addItem } from './items.js';

/** The part of a slide that a diagram has: below its title, within its rims. */
function roomOn(deck: Deck): Box {
  const { width, height } = sizeOf(deck);
  return { x: width * 0.06, y: height * 0.24, width: width * 0.88, height: height * 0.68 };
}

/** How boxes of each role look; colours are names of the theme. */
const looks: Readonly<Record<BoxRole, Partial<OwnFields<'shape'>>>> = {
  main: { fill: 'accent', outline: 'accent', outlineWidth: 3, look: words('ground', 700) },
  plain: { fill: 'ground', outline: 'accent', outlineWidth: 3, look: words('words', null) },
  set: { fill: 'accent', outline: 'accent', outlineWidth: 3, opacity: 0.18, look: words('words', null) },
  point: { fill: 'accent', outline: 'accent', outlineWidth: 3, look: words('words', null) },
  words: { fill: 'transparent', outline: 'transparent', outlineWidth: 0, look: words('words', null) },
};

function words(color: string, weight: number | null): OwnFields<'shape'>['look'] {
  return { ...PLAIN_LOOK, size: 26, color, weight, align: 'center', upright: 'middle', fit: 'shrink' };
}

/** A diagram on a slide. @returns the changes, and the items they make */
export function addDiagram(
  deck: Deck,
  slideId: SlideId,
  { kind, parts }: { readonly kind: DiagramKind; readonly parts: readonly DiagramPart[] },
  createId: () => ItemId = newId,
): { readonly changes: readonly Change[]; readonly made: readonly ItemId[] } {
  const { boxes, ties } = layOutDiagram(kind, parts, roomOn(deck));
  let present = deck;
  const changes: Change[] = [];
  const made: ItemId[] = [];
  const run = (next: readonly Change[]) => {
    changes.push(...next);
    present = applyChanges(present, next);
  };
  const ids = boxes.map(({ x, y, width, height, words: text, role, shape, align }) => {
    const id = createId();
    const { look = PLAIN_LOOK, ...fields } = looks[role];
    const frame = { x, y, width, height, rotation: 0 };
    const of = { ...fields, shape, look: { ...look, align }, text: plainText(text) };
    run(addItem(present, { id, slideId, kind: 'shape', frame, fields: of }));
    made.push(id);
    return id;
  });
  for (const { from, to, fromSide, toSide, style, head } of ties) {
    const id = createId();
    const end = (at: number, side: typeof fromSide, u: number) => ({
      u,
      v: 0.5,
      at: ids[at] ?? null,
      side,
      head: 'none' as const,
    });
    const fields = {
      from: end(from, fromSide, 0),
      to: { ...end(to, toSide, 1), head },
      connectorStyle: style,
      outline: 'accent',
      outlineWidth: 3,
    };
    const put = addItem(present, { id, slideId, kind: 'line', fields });
    run([...put, ...leadLines(present, put)]);
    made.push(id);
  }
  return { changes, made };
}
