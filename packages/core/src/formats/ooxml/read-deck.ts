/** A deck from an Office Open XML presentation, transitional or strict. Nothing is fetched from an address in it. */
import {
  cutText,
  type Deck,
  type Destination,
  type LayoutName,
  layoutNames,
  newId,
  safeWebAddress,
  type SlideSize,
  type SlideSizeName,
  type TransitionName,
} from '../../deck/index.js';
import type { NotCarried, UnreadPart } from '../loss.js';
import {
  deckOfFound,
  FoundContents,
  FoundSlide,
  type FoundSlideFields,
  MOST_SLIDES,
  slideNameFrom,
  type PresentationFault,
  type ReadPresentation,
} from '../presentation/found-deck.js';
import { fontOf } from '../presentation/font-families.js';
import { foundSize } from '../presentation/found-size.js';
import { mediaTypeOf } from '../presentation/picture-bytes.js';
import type { TellWritten } from '../presentation/written-file.js';
import { childAt, childrenOf, within, type XmlElement, wordsIn } from '../xml/index.js';
import { EMU } from './names.js';
import { colourIn, type ColourScheme } from './read-colours.js';
import { OoxmlPackage } from './read-package.js';
import { ShapesReader } from './read-shapes.js';
import type { ShapesAround, ShapeSource } from './shapes-around.js';
import { type FoundTheme, readMap, readScheme, themeOfMaster } from './read-theme.js';
import { isTrue } from './read-text.js';
import { layoutTypes } from './write-theme.js';

/** Whether a package is a presentation of this kind, by what is in it. */
export function isOoxml(files: Readonly<Record<string, Uint8Array>>): boolean {
  return '[Content_Types].xml' in files && Object.keys(files).some((path) => /^ppt\/|presentation\.xml$/i.test(path));
}

/**
 * Reads a presentation. Whatever is broken or hostile in it is told, never thrown.
 * @param empty a deck without slides, whose title and language the new one has where the file says none
 */
export function readOoxml(
  files: Readonly<Record<string, Uint8Array>>,
  empty: Deck,
  tell: TellWritten = () => undefined,
  createId: () => string = newId,
): ReadPresentation | { readonly fault: PresentationFault } {
  return new DeckReader(new OoxmlPackage(files), empty, createId).read(tell);
}

class DeckReader {
  private readonly main: string;
  private readonly presentation: XmlElement | null;
  private readonly contents = new FoundContents();

  constructor(
    private readonly pack: OoxmlPackage,
    private readonly empty: Deck,
    private readonly createId: () => string,
  ) {
    this.main = pack.related('', 'officeDocument') ?? 'ppt/presentation.xml';
    this.presentation = pack.tree(this.main);
  }

  read(tell: TellWritten): ReadPresentation | { readonly fault: PresentationFault } {
    if (!this.presentation) return { fault: 'no-presentation' };
    const relations = this.pack.relationsOf(this.main);
    const listed = childrenOf(childAt(this.presentation, 'p:sldIdLst'), 'p:sldId').flatMap(({ attributes }) => {
      const target = relations.get(attributes['r:id'] ?? '')?.target;
      return target === undefined ? [] : [{ path: target, number: attributes['id'] ?? '' }];
    });
    if (listed.length === 0) return { fault: 'no-slides' };
    const kept = listed.slice(0, MOST_SLIDES).map((entry) => ({ ...entry, id: this.createId() }));
    const masterPath = this.masterOf(kept[0]?.path ?? '') ?? '';
    const { theme, found, scheme } = themeOfMaster(this.pack, masterPath, this.pageLayouts(masterPath));
    const deck: Deck = { ...this.empty, ...this.about(), size: this.size(), theme };
    const idOf = new Map(kept.map(({ path, id }) => [path.toLowerCase(), id]));
    const sections = this.sections(new Map(kept.map(({ number, id }) => [number, id])));
    const slides = kept.map(({ path, id }, at): FoundSlideFields => {
      const read = this.slide(path, new FoundSlide(id, this.createId), deck, { found, scheme, masterPath }, idOf);
      tell(at + 1, kept.length);
      return { ...read, section: sections.get(id) ?? null };
    });
    const made = deckOfFound(deck, slides, this.createId);
    const left: NotCarried[] = [...made.left];
    if (![found.fonts.heading, found.fonts.text].every((family) => fontOf(family).isOurs))
      left.push({ name: '', why: { code: 'slide-read-without', parts: ['fonts'] } });
    if (this.pack.hasPath(/vbaproject\.bin$/i))
      left.push({ name: '', why: { code: 'slide-read-without', parts: ['programs'] } });
    if (listed.length > kept.length) left.push({ name: '', why: { code: 'only-first-slides', most: MOST_SLIDES } });
    return { deck: made.deck, contents: this.contents.all(), left };
  }

