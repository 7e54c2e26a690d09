import { DeckBuilder } from '../../testing/index.js';
import {
  applyChanges,
  duplicateSlide,
  filesIn,
  isMedia,
  mediaIn,
  nameOf,
  peaksOf,
  playedSeconds,
  readItem,
  readSlide,
  removeItems,
  withoutPictures,
} from '../index.js';

const file = 'a'.repeat(64);
const readSound = (fields: object) => readItem('s', { kind: 'sound', slideId: 'creek', rank: 'a0', ...fields });

describe('videos and sounds', () => {
  test('are read with defaults, and only what can be played and stored', () => {
    expect(
      readSound({ file: 'https://elsewhere.example/song.mp3', volume: 7, plays: 99, along: 3, fades: -2 }),
    ).toMatchObject({
      file: '',
      volume: 1,
      plays: 30,
      along: null,
      fades: 0,
      yields: true,
      captions: [],
      controls: true,
    });
    // A part that ends before it begins is played to its end.
    expect(readSound({ starts: 5, ends: 4 })).toMatchObject({ starts: 5, ends: null });
  });

  test('how long they play is the part between the handles', () => {
    expect(playedSeconds({ seconds: 20, starts: 3, ends: 12.5 })).toBe(9.5);
    expect(playedSeconds({ seconds: 20, starts: 3, ends: null })).toBe(17);
    expect(playedSeconds({ seconds: 0, starts: 3, ends: null })).toBe(0);
  });

  test('files of sounds and voices belong to the deck, each once, with their bytes', () => {
    const voice = { file: 'b'.repeat(64), seconds: 4, bytes: 4000 };
    const { deck } = new DeckBuilder()
      .slide('creek', { voice })
      .item('splash', 'sound', { fields: { file, fileName: 'splash.wav', bytes: 9000 } })
      .slide('hide', { voice });
    expect([...filesIn(deck)].sort()).toEqual([file, voice.file]);
    expect(mediaIn(deck)).toEqual([
      { file, bytes: 9000 },
      { file: voice.file, bytes: 4000 },
    ]);
    const splash = deck.items['splash'];
    expect(splash && [isMedia(splash), nameOf(splash)]).toEqual([true, 'splash.wav']);
    // A voice that is somebody else's is not heard.
    const refused = applyChanges(deck, withoutPictures(deck, [voice.file]));
    expect(Object.values(refused.slides).map((slide) => slide.voice)).toEqual([null, null]);
    expect(refused.items['splash']).toBeDefined();
    const copied = applyChanges(
      deck,
      duplicateSlide(deck, 'creek', { id: 'copy', name: 'Copy', createId: () => 'copied' }),
    );
    expect(copied.slides['copy']?.voice).toEqual(voice);
  });

  test('a sound goes along to the copy of a slide as it did to the slide, and stays when others go', () => {
    const { deck } = new DeckBuilder()
      .slide('creek')
      .item('wind', 'sound', { fields: { file, along: 'hide' } })
      .item('other', 'shape')
      .slide('hide');
    expect(applyChanges(deck, removeItems(deck, ['other'])).items['wind']).toMatchObject({ along: 'hide' });
  });

  test('a voice that names no stored file is none', () => {
    expect(readSlide('s', { voice: { file: 'x', seconds: 3 } }).voice).toBeNull();
    expect(readSlide('s', { voice: { file, seconds: 1e9, bytes: 5 } }).voice).toEqual({
      file,
      seconds: 1800,
      bytes: 5,
    });
  });
});

test('a sound is drawn by its loudest moments, against the loudest of all', () => {
  expect(peaksOf([0, 0.1, -0.4, 0.2, 0, 0, -0.2, 0], 4)).toEqual([0.25, 1, 0, 0.5]);
  expect(peaksOf([0, 0, 0], 3)).toEqual([0, 0, 0]);
  expect(peaksOf([], 2)).toEqual([0, 0]);
});
