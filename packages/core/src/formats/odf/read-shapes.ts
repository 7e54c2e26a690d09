/** Reads the shapes of a page as items. */
import {
  colourIn,
  type Dash,
  type Deck,
  type Destination,
  type LayoutName,
  lettersOf as lettersOfText,
  type Role,
  type TextLook,
  type TextStyleName,
  themeOn,
  WHOLE_PICTURE,
} from '../../deck/index.js';
import { boundsOfAll, type Frame, type Side } from '../../geometry/index.js';
import type { UnreadPart } from '../loss.js';
import { outlineFields } from '../presentation/drawn-outline.js';
import type { FoundContents, FoundSlide } from '../presentation/found-deck.js';
import { type FoundLetters, foundText, goingBy } from '../presentation/found-text.js';
import type { PathStep } from '../presentation/path.js';
import { mediaTypeOf, pixelsOf } from '../presentation/picture-bytes.js';
import { childAt, childrenOf, type XmlElement, wordsIn } from '../xml/index.js';
import { readLength, readPart } from './names.js';
import { readOutline, stepsOf } from './outlines.js';
import { readChart } from './read-chart.js';
import { readFrame } from './read-place.js';
import { readTable } from './read-table.js';
import type { FoundProperties, FoundStyles } from './read-styles.js';
import { lettersOf, readBlocks, type TextAround, USUAL_LETTERS } from './read-text.js';

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

/** What shapes are in, and what holds for them. */
interface Within {
  readonly groups: readonly string[];
  readonly link: Destination | null;
}

/** Reads the shapes of a page, or of its master. */
export class ShapesReader {
  private readonly idOf = new Map<string, string>();
  private readonly lines: (() => void)[] = [];
  private hasOutline = false;

  /** @param isBehind whether these are shapes of a master, which lie behind everything */
  constructor(
    private readonly around: ShapesAround,
    private readonly isBehind: boolean,
  ) {}

  read(page: XmlElement | null): void {
    this.tree(page, { groups: [], link: null });
    for (const add of this.lines) add();
  }

  private lose(part: UnreadPart): void {
    this.around.slide.lost.add(part);
  }

  private tree(parent: XmlElement | null, within: Within): void {
    for (const child of childrenOf(parent)) this.shape(child, within);
  }

  private shape(element: XmlElement, within: Within): void {
    switch (element.name) {
      case 'draw:g':
        return this.tree(element, { ...within, groups: [...within.groups, this.around.createId()] });
      case 'draw:a': {
        const link = this.around.text.link(element.attributes['xlink:href'] ?? '');
        if (!link) this.lose('links-left');
        return this.tree(element, { ...within, link });
      }
      case 'draw:frame':
        return this.frame(element, within);
      case 'draw:custom-shape': {
        const frame = readFrame(element.attributes);
        const geometry = childAt(element, 'draw:enhanced-geometry')?.attributes ?? {};
        if (!frame) return;
        const found = readOutline(geometry, frame);
        if (found.isNearest) this.lose('nearest-shapes');
        return this.drawn(element, frame, found.shape, found.steps, within);
      }
      case 'draw:rect': {
        const radius = readLength(element.attributes['draw:corner-radius']) ?? 0;
        return this.simple(element, radius > 0 ? 'rectangle' : 'sharp-rectangle', within);
      }
      case 'draw:ellipse':
      case 'draw:circle':
        return this.simple(element, 'ellipse', within);
      case 'draw:caption':
        return this.simple(element, 'speech', within);
      case 'draw:path':
      case 'draw:polyline':
      case 'draw:polygon':
        return this.outline(element, within);
      case 'draw:line':
      case 'draw:connector':
        return this.line(element, within);
      case 'office:forms':
      case 'presentation:notes':
      case 'draw:page-thumbnail':
      case 'office:event-listeners':
        return;
      case 'office:annotation':
        return this.lose('comments');
      case 'anim:par':
        // Every page has one; what lies in it is animated.
        if (JSON.stringify(element).includes('presentation:preset-class')) this.lose('animations');
        return;
      default:
        if (/^(draw|dr3d):/.test(element.name)) this.lose('other');
        return;
    }
  }

