/** A deck as an Office Open XML presentation (ECMA-376, transitional). */
import { sha256 } from '@noble/hashes/sha2';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils';
import {
  type Deck,
  type LayoutName,
  entriesOf,
  isSection,
  sizeOf,
  type SoundItem,
  type VideoItem,
} from '../../deck/index.js';
import type { NotCarried, UnheldPart } from '../loss.js';
import { mediaTypeOf } from '../presentation/picture-bytes.js';
import type { PlainDeck, PlainSlide } from '../presentation/plain-deck.js';
import { playSign } from '../presentation/play-sign.js';
import type { TellWritten, WrittenFile } from '../presentation/written-file.js';
import { write, type Written } from '../xml/index.js';
import { EXTENSION, namespaces } from './names.js';
import { PackageWriter, Part } from './parts.js';
import { writeChart, writeFigures } from './write-chart.js';
import type { SlideAround } from './write-items.js';
import {
  numbersOf,
  type SlideParts,
  writeDestination,
  writeNotes,
  writeNotesMaster,
  writeSize,
  writeSlide,
} from './write-slide.js';
import {
  hasOwnColours,
  usedLayouts,
  writeLayout,
  writeMaster,
  writePlaceholder,
  writeTheme,
  writeThemeOverride,
} from './write-theme.js';

const TYPE = 'application/vnd.openxmlformats-officedocument';
const PRESENTATION = `${TYPE}.presentationml`;

/**
 * Writes a deck.
 * @param contents the bytes of its pictures and files, by their ids; what is missing is left out and told
 */
export function writeOoxml(
  plain: PlainDeck,
  contents: ReadonlyMap<string, Uint8Array>,
  tell: TellWritten = () => undefined,
): WrittenFile {
  return new DeckWriter(plain, contents).write(tell);
}

class DeckWriter {
  private readonly pack = new PackageWriter();
  private readonly presentation = new Part('ppt/presentation.xml');
  private readonly master = new Part('ppt/slideMasters/slideMaster1.xml');
  private readonly notesMaster = new Part('ppt/notesMasters/notesMaster1.xml');
  private readonly layoutPaths = new Map<LayoutName, string>();
  private readonly slidePaths: ReadonlyMap<string, string>;
  private readonly left: NotCarried[];
  private readonly deck: Deck;
  private charts = 0;
  private notes = 0;

  constructor(
    private readonly plain: PlainDeck,
    private readonly contents: ReadonlyMap<string, Uint8Array>,
  ) {
    this.deck = plain.deck;
    this.left = [...plain.left];
    this.slidePaths = new Map(plain.slides.map(({ slide }, at) => [slide.id, `ppt/slides/slide${at + 1}.xml`]));
  }

  write(tell: TellWritten): WrittenFile {
    const top = new Part('');
    top.relate('officeDocument', this.presentation.path);
    this.writeLooks();
    const slides = this.plain.slides.map((slide, at) => {
      this.writeSlide(slide);
      tell(at + 1, this.plain.slides.length);
      return this.presentation.relate('slide', this.slidePaths.get(slide.slide.id) ?? '');
    });
    this.writePresentation(slides);
    this.writeProperties(top);
    return { bytes: this.pack.pack(top), left: this.left };
  }

  /** Theme, master and layouts. */
  private writeLooks(): void {
    const { theme } = this.deck;
    const size = sizeOf(this.deck);
    const themePart = new Part('ppt/theme/theme1.xml');
    this.pack.put(themePart, writeTheme(theme), `${TYPE}.theme+xml`);
    const used = new Set(this.plain.slides.map(({ slide }) => slide.layout));
    const relations = usedLayouts(used).map((layout, at) => {
      const part = new Part(`ppt/slideLayouts/slideLayout${at + 1}.xml`);
      this.layoutPaths.set(layout, part.path);
      part.relate('slideMaster', this.master.path);
      const override = this.overridePath(layout);
      if (override !== null) part.relate('themeOverride', override);
      this.pack.put(part, writeLayout(theme, layout, size), `${PRESENTATION}.slideLayout+xml`);
      return this.master.relate('slideLayout', part.path);
    });
    this.master.relate('theme', themePart.path);
    this.pack.put(this.master, writeMaster(theme, size, relations), `${PRESENTATION}.slideMaster+xml`);
    this.presentation.relate('slideMaster', this.master.path);
    if (!this.plain.slides.some(({ slide }) => slide.notes !== '')) return;
    const notesTheme = new Part('ppt/theme/theme2.xml');
    this.pack.put(notesTheme, writeTheme(theme), `${TYPE}.theme+xml`);
    this.notesMaster.relate('theme', notesTheme.path);
    this.pack.put(this.notesMaster, writeNotesMaster(), `${PRESENTATION}.notesMaster+xml`);
  }

