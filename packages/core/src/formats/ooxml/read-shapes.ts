/** Reads the shapes of a slide as items, each with what it inherits from the layout and the master of the slide. */
import {
  type Dash,
  type Deck,
  type Destination,
  lettersOf,
  type LayoutName,
  type Role,
  sameDestination,
  type TextLook,
  type TextStyleName,
  WHOLE_PICTURE,
} from '../../deck/index.js';
import type { Frame, Side } from '../../geometry/index.js';
import type { UnreadPart } from '../loss.js';
import type { FoundContents, FoundSlide } from '../presentation/found-deck.js';
import { type FoundParagraph, foundText, goingBy } from '../presentation/found-text.js';
import { outlineFields } from '../presentation/drawn-outline.js';
import type { PathStep } from '../presentation/path.js';
import { mediaTypeOf, pixelsOf } from '../presentation/picture-bytes.js';
import { childAt, childrenOf, within, type XmlElement } from '../xml/index.js';
import { EMU } from './names.js';
import { readGeometry } from './preset-shapes.js';
import { colourIn, type ColourScheme, type FoundColour, hexOfName } from './read-colours.js';
import { readChart } from './read-chart.js';
import type { OoxmlPackage } from './read-package.js';
import { onSlide, type Placing, placingIn, readPlace } from './read-place.js';
import { readTable } from './read-table.js';
import { type FoundFonts, isTrue, readParagraphs, type TextAround, usualLetters } from './read-text.js';

/** What a slide, a layout or a master is among the others. */
export interface ShapeSource {
  readonly path: string;
  readonly root: XmlElement | null;
}

/** What reading the shapes of a slide needs of what is around them. */
export interface ShapesAround {
  readonly pack: OoxmlPackage;
  readonly deck: Deck;
  readonly colours: ColourScheme;
  readonly fonts: FoundFonts;
  readonly slide: FoundSlide;
  readonly contents: FoundContents;
  readonly layoutName: LayoutName;
  readonly layout: ShapeSource | null;
  readonly master: ShapeSource | null;
  readonly defaults: XmlElement | null;
  /** Where a link of some part leads. */
  readonly link: (element: XmlElement, path: string) => Destination | null;
  readonly createId: () => string;
}

/** A fill, as far as it is one of ours. */
type FoundFill =
  | { readonly is: 'colour'; readonly colour: FoundColour }
  | { readonly is: 'none' }
  | { readonly is: 'picture'; readonly element: XmlElement };

/** Reads the shapes of one part onto a slide. */
export class ShapesReader {
  /** The items by the numbers of their shapes, for lines that are tied to them. */
  private readonly idOf = new Map<string, string>();
  private readonly lines: { readonly add: (idOf: (number: string) => string | null) => void }[] = [];
  private readonly text: TextAround;

  /** @param isBehind whether these are shapes of a layout or master, which lie behind everything */
  constructor(
    private readonly source: ShapeSource,
    private readonly around: ShapesAround,
    private readonly isBehind: boolean,
  ) {
    this.text = {
      colours: around.colours,
      fonts: around.fonts,
      link: (element) => around.link(element, source.path),
      lose: (part) => this.lose(part),
    };
  }

  read(): void {
    this.tree(childAt(this.source.root, 'p:cSld', 'p:spTree'), onSlide, []);
    for (const { add } of this.lines) add((number) => this.idOf.get(number) ?? null);
  }

  private lose(part: UnreadPart): void {
    this.around.slide.lost.add(part);
  }

  private tree(parent: XmlElement | null, placing: Placing, groups: readonly string[]): void {
    for (const child of childrenOf(parent)) this.shape(child, placing, groups);
  }

