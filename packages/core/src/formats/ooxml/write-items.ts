/** Writes the items of a slide as the shapes, pictures, connectors and frames of PresentationML. */
import {
  type ChartItem,
  type Dash,
  type Destination,
  type Item,
  type LineEnd,
  type LineItem,
  linesOf,
  cellsOf,
  type PictureItem,
  PLAIN_LOOK,
  type RichText,
  type ShapeName,
  type SoundItem,
  type TableItem,
  type TextLook,
  type VideoItem,
} from '../../deck/index.js';
import type { Frame, Side } from '../../geometry/index.js';
import type { UnheldPart } from '../loss.js';
import { drawnSteps } from '../presentation/drawn-steps.js';
import type { PlainItem } from '../presentation/plain-deck.js';
import { write, type Written } from '../xml/index.js';
import { ANGLE, EMU, EXTENSION } from './names.js';
import { writeGeometry, writeOutline } from './preset-shapes.js';
import { writeBody, writeColour, writeFill, type WriteLink, writeListStyle, writeParagraphs } from './write-text.js';

/** What the items of a slide need of what is around them. */
export interface SlideAround {
  readonly language: string;
  /** The number by which an item is known on its slide. */
  readonly numberOf: (id: string) => number;
  readonly link: WriteLink;
  /** The relation to a picture, a recording or a chart; `null` where its bytes are missing. */
  readonly picture: (id: string) => string | null;
  readonly media: (
    item: VideoItem | SoundItem,
  ) => { readonly file: string; readonly media: string; readonly poster: string } | null;
  readonly chart: (item: ChartItem) => string;
  /** The placeholder that an item fills; `null` for none. */
  readonly placeholder: (item: Item) => Written | null;
  readonly lose: (part: UnheldPart) => void;
}

/** An item; nothing where it cannot be written. */
export function writeItem(item: PlainItem, around: SlideAround): readonly Written[] {
  switch (item.kind) {
    case 'text':
      return [
        shapeOf(item, around, { shape: 'sharp-rectangle', isText: true, ground: [write('a:noFill')], words: item }),
      ];
    case 'shape': {
      const ground = [writeFill(item.fill, item.opacity), stroke(item.outline, item.outlineWidth, item.dash)];
      const corner = item.finish?.corner;
      return [shapeOf(item, around, { shape: item.shape, corner, ground, words: item, inset: INSET })];
    }
    case 'hotspot': {
      // What has no ground at all is not pressed; what is wholly transparent is.
      const ground = [write('a:solidFill', {}, writeColour('#ffffff', 0)), write('a:ln', {}, write('a:noFill'))];
      return [shapeOf(item, around, { shape: item.shape, ground, words: null })];
    }
    case 'picture':
      return pictureOf(item, around);
    case 'line':
      return [connectorOf(item, around)];
    case 'table':
      return [tableOf(item, around)];
    case 'chart':
      return [chartOf(item, around)];
    case 'video':
    case 'sound':
      return mediaOf(item, around);
    case 'ink':
    case 'sign':
      return [drawnOf(item, around)];
  }
}

/** Room between the edge of a shape and its words, in slide units. */
const INSET = 8;

/** Where something is. */
export function writeFrame(
  { x, y, width, height, rotation }: Frame,
  name = 'a:xfrm',
  flipped: { readonly across: boolean; readonly down: boolean } = { across: false, down: false },
): Written {
  return write(
    name,
    {
      rot: rotation === 0 ? undefined : Math.round(rotation * ANGLE),
      flipH: flipped.across ? 1 : undefined,
      flipV: flipped.down ? 1 : undefined,
    },
    write('a:off', { x: Math.round(x * EMU), y: Math.round(y * EMU) }),
    write('a:ext', { cx: Math.max(0, Math.round(width * EMU)), cy: Math.max(0, Math.round(height * EMU)) }),
  );
}

/** What an item is called, what is said of it, and where it leads. */
function properties(item: Item, around: SlideAround, says: string, link: Destination | null = item.link): Written {
  const written = link ? around.link(link, 'a:hlinkClick') : null;
  return write(
    'p:cNvPr',
    { id: around.numberOf(item.id), name: item.name, descr: says === '' ? undefined : says },
    ...(written ? [written] : []),
  );
}

