/** A picture of the library that is dragged to the slide. */
import type { LibraryPicture } from '@gobrel/contract';

const TYPE = 'application/x-gobrel-library-picture';

/** Puts a picture into what is dragged. */
export function carryPicture(data: DataTransfer, picture: LibraryPicture): void {
  data.setData(TYPE, JSON.stringify(picture));
  data.effectAllowed = 'copy';
}

/** Whether what is dragged is such a picture. */
export function carriesPicture(data: DataTransfer): boolean {
  return data.types.includes(TYPE);
}

/** The picture that was let go; `null` where it was something else. */
export function carriedPicture(data: DataTransfer): LibraryPicture | null {
  const text = data.getData(TYPE);
  // It was put there by `carryPicture`, in this window.
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  return text === '' ? null : (JSON.parse(text) as LibraryPicture);
}
