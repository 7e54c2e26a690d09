/**
 * A deck as presentation files can hold it: questions become what can be printed, pieces what can be moved, and links lead
 * where such files can lead. What did not fit is listed slide by slide.
 */
import {
  cellsOf,
  type ChoiceItem,
  chartFigures,
  type Deck,
  type Destination,
  hasFigures,
  type Item,
  type ItemKindName,
  itemsToDraw,
  lettersOf,
  mapRuns,
  newId,
  type PixelSize,
  plainText,
  type PointAxis,
  PLAIN_LOOK,
  readItem,
  readRichText,
  sizeOf,
  type RichText,
  type Slide,
  slidesInOrder,
  type TextMark,
  wordsInLine,
} from '../../deck/index.js';
import type { Frame } from '../../geometry/index.js';
import type { NotCarried, UnheldPart } from '../loss.js';

/** The kinds of items that presentation files have something for. */
export type PlainKind =
  'text' | 'shape' | 'picture' | 'line' | 'table' | 'chart' | 'video' | 'sound' | 'hotspot' | 'ink' | 'sign';

/** An item of such a kind. */
export type PlainItem = Extract<Item, { readonly kind: PlainKind }>;

/** A slide with its items from back to front, as they are drawn. */
export interface PlainSlide {
  readonly slide: Slide;
  readonly items: readonly PlainItem[];
}

/** A deck that can be written, and what of it cannot. */
export interface PlainDeck {
  readonly deck: Deck;
  readonly slides: readonly PlainSlide[];
  readonly left: readonly NotCarried[];
}

/** What is known beside the deck. */
interface Beside {
  /** What a slide is called in the list of what did not fit. */
  readonly nameOf?: (slide: Slide) => string;
  /** The size of a picture in pixels; zeros where it is not known. */
  readonly pixelsOf?: (pictureId: string) => PixelSize;
  readonly createId?: () => string;
}

/** A deck as it can be written. Linear in its items. */
export function plainDeck(
  deck: Deck,
  { nameOf = ({ name }) => name, pixelsOf = () => ({ width: 0, height: 0 }), createId = newId }: Beside = {},
): PlainDeck {
  const left: NotCarried[] = [];
  const slides = slidesInOrder(deck).map((slide): PlainSlide => {
    const maker = new PlainMaker(deck, createId, pixelsOf);
    const items = itemsToDraw(deck, slide.id).flatMap((item) => maker.made(item));
    if (slide.voice) maker.lost.add('voices');
    if (slide.numbered) maker.lost.add('slide-numbers');
    const name = nameOf(slide);
    if (maker.printed.size > 0) left.push({ name, why: { code: 'printed', kinds: [...maker.printed] } });
    if (maker.lost.size > 0) left.push({ name, why: { code: 'slide-without', parts: [...maker.lost] } });
    return { slide, items };
  });
  // Of the whole deck, rather than again for each of its slides.
  if (slides.some(({ slide, items }) => showsBackdrop(deck, slide, items)))
    left.unshift({ name: '', why: { code: 'slide-without', parts: ['theme-drawings'] } });
  return { deck, slides, left };
}

/** Whether the drawing of the theme is seen on a slide: it has no ground of its own, and no picture lies over all of it. */
function showsBackdrop(deck: Deck, slide: Slide, items: readonly PlainItem[]): boolean {
  if (deck.theme.backdrop === 'plain' || slide.background !== 'ground' || slide.groundPicture || slide.wash)
    return false;
  const { width, height } = sizeOf(deck);
  return !items.some(
    ({ kind, frame }) =>
      kind === 'picture' &&
      frame.x <= 0 &&
      frame.y <= 0 &&
      frame.x + frame.width >= width &&
      frame.y + frame.height >= height,
  );
}

/** The least height that is left for an answer, in slide units. */
const ANSWER = 40;

/** A box as it is printed. */
const BOX = {
  shape: 'rectangle',
  fill: 'ground',
  outline: 'soft',
  outlineWidth: 2,
  dash: 'solid',
  opacity: 1,
  boxStyle: null,
} as const;

class PlainMaker {
  readonly lost = new Set<UnheldPart>();
  readonly printed = new Set<ItemKindName>();

  constructor(
    private readonly deck: Deck,
    private readonly createId: () => string,
    private readonly pixelsOf: (pictureId: string) => PixelSize,
  ) {}

  made(item: Item): readonly PlainItem[] {
    if (item.appears > 0) this.lost.add('steps');
    const link = item.link && this.plainLink(item.link);
    return this.asPlain({ ...item, link }).map((each) => this.withWords(each, item));
  }

