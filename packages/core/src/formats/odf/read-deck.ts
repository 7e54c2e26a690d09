/** A deck from an OpenDocument presentation. Nothing is fetched from an address in it. */
import {
  cutText,
  type Deck,
  type Destination,
  type LayoutName,
  layoutNames,
  newId,
  readTheme,
  safeWebAddress,
  type SlideSize,
  type SlideSizeName,
  type Theme,
  themeOn,
  themes,
  type TransitionName,
} from '../../deck/index.js';
import { decodeText, pathIn } from '../archive/index.js';
import type { NotCarried } from '../loss.js';
import { FONT_FAMILIES, fontOf } from '../presentation/font-families.js';
import {
  deckOfFound,
  FoundContents,
  FoundSlide,
  type FoundSlideFields,
  MOST_SLIDES,
  slideNameFrom,
  PART_BOUNDS,
  type PresentationFault,
  type ReadPresentation,
} from '../presentation/found-deck.js';
import { foundSize } from '../presentation/found-size.js';
import { mediaTypeOf } from '../presentation/picture-bytes.js';
import type { TellWritten } from '../presentation/written-file.js';
import { childAt, childrenOf, readXmlTree, type XmlElement, wordsIn } from '../xml/index.js';
import { odfName, readLength, readPart } from './names.js';
import { ShapesReader } from './read-shapes.js';
import type { ShapesAround } from './shapes-around.js';
import { FoundStyles } from './read-styles.js';
import { readBlocks, type TextAround, USUAL_LETTERS } from './read-text.js';
import { THEME_NAME, turned } from './write-deck.js';

/** Whether a package is an OpenDocument presentation, by what it says it is. */
export function isOdf(files: Readonly<Record<string, Uint8Array>>): boolean {
  const type = files['mimetype'];
  return type !== undefined && /^application\/vnd\.oasis\.opendocument\.presentation/.test(decodeText(type));
}

/** A package that was unpacked, or the one XML document that some programs write. */
type OdfSource = Readonly<Record<string, Uint8Array>> | Uint8Array;

/** Reads a presentation. Whatever is broken or hostile in it is told, never thrown. */
export function readOdf(
  source: OdfSource,
  empty: Deck,
  tell: TellWritten = () => undefined,
  createId: () => string = newId,
): ReadPresentation | { readonly fault: PresentationFault } {
  if (source instanceof Uint8Array) {
    const flat = readXmlTree(decodeText(source), odfName, PART_BOUNDS);
    if ('fault' in flat) return { fault: flat.fault === 'too-large' ? 'too-large' : 'no-presentation' };
    const parts = new Map([['content.xml', flat.root]]);
    return new DeckReader({}, parts, empty, createId).read(tell);
  }
  const manifest = source['META-INF/manifest.xml'];
  if (manifest && decodeText(manifest).includes('encryption-data')) return { fault: 'locked' };
  return new DeckReader(source, new Map(), empty, createId).read(tell);
}

class DeckReader {
  private readonly contents = new FoundContents();
  private readonly content: XmlElement | null;
  private readonly looks: XmlElement | null;
  private readonly styles: FoundStyles;
  private readonly masters: ReadonlyMap<string, XmlElement>;

  constructor(
    private readonly files: Readonly<Record<string, Uint8Array>>,
    private readonly parts: Map<string, XmlElement | null>,
    private readonly empty: Deck,
    private readonly createId: () => string,
  ) {
    this.content = this.tree('content.xml');
    this.looks = this.tree('styles.xml');
    this.styles = new FoundStyles([this.looks, this.content]);
    const listed = [this.looks, this.content].flatMap((root) =>
      childrenOf(childAt(root, 'office:master-styles'), 'style:master-page'),
    );
    this.masters = new Map(listed.map((master) => [master.attributes['style:name'] ?? '', master]));
  }

