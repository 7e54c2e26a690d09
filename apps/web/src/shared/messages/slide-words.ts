/** What is written on the slides themselves, for whoever fills them in. */
import type { AskingWords, PieceWords, SlideWords } from '@gobrel/slide-view';
import { asking, onCharts, onMedia, onSlides, pieces } from '@gobrel/messages';
import { withUnit } from './phrases';
import { reasonInWords } from './reasons';

const pieceWords: PieceWords = {
  ...pieces,
  name: (name, zone) => (zone === null ? pieces.inNoZone({ name }) : pieces.inZone({ name, zone })),
  pile: (name, left) => (left === null ? pieces.pile({ name }) : pieces.pileLeft({ name, left })),
  pickedUp: (name, zone) => (zone === null ? pieces.pickedUp({ name }) : pieces.pickedUpOver({ name, zone })),
  over: (zone) => pieces.over({ zone }),
  moved: (x, y) => pieces.moved({ x, y }),
  turned: (degrees) => pieces.turned({ degrees }),
  putInto: (name, zone) => pieces.putInto({ name, zone }),
  lies: (name) => pieces.lies({ name }),
  full: (name, zone) => pieces.full({ name, zone }),
  notTaken: (name, zone) => pieces.notTaken({ name, zone }),
  wentHome: (name) => pieces.wentHome({ name }),
  putBack: (name) => pieces.putBack({ name }),
  stays: (name) => pieces.stays({ name }),
  zone: (zone, count, capacity) =>
    capacity > 0 ? pieces.zoneOf({ zone, count, capacity }) : pieces.zone({ zone, count }),
  unnamedZone: (place) => pieces.unnamedZone({ place }),
  turn: (name) => pieces.turn({ name }),
};

const askingWords: AskingWords = {
  ...asking,
  words: (count) => asking.words({ count }),
  wordsWanted: (least, most) =>
    least > 0 && most > 0
      ? asking.wordsBetween({ least, most })
      : least > 0
        ? asking.wordsAtLeast({ least })
        : asking.wordsAtMost({ most }),
  dot: (place, of) => (of === 1 ? asking.onlyDot : asking.dot({ place })),
  dotAt: (across, down) => asking.dotAt({ across, down }),
  onScale: withUnit,
  drawing: (strokes) => asking.drawing({ strokes }),
  recording: (seconds, longest) => asking.recording({ seconds, longest }),
  recorded: (seconds) => asking.recorded({ seconds }),
};

/** All that slides say. */
export const slideWords: SlideWords = {
  ...onSlides,
  tooLong: (most) => onSlides.tooLong({ most }),
  points: (points, outOf) => onSlides.points({ points, outOf }),
  reason: reasonInWords,
  pieces: pieceWords,
  asking: askingWords,
  chart: onCharts,
  media: {
    ...onMedia,
    play: (name) => onMedia.play({ name }),
    pause: (name) => onMedia.pause({ name }),
    placeIn: (name) => onMedia.placeIn({ name }),
    transcriptOf: (name) => onMedia.transcriptOf({ name }),
  },
};