  private shape(element: XmlElement, placing: Placing, groups: readonly string[]): void {
    switch (element.name) {
      case 'mc:AlternateContent':
        return this.alternative(element, placing, groups);
      case 'p:grpSp': {
        const transform = childAt(element, 'p:grpSpPr', 'a:xfrm');
        return this.tree(element, placingIn(transform, placing), [...groups, this.around.createId()]);
      }
      case 'p:sp':
        return this.words(element, placing, groups);
      case 'p:pic':
        return this.picture(element, placing, groups);
      case 'p:cxnSp':
        return this.line(element, placing, groups);
      case 'p:graphicFrame':
        return this.frame(element, placing, groups);
      case 'p:contentPart':
        return this.lose('other');
      default:
        return;
    }
  }

  /** What later programs know is read where it is made of what is known here; else what stands for it. */
  private alternative(element: XmlElement, placing: Placing, groups: readonly string[]): void {
    const fallback = childAt(element, 'mc:Fallback');
    const choice = childAt(element, 'mc:Choice');
    const isPlain = /^(p14|p15|a16|)$/.test(choice?.attributes['Requires'] ?? '');
    const isThere = childrenOf(fallback).length > 0;
    if (within(choice ?? element, 'm').length > 0) this.lose('formulas');
    this.tree(isThere && !isPlain ? fallback : (choice ?? fallback), placing, groups);
  }

  /** The fields that all shapes share. */
  private base(element: XmlElement, properties: string, groups: readonly string[]) {
    const about = childAt(element, properties, 'p:cNvPr')?.attributes ?? {};
    const pressed = childAt(element, properties, 'p:cNvPr', 'a:hlinkClick');
    const isMedia = pressed?.attributes['action'] === 'ppaction://media';
    const locks = childrenOf(childrenOf(childAt(element, properties))[1]).find(({ name }) => /Locks$/i.test(name));
    const isStill = isTrue(locks?.attributes['noMove']);
    const isBackdrop = this.isBehind || (isStill && isTrue(locks?.attributes['noSelect']));
    return {
      name: this.isBehind ? '' : (about['name'] ?? ''),
      hidden: isTrue(about['hidden']),
      link: pressed && !isMedia ? this.around.link(pressed, this.source.path) : null,
      groups,
      layer: isBackdrop ? 'backdrop' : 'slide',
      locked: isStill && !isBackdrop,
      number: about['id'] ?? '',
      says: about['descr'] ?? '',
    };
  }

  private keep(number: string, id: string | null): void {
    if (id !== null && !this.isBehind) this.idOf.set(number, id);
  }

