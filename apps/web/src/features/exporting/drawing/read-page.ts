/**
 * Reads a slide as the browser drew it. All turning is taken off first, so that the browser tells where everything lies in
 * its own frame; how it was turned is kept, and led back into the marks.
 */
import { type Deck, type Destination, type Item, readDestination } from '@gobrel/core/deck';
import { type DrawnPage, led, type Matrix, type PageLink, type PartRole, STILL } from '@gobrel/core/paper';
import { readLength } from './css-values';
import { type Around, PageBuilder } from './page-builder';
import type { PageFonts } from './page-fonts';
import { cutsOf, fittedBox, readBox } from './read-box';
import { readBullet } from './read-bullet';
import { readSvg } from './read-svg';
import { readWords } from './read-words';

/** What a page is read with. */
interface Reading {
  readonly deck: Deck;
  readonly slideId: string;
  readonly fonts: PageFonts;
  readonly ratios: ReadonlyMap<string, number>;
}

/** Reads the drawing of a slide. @param drawn a `.gv-slide` in the document, one pixel a slide unit */
export function readPage(drawn: HTMLElement, { deck, slideId, fonts, ratios }: Reading): DrawnPage {
  const turned = turnsIn(drawn);
  drawn.classList.add('laid-flat');
  const box = drawn.getBoundingClientRect();
  const builder = new PageBuilder(slideId, box.width, box.height, fonts, turned, { x: box.x, y: box.y }, ratios);
  const start = { matrix: STILL, seen: 1, cuts: [], group: null, part: null, itemId: null, isLinked: false };
  new PageReader(deck, builder).element(drawn, start);
  drawn.classList.remove('laid-flat');
  return builder.page();
}

/** How elements are turned, about what they are turned about. */
function turnsIn(drawn: HTMLElement): ReadonlyMap<Element, Matrix> {
  const turns = new Map<Element, Matrix>();
  for (const element of drawn.querySelectorAll<HTMLElement>('*')) {
    if (!(element instanceof HTMLElement)) continue;
    const style = getComputedStyle(element);
    if (style.transform === 'none') continue;
    const values = (style.transform.match(/[\d.e+-]+/g) ?? []).map(Number);
    const [a = 1, b = 0, c = 0, d = 1, e = 0, f = 0] = values;
    const [x = 0, y = 0] = style.transformOrigin.split(' ').map(readLength);
    turns.set(element, led(led([1, 0, 0, 1, x, y], [a, b, c, d, e, f]), [1, 0, 0, 1, -x, -y]));
  }
  return turns;
}

class PageReader {
  constructor(
    private readonly deck: Deck,
    private readonly builder: PageBuilder,
  ) {}

  element(element: HTMLElement, outer: Around): void {
    const style = getComputedStyle(element);
    if (style.display === 'none' || style.visibility === 'hidden' || element.classList.contains('gv-spoken')) return;
    const { builder } = this;
    const box = builder.within(element.getBoundingClientRect());
    const turn = builder.turned.get(element);
    const matrix = turn
      ? led(outer.matrix, led(led([1, 0, 0, 1, box.x, box.y], turn), [1, 0, 0, 1, -box.x, -box.y]))
      : outer.matrix;
    const item = this.itemOf(element);
    const itemId = item?.id ?? outer.itemId;
    const part = this.partOf(element, item, outer);
    const around: Around = { ...builder.through(outer, Number(style.opacity)), matrix, itemId, part };
    if (item?.link) this.link(item.link, box, around);
    const isInline = style.display === 'inline';
    for (const each of isInline ? element.getClientRects() : [null])
      readBox(each ? builder.within(each) : box, style, { ...around, part: null }, builder);
    const within = { ...around, cuts: isInline ? around.cuts : cutsOf(box, element, style, around, builder) };
    if (element instanceof HTMLImageElement) this.image(element, box, style, within);
    else if (element instanceof HTMLVideoElement) this.poster(element, box, within);
    else if (element instanceof HTMLInputElement) this.tick(element, box, within);
    else this.children(element, style, within);
  }

  private children(element: HTMLElement, style: CSSStyleDeclaration, around: Around): void {
    if (element instanceof HTMLLIElement) readBullet(element, style, around, this.builder);
    const to = element.dataset['to'];
    const destination = to === undefined ? null : readDestination(JSON.parse(to));
    const inner = destination ? { ...around, isLinked: true } : around;
    if (destination)
      for (const rect of element.getClientRects()) this.link(destination, this.builder.within(rect), inner);
    for (const child of element.childNodes) {
      if (child instanceof Text) readWords(child, style, inner, this.builder);
      else if (child instanceof SVGSVGElement) this.drawing(child, inner);
      else if (child instanceof HTMLElement) this.element(child, inner);
    }
  }

  /** Drawings say what they show, or only decorate. */
  private drawing(svg: SVGSVGElement, around: Around): void {
    const says = svg.getAttribute('aria-label') ?? svg.dataset['says'] ?? '';
    const part =
      says === '' ? null : this.builder.part({ role: 'Figure', within: around.part, alt: says, language: null });
    const style = getComputedStyle(svg);
    if (style.display === 'none') return;
    readSvg(svg, this.builder.through({ ...around, part }, Number(style.opacity)), this.builder);
  }

