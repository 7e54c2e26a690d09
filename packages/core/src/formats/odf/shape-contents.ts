/** What is in the frames of a page: pictures, videos and sounds, charts and tables. */
import type { Frame } from '../../geometry/index.js';
import type { UnreadPart } from '../loss.js';
import { mediaTypeOf, pixelsOf } from '../presentation/picture-bytes.js';
import { childAt, childrenOf, type XmlElement } from '../xml/index.js';
import { readPart } from './names.js';
import { cropOf } from './picture-crops.js';
import { readChart } from './read-chart.js';
import { readTable } from './read-table.js';
import type { ShapeBase } from './shape-base.js';
import type { ShapeLooks } from './shape-looks.js';
import type { ShapesAround } from './shapes-around.js';

/** Reads contents as fields of items; `null` where there are none that can be shown, which is told. */
export class ShapeContents {
  constructor(
    private readonly around: ShapesAround,
    private readonly looks: ShapeLooks,
    private readonly lose: (part: UnreadPart) => void,
  ) {}

  /** The stored picture at an address; `null` where there is none that can be shown. */
  stored(address: string) {
    const bytes = this.around.bytes(address);
    const type = bytes && mediaTypeOf(bytes)?.type;
    if (!bytes || !type?.startsWith('image/')) {
      this.lose(/^[a-z]+:/i.test(address) ? 'linked-files' : 'unknown-pictures');
      return null;
    }
    const picture = this.around.contents.keep(bytes, 'picture');
    return { picture, pixels: pixelsOf(bytes), moving: type === 'image/gif' };
  }

  picture(element: XmlElement, base: ShapeBase, frame: Frame, kind: string | undefined) {
    // Several forms of one picture: the first that can be shown.
    const images = childrenOf(element, 'draw:image').map(({ attributes }) => attributes['xlink:href'] ?? '');
    const usable = images.find((address) => {
      const bytes = this.around.bytes(address);
      return bytes !== null && mediaTypeOf(bytes)?.type.startsWith('image/') === true;
    });
    const first = usable ?? images[0];
    const found = first === undefined ? null : this.stored(first);
    if (!found) return null;
    const properties = this.looks.properties(element, 'graphic');
    const mirror = properties['style:mirror'] ?? '';
    const stroke = this.looks.stroke(element);
    return {
      ...found,
      kind: 'picture',
      role: kind === 'graphic' ? 'picture' : null,
      frame,
      alt: base.says,
      crop: cropOf(properties['fo:clip'], found.pixels),
      opacity: readPart(properties['draw:image-opacity']) ?? 1,
      flippedAcross: /horizontal/.test(mirror),
      flippedDown: /vertical/.test(mirror),
      shape: 'sharp-rectangle',
      outline: stroke.color,
      outlineWidth: stroke.width,
      dash: stroke.dash,
    };
  }

  media(element: XmlElement, base: ShapeBase, frame: Frame) {
    const address = childAt(element, 'draw:plugin')?.attributes['xlink:href'] ?? '';
    const bytes = this.around.bytes(address);
    const type = bytes && mediaTypeOf(bytes)?.type;
    if (!bytes || !type || !/^(audio|video)\//.test(type)) {
      this.lose(/^[a-z]+:/i.test(address) ? 'linked-files' : 'unknown-media');
      return null;
    }
    const isVideo = type.startsWith('video/');
    const image = childAt(element, 'draw:image')?.attributes['xlink:href'];
    const poster = isVideo && image !== undefined ? this.stored(image) : null;
    const file = this.around.contents.keep(bytes, 'file');
    return {
      kind: isVideo ? 'video' : 'sound',
      frame,
      file,
      fileName: base.name || address.replace(/^.*\//, ''),
      bytes: bytes.length,
      alt: base.says,
      poster: poster?.picture ?? '',
    };
  }

  /** A chart, with its figures as fields of a table; `null` for an object that is none. */
  chart(object: XmlElement) {
    const folder = (object.attributes['xlink:href'] ?? '').replace(/^\.\//, '').replace(/\/$/, '');
    return readChart(this.around.tree(`${folder}/content.xml`));
  }

  table(table: XmlElement, frame: Frame) {
    return { kind: 'table', frame, ...readTable(table, frame, this.around.text, this.lose) };
  }
}
