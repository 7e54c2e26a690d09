/** A deck as an OpenDocument presentation (ODF 1.3). */
import { strToU8, type Zippable, zipSync } from 'fflate';
import {
  colourIn,
  type Deck,
  type Destination,
  fontNames,
  type Item,
  type LayoutName,
  layoutNames,
  type Slide,
  themeOn,
  type TransitionName,
} from '../../deck/index.js';
import type { NotCarried, UnheldPart } from '../loss.js';
import { FONT_FAMILIES } from '../presentation/font-families.js';
import { mediaTypeOf, pixelsOf } from '../presentation/picture-bytes.js';
import type { PlainDeck, PlainSlide } from '../presentation/plain-deck.js';
import { playSign } from '../presentation/play-sign.js';
import type { TellWritten, WrittenFile } from '../presentation/written-file.js';
import { write, type Written, writeXml } from '../xml/index.js';
import { declared, length } from './names.js';
import { StyleSheet } from './style-sheet.js';
import { writeChart } from './write-chart.js';
import { type ItemsAround, writeItems } from './write-items.js';
import { masterName, placeholderOf, writeLayers, writeMaster, writePageLayout } from './write-masters.js';

const TYPE = 'application/vnd.oasis.opendocument.presentation';
const CHART = 'application/vnd.oasis.opendocument.chart';
const PAGE = 'page';
/** Under which name a document says which theme it was written with. */
export const THEME_NAME = 'theme';

const all = declared(
  'office',
  'style',
  'text',
  'table',
  'draw',
  'presentation',
  'svg',
  'fo',
  'smil',
  'script',
  'xlink',
  'dc',
  'meta',
);

/**
 * Writes a deck.
 * @param contents the bytes of its pictures and files, by their ids; what is missing is left out and told
 */
export function writeOdf(
  plain: PlainDeck,
  contents: ReadonlyMap<string, Uint8Array>,
  tell: TellWritten = () => undefined,
): WrittenFile {
  return new DeckWriter(plain, contents).write(tell);
}

class DeckWriter {
  private readonly styles = new StyleSheet('a');
  private readonly files: Zippable = {};
  private readonly listed: { readonly path: string; readonly type: string }[] = [];
  private readonly pageNames: ReadonlyMap<string, string>;
  private readonly left: NotCarried[];
  private readonly deck: Deck;
  private charts = 0;
  /** Names of items, which stand for them in the whole document. */
  private readonly names = new Map<string, string>();

  constructor(
    private readonly plain: PlainDeck,
    private readonly contents: ReadonlyMap<string, Uint8Array>,
  ) {
    this.deck = plain.deck;
    this.left = [...plain.left];
    this.pageNames = toldApart(plain.slides.map(({ slide }) => slide));
    if (Object.keys(this.deck.sections).length > 0)
      this.left.push({ name: '', why: { code: 'slide-without', parts: ['sections'] } });
  }

  write(tell: TellWritten): WrittenFile {
    const pages = this.plain.slides.map((slide, at) => {
      const page = this.page(slide);
      tell(at + 1, this.plain.slides.length);
      return page;
    });
    const isNamed = ({ name }: Written) =>
      !['draw:stroke-dash', 'draw:marker', 'draw:fill-image', 'draw:gradient'].includes(name);
    this.put(
      'content.xml',
      write(
        'office:document-content',
        { ...all, 'office:version': '1.3' },
        this.fonts(),
        write('office:automatic-styles', {}, ...this.styles.all(isNamed)),
        write('office:body', {}, write('office:presentation', {}, ...pages, ...this.settings())),
      ),
    );
    this.put('styles.xml', this.looks());
    this.put(
      'meta.xml',
      write(
        'office:document-meta',
        { ...all, 'office:version': '1.3' },
        write(
          'office:meta',
          {},
          write('dc:title', {}, this.deck.title),
          ...(this.deck.language === null ? [] : [write('dc:language', {}, this.deck.language)]),
          write('meta:user-defined', { 'meta:name': THEME_NAME }, this.deck.theme.name),
        ),
      ),
    );
    return { bytes: this.pack(), left: this.left };
  }

  private settings(): readonly Written[] {
    return this.deck.playing.overAndOver
      ? [write('presentation:settings', { 'presentation:endless': 'true', 'presentation:pause': 'PT0S' })]
      : [];
  }

  private fonts(): Written {
    return write(
      'office:font-face-decls',
      {},
      ...fontNames.map((name) =>
        write('style:font-face', {
          'style:name': FONT_FAMILIES[name],
          'svg:font-family': `'${FONT_FAMILIES[name]}'`,
        }),
      ),
    );
  }

