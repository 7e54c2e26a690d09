import fc from 'fast-check';
import {
  captionLimits,
  inOrder,
  momentInWords,
  readCaptions,
  readMoment,
  readVtt,
  saidAt,
  transcriptOf,
  writeVtt,
} from './captions.js';

const words = fc
  .array(fc.stringMatching(/^[A-Za-zà-ÿ0-9<>&.,?! ]{1,24}$/), { minLength: 1, maxLength: 3 })
  .map((lines) => lines.map((line) => line.trim()).filter(Boolean))
  .filter((lines) => lines.length > 0 && !lines.some((line) => line.includes('-->')))
  .map((lines) => lines.join('\n'));
const caption = fc
  .tuple(fc.integer({ min: 0, max: 36_000_000 }), fc.integer({ min: 1, max: 60_000 }), words)
  .map(([from, lasts, text]) => ({ from: from / 1000, to: (from + lasts) / 1000, text }));

describe('captions', () => {
  test('written as WebVTT and read again are the same, to the thousandth of a second', () => {
    fc.assert(
      fc.property(fc.array(caption, { minLength: 1, maxLength: 12 }), (made) => {
        const captions = inOrder(made);
        expect(readVtt(writeVtt(captions))).toEqual(captions);
      }),
    );
  });

  test('any moment is written so that it is read again', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 300_000_000 }), (thousandths) => {
        expect(readMoment(momentInWords(thousandths / 1000))).toBeCloseTo(thousandths / 1000, 6);
      }),
    );
    expect([momentInWords(65.25), momentInWords(3725), momentInWords(59.9996), momentInWords(9, false)]).toEqual([
      '1:05.250',
      '1:02:05.000',
      '1:00.000',
      '0:09',
    ]);
    expect(['1:75', 'soon', '', '1:2:3:4', '-1:00'].map(readMoment)).toEqual([null, null, null, null, null]);
  });

  test('files by other programs are read: numbers, commas, settings, notes, marks within the words', () => {
    const file =
      '\uFEFFWEBVTT - from a recorder\r\nKind: captions\r\n\r\nNOTE\r\n00:00:01.000 --> 00:00:02.000 is no caption\r\n\r\nSTYLE\r\n::cue { color: red }\r\n\r\n' +
      '1\r\n00:01.500 --> 00:00:04.000 line:0 align:start\r\n<v Odile>Listen: a <i>heron</i> &amp; a rail</v>\r\n\r\n2\r\n00:00:05,000 --> 00:00:06,250\r\nSplash!';
    expect(readVtt(file)).toEqual([
      { from: 1.5, to: 4, text: 'Listen: a heron & a rail' },
      { from: 5, to: 6.25, text: 'Splash!' },
    ]);
    expect(readVtt('The tide comes in.')).toBeNull();
    expect(readVtt('WEBVTT\n\n00:05.000 --> 00:02.000\nbackwards')).toBeNull();
  });

  test('from anybody they come in the order of time, within bounds, and never without time', () => {
    const many = Array.from({ length: captionLimits.captions + 5 }, (_, at) => ({ from: at, to: at + 1, text: 'x' }));
    expect(readCaptions(many)).toHaveLength(captionLimits.captions);
    expect(
      readCaptions([
        { from: 4, to: 5, text: 'b'.repeat(900) },
        { from: 1, to: 2, text: 'a' },
        { from: 3, to: 3, text: 'c' },
        { from: -1, to: 2 },
        7,
        null,
      ]),
    ).toEqual([
      { from: 1, to: 2, text: 'a' },
      { from: 4, to: 5, text: 'b'.repeat(captionLimits.letters) },
    ]);
    expect(readCaptions('x')).toEqual([]);
  });

  test('what is said at a moment, and all of it to be read', () => {
    const captions = [
      { from: 1, to: 3, text: 'Listen.' },
      { from: 2, to: 4, text: 'A splash!' },
      { from: 5, to: 6, text: '  ' },
    ];
    expect([0.9, 1, 2.5, 3, 4].map((at) => saidAt(captions, at).map(({ text }) => text))).toEqual([
      [],
      ['Listen.'],
      ['Listen.', 'A splash!'],
      ['A splash!'],
      [],
    ]);
    expect(transcriptOf(captions)).toBe('Listen.\nA splash!');
  });
});