/** What may be done with an item: nothing with what is in the backdrop, all but moving with what is locked. */
function locks(item: Item, name: string, more: Written['attributes'] = {}): Written {
  const { layer, locked } = item;
  const isBackdrop = layer === 'backdrop';
  const own = isBackdrop ? { noGrp: 1, noSelect: 1, noMove: 1 } : locked ? { noMove: 1, noResize: 1 } : {};
  return write(name, { ...more, ...own });
}

function stroke(color: string, width: number, dash: Dash, more: readonly Written[] = []): Written {
  if (width === 0 || color === 'transparent') return write('a:ln', {}, write('a:noFill'));
  const style = { solid: [], dashed: ['dash'], dotted: ['sysDot'] }[dash].map((val) => write('a:prstDash', { val }));
  return write('a:ln', { w: Math.round(width * EMU) }, writeFill(color), ...style, ...more);
}

interface ShapeParts {
  readonly shape: ShapeName;
  readonly corner?: number | undefined;
  readonly isText?: boolean;
  readonly ground: readonly Written[];
  readonly words: { readonly text: RichText; readonly look: TextLook } | null;
  readonly inset?: number;
}

function shapeOf(item: Item, around: SlideAround, parts: ShapeParts): Written {
  const { shape, corner, isText = false, ground, words, inset = 0 } = parts;
  const placeholder = around.placeholder(item);
  const { text, look } = words ?? { text: null, look: PLAIN_LOOK };
  // What fills a placeholder is set as that says, but for what it has of its own.
  const style = placeholder && look.own.length === 0 ? write('a:lstStyle') : writeListStyle(look);
  return write(
    'p:sp',
    {},
    write(
      'p:nvSpPr',
      {},
      properties(item, around, ''),
      write('p:cNvSpPr', { txBox: isText && !placeholder ? 1 : undefined }, locks(item, 'a:spLocks')),
      write('p:nvPr', {}, ...(placeholder ? [placeholder] : [])),
    ),
    write('p:spPr', {}, writeFrame(item.frame), writeGeometry(shape, item.frame, corner), ...ground),
    write(
      'p:txBody',
      {},
      writeBody(look, inset),
      style,
      ...(text ? writeParagraphs(text, around.link, item.language ?? around.language) : [write('a:p')]),
    ),
  );
}

/** Something drawn with lines, without an inside. */
function drawnOf(item: Extract<PlainItem, { readonly kind: 'ink' | 'sign' }>, around: SlideAround): Written {
  const { steps, color, weight, opacity, says } = drawnSteps(item);
  const geometry = writeOutline(steps, item.frame, false);
  const line = write('a:ln', { w: Math.round(weight * EMU), cap: 'rnd' }, writeFill(color, opacity), write('a:round'));
  return write(
    'p:sp',
    {},
    write(
      'p:nvSpPr',
      {},
      properties(item, around, says),
      write('p:cNvSpPr', {}, locks(item, 'a:spLocks')),
      write('p:nvPr'),
    ),
    write('p:spPr', {}, writeFrame(item.frame), geometry, write('a:noFill'), line),
  );
}

function pictureOf(item: PictureItem, around: SlideAround): readonly Written[] {
  const relation = around.picture(item.picture);
  if (relation === null) return [];
  const { crop, opacity, frame } = item;
  const part = (value: number) => (Math.abs(value) < 1e-6 ? undefined : Math.round(value * 100_000));
  const seen = opacity < 1 ? [write('a:alphaModFix', { amt: Math.round(opacity * 100_000) })] : [];
  const cut = { l: part(crop.x), t: part(crop.y), r: part(1 - crop.x - crop.width), b: part(1 - crop.y - crop.height) };
  const placeholder = around.placeholder(item);
  return [
    write(
      'p:pic',
      {},
      write(
        'p:nvPicPr',
        {},
        properties(item, around, item.alt),
        write('p:cNvPicPr', {}, locks(item, 'a:picLocks')),
        write('p:nvPr', {}, ...(placeholder ? [placeholder] : [])),
      ),
      write(
        'p:blipFill',
        {},
        write('a:blip', { 'r:embed': relation }, ...seen),
        write('a:srcRect', cut),
        write('a:stretch', {}, write('a:fillRect')),
      ),
      write(
        'p:spPr',
        {},
        writeFrame(frame, 'a:xfrm', { across: item.flippedAcross, down: item.flippedDown }),
        writeGeometry(item.shape, frame),
        ...(item.outlineWidth > 0 ? [stroke(item.outline, item.outlineWidth, item.dash)] : []),
      ),
    ),
  ];
}

