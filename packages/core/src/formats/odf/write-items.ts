/** Writes the items of a slide as the shapes, frames and connectors of OpenDocument. */
import {
  cellsOf,
  colourIn,
  type Dash,
  type Destination,
  type GroupId,
  type Item,
  type LineEnd,
  type LineHead,
  type LineItem,
  linesOf,
  type PictureItem,
  type RichText,
  shapePath,
  type ShapeItem,
  type SoundItem,
  type TableItem,
  type TextLook,
  type VideoItem,
} from '../../deck/index.js';
import { type Frame, type Side, turnPoint } from '../../geometry/index.js';
import type { UnheldPart } from '../loss.js';
import { drawnSteps } from '../presentation/drawn-steps.js';
import { type PathStep, pathSteps } from '../presentation/path.js';
import type { PlainItem } from '../presentation/plain-deck.js';
import { write, type Written } from '../xml/index.js';
import { length } from './names.js';
import { type TextAround, writeBlocks } from './write-text.js';

/** What the items of a slide need of what is around them. */
export interface ItemsAround extends TextAround {
  /** The name by which an item is known in the document. */
  readonly nameOf: (id: string) => string;
  /** What a press on something does; `null` for nothing that files know. */
  readonly press: (destination: Destination) => Written | null;
  /** The path of a picture or recording, and its size in pixels; `null` where its bytes are missing. */
  readonly content: (id: string) => { readonly path: string; readonly width: number; readonly height: number } | null;
  /** The path of what stands for something without a picture. */
  readonly sign: () => string;
  /** The path of a chart. */
  readonly chart: (item: Extract<PlainItem, { readonly kind: 'chart' }>) => string;
  /** The class of a placeholder; `null` for what fills none. */
  readonly placeholder: (item: Item) => string | null;
  readonly lose: (part: UnheldPart) => void;
}

/** Items in their groups: each group where its first item is. */
export function writeItems(items: readonly PlainItem[], around: ItemsAround, depth = 0): readonly Written[] {
  const done = new Set<GroupId>();
  return items.flatMap((item) => {
    const group = item.groups[depth];
    if (group === undefined) return writeItem(item, around);
    if (done.has(group)) return [];
    done.add(group);
    const members = items.filter(({ groups }) => groups[depth] === group);
    return [write('draw:g', {}, ...writeItems(members, around, depth + 1))];
  });
}

function writeItem(item: PlainItem, around: ItemsAround): readonly Written[] {
  switch (item.kind) {
    case 'text':
      return [textBox(item, item.text, item.look, around)];
    case 'shape':
      return [shapeOf(item, around)];
    case 'hotspot':
      return [
        customShape(item, shapePath(item.shape, item.frame.width, item.frame.height), unseen(item, around), [], around),
      ];
    case 'picture':
      return pictureOf(item, around);
    case 'line':
      return [connectorOf(item, around)];
    case 'table':
      return [frameOf(item, around, [tableOf(item, around)], item.name)];
    case 'chart': {
      const object = write('draw:object', { ...simple(`./${around.chart(item)}`), ...embedded });
      return [frameOf(item, around, [object], item.title)];
    }
    case 'video':
    case 'sound':
      return mediaOf(item, around);
    case 'ink':
    case 'sign':
      return [drawn(item, around)];
  }
}

/** Units of the box that outlines are drawn in, of a slide unit. */
const FINE = 100;

const embedded = { 'xlink:show': 'embed', 'xlink:actuate': 'onLoad' } as const;
const simple = (href: string) => ({ 'xlink:href': href, 'xlink:type': 'simple' });

/** Where something is: by its corner, or by a turn and where that takes its corner. */
function placed({ x, y, width, height, rotation }: Frame): Written['attributes'] {
  const size = { 'svg:width': length(width), 'svg:height': length(height) };
  if (rotation === 0) return { ...size, 'svg:x': length(x), 'svg:y': length(y) };
  const corner = turnPoint({ x, y }, { x: x + width / 2, y: y + height / 2 }, rotation);
  const turn = String((-rotation * Math.PI) / 180);
  return { ...size, 'draw:transform': `rotate (${turn}) translate (${length(corner.x)} ${length(corner.y)})` };
}

