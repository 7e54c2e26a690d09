/** Reads the shapes of a page as items. */
import {
  colourIn,
  type LayoutName,
  lettersOf as lettersOfText,
  type Role,
  type TextStyleName,
  themeOn,
} from '../../deck/index.js';
import type { Frame } from '../../geometry/index.js';
import type { UnreadPart } from '../loss.js';
import { outlineFields } from '../presentation/drawn-outline.js';
import type { FoundLine } from '../presentation/found-line.js';
import { goingBy } from '../presentation/found-text.js';
import type { PathStep } from '../presentation/path.js';
import { childAt, childrenOf, type XmlElement } from '../xml/index.js';
import { readLength } from './names.js';
import { readOutline, stepsOf } from './outlines.js';
import { laidCrop } from './picture-crops.js';
import type { FoundChart } from './read-chart.js';
import { readLine } from './read-line.js';
import { readFrame } from './read-place.js';
import { type ShapeBase, ShapeBases, type Within } from './shape-base.js';
import { ShapeContents } from './shape-contents.js';
import { type FoundFill, ShapeLooks } from './shape-looks.js';
import type { ShapesAround } from './shapes-around.js';

/** Reads the shapes of a page, or of its master. */
export class ShapesReader {
  private readonly idOf = new Map<string, string>();
  /** What adds the lines, once it is known which items there are to tie them to. */
  private readonly lines: (() => void)[] = [];
  private hasOutline = false;
  private readonly looks: ShapeLooks;
  private readonly bases: ShapeBases;
  private readonly contents: ShapeContents;

  /** @param isBehind whether these are shapes of a master, which lie behind everything */
  constructor(
    private readonly around: ShapesAround,
    private readonly isBehind: boolean,
  ) {
    const lose = (part: UnreadPart) => this.lose(part);
    this.looks = new ShapeLooks(around, lose);
    this.bases = new ShapeBases(around, this.looks, lose, isBehind);
    this.contents = new ShapeContents(around, this.looks, lose);
  }

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

  /** Adds an item, and remembers it for lines that are tied to it. */
  private add(base: ShapeBase, fields: object): void {
    const id = this.around.slide.add({ ...base, ...fields });
    if (id !== null && base.own !== '' && !this.isBehind) this.idOf.set(base.own, id);
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
    const base = this.bases.of(element, within);
    const fill = this.looks.fill(element);
    const stroke = this.looks.stroke(element);
    const { text, look } = this.looks.words(element, element);
    const isEmpty = lettersOfText(text).trim() === '';
    const outline = { outline: stroke.color, outlineWidth: stroke.width, dash: stroke.dash };
    if (fill.image !== null) {
      const picture = this.contents.stored(fill.image);
      const shown = {
        ...outline,
        kind: 'picture',
        frame,
        shape,
        alt: base.says,
        crop: laidCrop(this.looks.properties(element, 'graphic'), frame),
        opacity: fill.opacity,
      };
      if (picture) this.add(base, { ...picture, ...shown });
      return;
    }
    const isBare = (fill.color === null || fill.opacity === 0) && stroke.width === 0;
    if (isEmpty && isBare) {
      if (base.link) this.add(base, { kind: 'hotspot', frame, shape });
      return;
    }
    if (steps) {
      this.outlined(steps, fill.color === null, base, frame, fill, stroke);
      if (!isEmpty) this.around.slide.add({ ...base, kind: 'text', frame, text, look });
      return;
    }
    if (isBare) {
      this.add(base, { kind: 'text', frame, text, look });
      return;
    }
    const drawn = { shape, fill: fill.color ?? 'transparent', opacity: fill.opacity, ...outline, boxStyle: null };
    this.add(base, { kind: 'shape', frame, ...drawn, text, look });
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
    const fill = this.looks.fill(element);
    const isOpen = fill.color === null;
    this.outlined(steps, isOpen, this.bases.of(element, within), frame, fill, this.looks.stroke(element));
  }

  /** What has an outline that is none of ours: strokes where it is only lines, else a drawing of it. */
  private outlined(
    steps: readonly PathStep[],
    isOpen: boolean,
    base: ShapeBase,
    frame: Frame,
    fill: FoundFill,
    stroke: FoundLine,
  ): void {
    const { deck, layout, contents } = this.around;
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
    this.add(base, fields);
  }

  private frame(element: XmlElement, within: Within): void {
    const { attributes } = element;
    const kind = attributes['presentation:class'];
    if (this.isBehind && (kind !== undefined || attributes['presentation:placeholder'] === 'true')) return;
    if (attributes['presentation:placeholder'] === 'true') return;
    const frame = readFrame(attributes);
    if (!frame) return;
    const base = this.bases.of(element, within);
    const table = childAt(element, 'table:table');
    if (table) return this.add(base, this.contents.table(table, frame));
    if (childAt(element, 'draw:plugin')) return this.addFound(base, this.contents.media(element, base, frame));
    const object = childAt(element, 'draw:object');
    const chart = object && this.contents.chart(object);
    if (chart) return this.chart(chart, base, frame);
    const box = childAt(element, 'draw:text-box');
    if (box) return this.box(element, box, base, frame, kind);
    if (object ?? childAt(element, 'draw:object-ole') ?? childAt(element, 'draw:applet')) this.lose('embedded-objects');
    this.addFound(base, this.contents.picture(element, base, frame, kind));
  }

  private addFound(base: ShapeBase, fields: object | null): void {
    if (fields) this.add(base, fields);
  }

  /** A chart with the table of its figures behind it, out of sight. */
  private chart({ table, ...chart }: FoundChart, base: ShapeBase, frame: Frame): void {
    const behind = { name: '', link: null, kind: 'table', frame, hidden: true, byTheme: true };
    const tableId = this.around.slide.add({ ...base, ...behind, ...table });
    if (tableId !== null) this.add(base, { ...chart, kind: 'chart', frame, table: tableId });
  }

  private line(element: XmlElement, within: Within): void {
    const line = readLine(element, this.looks);
    if (line === 'moves') return this.lose('moving-lines');
    if (!line) return;
    const base = this.bases.of(element, within);
    this.lines.push(() => {
      this.around.slide.add({ ...base, ...line((own) => this.idOf.get(own) ?? null) });
    });
  }

  private box(element: XmlElement, box: XmlElement, base: ShapeBase, frame: Frame, kind: string | undefined): void {
    const { text, look } = this.looks.words(element, box);
    const role = kind === undefined ? null : this.roleOf(kind);
    const isEmpty = lettersOfText(text).trim() === '';
    const fill = this.looks.fill(element);
    const stroke = this.looks.stroke(element);
    const isBare = fill.color === null && stroke.width === 0;
    if (isEmpty && isBare) {
      if (base.link) this.add(base, { kind: 'hotspot', frame });
      return;
    }
    const styled = role ? goingBy(this.around.deck.theme, look, styleOf(role, this.around.layout)) : look;
    if (isBare) {
      this.add(base, { kind: 'text', role, frame, text, look: styled });
      return;
    }
    const outline = { outline: stroke.color, outlineWidth: stroke.width, dash: stroke.dash };
    const drawn = {
      shape: 'sharp-rectangle',
      fill: fill.color ?? 'transparent',
      opacity: fill.opacity,
      boxStyle: null,
    };
    this.add(base, { kind: 'shape', frame, ...drawn, ...outline, text, look });
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
}

function styleOf(role: Role, layout: LayoutName): TextStyleName {
  if (role === 'title') return layout === 'title' ? 'opening' : layout === 'section' ? 'section' : 'title';
  return role === 'subtitle' ? 'subtitle' : 'body';
}