  read(tell: TellWritten): ReadPresentation | { readonly fault: PresentationFault } {
    const body = childAt(this.content, 'office:body', 'office:presentation');
    if (!body) return { fault: this.content ? 'no-presentation' : 'broken' };
    const pages = childrenOf(body, 'draw:page');
    if (pages.length === 0) return { fault: 'no-slides' };
    const kept = pages.slice(0, MOST_SLIDES).map((page) => ({ page, id: this.createId() }));
    const idOf = new Map(
      kept.flatMap(({ page, id }) => {
        const name = page.attributes['draw:name'] ?? '';
        return [[name, id] as const, [plainName(name), id] as const];
      }),
    );
    const master = this.masters.get(kept[0]?.page.attributes['draw:master-page-name'] ?? '');
    const { theme, fonts } = this.theme();
    const deck: Deck = { ...this.empty, ...this.about(), size: this.size(master), theme };
    const slides = kept.map(({ page, id }, at): FoundSlideFields => {
      const read = this.page(page, new FoundSlide(id, this.createId), deck, fonts, idOf);
      tell(at + 1, kept.length);
      return { ...read, section: null };
    });
    const made = deckOfFound(deck, slides, this.createId);
    const left: NotCarried[] = [...made.left];
    if (![fonts.heading, fonts.text].every((family) => family === '' || fontOf(family).isOurs))
      left.push({ name: '', why: { code: 'slide-read-without', parts: ['fonts'] } });
    if (Object.keys(this.files).some((path) => /^(Basic|Scripts)\//.test(path)))
      left.push({ name: '', why: { code: 'slide-read-without', parts: ['programs'] } });
    if (pages.length > kept.length) left.push({ name: '', why: { code: 'only-first-slides', most: MOST_SLIDES } });
    return { deck: made.deck, contents: this.contents.all(), left };
  }

  private tree(path: string): XmlElement | null {
    const known = this.parts.get(path);
    if (known !== undefined) return known;
    const bytes = this.files[path];
    const read = bytes && readXmlTree(decodeText(bytes), odfName, PART_BOUNDS);
    const root = read && 'root' in read ? read.root : null;
    this.parts.set(path, root);
    return root;
  }

  private meta(): XmlElement | null {
    return childAt(this.tree('meta.xml') ?? this.content, 'office:meta');
  }

  private about(): Partial<Deck> {
    const title = childAt(this.meta(), 'dc:title');
    const said = title ? cutText(wordsIn(title).trim(), 200) : '';
    return said === '' ? {} : { title: said };
  }

  private size(master: XmlElement | undefined): SlideSizeName | SlideSize {
    const lists = [this.looks, this.content].flatMap((root) =>
      childrenOf(childAt(root, 'office:automatic-styles'), 'style:page-layout'),
    );
    const layout = lists.find(
      ({ attributes }) => attributes['style:name'] === master?.attributes['style:page-layout-name'],
    );
    const said = childAt(layout, 'style:page-layout-properties')?.attributes ?? {};
    return foundSize(readLength(said['fo:page-width']) ?? 0, readLength(said['fo:page-height']) ?? 0);
  }

  /** The theme that the document was written with, or one that is made of its masters. */
  private theme(): { readonly theme: Theme; readonly fonts: TextAround['fonts'] } {
    const fonts = this.fonts();
    const named = childrenOf(this.meta(), 'meta:user-defined').find(
      ({ attributes }) => attributes['meta:name'] === THEME_NAME,
    );
    const ours = named && themes.find(({ name }) => name === wordsIn(named).trim());
    if (ours) {
      const { headingFont, textFont } = ours;
      return { theme: ours, fonts: { heading: FONT_FAMILIES[headingFont], text: FONT_FAMILIES[textFont] } };
    }
    const first = this.leading();
    const look = (kind: string) => this.placeholderLook(first, kind);
    const [title, body] = [look('title'), look('outline')];
    const usual = readTheme(null).colours;
    const page = this.styles.properties('drawing-page', first?.attributes['draw:style-name'], 'drawing-page');
    const graphic = this.styles.properties('graphic', undefined, 'graphic');
    const hex = (written: string | undefined, fallback: string) =>
      written && /^#[\da-f]{6}$/i.test(written) ? written.toLowerCase() : fallback;
    const words = hex(body['fo:color'] ?? title['fo:color'], '#000000');
    const colours = {
      ...usual,
      ground: page['draw:fill'] === 'solid' ? hex(page['draw:fill-color'], '#ffffff') : '#ffffff',
      words,
      soft: words,
      accent: hex(graphic['draw:fill-color'], usual.accent),
    };
    const size = (of: Readonly<Record<string, string>>, fallback: number) => readLength(of['fo:font-size']) ?? fallback;
    const bold = (of: Readonly<Record<string, string>>) => (of['fo:font-weight'] === 'bold' ? 700 : null);
    const titles = { size: size(title, 58), color: 'words', heading: false, weight: bold(title) };
    const texts = { size: size(body, 37), color: 'words', heading: false, weight: bold(body) };
    const theme = readTheme({
      name: first?.attributes['style:name'] ?? 'Theme',
      colours,
      headingFont: fontOf(fonts.heading).font,
      textFont: fontOf(fonts.text).font,
      styles: {
        title: titles,
        opening: titles,
        section: titles,
        subtitle: texts,
        body: texts,
        caption: { ...texts, size: texts.size * 0.7 },
      },
      backdrop: 'plain',
    });
    return { theme, fonts };
  }

  /** The master that says how titles and texts are set: the first that has both. */
  private leading(): XmlElement | undefined {
    const all = [...this.masters.values()];
    const has = (master: XmlElement, kind: string) =>
      childrenOf(master, 'draw:frame').some(({ attributes }) => attributes['presentation:class'] === kind);
    return all.find((master) => has(master, 'title') && has(master, 'outline')) ?? all[0];
  }

  private placeholderLook(master: XmlElement | undefined, kind: string): Readonly<Record<string, string>> {
    const frame = childrenOf(master, 'draw:frame').find(({ attributes }) => attributes['presentation:class'] === kind);
    return this.styles.properties('presentation', frame?.attributes['presentation:style-name'], 'text');
  }

  /** The families of titles and of texts. */
  private fonts(): TextAround['fonts'] {
    const first = this.leading();
    const family = (kind: string) =>
      (
        this.placeholderLook(first, kind)['fo:font-family'] ??
        this.placeholderLook(first, kind)['style:font-name'] ??
        ''
      ).replaceAll(/^'|'$/g, '');
    return { heading: family('title'), text: family('outline') };
  }

  private layoutOf(name: string): LayoutName {
    const known = layoutNames.find((each) => each === name);
    if (known) return known;
    const kinds = childrenOf(this.masters.get(name), 'draw:frame').map(
      ({ attributes }) => attributes['presentation:class'],
    );
    if (kinds.filter((kind) => kind === 'outline').length > 1) return 'two-columns';
    if (kinds.includes('outline')) return 'title-and-text';
    return kinds.includes('subtitle') ? 'title' : 'blank';
  }

  private page(
    page: XmlElement,
    slide: FoundSlide,
    deck: Deck,
    fonts: TextAround['fonts'],
    idOf: ReadonlyMap<string, string>,
  ): Omit<FoundSlideFields, 'section'> {
    const { attributes } = page;
    const masterName = attributes['draw:master-page-name'] ?? '';
    const layout = this.layoutWith(page, this.layoutOf(masterName));
    const theme = themeOn(deck.theme, layout);
    // Of names for one colour the first is meant.
    const nameOf = new Map(
      Object.entries(theme.colours)
        .map(([name, hex]) => [hex, name] as const)
        .toReversed(),
    );
    const text: TextAround = {
      styles: this.styles,
      fonts: { heading: fonts.heading, text: fonts.text },
      colour: (hex) => nameOf.get(hex) ?? hex,
      link: (address) => linkTo(address, idOf),
      lose: (part) => slide.lost.add(part),
    };
    const around: ShapesAround = {
      deck,
      styles: this.styles,
      text,
      slide,
      contents: this.contents,
      layout,
      bytes: (address) => this.bytes(address),
      tree: (path) => this.tree(path),
      createId: this.createId,
    };
    const own = this.styles.properties('drawing-page', attributes['draw:style-name'], 'drawing-page');
    const master = this.masters.get(masterName) ?? null;
    if (own['presentation:background-objects-visible'] !== 'false') new ShapesReader(around, true).read(master);
    new ShapesReader(around, false).read(page);
    const items = slide.items();
    const name = plainName(attributes['draw:name'] ?? '');
    const over = this.styles.properties('drawing-page', master?.attributes['draw:style-name'], 'drawing-page');
    const stays = Number(/^PT([\d.]+)S$/.exec(own['presentation:duration'] ?? '')?.[1] ?? 0);
    return {
      slide,
      fields: {
        name: slideNameFrom(name, items),
        layout,
        leftOut: own['presentation:visibility'] === 'hidden',
        notes: this.notes(page, text),
        ...this.ground(own, over, nameOf, slide),
        ...(own['presentation:transition-type'] === 'automatic' && stays >= 1 ? { stays: Math.min(3600, stays) } : {}),
        ...transitionOf(own),
      },
    };
  }

  /** Without a fitting master, what is on the page says which layout it has. */
  private layoutWith(page: XmlElement, layout: LayoutName): LayoutName {
    const kinds = childrenOf(page, 'draw:frame').map(({ attributes }) => attributes['presentation:class']);
    if (layout !== 'title-and-text') return layout;
    if (kinds.includes('subtitle')) return 'title';
    return kinds.filter((kind) => kind === 'outline').length > 1 ? 'two-columns' : layout;
  }

  private ground(
    own: Readonly<Record<string, string>>,
    over: Readonly<Record<string, string>>,
    nameOf: ReadonlyMap<string, string>,
    slide: FoundSlide,
  ) {
    const set = own['draw:fill'] === undefined ? over : own;
    const color = set['draw:fill-color']?.toLowerCase();
    switch (set['draw:fill']) {
      case 'solid':
        return { background: color === undefined ? 'ground' : (nameOf.get(color) ?? color) };
      case 'bitmap': {
        const image = this.styles.find('draw:fill-image', set['draw:fill-image-name'])?.attributes['xlink:href'] ?? '';
        const bytes = this.bytes(image);
        const type = bytes && mediaTypeOf(bytes)?.type;
        if (!bytes || !type?.startsWith('image/')) {
          slide.lost.add('unknown-pictures');
          return {};
        }
        const lay = set['style:repeat'] === 'repeat' ? ('tile' as const) : ('fill' as const);
        const faded = 1 - (readPart(set['draw:opacity']) ?? 1);
        const picture = this.contents.keep(bytes, 'picture');
        return { groundPicture: { picture, moving: type === 'image/gif', lay, faded: Math.round(faded * 100) / 100 } };
      }
      case 'gradient': {
        const gradient = this.styles.find('draw:gradient', set['draw:fill-gradient-name'])?.attributes ?? {};
        // A number alone is of tenths of degrees.
        const [, written = '0', unit = ''] = /^(-?[\d.]+)(deg)?/.exec(gradient['draw:angle'] ?? '') ?? [];
        const angle = (((Number(written) / (unit === 'deg' ? 1 : 10)) % 360) + 360) % 360;
        const of = (name: string) => nameOf.get(gradient[name] ?? '') ?? gradient[name] ?? 'ground';
        return { background: of('draw:start-color'), wash: { to: of('draw:end-color'), angle: turned(angle) } };
      }
      case 'hatch':
        slide.lost.add('fills');
        return {};
      default:
        return {};
    }
  }

  private notes(page: XmlElement, text: TextAround): string {
    const frame = childrenOf(childAt(page, 'presentation:notes'), 'draw:frame').find(
      ({ attributes }) => attributes['presentation:class'] === 'notes',
    );
    const box = childAt(frame, 'draw:text-box');
    if (!box) return '';
    const lines = readBlocks(box, USUAL_LETTERS, { ...text, lose: () => undefined });
    return lines.map(({ runs }) => runs.map((run) => (run.is === 'break' ? '\n' : run.text)).join('')).join('\n');
  }

  /** The bytes at an address within the package; never anything outside. */
  private bytes(address: string): Uint8Array | null {
    if (/^[a-z][a-z\d+.-]*:/i.test(address)) return null;
    return this.files[pathIn('', address)] ?? null;
  }
}

/** A name as somebody wrote it: some writers put the numbers of signs in the place of those that styles cannot have. */
function plainName(name: string): string {
  return name.replaceAll(/_([\da-f]{2})_/g, (_whole, hex: string) => String.fromCharCode(Number.parseInt(hex, 16)));
}

function linkTo(address: string, idOf: ReadonlyMap<string, string>): Destination | null {
  if (!address.startsWith('#')) {
    const safe = /^[a-z][a-z\d+.-]*:/i.test(address) ? safeWebAddress(address) : null;
    return safe === null ? null : { to: 'web', address: safe };
  }
  const named = unescaped(address.slice(1)).replace(/\|.*$/, '');
  const slideId = idOf.get(named) ?? idOf.get(address.slice(1));
  return slideId === undefined ? null : { to: 'slide', slideId };
}

function unescaped(text: string): string {
  try {
    return decodeURIComponent(text);
  } catch {
    return text;
  }
}

/** How a page comes, by the names of SMIL or those of earlier documents. */
function transitionOf(own: Readonly<Record<string, string>>): { readonly transition?: TransitionName } {
  const type = own['smil:type'];
  const subtype = own['smil:subtype'] ?? '';
  if (type === undefined) {
    const earlier = own['presentation:transition-style'];
    return earlier === undefined || earlier === 'none' ? {} : { transition: /^fade/.test(earlier) ? 'melt' : 'wipe' };
  }
  if (type === 'pushWipe') return { transition: /bottom/i.test(subtype) ? 'rise' : 'push' };
  const found: Readonly<Record<string, TransitionName>> = {
    slideWipe: 'cover',
    barWipe: 'wipe',
    fade: 'melt',
    dissolve: 'melt',
  };
  return { transition: found[type] ?? 'wipe' };
}