  /** What the file says of itself. */
  private about(): Partial<Deck> {
    const core = this.pack.tree(this.pack.related('', 'core-properties') ?? 'docProps/core.xml');
    const said = (name: string) => {
      const element = childrenOf(core, name)[0];
      return element ? wordsIn(element).trim() : '';
    };
    const title = cutText(said('title'), 200);
    return title === '' ? {} : { title };
  }

  private size(): SlideSizeName | SlideSize {
    const { cx, cy } = childAt(this.presentation, 'p:sldSz')?.attributes ?? {};
    return foundSize(Number(cx) / EMU, Number(cy) / EMU);
  }

  private masterOf(slidePath: string): string | null {
    const layout = this.pack.related(slidePath, 'slideLayout');
    return (layout && this.pack.related(layout, 'slideMaster')) ?? this.pack.related(this.main, 'slideMaster');
  }

  /** The layouts of title and section slides of a master. */
  private pageLayouts(masterPath: string) {
    const paths = [...this.pack.relationsOf(masterPath).values()].flatMap(({ type, target }) =>
      type === 'slideLayout' ? [target] : [],
    );
    const of = (name: LayoutName) => paths.find((path) => this.layoutName(path) === name);
    const [title, section] = [of('title'), of('section')];
    return { ...(title ? { title } : {}), ...(section ? { section } : {}) };
  }

  private layoutName(path: string): LayoutName {
    const root = this.pack.tree(path);
    const called = childAt(root, 'p:cSld')?.attributes['name'];
    const type = root?.attributes['type'] ?? 'blank';
    return layoutNames.find((name) => name === called && layoutTypes[name] === type) ?? layoutsOfType[type] ?? 'blank';
  }

  private slide(
    path: string,
    slide: FoundSlide,
    deck: Deck,
    master: { readonly found: FoundTheme; readonly scheme: ColourScheme; readonly masterPath: string },
    idOf: ReadonlyMap<string, string>,
  ): Omit<FoundSlideFields, 'section'> {
    const root = this.pack.tree(path);
    const layoutPath = this.pack.related(path, 'slideLayout');
    const masterPath = this.masterOf(path) ?? master.masterPath;
    const layoutName = layoutPath === null ? 'blank' : this.layoutName(layoutPath);
    const layout: ShapeSource = { path: layoutPath ?? '', root: this.pack.tree(layoutPath ?? '') };
    const over: ShapeSource = { path: masterPath, root: this.pack.tree(masterPath) };
    const own: ShapeSource = { path, root };
    const colours = this.coloursOf(own, layout, over, master.scheme, masterPath === master.masterPath);
    const around: ShapesAround = {
      pack: this.pack,
      deck,
      colours,
      fonts: master.found.fonts,
      slide,
      contents: this.contents,
      layoutName,
      layout,
      master: over,
      defaults: childAt(this.presentation, 'p:defaultTextStyle'),
      link: (element, from) => this.link(element, from, idOf, slide),
      createId: this.createId,
    };
    if (!root) slide.lost.add('other');
    const shows = ({ root: of }: ShapeSource) => of?.attributes['showMasterSp'] !== '0';
    if (shows(own) && shows(layout)) new ShapesReader(over, around, true).read();
    if (shows(own)) new ShapesReader(layout, around, true).read();
    new ShapesReader(own, around, false).read();
    this.noteUnread(path, root, slide);
    const items = slide.items();
    const name = childAt(root, 'p:cSld')?.attributes['name'] ?? '';
    return {
      slide,
      fields: {
        name: slideNameFrom(name, items),
        layout: layoutName,
        leftOut: root?.attributes['show'] === '0' || root?.attributes['show'] === 'false',
        numbered: within(childAt(root, 'p:cSld', 'p:spTree') ?? NOTHING, 'p:ph').some(
          ({ attributes }) => attributes['type'] === 'sldNum',
        ),
        notes: this.notes(path),
        ...this.ground(own, layout, over, around),
        ...this.transition(root),
      },
    };
  }

