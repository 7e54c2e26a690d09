/** What the check measures, against what can be counted by hand or tried place by place. */
import fc from 'fast-check';
import {
  contrastOf,
  PLAIN_LOOK,
  plainText,
  type RichText,
  shapeContains,
  shapeNames,
  sharedShapeArea,
  USUAL_CHECK,
} from '../deck/index.js';
import { containsPoint, type Frame } from '../geometry/index.js';
import { DeckBuilder } from '../testing/index.js';
import { colourBehind } from './measuring/behind.js';
import { roomOf } from './measuring/letter-room.js';
import { yearsToRead } from './measuring/readability.js';
import { isOpaque, over, type Samples } from './measuring/samples.js';
import { leastLetters, readFrom } from './measuring/seen-from.js';
import { sharedArea, uncoveredArea } from './measuring/shared-area.js';
import { timeToWork } from './measuring/time-to-work.js';
import { lookAtSlide } from './slide-look.js';

const side = fc.integer({ min: 20, max: 300 });
const anyFrame: fc.Arbitrary<Frame> = fc.record({
  x: fc.integer({ min: 0, max: 300 }),
  y: fc.integer({ min: 0, max: 300 }),
  width: side,
  height: side,
  rotation: fc.integer({ min: 0, max: 359 }),
});
const fonts = { headingFont: 'heading', textFont: 'text' } as const;
const given = (colours: (id: string) => Samples | null = () => null) => ({ settings: USUAL_CHECK, colours });

describe('the area that two frames share', () => {
  test('is what places tried one by one say', () => {
    fc.assert(
      fc.property(anyFrame, anyFrame, (a, b) => {
        const step = 4;
        let within = 0;
        for (let x = -300; x < 900; x += step)
          for (let y = -300; y < 900; y += step) {
            const place = { x: x + step / 2, y: y + step / 2 };
            if (containsPoint(a, place) && containsPoint(b, place)) within += step * step;
          }
        const least = Math.min(a.width * a.height, b.width * b.height);
        expect(Math.abs(sharedArea(a, b) - within)).toBeLessThan(0.12 * least + 8 * 4 * 60);
      }),
      { numRuns: 40 },
    );
  });

  test('is the same both ways, all of a frame with itself, and none of what is apart', () => {
    fc.assert(
      fc.property(anyFrame, anyFrame, (a, b) => {
        expect(sharedArea(a, b)).toBeCloseTo(sharedArea(b, a), 4);
        expect(sharedArea(a, a)).toBeCloseTo(a.width * a.height, 4);
        expect(sharedArea(a, { ...b, x: b.x + 5000 })).toBe(0);
      }),
    );
  });
});

describe('the area of a frame that others leave open', () => {
  test('is what places tried one by one say', () => {
    fc.assert(
      fc.property(anyFrame, fc.array(anyFrame, { maxLength: 4 }), (frame, covers) => {
        const step = 8;
        let open = 0;
        for (let x = -300; x < 900; x += step)
          for (let y = -300; y < 900; y += step) {
            const place = { x: x + step / 2, y: y + step / 2 };
            const isOpen = containsPoint(frame, place) && !covers.some((cover) => containsPoint(cover, place));
            if (isOpen) open += step * step;
          }
        const edges = [frame, ...covers].reduce((sum, { width, height }) => sum + 2 * (width + height), 0);
        expect(Math.abs(uncoveredArea(frame, covers) - open)).toBeLessThan(step * edges);
      }),
      { numRuns: 40 },
    );
  });

  test('with what lies apart is all of it, and with one that covers it none', () => {
    fc.assert(
      fc.property(anyFrame, anyFrame, (frame, other) => {
        const whole = frame.width * frame.height;
        expect(uncoveredArea(frame, [{ ...other, x: other.x + 5000 }])).toBeCloseTo(whole, 4);
        expect(uncoveredArea(frame, [other, frame])).toBeCloseTo(0, 4);
        expect(uncoveredArea(frame, [other]) + sharedArea(frame, other)).toBeCloseTo(whole, 4);
      }),
    );
  });
});