/** What all shapes have: where they are, what they are called, which layer they lie on. */
function common(item: Item, around: ItemsAround, style: string): Written['attributes'] {
  const name = around.nameOf(item.id);
  return {
    'draw:style-name': style,
    'draw:name': item.name === '' ? undefined : item.name,
    'xml:id': name,
    'draw:id': name,
    'draw:layer': item.layer === 'backdrop' ? 'backgroundobjects' : 'layout',
    ...placed(item.frame),
  };
}

/** What a press on an item does, and what is said of it. */
function described(item: Item, around: ItemsAround, says: string): readonly Written[] {
  const pressed = item.link ? around.press(item.link) : null;
  return [
    ...(pressed ? [write('office:event-listeners', {}, pressed)] : []),
    ...(says === '' ? [] : [write('svg:desc', {}, says)]),
  ];
}

interface GraphicLook {
  readonly fill?: Written['attributes'];
  readonly stroke?: Written['attributes'];
  readonly look?: TextLook | null;
  readonly inset?: number;
}

/** The style of a shape or frame. */
function graphic(item: Item, around: ItemsAround, { fill, stroke, look, inset = 0 }: GraphicLook): string {
  const isStill = item.layer === 'backdrop' || item.locked;
  const pad = length(inset);
  return around.styles.style('graphic', [
    write('style:graphic-properties', {
      ...(fill ?? { 'draw:fill': 'none' }),
      ...(stroke ?? { 'draw:stroke': 'none' }),
      ...(look
        ? {
            'draw:textarea-vertical-align': look.upright,
            'draw:auto-grow-height': look.fit === 'grow' ? 'true' : 'false',
            'style:shrink-to-fit': look.fit === 'shrink' ? 'true' : undefined,
            'fo:wrap-option': 'wrap',
            'fo:padding-top': pad,
            'fo:padding-bottom': pad,
            'fo:padding-left': pad,
            'fo:padding-right': pad,
          }
        : {}),
      'style:protect': isStill ? 'position size' : undefined,
    }),
  ]);
}

function filled(colour: string, opacity: number, { theme }: ItemsAround): Written['attributes'] {
  if (colour === 'transparent') return { 'draw:fill': 'none' };
  return {
    'draw:fill': 'solid',
    'draw:fill-color': colourIn(theme, colour),
    'draw:opacity': opacity < 1 ? percent(opacity) : undefined,
  };
}

function percent(part: number): string {
  return `${String(Math.round(part * 1000) / 10)}%`;
}

function stroked(
  colour: string,
  width: number,
  dash: Dash,
  opacity: number,
  around: ItemsAround,
): Written['attributes'] {
  if (width === 0 || colour === 'transparent') return { 'draw:stroke': 'none' };
  const dashed =
    dash === 'solid'
      ? null
      : around.styles.keep('dash', 'dash', (name) =>
          write('draw:stroke-dash', {
            'draw:name': name,
            'draw:style': 'rect',
            'draw:dots1': 1,
            'draw:dots1-length': dash === 'dashed' ? '400%' : '100%',
            'draw:distance': dash === 'dashed' ? '300%' : '100%',
          }),
        );
  return {
    'draw:stroke': dashed === null ? 'solid' : 'dash',
    'draw:stroke-dash': dashed ?? undefined,
    'svg:stroke-width': length(width),
    'svg:stroke-color': colourIn(around.theme, colour),
    'svg:stroke-opacity': opacity < 1 ? percent(opacity) : undefined,
  };
}

function textBox(item: Item, text: RichText, look: TextLook, around: ItemsAround): Written {
  const kind = around.placeholder(item);
  const style = graphic(item, around, { look });
  const attributes = { ...common(item, around, style), 'presentation:class': kind ?? undefined };
  return write(
    'draw:frame',
    attributes,
    write('draw:text-box', {}, ...writeBlocks(text, look, around)),
    ...described(item, around, ''),
  );
}

/** Room between the edge of a shape and its words, in slide units. */
const INSET = 8;

