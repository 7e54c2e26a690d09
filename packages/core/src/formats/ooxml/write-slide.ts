/** Writes a slide: its ground, its items in their groups, how it comes, and its notes (ECMA-376 part 1, 19.3.1). */
import {
  type Deck,
  type Destination,
  type GroupId,
  type Item,
  type Slide,
  sizeOf,
  type TransitionName,
} from '../../deck/index.js';
import { boundsOfAll } from '../../geometry/index.js';
import { pixelsOf } from '../presentation/picture-bytes.js';
import type { PlainItem } from '../presentation/plain-deck.js';
import { write, type Written } from '../xml/index.js';
import { ANGLE, EMU, namespaces } from './names.js';
import type { Part } from './parts.js';
import { type SlideAround, writeFrame, writeItem } from './write-items.js';
import { writeColour, writeFill } from './write-text.js';
import { tree, writeColourMap } from './write-theme.js';

const all = { 'xmlns:a': namespaces.a, 'xmlns:r': namespaces.r, 'xmlns:p': namespaces.p };

/** What a slide needs of the package that it goes into. */
export interface SlideParts {
  readonly part: Part;
  /** The path of another slide; `null` where it is not written. */
  readonly slidePath: (slideId: string) => string | null;
  /** The path and the bytes of a picture; `null` where there are none. */
  readonly picture: (id: string) => { readonly path: string; readonly bytes: Uint8Array } | null;
}

/** A slide. */
export function writeSlide(
  deck: Deck,
  slide: Slide,
  items: readonly PlainItem[],
  around: SlideAround,
  parts: SlideParts,
): Written {
  const shapes = grouped(items, 0, (item) => writeItem(item, around), around);
  const name = slide.name === '' ? {} : { name: slide.name };
  return write(
    'p:sld',
    { ...all, show: slide.leftOut ? 0 : undefined },
    write('p:cSld', name, ...groundOfSlide(deck, slide, parts), tree(shapes)),
    write('p:clrMapOvr', {}, write('a:masterClrMapping')),
    ...transitionOf(deck, slide),
  );
}

/** Items in their groups: each group where its first item is. */
function grouped(
  items: readonly PlainItem[],
  depth: number,
  written: (item: PlainItem) => readonly Written[],
  around: SlideAround,
): readonly Written[] {
  const done = new Set<GroupId>();
  return items.flatMap((item) => {
    const group = item.groups[depth];
    if (group === undefined) return written(item);
    if (done.has(group)) return [];
    done.add(group);
    const members = items.filter(({ groups }) => groups[depth] === group);
    const box = boundsOfAll(members.map(({ frame }) => frame));
    if (!box) return [];
    const place = writeFrame({ ...box, rotation: 0 });
    const [off, ext] = place.children;
    if (typeof off !== 'object' || typeof ext !== 'object') return [];
    const inside = [write('a:chOff', off.attributes), write('a:chExt', ext.attributes)];
    return [
      write(
        'p:grpSp',
        {},
        write(
          'p:nvGrpSpPr',
          {},
          write('p:cNvPr', { id: around.numberOf(`group ${group}`), name: '' }),
          write('p:cNvGrpSpPr'),
          write('p:nvPr'),
        ),
        write('p:grpSpPr', {}, write('a:xfrm', {}, off, ext, ...inside)),
        ...grouped(members, depth + 1, written, around),
      ),
    ];
  });
}

function groundOfSlide(deck: Deck, slide: Slide, { part, picture }: SlideParts): readonly Written[] {
  const ground = slide.groundPicture;
  const found = ground && picture(ground.picture);
  const held = (fill: Written) => [write('p:bg', {}, write('p:bgPr', {}, fill, write('a:effectLst')))];
  if (found) {
    const seen = ground.faded > 0 ? [write('a:alphaModFix', { amt: Math.round((1 - ground.faded) * 100_000) })] : [];
    const blip = write('a:blip', { 'r:embed': part.relate('image', found.path) }, ...seen);
    const lay = ground.lay === 'tile' ? [write('a:tile', { algn: 'tl' })] : stretched(deck, ground.lay, found.bytes);
    return held(write('a:blipFill', {}, blip, ...lay));
  }
  if (slide.wash) {
    const stop = (pos: number, colour: string) => write('a:gs', { pos }, writeColour(colour));
    const ends = [stop(0, slide.background), stop(100_000, slide.wash.to)];
    const angle = Math.round(((slide.wash.angle + 270) % 360) * ANGLE);
    return held(write('a:gradFill', {}, write('a:gsLst', {}, ...ends), write('a:lin', { ang: angle, scaled: 0 })));
  }
  return slide.background === 'ground' ? [] : held(writeFill(slide.background));
}

