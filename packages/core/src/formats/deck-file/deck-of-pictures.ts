/** A deck of pictures: each has a slide of its own, as large as it fits. */
import { addItem, addSlide, applyChanges, centredFrame, cutText, type Deck, newId, sizeOf } from '../../deck/index.js';

/** A stored picture and the file it came in. */
export interface ReceivedPicture {
  readonly fileName: string;
  /** The SHA-256 of its bytes. */
  readonly picture: string;
  /** In pixels. */
  readonly pixels: { readonly width: number; readonly height: number };
  readonly moving: boolean;
}

/** The longest name of a slide, in letters. */
const LONGEST_NAME = 120;

/** An empty deck with a slide for each picture, in their order, called after their files. */
export function deckOfPictures(
  empty: Deck,
  pictures: readonly ReceivedPicture[],
  createId: () => string = newId,
): Deck {
  const room = sizeOf(empty);
  return pictures.reduce((deck, { fileName, picture, pixels, moving }) => {
    const id = createId();
    const name = cutText(fileName.replace(/\.[^.]+$/, ''), LONGEST_NAME);
    const begun = applyChanges(deck, addSlide(deck, { id, name }));
    const scale = Math.min(room.width / pixels.width, room.height / pixels.height);
    const frame = centredFrame(empty, { width: pixels.width * scale, height: pixels.height * scale });
    const fields = { picture, pixels, moving };
    return applyChanges(begun, addItem(begun, { id: createId(), slideId: id, kind: 'picture', frame, fields }));
  }, empty);
}