function shapeOf(item: ShapeItem, around: ItemsAround): Written {
  const { shape, frame, fill, opacity, outline, outlineWidth, dash, look, text } = item;
  const style = graphic(item, around, {
    fill: filled(fill, opacity, around),
    stroke: stroked(outline, outlineWidth, dash, 1, around),
    look,
    inset: INSET,
  });
  return customShape(item, shapePath(shape, frame.width, frame.height), style, writeBlocks(text, look, around), around);
}

/** What is not seen, but pressed. */
function unseen(item: Item, around: ItemsAround): string {
  return graphic(item, around, { fill: { 'draw:fill': 'solid', 'draw:fill-color': '#ffffff', 'draw:opacity': '0%' } });
}

function customShape(item: Item, path: string, style: string, words: readonly Written[], around: ItemsAround): Written {
  const { width, height } = item.frame;
  const geometry = write('draw:enhanced-geometry', {
    'svg:viewBox': `0 0 ${Math.round(width * FINE)} ${Math.round(height * FINE)}`,
    'draw:type': 'non-primitive',
    'draw:enhanced-path': `${pathOf(pathSteps(path))}N`,
  });
  return write('draw:custom-shape', common(item, around, style), ...described(item, around, ''), ...words, geometry);
}

function pathOf(steps: readonly PathStep[]): string {
  const at = ({ x, y }: { readonly x: number; readonly y: number }) =>
    `${Math.round(x * FINE)} ${Math.round(y * FINE)} `;
  return steps
    .map((step) => {
      if (step.is === 'close') return 'Z ';
      if (step.is === 'curve') return `C ${at(step.first)}${at(step.second)}${at(step.to)}`;
      return `${step.is === 'move' ? 'M' : 'L'} ${at(step.to)}`;
    })
    .join('');
}

function drawn(item: Extract<PlainItem, { readonly kind: 'ink' | 'sign' }>, around: ItemsAround): Written {
  const { steps, color, weight, opacity, says } = drawnSteps(item);
  const style = graphic(item, around, {
    stroke: { ...stroked(color, weight, 'solid', opacity, around), 'svg:stroke-linecap': 'round' },
  });
  return write(
    'draw:path',
    {
      ...common(item, around, style),
      'svg:viewBox': `0 0 ${Math.round(item.frame.width * FINE)} ${Math.round(item.frame.height * FINE)}`,
      'svg:d': pathOf(steps).trim(),
    },
    ...described(item, around, says),
  );
}

function frameOf(item: Item, around: ItemsAround, held: readonly Written[], says: string, style?: string): Written {
  const upright = { ...item, frame: { ...item.frame, rotation: item.kind === 'picture' ? item.frame.rotation : 0 } };
  const name = style ?? graphic(item, around, {});
  return write('draw:frame', common(upright, around, name), ...held, ...described(item, around, says));
}

function pictureOf(item: PictureItem, around: ItemsAround): readonly Written[] {
  const found = around.content(item.picture);
  if (!found) {
    around.lose('missing-media');
    return [];
  }
  const { crop, shape, frame } = item;
  const stroke = stroked(item.outline, item.outlineWidth, item.dash, 1, around);
  if (shape !== 'sharp-rectangle') {
    // Only a ground that is a picture takes on a shape, and none is mirrored.
    if (item.flippedAcross || item.flippedDown) around.lose('mirrored-shapes');
    const image = around.styles.keep('fill image', 'image', (name) =>
      write('draw:fill-image', { 'draw:name': name, ...simple(found.path), ...embedded }),
    );
    const fill = {
      'draw:fill': 'bitmap',
      'draw:fill-image-name': image,
      ...laid(crop, frame),
      'draw:opacity': item.opacity < 1 ? percent(item.opacity) : undefined,
    };
    const style = graphic(item, around, { fill, stroke });
    const made = customShape(item, shapePath(shape, frame.width, frame.height), style, [], around);
    const [geometry] = made.children.slice(-1);
    const before = made.children.slice(0, -1);
    const alt = item.alt === '' ? [] : [write('svg:desc', {}, item.alt)];
    return [{ ...made, children: [...before, ...alt, ...(geometry ? [geometry] : [])] }];
  }
  const side = (part: number, pixels: number) => length(part * pixels);
  const isCut = crop.x > 0 || crop.y > 0 || crop.width < 1 || crop.height < 1;
  const sides = [
    side(crop.y, found.height),
    side(1 - crop.x - crop.width, found.width),
    side(1 - crop.y - crop.height, found.height),
    side(crop.x, found.width),
  ];
  const mirrors = [...(item.flippedAcross ? ['horizontal'] : []), ...(item.flippedDown ? ['vertical'] : [])];
  const style = graphic(item, around, {
    fill: {
      'draw:fill': 'none',
      'draw:image-opacity': item.opacity < 1 ? percent(item.opacity) : undefined,
      'fo:clip': isCut ? `rect(${sides.join(', ')})` : undefined,
      'style:mirror': mirrors.length > 0 ? mirrors.join(' ') : undefined,
    },
    stroke,
  });
  const image = write('draw:image', { ...simple(found.path), ...embedded });
  const kind = around.placeholder(item);
  const frameElement = frameOf(item, around, [image], item.alt, style);
  return [{ ...frameElement, attributes: { ...frameElement.attributes, 'presentation:class': kind ?? undefined } }];
}