describe('the area that two shapes share as they are drawn', () => {
  test('is what places tried one by one say', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...shapeNames),
        anyFrame,
        fc.constantFrom(...shapeNames),
        anyFrame,
        (shape, frame, other, otherFrame) => {
          const step = 10;
          let within = 0;
          for (let x = -200; x < 800; x += step)
            for (let y = -200; y < 800; y += step) {
              const place = { x: x + step / 2, y: y + step / 2 };
              if (shapeContains(shape, frame, place) && shapeContains(other, otherFrame, place)) within += step * step;
            }
          const edges = 4 * (frame.width + frame.height + otherFrame.width + otherFrame.height);
          const shared = sharedShapeArea({ shape, frame }, { shape: other, frame: otherFrame });
          expect(Math.abs(shared - within)).toBeLessThan(step * edges);
        },
      ),
      { numRuns: 30 },
    );
  });

  test('of two ellipses whose boxes meet at a corner is none, where the boxes share some', () => {
    const [a, b] = [
      { x: 0, y: 0, width: 200, height: 200, rotation: 0 },
      { x: 175, y: 175, width: 200, height: 200, rotation: 0 },
    ];
    expect(sharedArea(a, b)).toBeCloseTo(625, 4);
    expect(sharedShapeArea({ shape: 'ellipse', frame: a }, { shape: 'ellipse', frame: b })).toBe(0);
  });
});

describe('the room that words take', () => {
  const room = (text: string | RichText, width: number, look = {}) =>
    roomOf(typeof text === 'string' ? plainText(text) : text, { ...PLAIN_LOOK, size: 20, ...look }, fonts, width);

  test('is a line a line: of so many letter sizes, and one more for each that does not fit', () => {
    expect(room('tide', 400).height).toBe(25);
    expect(room('tide\nturns', 400).height).toBe(50);
    expect(room('tide', 400, { heading: true }).height).toBeCloseTo(22);
    expect(room('tide', 400, { lineSpacing: 2 }).height).toBe(40);
    const two = room('mud mud mud mud mud mud', 150).height;
    expect(two).toBe(50);
  });

  test('never gets less when the column gets narrower, nor when words are added', () => {
    const text = fc.array(fc.stringMatching(/^[a-z]{1,9}$/), { minLength: 1, maxLength: 30 });
    fc.assert(
      fc.property(text, fc.integer({ min: 60, max: 800 }), fc.integer({ min: 1, max: 200 }), (words, width, less) => {
        const all = words.join(' ');
        expect(room(all, Math.max(40, width - less)).height).toBeGreaterThanOrEqual(room(all, width).height);
        expect(room(`${all} more`, width).height).toBeGreaterThanOrEqual(room(all, width).height);
      }),
    );
  });

  test('a word without a break is broken; lists are set in; larger letters make their line higher', () => {
    expect(room('m'.repeat(60), 200).height).toBeGreaterThan(100);
    const list: RichText = {
      type: 'doc',
      content: [
        { type: 'bulletList', content: [{ type: 'listItem', content: plainText('w '.repeat(18).trim()).content }] },
      ],
    };
    expect(room(list, 300).height).toBeGreaterThan(room('w '.repeat(18).trim(), 330).height - 1);
    const large: RichText = {
      type: 'doc',
      content: [
        {
          type: 'paragraph',
          content: [
            { type: 'text', text: 'a ' },
            {
              type: 'text',
              text: 'b',
              marks: [{ type: 'textStyle', attrs: { color: null, fontSize: 40, font: null } }],
            },
          ],
        },
      ],
    };
    expect(room(large, 400).height).toBe(50);
  });
});