  /** The path of the colours that slides of a layout have of their own; `null` where they have none. */
  private overridePath(layout: LayoutName): string | null {
    if (!hasOwnColours(this.deck.theme, layout)) return null;
    const path = `ppt/theme/themeOverride-${layout}.xml`;
    if (!this.pack.has(path))
      this.pack.put(new Part(path), writeThemeOverride(this.deck.theme, layout), `${TYPE}.themeOverride+xml`);
    return path;
  }

  private writeSlide({ slide, items }: PlainSlide): void {
    const part = new Part(this.slidePaths.get(slide.id) ?? '');
    part.relate('slideLayout', this.layoutPaths.get(slide.layout) ?? '');
    const override = this.overridePath(slide.layout);
    if (override !== null) part.relate('themeOverride', override);
    const lost = new Set<UnheldPart>();
    const parts: SlideParts = {
      part,
      slidePath: (slideId) => this.slidePaths.get(slideId) ?? null,
      picture: (id) => this.content(id),
    };
    const filled = new Set<string>();
    const around: SlideAround = {
      language: this.deck.language ?? 'en',
      numberOf: numbersOf(items),
      link: (destination, name) => writeDestination(destination, name, parts),
      picture: (id) => {
        const found = this.content(id);
        if (!found) lost.add('missing-media');
        return found && part.relate('image', found.path);
      },
      media: (item) => {
        const found = this.content(item.file);
        if (!found) lost.add('missing-media');
        return found && this.mediaOf(part, item, found.path);
      },
      chart: (item) => {
        this.charts += 1;
        const chart = new Part(`ppt/charts/chart${this.charts}.xml`);
        const sheet = `ppt/embeddings/figures${this.charts}.xlsx`;
        this.pack.putBytes(sheet, writeFigures(item), `${TYPE}.spreadsheetml.sheet`);
        const root = writeChart(item, chart.relate('package', sheet));
        this.pack.put(chart, root, `${TYPE}.drawingml.chart+xml`);
        return part.relate('chart', chart.path);
      },
      placeholder: ({ role }) => {
        // A placeholder is filled once.
        const found = role === null || filled.has(role) ? null : writePlaceholder(role, slide.layout);
        if (found && role !== null) filled.add(role);
        return found;
      },
      lose: (what) => lost.add(what),
    };
    const root = writeSlide(this.deck, slide, items, around, parts);
    if (slide.notes !== '') this.writeNotes(part, slide.notes);
    this.pack.put(part, root, `${PRESENTATION}.slide+xml`);
    if (lost.size > 0) this.left.push({ name: slide.name, why: { code: 'slide-without', parts: [...lost] } });
  }

  private writeNotes(slide: Part, notes: string): void {
    this.notes += 1;
    const part = new Part(`ppt/notesSlides/notesSlide${this.notes}.xml`);
    part.relate('notesMaster', this.notesMaster.path);
    part.relate('slide', slide.path);
    slide.relate('notesSlide', part.path);
    this.pack.put(part, writeNotes(notes), `${PRESENTATION}.notesSlide+xml`);
  }

  private mediaOf(part: Part, item: VideoItem | SoundItem, path: string) {
    const poster = item.kind === 'video' ? this.content(item.poster)?.path : undefined;
    return {
      file: part.relate(item.kind === 'video' ? 'video' : 'audio', path),
      media: part.relate('media', path),
      poster: part.relate('image', poster ?? this.signPath()),
    };
  }

  /** The path of the sign that stands for what has no picture. */
  private signPath(): string {
    const path = 'ppt/media/play.png';
    if (!this.pack.has(path)) this.pack.putBytes(path, playSign(this.deck.theme.colours.accent), 'image/png');
    return path;
  }

  private content(id: string): { readonly path: string; readonly bytes: Uint8Array } | null {
    const bytes = this.contents.get(id);
    const type = bytes && mediaTypeOf(bytes);
    if (!type) return null;
    const path = `ppt/media/${id.slice(0, 16)}.${type.ending}`;
    if (!this.pack.has(path)) this.pack.putBytes(path, bytes, type.type);
    return { path, bytes };
  }