  private properties(element: XmlElement, kind: string): FoundProperties {
    const { attributes } = element;
    const presented = attributes['presentation:style-name'];
    return presented === undefined
      ? this.around.styles.properties('graphic', attributes['draw:style-name'], kind)
      : this.around.styles.properties('presentation', presented, kind);
  }

  private base(element: XmlElement, within: Within) {
    const { attributes } = element;
    const still = /position/.test(this.properties(element, 'graphic')['style:protect'] ?? '');
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

  private keep(own: string, id: string | null): void {
    if (id !== null && own !== '' && !this.isBehind) this.idOf.set(own, id);
  }

  private letters(element: XmlElement): FoundLetters {
    const properties = { ...this.properties(element, 'paragraph'), ...this.properties(element, 'text') };
    return lettersOf({ ...USUAL_LETTERS, color: this.around.text.colour('#000000') }, properties, this.around.text);
  }

  private words(
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

  private fill(element: XmlElement): {
    readonly color: string | null;
    readonly opacity: number;
    readonly image: string | null;
  } {
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

  private stroke(element: XmlElement): {
    readonly color: string;
    readonly width: number;
    readonly dash: Dash;
    readonly opacity: number;
  } {
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

  private simple(element: XmlElement, shape: string, within: Within): void {
    const frame = readFrame(element.attributes);
    if (frame) this.drawn(element, frame, shape, null, within);
  }

  /** A shape, whatever it is drawn by; `steps` for the outline of what is none of ours. */
  private drawn(
    element: XmlElement,
    frame: Frame,
    shape: string,
    steps: readonly PathStep[] | null,
    within: Within,
  ): void {
    const base = this.base(element, within);
    const fill = this.fill(element);
    const stroke = this.stroke(element);
    const { text, look } = this.words(element, element);
    const isEmpty = lettersOfText(text).trim() === '';
    const outline = { outline: stroke.color, outlineWidth: stroke.width, dash: stroke.dash };
    if (fill.image !== null) {
      const picture = this.stored(fill.image);
      const shown = {
        ...outline,
        kind: 'picture',
        frame,
        shape,
        alt: base.says,
        crop: laidCrop(this.properties(element, 'graphic'), frame),
        opacity: fill.opacity,
      };
      if (picture) this.keep(base.own, this.around.slide.add({ ...base, ...picture, ...shown }));
      return;
    }
    const isBare = (fill.color === null || fill.opacity === 0) && stroke.width === 0;
    if (isEmpty && isBare) {
      if (base.link) this.keep(base.own, this.around.slide.add({ ...base, kind: 'hotspot', frame, shape }));
      return;
    }
    if (steps) {
      this.outlined(steps, fill.color === null, base, frame, fill, stroke);
      if (!isEmpty) this.around.slide.add({ ...base, kind: 'text', frame, text, look });
      return;
    }
    if (isBare) {
      this.keep(base.own, this.around.slide.add({ ...base, kind: 'text', frame, text, look }));
      return;
    }
    const drawn = { shape, fill: fill.color ?? 'transparent', opacity: fill.opacity, ...outline, boxStyle: null };
    this.keep(base.own, this.around.slide.add({ ...base, kind: 'shape', frame, ...drawn, text, look }));
  }

  private outline(element: XmlElement, within: Within): void {
    const frame = readFrame(element.attributes);
    if (!frame) return;
    const { attributes } = element;
    const points = attributes['draw:points']?.trim().split(/\s+/) ?? [];
    const path =
      attributes['svg:d'] ??
      `${points.map((point, at) => `${at === 0 ? 'M' : 'L'}${point}`).join('')}${element.name === 'draw:polygon' ? 'Z' : ''}`;
    const steps = stepsOf(path, attributes['svg:viewBox'] ?? '', frame);
    if (!steps) return this.lose('other');
    const fill = this.fill(element);
    const isOpen = fill.color === null;
    this.outlined(steps, isOpen, this.base(element, within), frame, fill, this.stroke(element));
  }

  /** What has an outline that is none of ours: strokes where it is only lines, else a drawing of it. */
  private outlined(
    steps: readonly PathStep[],
    isOpen: boolean,
    base: ReturnType<ShapesReader['base']>,
    frame: Frame,
    fill: { readonly color: string | null; readonly opacity: number },
    stroke: ReturnType<ShapesReader['stroke']>,
  ): void {
    const { deck, layout, contents, slide } = this.around;
    const theme = themeOn(deck.theme, layout);
    const found = {
      steps,
      frame,
      fill: isOpen ? null : (fill.color ?? 'transparent'),
      opacity: fill.opacity,
      lineOpacity: stroke.opacity,
      color: stroke.color,
      width: stroke.width,
      says: base.says,
      name: base.name,
    };
    const fields = outlineFields(found, (color) => colourIn(theme, color), contents);
    this.keep(base.own, slide.add({ ...base, ...fields }));
  }

  private frame(element: XmlElement, within: Within): void {
    const { attributes } = element;
    const kind = attributes['presentation:class'];
    if (this.isBehind && (kind !== undefined || attributes['presentation:placeholder'] === 'true')) return;
    if (attributes['presentation:placeholder'] === 'true') return;
    const frame = readFrame(attributes);
    if (!frame) return;
    const base = this.base(element, within);
    const table = childAt(element, 'table:table');
    if (table) return this.table(table, base, frame);
    if (childAt(element, 'draw:plugin')) return this.media(element, base, frame);
    const object = childAt(element, 'draw:object');
    if (object && this.chart(object, base, frame)) return;
    const box = childAt(element, 'draw:text-box');
    if (box) return this.box(element, box, base, frame, kind);
    if (object ?? childAt(element, 'draw:object-ole') ?? childAt(element, 'draw:applet')) this.lose('embedded-objects');
    this.picture(element, base, frame, kind);
  }

  private box(
    element: XmlElement,
    box: XmlElement,
    base: ReturnType<ShapesReader['base']>,
    frame: Frame,
    kind: string | undefined,
  ): void {
    const { text, look } = this.words(element, box);
    const role = kind === undefined ? null : this.roleOf(kind);
    const isEmpty = lettersOfText(text).trim() === '';
    const fill = this.fill(element);
    const stroke = this.stroke(element);
    const isBare = fill.color === null && stroke.width === 0;
    if (isEmpty && isBare) {
      if (base.link) this.keep(base.own, this.around.slide.add({ ...base, kind: 'hotspot', frame }));
      return;
    }
    const styled = role ? goingBy(this.around.deck.theme, look, styleOf(role, this.around.layout)) : look;
    if (isBare) {
      this.keep(base.own, this.around.slide.add({ ...base, kind: 'text', role, frame, text, look: styled }));
      return;
    }
    const outline = { outline: stroke.color, outlineWidth: stroke.width, dash: stroke.dash };
    const drawn = {
      shape: 'sharp-rectangle',
      fill: fill.color ?? 'transparent',
      opacity: fill.opacity,
      boxStyle: null,
    };
    this.keep(base.own, this.around.slide.add({ ...base, kind: 'shape', frame, ...drawn, ...outline, text, look }));
  }

  private roleOf(kind: string): Role | null {
    switch (kind) {
      case 'title':
        return 'title';
      case 'subtitle':
        return 'subtitle';
      case 'outline': {
        const isSecond = this.hasOutline && this.around.layout === 'two-columns';
        this.hasOutline = true;
        return isSecond ? 'second-body' : this.around.layout === 'title' ? 'subtitle' : 'body';
      }
      default:
        return null;
    }
  }

  /** The stored picture at an address; `null` where there is none that can be shown. */
  private stored(address: string) {
    const bytes = this.around.bytes(address);
    const type = bytes && mediaTypeOf(bytes)?.type;
    if (!bytes || !type?.startsWith('image/')) {
      this.lose(/^[a-z]+:/i.test(address) ? 'linked-files' : 'unknown-pictures');
      return null;
    }
    const picture = this.around.contents.keep(bytes, 'picture');
    return { picture, pixels: pixelsOf(bytes), moving: type === 'image/gif' };
  }

  private picture(
    element: XmlElement,
    base: ReturnType<ShapesReader['base']>,
    frame: Frame,
    kind: string | undefined,
  ): void {
    // Several forms of one picture: the first that can be shown.
    const images = childrenOf(element, 'draw:image').map(({ attributes }) => attributes['xlink:href'] ?? '');
    const usable = images.find((address) => {
      const bytes = this.around.bytes(address);
      return bytes !== null && mediaTypeOf(bytes)?.type.startsWith('image/') === true;
    });
    const first = usable ?? images[0];
    const found = first === undefined ? null : this.stored(first);
    if (!found) return;
    const properties = this.properties(element, 'graphic');
    const mirror = properties['style:mirror'] ?? '';
    const stroke = this.stroke(element);
    this.keep(
      base.own,
      this.around.slide.add({
        ...base,
        ...found,
        kind: 'picture',
        role: kind === 'graphic' ? 'picture' : null,
        frame,
        alt: base.says,
        crop: cropOf(properties['fo:clip'], found.pixels),
        opacity: readPart(properties['draw:image-opacity']) ?? 1,
        flippedAcross: /horizontal/.test(mirror),
        flippedDown: /vertical/.test(mirror),
        shape: 'sharp-rectangle',
        outline: stroke.color,
        outlineWidth: stroke.width,
        dash: stroke.dash,
      }),
    );
  }

  private media(element: XmlElement, base: ReturnType<ShapesReader['base']>, frame: Frame): void {
    const address = childAt(element, 'draw:plugin')?.attributes['xlink:href'] ?? '';
    const bytes = this.around.bytes(address);
    const type = bytes && mediaTypeOf(bytes)?.type;
    if (!bytes || !type || !/^(audio|video)\//.test(type)) {
      this.lose(/^[a-z]+:/i.test(address) ? 'linked-files' : 'unknown-media');
      return;
    }
    const isVideo = type.startsWith('video/');
    const image = childAt(element, 'draw:image')?.attributes['xlink:href'];
    const poster = isVideo && image !== undefined ? this.stored(image) : null;
    const file = this.around.contents.keep(bytes, 'file');
    this.keep(
      base.own,
      this.around.slide.add({
        ...base,
        kind: isVideo ? 'video' : 'sound',
        frame,
        file,
        fileName: base.name || address.replace(/^.*\//, ''),
        bytes: bytes.length,
        alt: base.says,
        poster: poster?.picture ?? '',
      }),
    );
  }

  /** A chart with the table of its figures behind it, out of sight; says whether it is one. */
  private chart(object: XmlElement, base: ReturnType<ShapesReader['base']>, frame: Frame): boolean {
    const folder = (object.attributes['xlink:href'] ?? '').replace(/^\.\//, '').replace(/\/$/, '');
    const read = readChart(this.around.tree(`${folder}/content.xml`));
    if (!read) return false;
    const { table, ...chart } = read;
    const tableId = this.around.slide.add({
      ...base,
      name: '',
      link: null,
      kind: 'table',
      frame,
      hidden: true,
      byTheme: true,
      ...table,
    });
    if (tableId === null) return true;
    this.keep(base.own, this.around.slide.add({ ...base, ...chart, kind: 'chart', frame, table: tableId }));
    return true;
  }

  private table(table: XmlElement, base: ReturnType<ShapesReader['base']>, frame: Frame): void {
    const fields = readTable(table, frame, this.around.text, (part) => this.lose(part));
    this.keep(base.own, this.around.slide.add({ ...base, kind: 'table', frame, ...fields }));
  }

  private line(element: XmlElement, within: Within): void {
    const { attributes } = element;
    const [x1, y1, x2, y2] = ['svg:x1', 'svg:y1', 'svg:x2', 'svg:y2'].map((name) => readLength(attributes[name]));
    if (x1 === null || y1 === null || x2 === null || y2 === null) return this.lose('moving-lines');
    const [start, stop] = [
      { x: x1 ?? 0, y: y1 ?? 0 },
      { x: x2 ?? 0, y: y2 ?? 0 },
    ];
    const frame = boundsOfAll([
      { ...start, width: 0, height: 0, rotation: 0 },
      { ...stop, width: 0, height: 0, rotation: 0 },
    ]);
    if (!frame) return;
    const base = this.base(element, within);
    const stroke = this.stroke(element);
    const properties = this.properties(element, 'graphic');
    const head = (name: string | undefined) =>
      name === undefined || name === '' ? 'none' : (heads.find(([says]) => says.test(name))?.[1] ?? 'triangle');
    const kind = attributes['draw:type'] ?? 'standard';
    const u = (x: number) => (frame.width > 0 ? (x - frame.x) / frame.width : 0);
    const v = (y: number) => (frame.height > 0 ? (y - frame.y) / frame.height : 0);
    this.lines.push(() => {
      const end = (at: { readonly x: number; readonly y: number }, name: 'start' | 'end') => {
        const tied = this.idOf.get(attributes[`draw:${name}-shape`] ?? '') ?? null;
        const point = Number(attributes[`draw:${name}-glue-point`] ?? Number.NaN);
        return {
          u: u(at.x),
          v: v(at.y),
          at: tied,
          side: tied === null ? null : (sides[point] ?? null),
          head: head(properties[`draw:marker-${name}`]),
        };
      };
      this.around.slide.add({
        ...base,
        kind: 'line',
        frame: { ...frame, width: Math.max(1, frame.width), height: Math.max(1, frame.height), rotation: 0 },
        from: end(start, 'start'),
        to: end(stop, 'end'),
        connectorStyle:
          element.name === 'draw:line' || kind === 'line' ? 'straight' : kind === 'curve' ? 'curve' : 'elbow',
        sideways: frame.width >= frame.height,
        outline: stroke.color,
        outlineWidth: stroke.width || 1,
        dash: stroke.dash,
        opacity: stroke.opacity,
      });
    });
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

/** Points at which connectors are tied, from the top clockwise. */
const sides: readonly Side[] = ['top', 'right', 'bottom', 'left'];

const heads: readonly (readonly [RegExp, string])[] = [
  [/^arrow$|line.arrow|open/i, 'arrow'],
  [/circle|dot|round/i, 'dot'],
  [/diamond|square.45/i, 'diamond'],
  [/bar|dimension/i, 'bar'],
];

function styleOf(role: Role, layout: LayoutName): TextStyleName {
  if (role === 'title') return layout === 'title' ? 'opening' : layout === 'section' ? 'section' : 'title';
  return role === 'subtitle' ? 'subtitle' : 'body';
}

/** The part of a picture that is seen of a tile which is larger than the shape whose ground it is. */
function laidCrop(set: Readonly<Record<string, string | undefined>>, frame: Frame) {
  if ((set['style:repeat'] ?? 'repeat') !== 'repeat') return WHOLE_PICTURE;
  const part = (size: number, tile: string | undefined) => size / (readLength(tile) ?? 0);
  const [width, height] = [
    part(frame.width, set['draw:fill-image-width']),
    part(frame.height, set['draw:fill-image-height']),
  ];
  const before = (begins: string | undefined) => (1 - (readPart(begins) ?? 0)) % 1;
  const crop = {
    ...{ x: before(set['draw:fill-image-ref-point-x']), y: before(set['draw:fill-image-ref-point-y']) },
    ...{ width, height },
  };
  // What goes beyond its end begins anew, and is no part.
  return crop.x + width <= 1.001 && crop.y + height <= 1.001 ? crop : WHOLE_PICTURE;
}

/** The part of a picture that is left, by what is cut off its sides; lengths are of the picture at 96 dots an inch. */
function cropOf(written: string | undefined, { width, height }: { readonly width: number; readonly height: number }) {
  const [, inside = ''] = /^rect\(([^)]*)\)$/.exec(written?.trim() ?? '') ?? [];
  const [top, right, bottom, left] = inside.split(/[\s,]+/).map(readLength);
  if (top == null || right == null || bottom == null || left == null || width === 0 || height === 0)
    return WHOLE_PICTURE;
  const crop = {
    x: left / width,
    y: top / height,
    width: 1 - (left + right) / width,
    height: 1 - (top + bottom) / height,
  };
  return crop.width > 0 && crop.height > 0 && crop.x >= 0 && crop.y >= 0 ? crop : WHOLE_PICTURE;
}
