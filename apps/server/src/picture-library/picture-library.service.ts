/** The library's pictures: found by words, and drawn into pixels once. A stand-in for a search service outside. */
import type { LibraryPicture } from '@gobrel/contract';
import { Injectable } from '@nestjs/common';
import sharp from 'sharp';
import { refuse } from '../errors/index.js';
import { drawings } from './drawings.js';

/** Widths in which a picture is given, in pixels. */
const WIDTHS = { whole: 960, small: 240 } as const;

@Injectable()
export class PictureLibraryService {
  private readonly drawn = new Map<string, Promise<Buffer>>();

  /** Pictures of which every word looked for begins a word of what they show or are tagged with. */
  find(looked: string): LibraryPicture[] {
    const wanted = wordsOf(looked);
    return Object.entries(drawings)
      .filter(([name, { shows, tags }]) => {
        const known = wordsOf([name, shows, ...tags].join(' '));
        return wanted.every((word) => known.some((other) => other.startsWith(word)));
      })
      .map(([name, { shows }]) => ({ name, shows, by: 'Gobrel', licence: 'CC0 1.0' }));
  }

  /** The picture as WebP. @throws 404 when there is none of this name */
  picture(name: string, width: keyof typeof WIDTHS): Promise<Buffer> {
    const drawing = Object.hasOwn(drawings, name) ? drawings[name] : undefined;
    if (!drawing) throw refuse(404, 'no-such-picture');
    const key = `${width} ${name}`;
    const known = this.drawn.get(key);
    if (known) return known;
    const drawn = sharp(Buffer.from(drawing.svg)).resize(WIDTHS[width]).webp({ quality: 88 }).toBuffer();
    this.drawn.set(key, drawn);
    return drawn;
  }
}

function wordsOf(text: string): string[] {
  return text.toLowerCase().match(/\p{L}+/gu) ?? [];
}