describe('what is behind a place', () => {
  const { deck } = new DeckBuilder()
    .slide('creek', { background: '#ffffff', wash: { to: '#000000', angle: 90 } })
    .item('glass', 'shape', {
      frame: { x: 0, y: 0, width: 400, height: 720, rotation: 0 },
      fields: { shape: 'sharp-rectangle', fill: '#ff0000', opacity: 0.5 },
    })
    .item('owl', 'picture', {
      frame: { x: 800, y: 0, width: 400, height: 400, rotation: 180 },
      fields: { picture: 'b'.repeat(64), shape: 'sharp-rectangle', crop: { x: 0.5, y: 0, width: 0.5, height: 1 } },
    })
    .item('words', 'text');
  const look = lookAtSlide(deck, 'creek');
  const words = deck.items['words'];
  if (!look || !words) throw new Error('there is no slide');
  /** Four colours side by side. */
  const samples: Samples = {
    width: 4,
    height: 1,
    values: [255, 0, 0, 255, 0, 255, 0, 255, 0, 0, 255, 255, 9, 9, 9, 0],
  };
  const at = (x: number, y: number) =>
    colourBehind(
      look,
      words,
      { x, y },
      false,
      given(() => samples),
    );

  test('is the run of its ground, what is half seen through over it, and the part of a picture that is shown', () => {
    expect(at(640, 360)).toBe('#808080');
    expect(at(0, 360)).toBe('#ff8080');
    // Turned about, the left is the right: of the shown half it is what nothing covers, and the ground is seen.
    expect(at(850, 200)).toBe(at(850, 600));
    expect(at(1150, 200)).toBe('#0000ff');
  });

  test('is not known where a picture has not been read', () => {
    expect(colourBehind(look, words, { x: 1150, y: 200 }, false, given())).toBeNull();
  });

  test('a colour over another one lies between both', () => {
    const colour = fc.integer({ min: 0, max: 0xffffff }).map((value) => `#${value.toString(16).padStart(6, '0')}`);
    fc.assert(
      fc.property(colour, colour, fc.double({ min: 0, max: 1, noNaN: true }), (above, below, opacity) => {
        const mixed = over(above, opacity, below);
        expect(contrastOf(mixed, below)).toBeLessThanOrEqual(contrastOf(above, below) + 0.2);
        expect(over(above, 1, below)).toBe(above);
        expect(over(above, 0, below)).toBe(below);
      }),
    );
    expect([isOpaque(samples), isOpaque({ ...samples, values: [1, 2, 3, 255] })]).toEqual([false, true]);
  });
});

test('letters that the last row can read grow with its distance, and are read from there', () => {
  const { deck } = new DeckBuilder().slide('creek');
  const size = leastLetters(deck, USUAL_CHECK);
  expect(size).toBeCloseTo(21.3, 1);
  expect(leastLetters(deck, { ...USUAL_CHECK, distance: 12 })).toBeCloseTo(2 * size);
  expect(leastLetters(deck, { ...USUAL_CHECK, screenWidth: 4.8 })).toBeCloseTo(size / 2);
  expect(readFrom(deck, size, USUAL_CHECK)).toBeCloseTo(USUAL_CHECK.distance);
});

test('years at school by language; nothing is said of a few words, nor of a language without a measure', () => {
  const easy = 'The cat sat on the mat. The dog ran to the cat. The cat ran up the tree and sat there.';
  const hard =
    'Environmental considerations necessitate comprehensive institutional collaboration regarding intertidal sedimentation and ecological interdependence.';
  const years = (text: string, language = 'en-GB') => yearsToRead(text, language) ?? NaN;
  expect(years(easy)).toBeLessThan(3);
  expect(years(hard)).toBeGreaterThan(12);
  const facil = 'El gato está en la mesa. El perro come pan. La casa es roja y el sol sale. Mi mamá me ama.';
  const dificil =
    'Consideraciones medioambientales extraordinariamente significativas condicionan la interdependencia ecológica institucionalizada de comunidades intermareales.';
  expect(years(facil, 'es')).toBeLessThan(years(dificil, 'es'));
  expect(
    years('Der Hund läuft. Die Katze schläft. Das Haus ist rot. Wir gehen alle nach Hause und essen.', 'de'),
  ).toBeLessThan(4);
  expect([yearsToRead('Look here.', 'en'), yearsToRead(easy, 'fi')]).toEqual([null, null]);
});

test('a deck takes as long as its words, what plays and what is filled in', () => {
  const { deck } = new DeckBuilder()
    .slide('creek')
    .item('film', 'video', { fields: { seconds: 60, ends: 40 } })
    .item('tell', 'long-text')
    .slide('left-out', { leftOut: true })
    .item('more', 'long-text');
  expect(timeToWork(deck)).toBe(4 + 40 + 240);
});