/**
 * How a picture that is a ground is laid: stretched where all of it is seen. A part of it is a tile that is larger than the shape and begins
 * before it; as tiles repeat, that is where the next one begins, as a share of a tile.
 */
function laid({ x, y, width, height }: PictureItem['crop'], frame: Frame): Written['attributes'] {
  if (width >= 1 && height >= 1) return { 'style:repeat': 'stretch' };
  const begins = (before: number) => percent((1 - before) % 1);
  return {
    'style:repeat': 'repeat',
    'draw:fill-image-width': length(frame.width / width),
    'draw:fill-image-height': length(frame.height / height),
    'draw:fill-image-ref-point': 'top-left',
    'draw:fill-image-ref-point-x': begins(x),
    'draw:fill-image-ref-point-y': begins(y),
  };
}

/** The points at which most shapes take connectors, from the top clockwise. */
const glue: Readonly<Record<Side, number>> = { top: 0, right: 1, bottom: 2, left: 3 };
const kinds = { straight: 'line', curve: 'curve', elbow: 'standard' } as const;

/** The ends of lines, in a box that is as wide as they are. */
const markers: Readonly<Record<Exclude<LineHead, 'none'>, { readonly box: string; readonly d: string }>> = {
  arrow: { box: '0 0 20 30', d: 'M10 0 L0 30 L10 24 L20 30 Z' },
  triangle: { box: '0 0 20 30', d: 'M10 0 L0 30 L20 30 Z' },
  dot: { box: '0 0 20 20', d: 'M10 0 C16 0 20 4 20 10 C20 16 16 20 10 20 C4 20 0 16 0 10 C0 4 4 0 10 0 Z' },
  diamond: { box: '0 0 20 20', d: 'M10 0 L20 10 L10 20 L0 10 Z' },
  bar: { box: '0 0 20 4', d: 'M0 0 L20 0 L20 4 L0 4 Z' },
};

/** The name of an end, by which it is known again. */
const HEADS = { arrow: 'Arrow', triangle: 'Triangle', dot: 'Dot', diamond: 'Diamond', bar: 'Bar' } as const;

function connectorOf(item: LineItem, around: ItemsAround): Written {
  const { frame, from, to } = item;
  const at = ({ u, v }: LineEnd) => ({ x: frame.x + u * frame.width, y: frame.y + v * frame.height });
  const [start, stop] = [at(from), at(to)];
  const marker = (name: string, { head }: LineEnd): Written['attributes'] => {
    if (head === 'none') return {};
    const { box, d } = markers[head];
    const said = HEADS[head];
    around.styles.keep(`marker ${said}`, 'marker', () =>
      write('draw:marker', { 'draw:name': said, 'svg:viewBox': box, 'svg:d': d }),
    );
    return { [`draw:marker-${name}`]: said, [`draw:marker-${name}-width`]: length(item.outlineWidth * 3.5) };
  };
  const tied = (name: string, end: LineEnd): Written['attributes'] =>
    end.at === null
      ? {}
      : {
          [`draw:${name}-shape`]: around.nameOf(end.at),
          [`draw:${name}-glue-point`]: end.side === null ? undefined : glue[end.side],
        };
  const style = graphic(item, around, {
    stroke: {
      ...stroked(item.outline, Math.max(item.outlineWidth, 0.1), item.dash, item.opacity, around),
      ...marker('start', from),
      ...marker('end', to),
    },
  });
  const {
    'svg:width': _width,
    'svg:height': _height,
    'svg:x': _x,
    'svg:y': _y,
    ...rest
  } = common({ ...item, frame: { ...frame, rotation: 0 } }, around, style);
  return write(
    'draw:connector',
    {
      ...rest,
      'draw:type': kinds[item.connectorStyle],
      'svg:x1': length(start.x),
      'svg:y1': length(start.y),
      'svg:x2': length(stop.x),
      'svg:y2': length(stop.y),
      'svg:viewBox': `0 0 ${Math.round(frame.width * FINE)} ${Math.round(frame.height * FINE)}`,
      ...tied('start', from),
      ...tied('end', to),
    },
    ...described(item, around, ''),
  );
}