/** The sides of what a line is tied to, as the connection sites of most shapes count them. */
const sites: Readonly<Record<Side, number>> = { top: 0, left: 1, bottom: 2, right: 3 };
const heads = {
  arrow: 'arrow',
  triangle: 'triangle',
  dot: 'oval',
  diamond: 'diamond',
  bar: 'none',
  none: 'none',
} as const;
const connectors = { straight: 'line', curve: 'curvedConnector3', elbow: 'bentConnector3' } as const;

function connectorOf(item: LineItem, around: SlideAround): Written {
  const { from, to, frame } = item;
  const tied = (end: LineEnd, name: string) =>
    end.at === null ? [] : [write(name, { id: around.numberOf(end.at), idx: sites[end.side ?? nearestSide(end)] })];
  const end = (name: string, { head }: LineEnd) =>
    heads[head] === 'none' ? [] : [write(name, { type: heads[head], w: 'med', len: 'med' })];
  const [start, stop] = endsOf(item);
  const box = {
    x: Math.min(start.x, stop.x),
    y: Math.min(start.y, stop.y),
    width: Math.abs(start.x - stop.x),
    height: Math.abs(start.y - stop.y),
    rotation: frame.rotation,
  };
  const flipped = { across: start.x > stop.x, down: start.y > stop.y };
  const line = write(
    'a:ln',
    { w: Math.round(item.outlineWidth * EMU) },
    writeFill(item.outline, item.opacity),
    ...{ solid: [], dashed: ['dash'], dotted: ['sysDot'] }[item.dash].map((val) => write('a:prstDash', { val })),
    ...end('a:headEnd', from),
    ...end('a:tailEnd', to),
  );
  return write(
    'p:cxnSp',
    {},
    write(
      'p:nvCxnSpPr',
      {},
      properties(item, around, ''),
      write('p:cNvCxnSpPr', {}, locks(item, 'a:cxnSpLocks'), ...tied(from, 'a:stCxn'), ...tied(to, 'a:endCxn')),
      write('p:nvPr'),
    ),
    write(
      'p:spPr',
      {},
      writeFrame(box, 'a:xfrm', flipped),
      write('a:prstGeom', { prst: connectors[item.connectorStyle] }, write('a:avLst')),
      line,
    ),
  );
}

/** Where a line begins and ends, in slide units. */
function endsOf(line: LineItem) {
  const { frame, from, to } = line;
  const at = ({ u, v }: LineEnd) => ({ x: frame.x + u * frame.width, y: frame.y + v * frame.height });
  return [at(from), at(to)] as const;
}

/** The side at which an end lies in its line's own frame, where nobody chose one. */
function nearestSide({ u, v }: LineEnd): Side {
  const [across, down] = [Math.abs(u - 0.5), Math.abs(v - 0.5)];
  if (across >= down) return u < 0.5 ? 'right' : 'left';
  return v < 0.5 ? 'bottom' : 'top';
}