  /** The colours that hold on a slide: its own, those of its layout, or those of the master. */
  private coloursOf(
    own: ShapeSource,
    layout: ShapeSource,
    master: ShapeSource,
    usual: ColourScheme,
    isFirst: boolean,
  ): ColourScheme {
    const override =
      this.pack.tree(this.pack.related(own.path, 'themeOverride') ?? '') ??
      this.pack.tree(this.pack.related(layout.path, 'themeOverride') ?? '');
    const scheme = readScheme(childAt(override, 'a:clrScheme'));
    const mapped =
      childAt(own.root, 'p:clrMapOvr', 'a:overrideClrMapping') ??
      childAt(layout.root, 'p:clrMapOvr', 'a:overrideClrMapping');
    if (!isFirst) {
      const found = themeOfMaster(this.pack, master.path, {});
      return { ...found.scheme, isUsual: false };
    }
    if (mapped) return { theme: scheme.size > 0 ? scheme : usual.theme, map: readMap(mapped), isUsual: false };
    return scheme.size > 0 ? { ...usual, theme: scheme } : usual;
  }

  private ground(own: ShapeSource, layout: ShapeSource, master: ShapeSource, around: ShapesAround) {
    for (const source of [own, layout, master]) {
      const ground = childAt(source.root, 'p:cSld', 'p:bg');
      if (!ground) continue;
      const properties = childAt(ground, 'p:bgPr');
      const picture = childAt(properties, 'a:blipFill');
      if (picture) return this.groundPicture(picture, source.path, around.slide);
      const gradient = childAt(properties, 'a:gradFill');
      if (gradient) {
        const stops = childrenOf(childAt(gradient, 'a:gsLst'), 'a:gs').map((stop) => colourIn(stop, around.colours));
        const [from, to] = [stops[0]?.color, stops.at(-1)?.color];
        const angle = Number(childAt(gradient, 'a:lin')?.attributes['ang'] ?? 5_400_000) / 60_000;
        return { background: from ?? 'ground', wash: to ? { to, angle: (angle + 90) % 360 } : null };
      }
      const colour =
        colourIn(childAt(properties, 'a:solidFill'), around.colours) ??
        colourIn(childAt(ground, 'p:bgRef'), around.colours);
      if (properties && !colour) around.slide.lost.add('fills');
      return { background: colour?.color ?? 'ground' };
    }
    return {};
  }

  private groundPicture(fill: XmlElement, path: string, slide: FoundSlide) {
    const blip = childAt(fill, 'a:blip');
    const relation = this.pack.relationsOf(path).get(blip?.attributes['r:embed'] ?? '');
    const bytes = relation && !relation.isOutside ? this.pack.bytes(relation.target) : null;
    const type = bytes && mediaTypeOf(bytes)?.type;
    if (!bytes || !type?.startsWith('image/')) {
      slide.lost.add(relation?.isOutside ? 'linked-files' : 'unknown-pictures');
      return {};
    }
    const seen = Number(childAt(blip, 'a:alphaModFix')?.attributes['amt'] ?? 100_000) / 100_000;
    const inside = Object.values(childAt(fill, 'a:stretch', 'a:fillRect')?.attributes ?? {}).some(
      (side) => Number(side) > 0,
    );
    const lay = childAt(fill, 'a:tile') ? ('tile' as const) : inside ? ('fit' as const) : ('fill' as const);
    return {
      groundPicture: {
        picture: this.contents.keep(bytes, 'picture'),
        moving: type === 'image/gif',
        lay,
        faded: Math.round((1 - seen) * 1000) / 1000,
      },
    };
  }

  private transition(root: XmlElement | null): { readonly transition?: TransitionName; readonly stays?: number } {
    const found =
      childAt(root, 'p:transition') ??
      childAt(root, 'mc:AlternateContent', 'mc:Fallback', 'p:transition') ??
      childAt(root, 'mc:AlternateContent', 'mc:Choice', 'p:transition');
    if (!found) return {};
    const way = childrenOf(found)[0];
    const after = Number(found.attributes['advTm']) / 1000;
    const name: TransitionName | null =
      way === undefined
        ? null
        : way.name === 'p:push' && way.attributes['dir'] === 'u'
          ? 'rise'
          : (ways[way.name] ?? 'melt');
    return { ...(name ? { transition: name } : {}), ...(after >= 1 ? { stays: Math.min(3600, after) } : {}) };
  }