  private asPlain(item: Item): readonly PlainItem[] {
    switch (item.kind) {
      case 'text':
      case 'picture':
      case 'hotspot':
      case 'ink':
      case 'table':
        return [item];
      case 'shape':
        if (item.finish && (item.finish.lift > 0 || item.finish.halo || item.finish.inset > 0 || item.finish.top > 0))
          this.lost.add('box-finish');
        return [item];
      case 'line':
        if (item.bend !== 0) this.lost.add('bends');
        if (item.from.head === 'bar' || item.to.head === 'bar') this.lost.add('bars-at-ends');
        return [item];
      case 'sign':
        if (item.strokes.length > 0) return [item];
        this.lost.add('stickers');
        return this.box(item, item.shows);
      case 'chart': {
        const table = item.table === null ? undefined : this.deck.items[item.table];
        const figures = item.figures ?? (table?.kind === 'table' ? chartFigures(table) : undefined);
        return figures && hasFigures(figures) ? [{ ...item, figures }] : this.box(item, item.title);
      }
      case 'video':
      case 'sound':
        if (item.captions.length > 0) this.lost.add('captions');
        if (item.kind === 'sound' && item.along !== null) this.lost.add('sounds-along');
        return [item];
      case 'viewpoint':
        this.lost.add('viewpoints');
        return [];
      default:
        this.printed.add(item.kind);
        return this.asPrint(item);
    }
  }

  /** A question, or what else only we have, as it can be printed. */
  private asPrint(item: Exclude<Item, PlainItem | { readonly kind: 'viewpoint' }>): readonly PlainItem[] {
    switch (item.kind) {
      case 'zone':
        return this.box(item, item.label, { dash: 'dashed', upright: 'top' });
      case 'open-area':
        return this.box(item, item.hint, { dash: 'dashed', upright: 'top' });
      case 'blank':
        return this.box(item, item.options.join(' / '));
      case 'web-card': {
        const address = item.link?.to === 'web' ? item.link.address : '';
        return this.box(item, [item.title, item.note, address].filter((line) => line !== '').join('\n'));
      }
      case 'choice':
        return this.choice(item);
      case 'point':
        if (item.picture === '' && item.axis) return this.scale(item, item.prompt, item.axis);
        return this.asked(item, item.prompt, item.picture === '' ? null : item);
      case 'draw':
        return this.asked(item, item.prompt, item.picture === '' ? null : item);
      default:
        return this.asked(item, item.prompt, null);
    }
  }

  /** A question above, and under it the room for an answer, or the picture that is answered on. */
  private asked(
    item: Item,
    prompt: string,
    shows: {
      readonly picture: string;
      readonly pixels: { width: number; height: number };
      readonly alt: string;
    } | null,
  ): readonly PlainItem[] {
    const { x, y, width, height, rotation } = item.frame;
    const above = Math.min(
      Math.max(0, height - ANSWER),
      26 + 34 * Math.max(1, Math.ceil(prompt.length / (width / 13))),
    );
    const question = this.words(item, headed(prompt, []), { x, y, width, height: above, rotation }, 26);
    const room: Frame = { x, y: y + above, width, height: height - above, rotation };
    if (shows === null) return [question, ...this.box(item, '', {}, room)];
    const { picture, pixels, alt } = shows;
    return [question, ...this.item('picture', item, fitted(room, pixels), { picture, pixels, alt, credit: null })];
  }

  /** A question above, and under it the scale on which it is answered, with what its ends stand for. */
  private scale(item: Item, prompt: string, { from, to, unit, upright }: PointAxis): readonly PlainItem[] {
    const [question, ...boxed] = this.asked(item, prompt, null);
    const room = boxed[0]?.frame;
    if (!question || !room || upright) return [...(question ? [question] : []), ...boxed];
    const end = { width: room.width / 4, height: Math.min(36, room.height / 2), rotation: room.rotation };
    const below = room.y + room.height / 2 + 4;
    const label = (number: number, x: number, align: 'left' | 'right') => {
      const text = plainText([String(number), unit].filter((part) => part !== '').join(' '));
      return this.item('text', item, { ...end, x, y: below }, { text, look: { ...PLAIN_LOOK, size: 22, align } });
    };
    const line = { ...room, y: room.y + room.height / 2, height: 1 };
    const ends = { from: { u: 0, v: 0.5, head: 'bar' }, to: { u: 1, v: 0.5, head: 'bar' } };
    return [
      question,
      ...this.item('line', item, line, { ...ends, outline: 'words', outlineWidth: 3 }),
      ...label(from, room.x, 'left'),
      ...label(to, room.x + room.width - end.width, 'right'),
    ];
  }

  private choice(item: ChoiceItem): readonly PlainItem[] {
    const { x, y, width, height, rotation } = item.frame;
    const shown = item.choices.flatMap(({ id, text, picture }, at) => (picture ? [{ id, text, picture, at }] : []));
    const below = shown.length > 0 ? height * 0.5 : 0;
    const lines = item.choices.map(({ text }, at) => `${letter(at)}  ${text}`);
    const words = this.item(
      'shape',
      item,
      { x, y, width, height: height - below, rotation },
      {
        ...BOX,
        text: headed(item.prompt, lines),
        look: { ...PLAIN_LOOK, size: 26, fit: 'shrink' },
      },
    );
    const each = width / Math.max(1, shown.length);
    const pictures = shown.flatMap(({ picture, text, at }, place) =>
      this.item(
        'picture',
        item,
        fitted(
          { x: x + place * each, y: y + height - below, width: each * 0.92, height: below, rotation },
          this.pixelsOf(picture),
        ),
        { picture, pixels: this.pixelsOf(picture), alt: text || letter(at), credit: null },
      ),
    );
    return [...words, ...pictures];
  }