  private words(element: XmlElement, placing: Placing, groups: readonly string[]): void {
    // Some writers have lines that are tied to nothing among the shapes.
    if (/^(line|straightConnector1)$/.test(childAt(element, 'p:spPr', 'a:prstGeom')?.attributes['prst'] ?? ''))
      return this.line(element, placing, groups);
    const held = childAt(element, 'p:nvSpPr', 'p:nvPr', 'p:ph');
    if (held && this.isBehind) return;
    const inherited = held ? this.inherited(held) : [];
    const type = held?.attributes['type'] ?? 'obj';
    if (held && type === 'sldNum') return;
    const chain = [element, ...inherited];
    const place = firstOf(chain, (each) => readPlace(childAt(each, 'p:spPr', 'a:xfrm')));
    if (!place) return;
    const { frame, flippedAcross, flippedDown } = placing(place);
    const base = this.base(element, 'p:nvSpPr', groups);
    const properties = childAt(element, 'p:spPr');
    const style = childAt(element, 'p:style');
    const body = childAt(element, 'p:txBody');
    const list = chain.map((each) => childAt(each, 'p:txBody', 'a:lstStyle')).toReversed();
    const styles = [...this.stylesOf(held), ...list.slice(0, -1)];
    const fontColour = colourIn(childAt(style, 'a:fontRef'), this.around.colours);
    const paragraphs = readParagraphs(body, styles, fontColour, this.text);
    const usual = usualLetters(styles, fontColour, this.text);
    const { text, look } = foundText(base.link ? withoutLink(paragraphs, base.link) : paragraphs, usual);
    const bodies = chain.map((each) => childAt(each, 'p:txBody', 'a:bodyPr'));
    const fill = firstOf(chain, (each) => this.fillOf(childAt(each, 'p:spPr'))) ?? this.styleFill(style);
    const line = this.lineOf(properties, style);
    const found = readGeometry(properties, frame);
    const isEmpty = lettersOf(text).trim() === '';
    if (held && isEmpty && fill?.is !== 'picture') return;
    if (fill?.is === 'picture') return this.filledWithPicture(fill.element, element, base, frame, found.shape);
    const role = held ? roleOf(held, this.around.layoutName) : null;
    const set: TextLook = { ...look, ...bodyLook(bodies), ...(role ? {} : {}) };
    const styled = role ? goingBy(this.around.deck.theme, set, styleOf(role, this.around.layoutName)) : set;
    const isBare = (!fill || fill.is === 'none') && line.width === 0;
    const opacity = fill?.is === 'colour' ? fill.colour.opacity : 1;
    if (isEmpty && base.link && (isBare || opacity === 0)) {
      this.keep(base.number, this.around.slide.add({ ...base, kind: 'hotspot', frame, shape: found.shape }));
      return;
    }
    if (isBare) {
      if (isEmpty && !held) return;
      this.keep(base.number, this.around.slide.add({ ...base, kind: 'text', role, frame, text, look: styled }));
      return;
    }
    if (found.outline) {
      const held = { ...base, frame, flippedAcross, flippedDown };
      this.outlined(found.outline, found.isOpen || !fill || fill.is === 'none', held, fill, line);
      if (!isEmpty) this.around.slide.add({ ...base, kind: 'text', frame, text, look: styled });
      return;
    }
    if (found.isNearest) this.lose('nearest-shapes');
    const shape = mirrored(found.shape, flippedAcross, flippedDown);
    this.keep(
      base.number,
      this.around.slide.add({
        ...base,
        kind: 'shape',
        frame,
        shape,
        fill: fill?.is === 'colour' ? fill.colour.color : 'transparent',
        opacity,
        outline: line.color,
        outlineWidth: line.width,
        dash: line.dash,
        text,
        look: styled,
        boxStyle: null,
      }),
    );
  }

  /** What has an outline that is none of ours: strokes where it is only lines, else a drawing of it. */
  private outlined(
    outline: readonly PathStep[],
    isOpen: boolean,
    held: ReturnType<ShapesReader['base']> & { readonly frame: Frame },
    fill: FoundFill | null,
    line: ReturnType<ShapesReader['lineOf']>,
  ): void {
    const colour = fill?.is === 'colour' ? fill.colour : null;
    const found = {
      steps: outline,
      frame: held.frame,
      fill: isOpen ? null : (colour?.color ?? 'transparent'),
      opacity: colour?.opacity ?? 0,
      lineOpacity: line.opacity,
      color: line.color,
      width: line.width,
      says: held.says,
      name: held.name,
    };
    const fields = outlineFields(found, (color) => hexOfName(color, this.around.colours), this.around.contents);
    this.keep(held.number, this.around.slide.add({ ...held, ...fields }));
  }

  /** The shapes of layout and master that a placeholder takes from, the nearest first. */
  private inherited(held: XmlElement): readonly XmlElement[] {
    const { type = 'obj', idx } = held.attributes;
    const shapesOf = (source: ShapeSource | null) =>
      within(source?.root ?? { name: '', attributes: {}, children: [] }, 'p:sp');
    const holds = (shape: XmlElement) => childAt(shape, 'p:nvSpPr', 'p:nvPr', 'p:ph')?.attributes;
    const general = (of: string) =>
      of === 'ctrTitle' ? 'title' : ['subTitle', 'obj', 'body'].includes(of) ? 'body' : of;
    const inLayout = shapesOf(this.around.layout).find((shape) => {
      const own = holds(shape);
      if (!own) return false;
      if (idx !== undefined && own['idx'] !== undefined) return own['idx'] === idx;
      return general(own['type'] ?? 'obj') === general(type);
    });
    const wanted = general((inLayout && holds(inLayout)?.['type']) ?? type);
    const inMaster = shapesOf(this.around.master).find((shape) => {
      const own = holds(shape);
      return own !== undefined && general(own['type'] ?? 'obj') === wanted;
    });
    return [...(inLayout ? [inLayout] : []), ...(inMaster ? [inMaster] : [])];
  }

