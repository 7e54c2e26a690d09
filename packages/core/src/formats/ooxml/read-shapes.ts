/** Reads the shapes of a slide as items, each with what it inherits from the layout and the master of the slide. */
import { type Destination, lettersOf, sameDestination } from '../../deck/index.js';
import type { Frame } from '../../geometry/index.js';
import type { UnreadPart } from '../loss.js';
import { outlineFields } from '../presentation/drawn-outline.js';
import type { FoundLine } from '../presentation/found-line.js';
import { type FoundParagraph, foundText, goingBy } from '../presentation/found-text.js';
import type { PathStep } from '../presentation/path.js';
import { childAt, childrenOf, within, type XmlElement } from '../xml/index.js';
import { firstOf } from './first-of.js';
import { inheritedBy, roleOf, styleOf, textStylesOf } from './placeholders.js';
import { readGeometry } from './preset-shapes.js';
import { colourIn, hexOfName } from './read-colours.js';
import { readLine } from './read-line.js';
import { onSlide, type Placing, placingIn, readPlace } from './read-place.js';
import { readTable } from './read-table.js';
import { isTrue, readParagraphs, type TextAround, usualLetters } from './read-text.js';
import { ShapeContents } from './shape-contents.js';
import { bodyLook, type FoundFill, ShapeLooks } from './shape-looks.js';
import type { ShapesAround, ShapeSource } from './shapes-around.js';

/** The fields that all shapes share. */
interface ShapeBase {
  readonly name: string;
  readonly hidden: boolean;
  readonly link: Destination | null;
  readonly groups: readonly string[];
  readonly layer: 'backdrop' | 'slide';
  readonly locked: boolean;
  /** By what lines refer to it. */
  readonly number: string;
  /** What it shows, in words. */
  readonly says: string;
}

/** Reads the shapes of one part onto a slide. */
export class ShapesReader {
  /** The items by the numbers of their shapes, for lines that are tied to them. */
  private readonly idOf = new Map<string, string>();
  /** What adds the lines, once it is known which items there are to tie them to. */
  private readonly lines: (() => void)[] = [];
  private readonly text: TextAround;
  private readonly looks: ShapeLooks;
  private readonly contents: ShapeContents;

  /** @param isBehind whether these are shapes of a layout or master, which lie behind everything */
  constructor(
    private readonly source: ShapeSource,
    private readonly around: ShapesAround,
    private readonly isBehind: boolean,
  ) {
    const lose = (part: UnreadPart) => this.lose(part);
    this.text = {
      colours: around.colours,
      fonts: around.fonts,
      link: (element) => around.link(element, source.path),
      lose,
    };
    this.looks = new ShapeLooks(around.colours, lose);
    this.contents = new ShapeContents(source.path, around, lose);
  }