/** A picture that fills the ground, cut where it is larger, or that fits into it, with room beside it. */
function stretched(deck: Deck, lay: 'fit' | 'fill', bytes: Uint8Array): readonly Written[] {
  const { width, height } = pixelsOf(bytes);
  const size = sizeOf(deck);
  const ratio = width > 0 && height > 0 ? width / height / (size.width / size.height) : 1;
  const beside = (over: number) => (over > 0 ? Math.round(over * 50_000) : undefined);
  const sides =
    lay === 'fill'
      ? { l: beside(1 - 1 / ratio), r: beside(1 - 1 / ratio), t: beside(1 - ratio), b: beside(1 - ratio) }
      : { l: beside(1 - ratio), r: beside(1 - ratio), t: beside(1 - 1 / ratio), b: beside(1 - 1 / ratio) };
  return lay === 'fill'
    ? [write('a:srcRect', sides), write('a:stretch', {}, write('a:fillRect'))]
    : [write('a:stretch', {}, write('a:fillRect', sides))];
}

/** How slides come, as PresentationML calls it. */
const transitions: Readonly<Record<TransitionName, Written | null>> = {
  cut: null,
  melt: write('p:fade'),
  push: write('p:push', { dir: 'l' }),
  cover: write('p:cover', { dir: 'l' }),
  wipe: write('p:wipe', { dir: 'l' }),
  rise: write('p:push', { dir: 'u' }),
};

function transitionOf(deck: Deck, slide: Slide): readonly Written[] {
  const way = transitions[slide.transition ?? deck.playing.transition];
  if (!way && slide.stays === null) return [];
  const after = slide.stays === null ? undefined : Math.round(slide.stays * 1000);
  return [write('p:transition', { advTm: after }, ...(way ? [way] : []))];
}

/** The actions by which a show goes on. */
const jumps = {
  next: 'nextslide',
  previous: 'previousslide',
  first: 'firstslide',
  last: 'lastslide',
  back: 'lastslideviewed',
  end: 'endshow',
} as const;

/** What a link becomes; `null` where it leads nowhere that a file knows. */
export function writeDestination(destination: Destination, name: string, parts: SlideParts): Written | null {
  switch (destination.to) {
    case 'slide': {
      const path = parts.slidePath(destination.slideId);
      if (path === null) return null;
      return write(name, { 'r:id': parts.part.relate('slide', path), action: 'ppaction://hlinksldjump' });
    }
    case 'web':
      return write(name, { 'r:id': parts.part.relate('hyperlink', destination.address, true) });
    case 'next':
    case 'previous':
    case 'first':
    case 'last':
    case 'back':
    case 'end':
      return write(name, { 'r:id': '', action: `ppaction://hlinkshowjump?jump=${jumps[destination.to]}` });
    default:
      return null;
  }
}

/** The notes of a slide. */
export function writeNotes(notes: string): Written {
  const lines = notes.split('\n').map((line) => {
    const run = write('a:r', {}, write('a:t', {}, line));
    return write('a:p', {}, ...(line === '' ? [] : [run]));
  });
  const shape = (id: number, type: string, idx: number | undefined, text: readonly Written[]) =>
    write(
      'p:sp',
      {},
      write(
        'p:nvSpPr',
        {},
        write('p:cNvPr', { id, name: type }),
        write('p:cNvSpPr', {}, write('a:spLocks', { noGrp: 1 })),
        write('p:nvPr', {}, write('p:ph', { type, idx })),
      ),
      write('p:spPr'),
      ...(text.length > 0 ? [write('p:txBody', {}, write('a:bodyPr'), write('a:lstStyle'), ...text)] : []),
    );
  return write(
    'p:notes',
    all,
    write('p:cSld', {}, tree([shape(2, 'sldImg', undefined, []), shape(3, 'body', 1, lines)])),
    write('p:clrMapOvr', {}, write('a:masterClrMapping')),
  );
}

/** The master of notes: the picture of the slide above, the words below. */
export function writeNotesMaster(): Written {
  const shape = (id: number, type: string, y: number, height: number, idx?: number) =>
    write(
      'p:sp',
      {},
      write(
        'p:nvSpPr',
        {},
        write('p:cNvPr', { id, name: type }),
        write('p:cNvSpPr'),
        write('p:nvPr', {}, write('p:ph', { type, idx })),
      ),
      write(
        'p:spPr',
        {},
        writeFrame({ x: 60, y, width: 600, height, rotation: 0 }),
        write('a:prstGeom', { prst: 'rect' }, write('a:avLst')),
      ),
      ...(type === 'body' ? [write('p:txBody', {}, write('a:bodyPr'), write('a:lstStyle'), write('a:p'))] : []),
    );
  return write(
    'p:notesMaster',
    all,
    write('p:cSld', {}, tree([shape(2, 'sldImg', 60, 340), shape(3, 'body', 440, 420, 1)])),
    writeColourMap(),
  );
}

/** The number of each item of a slide, by its id; what is no item has one too once it is asked for. */
export function numbersOf(items: readonly Item[]): (id: string) => number {
  const numbers = new Map(items.map(({ id }, at) => [id, at + 2]));
  return (id) => {
    const known = numbers.get(id) ?? numbers.size + 2;
    numbers.set(id, known);
    return known;
  };
}

/** The size of slides. */
export function writeSize({ width, height }: { readonly width: number; readonly height: number }): Written {
  return write('p:sldSz', { cx: Math.round(width * EMU), cy: Math.round(height * EMU) });
}