  private words(item: Item, text: RichText, frame: Frame, size: number): PlainItem {
    const look = { ...PLAIN_LOOK, size, fit: 'shrink' };
    const [made] = this.item('text', item, frame, { text, look });
    if (!made) throw new Error('a text is always made');
    return made;
  }

  private box(
    item: Item,
    words: string,
    look: { readonly dash?: 'dashed' | 'solid'; readonly upright?: 'top' | 'middle' } = {},
    frame: Frame = item.frame,
  ): readonly PlainItem[] {
    const { dash = 'solid', upright = 'middle' } = look;
    return this.item('shape', item, frame, {
      ...BOX,
      dash,
      text: plainText(words),
      look: { ...PLAIN_LOOK, size: 24, align: 'center', upright, fit: 'shrink' },
    });
  }

  /** An item in the place of another one: in its layer and groups, with its link and name. */
  private item(
    kind: PlainKind,
    of: Item,
    frame: Frame,
    fields: Readonly<Record<string, unknown>>,
  ): readonly PlainItem[] {
    const { slideId, rank, name, layer, link, groups, locked, language } = of;
    const base = { kind, slideId, rank, name, frame, layer, link, groups, locked, language };
    const made = readItem(this.createId(), { ...base, ...fields });
    return made && isPlain(made) ? [made] : [];
  }

  /** An item whose words lead where files can lead, and have their formulas in a line of letters. */
  private withWords(item: PlainItem, from: Item): PlainItem {
    const plain = (text: RichText) => this.plainText(text, from);
    if (item.kind === 'text' || item.kind === 'shape') return { ...item, text: plain(item.text) };
    if (item.kind !== 'table') return item;
    const cells = cellsOf(item).map(({ field, text }) => [field, plain(text)] as const);
    return { ...item, ...Object.fromEntries(cells) };
  }

  private plainText(text: RichText, { formulas }: Item): RichText {
    if (/\\[([]/.test(lettersOf(text))) this.lost.add('formulas');
    const inLine = mapRuns(text, (run) => {
      const marks = (run.marks ?? []).flatMap((mark): TextMark[] => {
        if (mark.type !== 'link') return [mark];
        const destination = this.plainLink(mark.attrs.destination);
        return destination ? [{ type: 'link', attrs: { destination } }] : [];
      });
      return { type: 'text', text: wordsInLine(run.text, formulas), ...(marks.length > 0 ? { marks } : {}) };
    });
    return readRichText(inLine);
  }

  private plainLink(destination: Destination): Destination | null {
    const { gate, ...place } = destination;
    if (gate) this.lost.add('gates');
    switch (place.to) {
      case 'viewpoint': {
        this.lost.add('viewpoints');
        const item = this.deck.items[place.itemId];
        return item ? { to: 'slide', slideId: item.slideId } : null;
      }
      case 'by-answer': {
        this.lost.add('links-by-answer');
        const slideId = place.right ?? place.wrong;
        return slideId === null ? null : { to: 'slide', slideId };
      }
      case 'deck':
        this.lost.add('links-to-decks');
        return null;
      case 'file':
        this.lost.add('links-to-files');
        return null;
      case 'restart':
        this.lost.add('links-restart');
        return { to: 'first' };
      case 'slide':
        if (this.deck.slides[place.slideId]) return place;
        this.lost.add('links-left');
        return null;
      default:
        return place;
    }
  }
}

const plainKinds: ReadonlySet<string> = new Set<PlainKind>([
  'text',
  'shape',
  'picture',
  'line',
  'table',
  'chart',
  'video',
  'sound',
  'hotspot',
  'ink',
  'sign',
]);

/** Whether an item is of a kind that presentation files have something for. */
export function isPlain(item: Item): item is PlainItem {
  return plainKinds.has(item.kind);
}

/** As large as a picture gets within a room, in its middle; the room itself where its size is not known. */
function fitted(room: Frame, pixels: PixelSize): Frame {
  const scale = Math.min(room.width / (pixels.width || 1), room.height / (pixels.height || 1));
  const width = pixels.width * scale || room.width;
  const height = pixels.height * scale || room.height;
  return { ...room, width, height, x: room.x + (room.width - width) / 2, y: room.y + (room.height - height) / 2 };
}

/** A question in bold letters, and lines under it. */
function headed(prompt: string, lines: readonly string[]): RichText {
  const text = plainText([prompt, ...lines].join('\n'));
  const bold = prompt.split('\n').length;
  return {
    ...text,
    content: text.content.map((block, at) =>
      at < bold && block.type === 'paragraph' && block.content
        ? {
            ...block,
            content: block.content.map((run) =>
              run.type === 'text' ? { ...run, marks: [{ type: 'bold' as const }] } : run,
            ),
          }
        : block,
    ),
  };
}

function letter(at: number): string {
  return String.fromCharCode(65 + at);
}