  private image(image: HTMLImageElement, box: Box, style: CSSStyleDeclaration, around: Around): void {
    const ratio = image.naturalWidth / (image.naturalHeight || 1) || 1;
    const fit = style.objectFit === 'contain' || style.objectFit === 'cover' ? style.objectFit : null;
    const part = image.alt === '' ? null : this.figure(image.alt, around);
    // What covers its box is seen within it.
    const cuts = fit === 'cover' ? [...around.cuts, this.builder.cut(boxPath(box), around.matrix)] : around.cuts;
    const place = fit ? fittedBox(box, ratio, fit) : box;
    this.builder.picture({ ...around, part, cuts }, image.currentSrc || image.src, place);
  }

  private poster(video: HTMLVideoElement, box: Box, around: Around): void {
    const part = this.figure(video.getAttribute('aria-label') ?? '', around);
    this.builder.path({ ...around, part }, boxPath(box), [29, 43, 42, 1]);
    if (video.poster === '') return;
    const ratio = this.builder.ratios.get(video.poster) ?? box.width / box.height;
    this.builder.picture({ ...around, part }, video.poster, fittedBox(box, ratio, 'contain'));
  }

  /** A choice that was made, or that was not. */
  private tick(input: HTMLInputElement, box: Box, around: Around): void {
    if (input.type !== 'radio' && input.type !== 'checkbox') return;
    const [x, y, r] = [box.x + box.width / 2, box.y + box.height / 2, box.width / 2 - 1];
    const line = { colour: [74, 89, 87, 1], width: 2, dash: [], cap: 'round', join: 'round' } as const;
    const isRound = input.type === 'radio';
    const outline = isRound
      ? `M${x - r} ${y}a${r} ${r} 0 1 1 ${2 * r} 0a${r} ${r} 0 1 1 ${-2 * r} 0Z`
      : `M${x - r} ${y - r}h${2 * r}v${2 * r}h${-2 * r}Z`;
    this.builder.path(around, outline, [255, 255, 255, 1], line);
    if (!input.checked) return;
    const s = r * 0.55;
    if (isRound)
      this.builder.path(
        around,
        `M${x - s} ${y}a${s} ${s} 0 1 1 ${2 * s} 0a${s} ${s} 0 1 1 ${-2 * s} 0Z`,
        [61, 78, 138, 1],
      );
    else
      this.builder.path(around, `M${x - s} ${y}l${s * 0.8} ${s}l${s * 1.2} ${-1.8 * s}`, null, {
        ...line,
        colour: [61, 78, 138, 1],
        width: 3,
      });
  }

  private figure(alt: string, around: Around): number {
    return this.builder.part({ role: 'Figure', within: around.part, alt, language: null });
  }

  private itemOf(element: HTMLElement): Item | null {
    const id = element.dataset['draws'];
    return id === undefined ? null : (this.deck.items[id] ?? null);
  }

  private partOf(element: HTMLElement, item: Item | null, { part }: Around): number | null {
    const isInTitle = part !== null && this.builder.parts[part]?.role === 'H1';
    const role = isInTitle ? null : roleOf(element, item);
    if (!role) return part;
    const language = element.lang === '' ? null : element.lang;
    return this.builder.part({ role, within: part, alt: '', language });
  }

  private link(destination: Destination, box: Box, around: Around): void {
    const to = leadsTo(this.deck, destination);
    if (to) this.builder.link(around, box, to);
  }
}

interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

function boxPath({ x, y, width, height }: Box): string {
  return `M${x} ${y}h${width}v${height}h${-width}Z`;
}

const byTag: Readonly<Partial<Record<string, PartRole>>> = {
  P: 'P',
  UL: 'L',
  OL: 'L',
  LI: 'LI',
  BLOCKQUOTE: 'BlockQuote',
};
const byRole: Readonly<Partial<Record<string, PartRole>>> = {
  table: 'Table',
  row: 'TR',
  cell: 'TD',
  rowheader: 'TH',
  columnheader: 'TH',
};

/** What an element is for whoever has the page read out. */
function roleOf(element: HTMLElement, item: Item | null): PartRole | null {
  if (element.classList.contains('gv-titled') || (item?.kind === 'text' && item.look.style === 'title')) return 'H1';
  const role = byRole[element.getAttribute('role') ?? ''];
  if (role) return role;
  const tag = byTag[element.tagName];
  if (tag) return tag;
  return element.classList.contains('gv-choice') ||
    element.classList.contains('gv-zone-label') ||
    element.classList.contains('gv-blank')
    ? 'P'
    : null;
}

/** Where a link leads that somebody can follow on paper. */
function leadsTo(deck: Deck, destination: Destination): PageLink['to'] | null {
  switch (destination.to) {
    case 'slide':
      return { slideId: destination.slideId };
    case 'viewpoint': {
      const slideId = deck.items[destination.itemId]?.slideId;
      return slideId === undefined ? null : { slideId };
    }
    case 'web':
      return { address: destination.address };
    case 'by-answer': {
      const slideId = destination.right ?? destination.wrong;
      return slideId === null ? null : { slideId };
    }
    default:
      return null;
  }
}