  private writePresentation(slides: readonly string[]): void {
    const size = sizeOf(this.deck);
    const masters = [
      write('p:sldMasterId', { id: 2_147_483_648, 'r:id': this.presentation.relate('slideMaster', this.master.path) }),
    ];
    const hasNotes = this.notes > 0;
    const notes = hasNotes
      ? [
          write(
            'p:notesMasterIdLst',
            {},
            write('p:notesMasterId', { 'r:id': this.presentation.relate('notesMaster', this.notesMaster.path) }),
          ),
        ]
      : [];
    const sections = this.sections();
    const root = write(
      'p:presentation',
      { 'xmlns:a': namespaces.a, 'xmlns:r': namespaces.r, 'xmlns:p': namespaces.p },
      write('p:sldMasterIdLst', {}, ...masters),
      ...notes,
      write('p:sldIdLst', {}, ...slides.map((relation, at) => write('p:sldId', { id: 256 + at, 'r:id': relation }))),
      writeSize(size),
      write('p:notesSz', { cx: 6_858_000, cy: 9_144_000 }),
      ...(sections ? [write('p:extLst', {}, sections)] : []),
    );
    const properties = new Part('ppt/presProps.xml');
    const { overAndOver } = this.deck.playing;
    this.pack.put(
      properties,
      write(
        'p:presentationPr',
        { 'xmlns:a': namespaces.a, 'xmlns:r': namespaces.r, 'xmlns:p': namespaces.p },
        ...(overAndOver ? [write('p:showPr', { loop: 1 }, write('p:present'))] : []),
      ),
      `${PRESENTATION}.presProps+xml`,
    );
    this.presentation.relate('presProps', properties.path);
    this.presentation.relate('theme', 'ppt/theme/theme1.xml');
    this.pack.put(this.presentation, root, `${PRESENTATION}.presentation.main+xml`);
  }

  /** The headings in the running order, by an extension that most programs know. */
  private sections(): Written | null {
    const numbers = new Map(this.plain.slides.map(({ slide }, at) => [slide.id, 256 + at]));
    const lists: { readonly title: string; readonly id: string; readonly slides: number[] }[] = [];
    for (const entry of entriesOf(this.deck)) {
      if (isSection(entry)) lists.push({ title: entry.title, id: entry.id, slides: [] });
      else {
        if (lists.length === 0) lists.push({ title: '', id: 'before', slides: [] });
        lists.at(-1)?.slides.push(numbers.get(entry.id) ?? 0);
      }
    }
    if (Object.keys(this.deck.sections).length === 0) return null;
    const written = lists
      .filter(({ title, slides }) => title !== '' || slides.length > 0)
      .map(({ title, id, slides }) =>
        write(
          'p14:section',
          { name: title, id: guid(id) },
          write('p14:sldIdLst', {}, ...slides.map((number) => write('p14:sldId', { id: number }))),
        ),
      );
    return write(
      'p:ext',
      { uri: '{521415D9-36F7-43E2-AB2F-B90AF26B5E84}' },
      write('p14:sectionLst', { 'xmlns:p14': EXTENSION }, ...written),
    );
  }

  /** The title of the whole, as files of all kinds say it. */
  private writeProperties(top: Part): void {
    const part = new Part('docProps/core.xml');
    const names = {
      'xmlns:cp': 'http://schemas.openxmlformats.org/package/2006/metadata/core-properties',
      'xmlns:dc': 'http://purl.org/dc/elements/1.1/',
    };
    const language = this.deck.language === null ? [] : [write('dc:language', {}, this.deck.language)];
    this.pack.put(
      part,
      write('cp:coreProperties', names, write('dc:title', {}, this.deck.title), ...language),
      'application/vnd.openxmlformats-package.core-properties+xml',
    );
    top.relate('core-properties', part.path);
  }
}

/** An id as a GUID, the same every time. */
function guid(id: string): string {
  const hex = bytesToHex(sha256(utf8ToBytes(id))).toUpperCase();
  const part = (from: number, to: number) => hex.slice(from, to);
  return `{${part(0, 8)}-${part(8, 12)}-4${part(13, 16)}-A${part(17, 20)}-${part(20, 32)}}`;
}
