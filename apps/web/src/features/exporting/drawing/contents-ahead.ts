/** What pages show, fetched from when the first page of it is drawn, while the next ones are drawn; each thing once. */
import { type DrawnPage, fontKey, fontsOf, type PageFont, picturesOn } from '@gobrel/core/paper';
import { fontBytes, pictureBytes, type PictureSize } from './contents';

type Bytes = Uint8Array<ArrayBuffer>;

export class ContentsAhead {
  private readonly pictures = new Map<string, { readonly size: PictureSize; readonly bytes: Promise<Bytes | null> }>();
  private readonly fonts = new Map<string, Promise<Bytes>>();

  /** @param signal ends what is under way */
  constructor(private readonly signal: AbortSignal) {}

  /** Begins to fetch what a page shows, unless that is under way. */
  readonly begin = (page: DrawnPage): void => {
    for (const [url, size] of picturesOn([page])) this.beginPicture(url, size);
    for (const font of fontsOf([page])) this.beginFont(font);
  };

  /** The bytes of what some pages show and of further fonts, by address and by `fontKey`. @throws when a font cannot be had */
  async of(
    pages: readonly DrawnPage[],
    further: readonly PageFont[],
  ): Promise<{ readonly pictures: Map<string, Bytes>; readonly fonts: Map<string, Bytes> }> {
    for (const page of pages) this.begin(page);
    for (const font of further) this.beginFont(font);
    const urls = [...picturesOn(pages).keys()];
    const keys = new Set([...fontsOf(pages), ...further].map(fontKey));
    const [pictures, fonts] = await Promise.all([
      Promise.all(urls.map(async (url) => [url, (await this.pictures.get(url)?.bytes) ?? null] as const)),
      Promise.all([...keys].map(async (key) => [key, (await this.fonts.get(key)) ?? null] as const)),
    ]);
    return { pictures: had(pictures), fonts: had(fonts) };
  }

  /** A picture that is drawn larger than before is fetched anew, finer. */
  private beginPicture(url: string, size: PictureSize): void {
    const known = this.pictures.get(url);
    if (known && known.size.width >= size.width && known.size.height >= size.height) return;
    const largest = {
      width: Math.max(size.width, known?.size.width ?? 0),
      height: Math.max(size.height, known?.size.height ?? 0),
    };
    this.pictures.set(url, { size: largest, bytes: awaitedLater(pictureBytes(url, largest, this.signal)) });
  }

  private beginFont(font: PageFont): void {
    const key = fontKey(font);
    if (!this.fonts.has(key)) this.fonts.set(key, awaitedLater(fontBytes(font, this.signal)));
  }
}

/** What fails is told to whoever waits for it; nobody may wait for it yet. */
function awaitedLater<T>(promise: Promise<T>): Promise<T> {
  promise.catch(() => undefined);
  return promise;
}

function had(entries: readonly (readonly [string, Bytes | null])[]): Map<string, Bytes> {
  return new Map(entries.flatMap(([key, bytes]) => (bytes ? [[key, bytes] as const] : [])));
}