  /** The lists of levels that the master has for a kind of text. */
  private stylesOf(held: XmlElement | null): readonly (XmlElement | null)[] {
    const type = held?.attributes['type'] ?? 'obj';
    const name = !held ? 'p:otherStyle' : /title/i.test(type) && type !== 'subTitle' ? 'p:titleStyle' : 'p:bodyStyle';
    const master = childAt(this.around.master?.root, 'p:txStyles', name);
    return held ? [master] : [this.around.defaults];
  }

  private fillOf(properties: XmlElement | null): FoundFill | null {
    for (const child of childrenOf(properties)) {
      if (child.name === 'a:noFill') return { is: 'none' };
      if (child.name === 'a:blipFill') return { is: 'picture', element: child };
      const holds = holdsColour(child);
      if (holds) {
        if (child.name !== 'a:solidFill') this.lose('fills');
        const colour = colourIn(holds, this.around.colours);
        return colour && { is: 'colour', colour };
      }
    }
    if (childrenOf(childAt(properties, 'a:effectLst')).length > 0) this.lose('effects');
    return null;
  }

  /** The fill that a shape has by a style of the theme. */
  private styleFill(style: XmlElement | null): FoundFill | null {
    const reference = childAt(style, 'a:fillRef');
    if (!reference || reference.attributes['idx'] === '0') return null;
    const colour = colourIn(reference, this.around.colours);
    return colour && { is: 'colour', colour };
  }

  private lineOf(
    properties: XmlElement | null,
    style: XmlElement | null,
  ): { readonly color: string; readonly width: number; readonly dash: Dash; readonly opacity: number } {
    const line = childAt(properties, 'a:ln');
    const reference = childAt(style, 'a:lnRef');
    const none = { color: 'words', width: 0, dash: 'solid', opacity: 1 } as const;
    if (childAt(line, 'a:noFill')) return none;
    const byStyle = reference && reference.attributes['idx'] !== '0' ? colourIn(reference, this.around.colours) : null;
    const own = colourIn(childAt(line, 'a:solidFill'), this.around.colours);
    const gradient = colourIn(childAt(line, 'a:gradFill', 'a:gsLst', 'a:gs'), this.around.colours);
    const colour = own ?? gradient ?? byStyle;
    if (!colour) return none;
    const width = Number(line?.attributes['w'] ?? 9525) / EMU;
    const dashes = childAt(line, 'a:prstDash')?.attributes['val'] ?? 'solid';
    const dash = dashes === 'solid' ? 'solid' : /dot/i.test(dashes) && !/dash/i.test(dashes) ? 'dotted' : 'dashed';
    return { color: colour.color, width, dash, opacity: colour.opacity };
  }

  /** The stored picture of a fill; `null` where there is none that can be shown. */
  private blip(fill: XmlElement | null) {
    const blip = childAt(fill, 'a:blip');
    const relation = this.around.pack.relationsOf(this.source.path).get(blip?.attributes['r:embed'] ?? '');
    if (!relation || relation.isOutside) {
      if (relation ?? blip?.attributes['r:link']) this.lose('linked-files');
      return null;
    }
    const bytes = this.around.pack.bytes(relation.target);
    const type = bytes && mediaTypeOf(bytes);
    if (!bytes || !type?.type.startsWith('image/')) {
      this.lose('unknown-pictures');
      return null;
    }
    const seen = childAt(blip, 'a:alphaModFix')?.attributes['amt'];
    const sides = childAt(fill, 'a:srcRect')?.attributes ?? {};
    const side = (name: string) => partOf(sides[name]);
    const [left, top] = [side('l'), side('t')];
    const crop = { x: left, y: top, width: 1 - left - side('r'), height: 1 - top - side('b') };
    return {
      picture: this.around.contents.keep(bytes, 'picture'),
      pixels: pixelsOf(bytes),
      moving: type.type === 'image/gif',
      // A frame that is larger than its picture has no counterpart.
      crop: crop.x >= 0 && crop.y >= 0 && crop.width > 0 && crop.height > 0 ? crop : WHOLE_PICTURE,
      opacity: seen === undefined ? 1 : partOf(seen),
    };
  }

