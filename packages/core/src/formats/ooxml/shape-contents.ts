/** What is in shapes: pictures, videos and sounds, and charts. */
import { WHOLE_PICTURE } from '../../deck/index.js';
import type { UnreadPart } from '../loss.js';
import { mediaTypeOf, pixelsOf } from '../presentation/picture-bytes.js';
import { childAt, childrenOf, within, type XmlElement } from '../xml/index.js';
import { readChart } from './read-chart.js';
import type { ShapesAround } from './shapes-around.js';

/** Reads contents as fields of items; `null` where there are none that can be shown, which is told. */
export class ShapeContents {
  /** @param path of the part that the shapes are in */
  constructor(
    private readonly path: string,
    private readonly around: ShapesAround,
    private readonly lose: (part: UnreadPart) => void,
  ) {}

  /** The stored picture of a fill; `null` where there is none that can be shown. */
  blip(fill: XmlElement | null) {
    const blip = childAt(fill, 'a:blip');
    const relation = this.around.pack.relationsOf(this.path).get(blip?.attributes['r:embed'] ?? '');
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

  /** A video or a sound; `null` where there is none that can be shown. */
  media(element: XmlElement, name: string) {
    const about = childAt(element, 'p:nvPicPr', 'p:nvPr');
    const video = childAt(about, 'a:videoFile');
    const sound = childAt(about, 'a:audioFile') ?? childAt(about, 'a:wavAudioFile');
    const held = video ?? sound;
    if (!held || !about) return null;
    const embedded = within(about, 'p14:media')[0];
    const relations = this.around.pack.relationsOf(this.path);
    const named = embedded?.attributes['r:embed'] ?? held.attributes['r:link'] ?? held.attributes['r:embed'] ?? '';
    const relation = relations.get(named);
    const bytes = relation && !relation.isOutside ? this.around.pack.bytes(relation.target) : null;
    const type = bytes && mediaTypeOf(bytes);
    if (!bytes || !/^(audio|video)\//.test(type?.type ?? '')) {
      this.lose(relation?.isOutside ? 'linked-files' : 'unknown-media');
      return null;
    }
    const trim = childrenOf(embedded ?? null).find(({ name }) => name === 'p14:trim')?.attributes;
    // Some writers call a sound a video: what is in the file tells it.
    const isVideo = video !== null && !/^audio\//.test(type?.type ?? '');
    const poster = isVideo ? this.blip(childAt(element, 'p:blipFill')) : null;
    const file = this.around.contents.keep(bytes, 'file');
    const fileName = relation?.target.replace(/^.*\//, '') ?? '';
    return {
      kind: isVideo ? 'video' : 'sound',
      file,
      fileName: name || fileName,
      bytes: bytes.length,
      poster: poster?.picture ?? '',
      starts: Number(trim?.['st'] ?? 0) / 1000,
    };
  }

  /** The chart of a relation. */
  chart(relation: string) {
    const target = this.around.pack.relationsOf(this.path).get(relation)?.target;
    return target === undefined ? null : readChart(this.around.pack.tree(target));
  }
}

/** A part of a hundred thousand, or a per cent with its sign, as strict files write it. */
function partOf(written: string | undefined): number {
  if (written === undefined) return 0;
  return written.endsWith('%') ? Number(written.slice(0, -1)) / 100 : Number(written) / 100_000;
}