  private notes(path: string): string {
    const notes = this.pack.related(path, 'notesSlide');
    const shapes = within(this.pack.tree(notes ?? '') ?? NOTHING, 'p:sp');
    const body = shapes.find((shape) => childAt(shape, 'p:nvSpPr', 'p:nvPr', 'p:ph')?.attributes['type'] === 'body');
    const lines = childrenOf(childAt(body, 'p:txBody'), 'a:p').map((paragraph) =>
      childrenOf(paragraph)
        .map((child) => (child.name === 'a:br' ? '\n' : within(child, 'a:t').map(wordsIn).join('')))
        .join(''),
    );
    return lines.join('\n');
  }

  /** The titles of sections, by the slide that each begins with. */
  private sections(idOf: ReadonlyMap<string, string>): ReadonlyMap<string, string> {
    const list = within(this.presentation ?? NOTHING, 'p14:section');
    return new Map(
      list.flatMap((section) => {
        const first = within(section, 'p14:sldId')[0]?.attributes['id'] ?? '';
        const slideId = idOf.get(first);
        const title = section.attributes['name'] ?? '';
        return slideId === undefined || title === '' ? [] : [[slideId, title] as const];
      }),
    );
  }

  private link(
    element: XmlElement,
    from: string,
    idOf: ReadonlyMap<string, string>,
    slide: FoundSlide,
  ): Destination | null {
    const { action = '', 'r:id': named = '' } = element.attributes;
    const jump = /^ppaction:\/\/hlinkshowjump\?jump=(\w+)/.exec(action)?.[1];
    const step = jump === undefined ? undefined : jumps[jump];
    if (step) return { to: step };
    const relation = this.pack.relationsOf(from).get(named);
    const slideId = relation && !relation.isOutside ? idOf.get(relation.target.toLowerCase()) : undefined;
    if (slideId !== undefined) return { to: 'slide', slideId };
    const address =
      relation?.isOutside && !/^ppaction:\/\/(program|macro|ole)/.test(action) ? safeWebAddress(relation.target) : null;
    if (address !== null) return { to: 'web', address };
    if (named !== '' || action !== '') slide.lost.add(/macro|program/.test(action) ? 'programs' : 'links-left');
    return null;
  }

  /** What a slide has that is not read. */
  private noteUnread(path: string, root: XmlElement | null, slide: FoundSlide): void {
    const timing = childAt(root, 'p:timing');
    if (timing && within(timing, 'p:cTn').some(({ attributes }) => attributes['presetClass'] !== undefined))
      slide.lost.add('animations');
    const parts: Readonly<Record<string, UnreadPart>> = {
      comments: 'comments',
      comment: 'comments',
      control: 'programs',
    };
    for (const { type } of this.pack.relationsOf(path).values()) {
      const part = parts[type];
      if (part) slide.lost.add(part);
    }
    if (isTrue(root?.attributes['showMasterPhAnim']) && timing) slide.lost.add('animations');
  }
}

const NOTHING: XmlElement = { name: '', attributes: {}, children: [] };

/** The layouts of ours that come nearest to theirs, by their types; the rest are blank. */
const layoutsOfType: Readonly<Record<string, LayoutName>> = {
  title: 'title',
  secHead: 'section',
  obj: 'title-and-text',
  tx: 'title-and-text',
  objTx: 'title-and-text',
  vertTx: 'title-and-text',
  twoObj: 'two-columns',
  twoTxTwoObj: 'two-columns',
  txAndObj: 'two-columns',
  objAndTx: 'two-columns',
  twoColTx: 'two-columns',
  picTx: 'picture',
};

const ways: Readonly<Record<string, TransitionName>> = {
  'p:cut': 'cut',
  'p:fade': 'melt',
  'p:dissolve': 'melt',
  'p:push': 'push',
  'p:cover': 'cover',
  'p:wipe': 'wipe',
};

const jumps: Readonly<Record<string, 'next' | 'previous' | 'first' | 'last' | 'back' | 'end'>> = {
  nextslide: 'next',
  previousslide: 'previous',
  firstslide: 'first',
  lastslide: 'last',
  lastslideviewed: 'back',
  endshow: 'end',
};