  private filledWithPicture(
    fill: XmlElement,
    element: XmlElement,
    base: ReturnType<ShapesReader['base']>,
    frame: Frame,
    shape: string,
  ): void {
    const blip = this.blip(fill);
    if (!blip) return;
    const line = this.lineOf(childAt(element, 'p:spPr'), childAt(element, 'p:style'));
    const outline = { outline: line.color, outlineWidth: line.width, dash: line.dash };
    const id = this.around.slide.add({ ...base, ...blip, ...outline, kind: 'picture', frame, shape, alt: base.says });
    this.keep(base.number, id);
  }

  private picture(element: XmlElement, placing: Placing, groups: readonly string[]): void {
    const held = childAt(element, 'p:nvPicPr', 'p:nvPr', 'p:ph');
    if (held && this.isBehind) return;
    const chain = [element, ...(held ? this.inherited(held) : [])];
    const place = firstOf(chain, (each) => readPlace(childAt(each, 'p:spPr', 'a:xfrm')));
    if (!place) return;
    const base = this.base(element, 'p:nvPicPr', groups);
    const { frame, flippedAcross, flippedDown } = placing(place);
    if (this.media(element, base, frame)) return;
    const blip = this.blip(childAt(element, 'p:blipFill'));
    if (!blip) return;
    const properties = childAt(element, 'p:spPr');
    const line = this.lineOf(properties, childAt(element, 'p:style'));
    const found = readGeometry(properties, frame);
    if (found.isNearest) this.lose('nearest-shapes');
    const role = held ? roleOf(held, this.around.layoutName) : null;
    const id = this.around.slide.add({
      ...base,
      ...blip,
      kind: 'picture',
      role,
      frame,
      flippedAcross,
      flippedDown,
      alt: base.says,
      shape: found.shape,
      outline: line.color,
      outlineWidth: line.width,
      dash: line.dash,
    });
    this.keep(base.number, id);
  }