  /** Masters, and whatever is named in the whole document. */
  private looks(): Written {
    const own = new StyleSheet('m');
    const used = new Set(this.plain.slides.map(({ slide }) => slide.layout));
    const layouts = layoutNames.filter((name) => used.has(name) || name === 'blank');
    const masters = layouts.map((layout) => writeMaster(this.deck, layout, PAGE, own));
    const order = ['draw:gradient', 'draw:marker', 'draw:fill-image', 'draw:stroke-dash'];
    const named = order.flatMap((kind) => this.styles.all(({ name }) => name === kind));
    return write(
      'office:document-styles',
      { ...all, 'office:version': '1.3' },
      this.fonts(),
      write('office:styles', {}, ...named),
      write('office:automatic-styles', {}, writePageLayout(this.deck, PAGE), ...own.all()),
      write('office:master-styles', {}, writeLayers(), ...masters),
    );
  }

  private page({ slide, items }: PlainSlide): Written {
    const lost = new Set<UnheldPart>();
    const around = this.around(slide, lost);
    const shapes = writeItems(items, around);
    if (lost.size > 0) this.left.push({ name: slide.name, why: { code: 'slide-without', parts: [...lost] } });
    return write(
      'draw:page',
      {
        'draw:name': this.pageNames.get(slide.id),
        'draw:style-name': this.ground(slide),
        'draw:master-page-name': masterName(slide.layout),
      },
      ...shapes,
      ...(slide.notes === '' ? [] : [this.notes(slide.notes)]),
    );
  }

  private around(slide: Slide, lost: Set<UnheldPart>): ItemsAround {
    const filled = new Set<string>();
    return {
      theme: themeOn(this.deck.theme, slide.layout),
      styles: this.styles,
      nameOf: (id) => {
        // A slide shows the backdrop of its layout too, which other slides show as well.
        const key = `${slide.id} ${id}`;
        const known = this.names.get(key) ?? `i${this.names.size + 1}`;
        this.names.set(key, known);
        return known;
      },
      press: (destination) => this.press(destination),
      address: (destination) => this.address(destination),
      content: (id) => this.content(id),
      sign: () => this.sign(),
      chart: (item) => {
        this.charts += 1;
        const name = `Object ${this.charts}`;
        this.put(`${name}/content.xml`, writeChart(item, themeOn(this.deck.theme, slide.layout)));
        this.listed.push({ path: `${name}/`, type: CHART });
        return name;
      },
      placeholder: ({ role }: Item) => {
        if (role === null || filled.has(role) || !fits(role, slide.layout)) return null;
        filled.add(role);
        return placeholderOf(role);
      },
      lose: (part) => lost.add(part),
    };
  }

  /** The ground of a page, how it comes, and how long it stays. */
  private ground(slide: Slide): string {
    const theme = themeOn(this.deck.theme, slide.layout);
    const way = transitions[slide.transition ?? this.deck.playing.transition];
    const fill = this.groundFill(slide, colourIn(theme, slide.background));
    return this.styles.style('drawing-page', [
      write('style:drawing-page-properties', {
        ...fill,
        'presentation:visibility': slide.leftOut ? 'hidden' : 'visible',
        'presentation:transition-type': slide.stays === null ? undefined : 'automatic',
        'presentation:duration': slide.stays === null ? undefined : `PT${String(slide.stays)}S`,
        ...(way ? { 'smil:type': way[0], 'smil:subtype': way[1] } : {}),
      }),
    ]);
  }

  private groundFill(slide: Slide, colour: string): Written['attributes'] {
    const found = slide.groundPicture && this.content(slide.groundPicture.picture);
    if (slide.groundPicture && found) {
      const image = this.styles.keep('fill image', 'image', (name) =>
        write('draw:fill-image', {
          'draw:name': name,
          'xlink:href': found.path,
          'xlink:type': 'simple',
          'xlink:show': 'embed',
          'xlink:actuate': 'onLoad',
        }),
      );
      const { lay, faded } = slide.groundPicture;
      return {
        'draw:fill': 'bitmap',
        'draw:fill-image-name': image,
        'style:repeat': lay === 'tile' ? 'repeat' : 'stretch',
        'draw:opacity': faded > 0 ? `${String(Math.round((1 - faded) * 100))}%` : undefined,
      };
    }
    if (slide.wash) {
      const { to, angle } = slide.wash;
      const gradient = this.styles.keep('gradient', 'gradient', (name) =>
        write('draw:gradient', {
          'draw:name': name,
          'draw:style': 'linear',
          'draw:start-color': colour,
          'draw:end-color': colourIn(themeOn(this.deck.theme, slide.layout), to),
          'draw:angle': `${String(turned(angle))}deg`,
        }),
      );
      return { 'draw:fill': 'gradient', 'draw:fill-gradient-name': gradient };
    }
    return slide.background === 'ground' ? {} : { 'draw:fill': 'solid', 'draw:fill-color': colour };
  }