function tableOf(item: TableItem, around: ItemsAround): Written {
  const [rows, columns] = [linesOf(item, 'row'), linesOf(item, 'column')];
  const cells = cellsOf(item);
  const { headings, drawnAs } = item;
  const line =
    item.outlineWidth > 0
      ? `${length(item.outlineWidth)} ${{ solid: 'solid', dashed: 'dashed', dotted: 'dotted' }[item.dash]} ${colourIn(around.theme, item.outline)}`
      : 'none';
  const isUpright = drawnAs === undefined || drawnAs.rules === 'grid' || drawnAs.rules === 'gaps';
  const isLevel = isUpright || drawnAs.rules !== 'none';
  const column = (width: number) =>
    around.styles.style('table-column', [
      write('style:table-column-properties', { 'style:column-width': length(width) }),
    ]);
  const row = (height: number) =>
    around.styles.style('table-row', [write('style:table-row-properties', { 'style:row-height': length(height) })]);
  const written = rows.map(({ length: height }, rowAt) =>
    write(
      'table:table-row',
      { 'table:style-name': row(height) },
      ...columns.map((_column, columnAt) => {
        const cell = cells.find((each) => each.row === rowAt && each.column === columnAt);
        const heads = cell !== undefined && cell.heads !== 'none';
        const look: TextLook = heads ? { ...item.look, color: item.headingColor, weight: 700 } : item.look;
        const striped =
          drawnAs && !heads && rowAt % 2 === 1 && drawnAs.stripe !== 'transparent' ? drawnAs.stripe : item.fill;
        const fill = heads ? item.headingFill : striped;
        const style = around.styles.style('table-cell', [
          write('style:table-cell-properties', {
            'fo:background-color': fill === 'transparent' ? 'transparent' : colourIn(around.theme, fill),
            'style:vertical-align': item.look.upright,
            'fo:border-left': isUpright ? line : 'none',
            'fo:border-right': isUpright ? line : 'none',
            'fo:border-top': isLevel ? line : 'none',
            'fo:border-bottom': isLevel ? line : 'none',
          }),
        ]);
        return write(
          'table:table-cell',
          { 'table:style-name': style },
          ...(cell ? writeBlocks(cell.text, look, around) : []),
        );
      }),
    ),
  );
  return write(
    'table:table',
    {
      'table:use-first-row-styles': headings === 'row' || headings === 'both' ? 'true' : undefined,
      'table:use-first-column-styles': headings === 'column' || headings === 'both' ? 'true' : undefined,
    },
    ...columns.map(({ length: width }) => write('table:table-column', { 'table:style-name': column(width) })),
    ...written,
  );
}

function mediaOf(item: VideoItem | SoundItem, around: ItemsAround): readonly Written[] {
  const found = around.content(item.file);
  if (!found) {
    around.lose('missing-media');
    return [];
  }
  const poster = item.kind === 'video' ? around.content(item.poster)?.path : undefined;
  const plugin = write('draw:plugin', {
    ...simple(found.path),
    ...embedded,
    'draw:mime-type': 'application/vnd.sun.star.media',
  });
  const image = write('draw:image', { ...simple(poster ?? around.sign()), ...embedded });
  return [frameOf(item, around, [plugin, image], item.alt)];
}
