/** Words on the slides themselves, for whoever fills them in. */
import type { AskingWords, PieceWords } from '@gobrel/slide-view';

const pieces: PieceWords = {
  name: (name, zone) => (zone === null ? `${name}, not in a zone` : `${name}, in ${zone}`),
  pile: (name, left) => (left === null ? `pile of ${name}` : `pile of ${name}, ${left} left`),
  help: 'piece: press Enter to pick it up',
  turnsHelp: 'piece that turns: press Enter to pick it up, square brackets turn it',
  pickedUp: (name, zone) =>
    zone === null
      ? `${name} picked up. Arrows move it, Enter lets go.`
      : `${name} picked up, over ${zone}. Arrows choose a zone, with Alt they move it freely, Enter puts it down, Escape puts it back.`,
  over: (zone) => `over ${zone}`,
  moved: (x, y) => `at ${Math.round(x)}, ${Math.round(y)}`,
  turned: (degrees) => `turned by ${degrees} degrees`,
  putInto: (name, zone) => `${name} is in ${zone}.`,
  lies: (name) => `${name} is put down.`,
  full: (name, zone) => `${zone} is full: ${name} does not fit in.`,
  notTaken: (name, zone) => `${zone} does not take ${name}.`,
  wentHome: (name) => `${name} went home.`,
  putBack: (name) => `${name} is back where it was.`,
  stays: (name) => `${name} stays where it is.`,
  zone: (zone, count, capacity) =>
    capacity > 0 ? `${zone}, ${count} of ${capacity} pieces` : `${zone}, ${count} pieces`,
  unnamedZone: (place) => `zone ${place}`,
  unnamed: 'piece',
  turn: (name) => `Turn ${name}`,
};

const asking: AskingWords = {
  pickOne: 'pick one',
  pickSeveral: 'pick all that fit',
  choose: 'choose …',
  number: 'A number',
  words: (count) => (count === 1 ? '1 word' : `${count} words`),
  wordsWanted: (least, most) =>
    least > 0 && most > 0
      ? `${least} to ${most} words`
      : least > 0
        ? `at least ${least} words`
        : `at most ${most} words`,
  dot: (place, of) => (of === 1 ? 'Your dot' : `Dot ${place}`),
  dotAt: (across, down) => `${across} % across, ${down} % down`,
  onScale: (value, unit) => [value, unit].filter(Boolean).join(' '),
  placeDot: 'Put a dot in the middle',
  removeDots: 'Clear',
  dotHelp: 'dot: arrows move it, Delete takes it away',
  pen: 'Pen',
  highlighter: 'Highlighter',
  eraser: 'Eraser',
  colours: {
    '#1d2b2a': 'Ink',
    '#9b2242': 'Berry',
    '#b4492a': 'Clay',
    '#4f6b26': 'Reed',
    '#3d4e8a': 'Dusk',
    '#fffcf5': 'Chalk',
  },
  undoStroke: 'Take back',
  drawing: (strokes) => (strokes === 0 ? 'nothing drawn yet' : strokes === 1 ? '1 stroke' : `${strokes} strokes`),
  drawHelp: 'drawing: arrows move the pen, Space puts it down and lifts it',
  penDown: 'The pen is down.',
  penUp: 'The pen is up.',
  noRoom: 'There is no room for more drawing here. Erase something; nothing was lost.',
  record: 'Record',
  recordAgain: 'Record again',
  stop: 'Stop',
  recording: (seconds, longest) => `${seconds} of ${longest} s`,
  noMicrophone:
    'There is no microphone, or this page may not use it. Allow it in the browser, then press Record again.',
  recorded: (seconds) => `Your answer, ${seconds} s`,
  howSure: 'How sure are you?',
  sure: { 1: 'a guess', 2: 'not very', 3: 'quite', 4: 'certain' },
};

export const onSlides = {
  hotspot: 'Link',
  blank: 'Blank',
  yourAnswer: 'Your answer',
  addText: 'Press here to add a text',
  yourText: 'Your text',
  adding: {
    text: 'Text',
    picture: 'Picture',
    camera: 'Camera',
    sign: 'Sign',
    pen: 'Pen',
    eraser: 'Eraser',
    done: 'Done',
    tools: 'What you added',
    move: 'Move: drag, or arrow keys',
    moved: 'Moved.',
    larger: 'Larger',
    smaller: 'Smaller',
    remove: 'Remove',
    unnamed: { picture: 'A picture', sticker: 'A sticker', sign: 'A sign' },
    hardToSee: {
      'small-letters': 'Too small to read from the back row',
      blurred: 'Blurred on the projector: make it smaller',
    },
  },
  tooLong: (most: number) => `This takes up to ${most.toLocaleString('en')} letters. Shorten it; nothing was lost.`,
  pieces,
  asking,
  points: (points: number, outOf: number) => `${points}/${outOf}`,
  verdicts: { right: 'right', partly: 'partly right', wrong: 'wrong', empty: 'empty', unmarked: 'not marked yet' },
} as const;