function tableOf(item: TableItem, around: SlideAround): Written {
  const [rows, columns] = [linesOf(item, 'row'), linesOf(item, 'column')];
  const cells = cellsOf(item);
  const look = item.drawnAs;
  const line = (name: string, isDrawn: boolean) =>
    isDrawn && item.outlineWidth > 0
      ? write(
          name,
          { w: Math.round(item.outlineWidth * EMU) },
          writeFill(item.outline),
          write('a:prstDash', { val: { solid: 'solid', dashed: 'dash', dotted: 'sysDot' }[item.dash] }),
        )
      : write(name, { w: 0 }, write('a:noFill'));
  const isUpright = look === undefined || look.rules === 'grid' || look.rules === 'gaps';
  const isLevel = isUpright || look.rules !== 'none';
  const cellOf = (row: number, column: number): Written => {
    const cell = cells.find((each) => each.row === row && each.column === column);
    const heads = cell !== undefined && cell.heads !== 'none';
    const own = heads ? { ...item.look, color: item.headingColor, weight: 700 } : item.look;
    const striped = look && !heads && row % 2 === 1 && look.stripe !== 'transparent' ? look.stripe : item.fill;
    return write(
      'a:tc',
      {},
      write(
        'a:txBody',
        {},
        write('a:bodyPr'),
        writeListStyle(own, 2),
        ...(cell ? writeParagraphs(cell.text, around.link, around.language) : [write('a:p')]),
      ),
      write(
        'a:tcPr',
        { anchor: { top: 't', middle: 'ctr', bottom: 'b' }[item.look.upright] },
        line('a:lnL', isUpright),
        line('a:lnR', isUpright),
        line('a:lnT', isLevel),
        line('a:lnB', isLevel),
        writeFill(heads ? item.headingFill : striped, item.opacity),
      ),
    );
  };
  const grid = columns.map(({ length }) => write('a:gridCol', { w: Math.round(length * EMU) }));
  const written = rows.map(({ length }, row) =>
    write('a:tr', { h: Math.round(length * EMU) }, ...columns.map((_column, column) => cellOf(row, column))),
  );
  const { headings } = item;
  const table = write(
    'a:tbl',
    {},
    write('a:tblPr', {
      firstRow: headings === 'row' || headings === 'both' ? 1 : undefined,
      firstCol: headings === 'column' || headings === 'both' ? 1 : undefined,
    }),
    write('a:tblGrid', {}, ...grid),
    ...written,
  );
  return graphicFrame(item, around, 'http://schemas.openxmlformats.org/drawingml/2006/table', table, item.name);
}

function chartOf(item: ChartItem, around: SlideAround): Written {
  const chart = write('c:chart', {
    'xmlns:c': 'http://schemas.openxmlformats.org/drawingml/2006/chart',
    'r:id': around.chart(item),
  });
  const says = item.title || (item.figures?.series.map(({ name }) => name).join(', ') ?? '');
  return graphicFrame(item, around, 'http://schemas.openxmlformats.org/drawingml/2006/chart', chart, says);
}

function graphicFrame(item: Item, around: SlideAround, uri: string, held: Written, says: string): Written {
  return write(
    'p:graphicFrame',
    {},
    write(
      'p:nvGraphicFramePr',
      {},
      properties(item, around, says),
      write('p:cNvGraphicFramePr', {}, locks(item, 'a:graphicFrameLocks', { noGrp: 1 })),
      write('p:nvPr'),
    ),
    writeFrame({ ...item.frame, rotation: 0 }, 'p:xfrm'),
    write('a:graphic', {}, write('a:graphicData', { uri }, held)),
  );
}

function mediaOf(item: VideoItem | SoundItem, around: SlideAround): readonly Written[] {
  const relations = around.media(item);
  if (relations === null) return [];
  const { file, media, poster } = relations;
  const kind = item.kind === 'video' ? 'a:videoFile' : 'a:audioFile';
  const trim =
    item.starts > 0 || item.ends !== null
      ? [
          write('p14:trim', {
            st: Math.round(item.starts * 1000),
            end: item.ends === null ? 0 : Math.round(Math.max(0, item.seconds - item.ends) * 1000),
          }),
        ]
      : [];
  const embedded = write('p14:media', { 'xmlns:p14': EXTENSION, 'r:embed': media }, ...trim);
  const pressed = write('a:hlinkClick', { 'r:id': '', action: 'ppaction://media' });
  return [
    write(
      'p:pic',
      {},
      write(
        'p:nvPicPr',
        {},
        write('p:cNvPr', { id: around.numberOf(item.id), name: item.name || item.fileName, descr: item.alt }, pressed),
        write('p:cNvPicPr', {}, locks(item, 'a:picLocks', { noChangeAspect: 1 })),
        write(
          'p:nvPr',
          {},
          write(kind, { 'r:link': file }),
          write('p:extLst', {}, write('p:ext', { uri: '{DAA4B4D4-6D71-4841-9C94-3DE7FCFB9230}' }, embedded)),
        ),
      ),
      write('p:blipFill', {}, write('a:blip', { 'r:embed': poster }), write('a:stretch', {}, write('a:fillRect'))),
      write('p:spPr', {}, writeFrame(item.frame), write('a:prstGeom', { prst: 'rect' }, write('a:avLst'))),
    ),
  ];
}
