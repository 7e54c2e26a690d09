/** Takes the map out of the application: as a drawing, as a picture, on paper. */
import type { Drawing } from './map-drawing';

/** The longest side of a picture, in pixels: browsers draw no larger ones. */
const LONGEST_SIDE = 8000;

/** A drawing as a picture, twice as sharp as on the screen where that is not too large. */
export async function pictureOf({ svg, width, height }: Drawing): Promise<Blob | null> {
  const scale = Math.min(2, LONGEST_SIDE / Math.max(width, height));
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(width * scale);
  canvas.height = Math.round(height * scale);
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve) => canvas.toBlob(resolve, 'image/png'));
}

/** Prints a drawing on one page. */
export function printDrawing({ svg }: Drawing): void {
  const frame = document.createElement('iframe');
  frame.hidden = true;
  frame.srcdoc = `<!doctype html><html><head><meta charset="utf-8"></head><body>${svg}</body></html>`;
  frame.addEventListener('load', () => {
    const page = frame.contentDocument;
    const drawn = page?.querySelector('svg');
    if (!frame.contentWindow || !page || !drawn) return;
    drawn.style.cssText = 'width: 100%; height: auto; max-height: 95vh';
    frame.contentWindow.addEventListener('afterprint', () => frame.remove());
    frame.contentWindow.print();
  });
  document.body.append(frame);
}