  /** A video or a sound; says whether there is one. */
  private media(element: XmlElement, base: ReturnType<ShapesReader['base']>, frame: Frame): boolean {
    const about = childAt(element, 'p:nvPicPr', 'p:nvPr');
    const video = childAt(about, 'a:videoFile');
    const sound = childAt(about, 'a:audioFile') ?? childAt(about, 'a:wavAudioFile');
    const held = video ?? sound;
    if (!held || !about) return false;
    const embedded = within(about, 'p14:media')[0];
    const relations = this.around.pack.relationsOf(this.source.path);
    const named = embedded?.attributes['r:embed'] ?? held.attributes['r:link'] ?? held.attributes['r:embed'] ?? '';
    const relation = relations.get(named);
    const bytes = relation && !relation.isOutside ? this.around.pack.bytes(relation.target) : null;
    const type = bytes && mediaTypeOf(bytes);
    if (!bytes || !/^(audio|video)\//.test(type?.type ?? '')) {
      this.lose(relation?.isOutside ? 'linked-files' : 'unknown-media');
      return false;
    }
    const trim = childrenOf(embedded ?? null).find(({ name }) => name === 'p14:trim')?.attributes;
    // Some writers call a sound a video: what is in the file tells it.
    const isVideo = video !== null && !/^audio\//.test(type?.type ?? '');
    const poster = isVideo ? this.blip(childAt(element, 'p:blipFill')) : null;
    const file = this.around.contents.keep(bytes, 'file');
    const fileName = relation?.target.replace(/^.*\//, '') ?? '';
    this.keep(
      base.number,
      this.around.slide.add({
        ...base,
        kind: isVideo ? 'video' : 'sound',
        frame,
        file,
        fileName: base.name || fileName,
        bytes: bytes.length,
        alt: base.says,
        poster: poster?.picture ?? '',
        starts: Number(trim?.['st'] ?? 0) / 1000,
      }),
    );
    return true;
  }

  private line(element: XmlElement, placing: Placing, groups: readonly string[]): void {
    const properties = childAt(element, 'p:spPr');
    const place = readPlace(childAt(properties, 'a:xfrm'));
    if (!place) return;
    const { frame, flippedAcross, flippedDown } = placing(place);
    const base = this.base(element, element.name === 'p:sp' ? 'p:nvSpPr' : 'p:nvCxnSpPr', groups);
    const line = this.lineOf(properties, childAt(element, 'p:style'));
    const about = childAt(element, 'p:nvCxnSpPr', 'p:cNvCxnSpPr');
    const preset = childAt(properties, 'a:prstGeom')?.attributes['prst'] ?? 'line';
    const head = (name: string) => heads[childAt(properties, 'a:ln', name)?.attributes['type'] ?? 'none'] ?? 'arrow';
    const [start, stop] = [flippedAcross ? 1 : 0, flippedDown ? 1 : 0];
    this.lines.push({
      add: (idOf) => {
        const end = (u: number, v: number, name: string, headName: string) => {
          const tied = childAt(about, name)?.attributes;
          const at = tied ? idOf(tied['id'] ?? '') : null;
          return { u, v, at, side: at === null ? null : (sides[Number(tied?.['idx'])] ?? null), head: head(headName) };
        };
        this.around.slide.add({
          ...base,
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
        });
      },
    });
  }

  private frame(element: XmlElement, placing: Placing, groups: readonly string[]): void {
    const place = readPlace(childAt(element, 'p:xfrm'));
    const data = childAt(element, 'a:graphic', 'a:graphicData');
    if (!place || !data) return;
    const { frame } = placing(place);
    const base = this.base(element, 'p:nvGraphicFramePr', groups);
    const table = childAt(data, 'a:tbl');
    if (table) {
      const defaults = [this.around.defaults];
      const read = readTable(table, frame, defaults, this.text, (part) => this.lose(part));
      this.keep(base.number, this.around.slide.add({ ...base, kind: 'table', frame, ...read }));
      return;
    }
    const named = childAt(data, 'c:chart')?.attributes['r:id'];
    if (named !== undefined) return this.chart(named, base, frame);
    const diagram = childAt(data, 'relIds');
    if (diagram && this.diagram(diagram, frame, placing, groups)) return;
    this.lose(/diagram/.test(data.attributes['uri'] ?? '') ? 'ready-diagrams' : 'embedded-objects');
    // What stands for an embedded object is a picture of it.
    for (const picture of within(data, 'p:pic')) this.picture(picture, placing, groups);
  }

  /** A ready diagram as the shapes that its file keeps of it, which are a group; says whether it keeps any. */
  private diagram(element: XmlElement, frame: Frame, placing: Placing, groups: readonly string[]): boolean {
    const relations = this.around.pack.relationsOf(this.source.path);
    const treeOf = (named: string | undefined) => {
      const relation = relations.get(named ?? '');
      return relation && !relation.isOutside ? this.around.pack.tree(relation.target) : null;
    };
    const data = treeOf(element.attributes['r:dm']);
    const drawn = data ? within(data, 'p:dataModelExt')[0]?.attributes['relId'] : undefined;
    const shapes = childAt(treeOf(drawn), 'p:spTree');
    if (childrenOf(shapes).every(({ name }) => name !== 'p:sp')) return false;
    const inside: Placing = (place) =>
      placing({ ...place, frame: { ...place.frame, x: place.frame.x + frame.x, y: place.frame.y + frame.y } });
    this.tree(shapes, inside, [...groups, this.around.createId()]);
    return true;
  }

  /** A chart, with the table of its figures behind it, out of sight. */
  private chart(named: string, base: ReturnType<ShapesReader['base']>, frame: Frame): void {
    const path = this.around.pack.relationsOf(this.source.path).get(named)?.target;
    const read = path === undefined ? null : readChart(this.around.pack.tree(path));
    if (!read) return this.lose('embedded-objects');
    const { form, title, size, isSaid, table } = read;
    if (form === null) this.lose('charts-as-tables');
    const tableId = this.around.slide.add({
      ...base,
      name: form === null ? base.name : '',
      link: null,
      kind: 'table',
      frame,
      hidden: form !== null,
      byTheme: true,
      ...table,
    });
    if (form === null || tableId === null) return;
    const id = this.around.slide.add({ ...base, kind: 'chart', frame, table: tableId, form, title, size, isSaid });
    this.keep(base.number, id);
  }
}

const heads: Readonly<Record<string, string>> = {
  none: 'none',
  triangle: 'triangle',
  stealth: 'triangle',
  arrow: 'arrow',
  oval: 'dot',
  diamond: 'diamond',
};
const sides: readonly Side[] = ['top', 'left', 'bottom', 'right'];

function firstOf<From, To>(all: readonly From[], read: (each: From) => To | null): To | null {
  for (const each of all) {
    const found = read(each);
    if (found !== null) return found;
  }
  return null;
}

/** What in a fill holds its colour, or the first of several; `null` for what is no fill of colours. */
function holdsColour(fill: XmlElement): XmlElement | null {
  if (fill.name === 'a:solidFill') return fill;
  if (fill.name === 'a:gradFill') return childAt(fill, 'a:gsLst', 'a:gs');
  return fill.name === 'a:pattFill' ? childAt(fill, 'a:fgClr') : null;
}

/** Paragraphs whose words do not lead where all of their shape leads anyhow, which some writers say twice. */
function withoutLink(paragraphs: readonly FoundParagraph[], link: Destination): readonly FoundParagraph[] {
  return paragraphs.map((paragraph) => ({
    ...paragraph,
    runs: paragraph.runs.map((run) =>
      run.is === 'letters' && run.link && sameDestination(run.link, link) ? { ...run, link: null } : run,
    ),
  }));
}

/** A part of a hundred thousand, or a per cent with its sign, as strict files write it. */
function partOf(written: string | undefined): number {
  if (written === undefined) return 0;
  return written.endsWith('%') ? Number(written.slice(0, -1)) / 100 : Number(written) / 100_000;
}

/** The part that a placeholder plays in a layout of ours. */
function roleOf(held: XmlElement, layout: LayoutName): Role | null {
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

function styleOf(role: Role, layout: LayoutName): TextStyleName {
  if (role === 'title') return layout === 'title' ? 'opening' : layout === 'section' ? 'section' : 'title';
  return role === 'subtitle' ? 'subtitle' : role === 'caption' ? 'caption' : 'body';
}

/** What the properties of text bodies say, the nearest first. */
function bodyLook(bodies: readonly (XmlElement | null)[]): Pick<TextLook, 'upright' | 'fit'> {
  const anchor = firstOf(bodies, (body) => body?.attributes['anchor'] ?? null);
  const fit = firstOf(bodies, (body) => childrenOf(body).find(({ name }) => /Auto[fF]it$/.test(name))?.name ?? null);
  return {
    upright: anchor === 'ctr' ? 'middle' : anchor === 'b' ? 'bottom' : 'top',
    fit: fit === 'a:normAutofit' ? 'shrink' : fit === 'a:spAutoFit' ? 'grow' : 'leave',
  };
}

/** A shape that is mirrored, where there is one that looks so. */
function mirrored(shape: string, across: boolean, down: boolean): string {
  const pairs: readonly (readonly [string, string])[] = [
    ...(across ? [['arrow-right', 'arrow-left'] as const] : []),
    ...(down ? [['arrow-up', 'arrow-down'] as const] : []),
  ];
  for (const [one, other] of pairs) {
    if (shape === one) return other;
    if (shape === other) return one;
  }
  return shape;
}
