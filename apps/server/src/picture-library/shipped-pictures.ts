/** The pictures that come along: found by words and what they mean, by what one may do with them, by colour and shape. */
import type { LibraryQuery, PictureColour } from '@gobrel/contract';
import { licences } from '@gobrel/core/deck';
import { Injectable } from '@nestjs/common';
import sharp from 'sharp';
import { refuse } from '../errors/index.js';
import { catalogue, type CataloguedPicture } from './catalogue.js';
import { coloursOf } from './colours.js';
import type { FoundPicture, FoundPictures, PictureSource } from './picture-source.js';
import { meaning } from './synonyms.js';

/** Widths in which a picture is given, in pixels. */
const WIDTHS = { whole: 1600, small: 240 } as const;
/** How many are found at once. */
const PAGE = 40;
/** Up to this ratio of width to height, and its inverse, a picture is square. */
const NEARLY_SQUARE = 1.1;

@Injectable()
export class ShippedPictures implements PictureSource {
  private readonly drawn = new Map<string, Promise<Buffer>>();
  private colours: Promise<ReadonlyMap<string, readonly PictureColour[]>> | null = null;

  async search(query: LibraryQuery): Promise<FoundPictures> {
    const colours = query.colour === undefined ? null : await this.allColours();
    const wanted = wordsOf(query.find ?? '');
    const found = Object.entries(catalogue).filter(
      ([name, picture]) =>
        wanted.every((word) => says(name, picture, word)) &&
        (query.kind === undefined || picture.kind === query.kind) &&
        (query.change !== 'yes' || licences[picture.licence].change) &&
        (query.sell !== 'yes' || licences[picture.licence].sell) &&
        (query.shape === undefined || shapeOf(picture) === query.shape) &&
        (query.colour === undefined || (colours?.get(name) ?? []).includes(query.colour)),
    );
    const page = query.page ?? 1;
    return {
      result_count: found.length,
      page,
      page_count: Math.ceil(found.length / PAGE),
      results: found.slice((page - 1) * PAGE, page * PAGE).map(([name, picture]) => told(name, picture)),
    };
  }

  /** The picture as WebP. @throws 404 when there is none of this name */
  async picture(name: string, size: keyof typeof WIDTHS): Promise<Buffer> {
    const drawing = Object.hasOwn(catalogue, name) ? catalogue[name] : undefined;
    if (!drawing) throw refuse(404, 'no-such-picture');
    const key = `${size} ${name}`;
    const known = this.drawn.get(key);
    if (known) return known;
    const width = Math.min(WIDTHS[size], size === 'whole' ? drawing.width * 2 : drawing.width);
    const density = (72 * width) / drawing.width;
    const drawn = sharp(Buffer.from(drawing.svg), { density }).resize(width).webp({ quality: 90 }).toBuffer();
    this.drawn.set(key, drawn);
    return drawn;
  }

  private allColours(): Promise<ReadonlyMap<string, readonly PictureColour[]>> {
    this.colours ??= Promise.all(
      Object.entries(catalogue).map(async ([name, { svg }]) => [name, await coloursOf(svg)] as const),
    ).then((entries) => new Map(entries));
    return this.colours;
  }
}

function told(name: string, { shows, author, licence, width, height, tags }: CataloguedPicture): FoundPicture {
  const [, kind = licence, version = ''] = /^(?:cc-)?(.*)-(\d\.\d)$/.exec(licence) ?? [];
  return {
    id: name,
    title: shows,
    creator: author,
    license: kind,
    license_version: version,
    license_url: licences[licence].address,
    foreign_landing_url: '',
    width,
    height,
    tags: tags.map((tag) => ({ name: tag })),
  };
}

/** Whether a word, or one that means much the same, begins a word of what a picture shows or is tagged with. */
function says(name: string, { shows, tags, kind }: CataloguedPicture, word: string): boolean {
  const known = wordsOf([name, shows, kind, ...tags].join(' '));
  return [...meaning(word)].some((each) => known.some((other) => other.startsWith(each)));
}

function shapeOf({ width, height }: CataloguedPicture): LibraryQuery['shape'] {
  const ratio = width / height;
  return ratio > NEARLY_SQUARE ? 'wide' : ratio < 1 / NEARLY_SQUARE ? 'tall' : 'square';
}

function wordsOf(text: string): string[] {
  return text.toLowerCase().match(/\p{L}+/gu) ?? [];
}