  private notes(notes: string): Written {
    const lines = notes.split('\n').map((line) => write('text:p', {}, ...(line === '' ? [] : [line])));
    const place = (y: number, height: number) => ({
      'svg:x': length(60),
      'svg:y': length(y),
      'svg:width': length(600),
      'svg:height': length(height),
    });
    return write(
      'presentation:notes',
      {},
      write('draw:page-thumbnail', { ...place(60, 340), 'presentation:class': 'page', 'draw:layer': 'layout' }),
      write(
        'draw:frame',
        { ...place(440, 420), 'presentation:class': 'notes', 'draw:layer': 'layout' },
        write('draw:text-box', {}, ...lines),
      ),
    );
  }

  private press(destination: Destination): Written | null {
    const event = (attributes: Written['attributes']) =>
      write('presentation:event-listener', { 'script:event-name': 'dom:click', ...attributes });
    const step = actions[destination.to];
    if (step !== undefined) return event({ 'presentation:action': step });
    const address = this.address(destination);
    if (address === null) return null;
    return event({
      'presentation:action': 'show',
      'xlink:href': address,
      'xlink:type': 'simple',
      'xlink:show': 'embed',
      'xlink:actuate': 'onRequest',
    });
  }

  private address(destination: Destination): string | null {
    if (destination.to === 'web') return destination.address;
    if (destination.to !== 'slide') return null;
    const name = this.pageNames.get(destination.slideId);
    return name === undefined ? null : `#${name}`;
  }

  private content(id: string): { readonly path: string; readonly width: number; readonly height: number } | null {
    const bytes = this.contents.get(id);
    const type = bytes && mediaTypeOf(bytes);
    if (!type) return null;
    const path = `${type.type.startsWith('image/') ? 'Pictures' : 'Media'}/${id.slice(0, 16)}.${type.ending}`;
    this.putBytes(path, bytes, type.type);
    return { path, ...pixelsOf(bytes) };
  }

  private sign(): string {
    const path = 'Pictures/play.png';
    if (!(path in this.files)) this.putBytes(path, playSign(this.deck.theme.colours.accent), 'image/png');
    return path;
  }

  private putBytes(path: string, bytes: Uint8Array, type: string): void {
    if (path in this.files) return;
    this.files[path] = [bytes, { level: 0 }];
    this.listed.push({ path, type });
  }

  private put(path: string, root: Written): void {
    this.files[path] = strToU8(writeXml(root, false));
    this.listed.push({ path, type: 'text/xml' });
  }

  /** The zip; what kind of document it is comes first, uncompressed, so that it is known without unpacking. */
  private pack(): Uint8Array {
    const entry = (path: string, type: string) =>
      write('manifest:file-entry', {
        'manifest:full-path': path,
        'manifest:media-type': type,
        'manifest:version': path === '/' ? '1.3' : undefined,
      });
    const manifest = write(
      'manifest:manifest',
      { ...declared('manifest'), 'manifest:version': '1.3' },
      entry('/', TYPE),
      ...this.listed.map(({ path, type }) => entry(path, type)),
    );
    return zipSync({
      mimetype: [strToU8(TYPE), { level: 0 }],
      ...this.files,
      'META-INF/manifest.xml': strToU8(writeXml(manifest, false)),
    });
  }
}

/** Where colours run to, counted from downwards against the clock as files have it; ours count from upwards, and with it. The same both ways. */
export function turned(angle: number): number {
  return (540 - angle) % 360;
}

/** Whether the layout has a part for a role; what was placed freely has a title at most. */
function fits(role: string, layout: LayoutName): boolean {
  return layout !== 'blank' || role === 'title';
}

/** What a press does, by where it leads. */
const actions: Readonly<Partial<Record<Destination['to'], string>>> = {
  next: 'next-page',
  previous: 'previous-page',
  first: 'first-page',
  last: 'last-page',
  back: 'last-visited-page',
  end: 'stop',
};

/** How pages come, by the names of SMIL 3.0. */
const transitions: Readonly<Record<TransitionName, readonly [type: string, subtype: string] | null>> = {
  cut: null,
  melt: ['fade', 'crossfade'],
  push: ['pushWipe', 'fromRight'],
  cover: ['slideWipe', 'fromRight'],
  wipe: ['barWipe', 'leftToRight'],
  rise: ['pushWipe', 'fromBottom'],
};

/** A name for each page that no other one has, which is how links know them. */
function toldApart(slides: readonly Slide[]): ReadonlyMap<string, string> {
  const taken = new Set<string>();
  return new Map(
    slides.map(({ id, name }, at) => {
      const wanted = name === '' ? `Slide ${at + 1}` : name;
      let own = wanted;
      for (let count = 2; taken.has(own); count += 1) own = `${wanted} (${count})`;
      taken.add(own);
      return [id, own] as const;
    }),
  );
}