  read(): void {
    this.tree(childAt(this.source.root, 'p:cSld', 'p:spTree'), onSlide, []);
    for (const add of this.lines) add();
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

  private base(element: XmlElement, properties: string, groups: readonly string[]): ShapeBase {
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

  /** Adds an item, and remembers it for lines that are tied to it. */
  private add(base: ShapeBase, fields: object): void {
    const id = this.around.slide.add({ ...base, ...fields });
    if (id !== null && !this.isBehind) this.idOf.set(base.number, id);
  }

  private words(element: XmlElement, placing: Placing, groups: readonly string[]): void {
    // Some writers have lines that are tied to nothing among the shapes.
    if (/^(line|straightConnector1)$/.test(childAt(element, 'p:spPr', 'a:prstGeom')?.attributes['prst'] ?? ''))
      return this.line(element, placing, groups);
    const held = childAt(element, 'p:nvSpPr', 'p:nvPr', 'p:ph');
    if (held && this.isBehind) return;
    const inherited = held ? inheritedBy(held, this.around) : [];
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
    const styles = [...textStylesOf(held, this.around), ...list.slice(0, -1)];
    const fontColour = colourIn(childAt(style, 'a:fontRef'), this.around.colours);
    const paragraphs = readParagraphs(body, styles, fontColour, this.text);
    const usual = usualLetters(styles, fontColour, this.text);
    const { text, look } = foundText(base.link ? withoutLink(paragraphs, base.link) : paragraphs, usual);
    const bodies = chain.map((each) => childAt(each, 'p:txBody', 'a:bodyPr'));
    const fill = firstOf(chain, (each) => this.looks.fillOf(childAt(each, 'p:spPr'))) ?? this.looks.styleFill(style);
    const line = this.looks.lineOf(properties, style);
    const found = readGeometry(properties, frame);
    const isEmpty = lettersOf(text).trim() === '';
    if (held && isEmpty && fill?.is !== 'picture') return;
    if (fill?.is === 'picture') return this.filledWithPicture(fill.element, element, base, frame, found.shape);
    const role = held ? roleOf(held, this.around.layoutName) : null;
    const set = { ...look, ...bodyLook(bodies) };
    const styled = role ? goingBy(this.around.deck.theme, set, styleOf(role, this.around.layoutName)) : set;
    const isBare = (!fill || fill.is === 'none') && line.width === 0;
    const opacity = fill?.is === 'colour' ? fill.colour.opacity : 1;
    if (isEmpty && base.link && (isBare || opacity === 0)) {
      this.add(base, { kind: 'hotspot', frame, shape: found.shape });
      return;
    }
    if (isBare) {
      if (isEmpty && !held) return;
      this.add(base, { kind: 'text', role, frame, text, look: styled });
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
    this.add(base, {
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
    });
  }

  /** What has an outline that is none of ours: strokes where it is only lines, else a drawing of it. */
  private outlined(
    outline: readonly PathStep[],
    isOpen: boolean,
    held: ShapeBase & { readonly frame: Frame },
    fill: FoundFill | null,
    line: FoundLine,
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
    this.add(held, fields);
  }

  private filledWithPicture(fill: XmlElement, element: XmlElement, base: ShapeBase, frame: Frame, shape: string): void {
    const blip = this.contents.blip(fill);
    if (!blip) return;
    const line = this.looks.lineOf(childAt(element, 'p:spPr'), childAt(element, 'p:style'));
    const outline = { outline: line.color, outlineWidth: line.width, dash: line.dash };
    this.add(base, { ...blip, ...outline, kind: 'picture', frame, shape, alt: base.says });
  }

  private picture(element: XmlElement, placing: Placing, groups: readonly string[]): void {
    const held = childAt(element, 'p:nvPicPr', 'p:nvPr', 'p:ph');
    if (held && this.isBehind) return;
    const chain = [element, ...(held ? inheritedBy(held, this.around) : [])];
    const place = firstOf(chain, (each) => readPlace(childAt(each, 'p:spPr', 'a:xfrm')));
    if (!place) return;
    const base = this.base(element, 'p:nvPicPr', groups);
    const { frame, flippedAcross, flippedDown } = placing(place);
    const media = this.contents.media(element, base.name);
    if (media) return this.add(base, { ...media, frame, alt: base.says });
    const blip = this.contents.blip(childAt(element, 'p:blipFill'));
    if (!blip) return;
    const properties = childAt(element, 'p:spPr');
    const line = this.looks.lineOf(properties, childAt(element, 'p:style'));
    const found = readGeometry(properties, frame);
    if (found.isNearest) this.lose('nearest-shapes');
    const role = held ? roleOf(held, this.around.layoutName) : null;
    this.add(base, {
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
  }

  private line(element: XmlElement, placing: Placing, groups: readonly string[]): void {
    const line = readLine(element, placing, this.looks);
    if (!line) return;
    const base = this.base(element, element.name === 'p:sp' ? 'p:nvSpPr' : 'p:nvCxnSpPr', groups);
    this.lines.push(() => {
      this.around.slide.add({ ...base, ...line((number) => this.idOf.get(number) ?? null) });
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
      this.add(base, { kind: 'table', frame, ...read });
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
  private chart(named: string, base: ShapeBase, frame: Frame): void {
    const read = this.contents.chart(named);
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
    this.add(base, { kind: 'chart', frame, table: tableId, form, title, size, isSaid });
  }
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
