/** Makes pictures of slides: SVG with text as text, or PNG at a width. */
import type { Deck } from '@gobrel/core/deck';
import { fileName } from '../../../shared/downloads';
import { type DrawnPage, fontsOf, writeSvg } from '@gobrel/core/paper';
import type { Surroundings } from '@gobrel/slide-view';
import { zipSync } from 'fflate';
import { slideName } from '../../../shared/messages';
import { picturesFor } from '../drawing/contents';
import { drawPages } from '../drawing/draw-pages';
import { base64Of, fetched, severally } from '../fetching';

export type PictureFormat = 'png' | 'svg';

interface Making {
  readonly deck: Deck;
  readonly slideIds: readonly string[];
  readonly format: PictureFormat;
  /** Of a PNG, in pixels. */
  readonly width: number;
  readonly surroundings: Surroundings;
  readonly signal: AbortSignal;
  /** Told after each slide. */
  readonly onDone: (done: number) => void;
}

/** One picture as itself, several as a zip. @throws when something cannot be had, or `signal` ends it */
export async function makePictures(making: Making): Promise<{ readonly blob: Blob; readonly name: string }> {
  const { deck, slideIds, format, width, signal, onDone } = making;
  const slides = slideIds.map((slideId) => ({ deck, slideId }));
  const pages = await drawPages(slides, { surroundings: making.surroundings, signal });
  const [pictures, fonts] = await Promise.all([picturesAsData(pages, signal), fontsAsData(pages, signal)]);
  const files: { readonly name: string; readonly blob: Blob }[] = [];
  for (const [at, page] of pages.entries()) {
    const title = slideName(deck, page.slideId);
    const svg = writeSvg(page, {
      title,
      picture: (picture) => pictures.get(picture) ?? picture,
      font: ({ url }) => fonts.get(url) ?? null,
    });
    const blob = new Blob([svg], { type: 'image/svg+xml' });
    signal.throwIfAborted();
    const number = String(at + 1).padStart(String(pages.length).length, '0');
    const name = `${pages.length === 1 ? '' : `${number} `}${fileName(title)}.${format}`;
    files.push({ name, blob: format === 'svg' ? blob : await asPng(blob, page, width) });
    onDone(at + 1);
  }
  const [only] = files;
  if (only && files.length === 1) return only;
  const bytes = await Promise.all(
    files.map(async ({ name, blob }) => [name, new Uint8Array(await blob.arrayBuffer())] as const),
  );
  // Pictures are packed already.
  const zip = zipSync(Object.fromEntries(bytes), { level: format === 'svg' ? 6 : 0 });
  return { blob: new Blob([zip], { type: 'application/zip' }), name: `${fileName(deck.title)}.zip` };
}

async function asPng(svg: Blob, page: DrawnPage, width: number): Promise<Blob> {
  const url = URL.createObjectURL(svg);
  try {
    const image = new Image();
    image.src = url;
    await image.decode();
    const sheet = new OffscreenCanvas(width, Math.round((width * page.height) / page.width));
    sheet.getContext('2d')?.drawImage(image, 0, 0, sheet.width, sheet.height);
    return await sheet.convertToBlob({ type: 'image/png' });
  } finally {
    URL.revokeObjectURL(url);
  }
}

async function picturesAsData(pages: readonly DrawnPage[], signal: AbortSignal): Promise<ReadonlyMap<string, string>> {
  const pictures = await picturesFor(pages, signal);
  const entries = await severally([...pictures], async ([url, bytes]) => {
    const type = bytes[0] === 0xff ? 'image/jpeg' : 'image/png';
    return [url, `data:${type};base64,${await base64Of(new Blob([bytes]))}`] as const;
  });
  return new Map(entries);
}

/** Fonts as sources of CSS: a picture asks nobody for anything. */
async function fontsAsData(pages: readonly DrawnPage[], signal: AbortSignal): Promise<ReadonlyMap<string, string>> {
  const urls = [...new Set(fontsOf(pages).map(({ url }) => url))];
  const entries = await severally(urls, async (url) => {
    const font = await (await fetched(url, signal)).blob();
    return [url, `url(data:font/woff2;base64,${await base64Of(font)})`] as const;
  });
  return new Map(entries);
}
