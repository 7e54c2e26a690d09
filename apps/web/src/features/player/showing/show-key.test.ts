/** The keys of a show, and of a clicker. */
import type { Show } from './use-show';
import { showKey } from './show-key';

function show(shared: Partial<Show['shared']> = {}, hand: Show['hand'] = 'press') {
  const did: string[] = [];
  const noted =
    (name: string) =>
    (what?: unknown): void =>
      void did.push(what === undefined ? name : `${name} ${JSON.stringify(what)}`);
  const keyed = {
    walk: { step: noted('step') },
    shared: { black: false, whole: false, goesOn: false, strokes: [], ...shared },
    set: noted('set'),
    hand,
    setHand: noted('hand'),
    setGoesOn: noted('goes on'),
  } as unknown as Show;
  const acts = {
    onLink: noted('link'),
    onFull: noted('full'),
    onFind: noted('find'),
    onHelp: noted('help'),
    onLeave: noted('leave'),
  };
  return { press: (key: string, presses = false) => showKey(key, presses, keyed, acts), did };
}
const doneBy = (key: string, ...at: Parameters<typeof show>) => {
  const { press, did } = show(...at);
  expect(press(key)).toBe(true);
  return did;
};

test.each(['ArrowRight', 'PageDown', ' '])('“%s” goes on, also from a clicker', (key) => {
  expect(doneBy(key)).toEqual(['step {"type":"next"}']);
});

test.each(['ArrowLeft', 'PageUp', 'Backspace'])('“%s” goes back', (key) => {
  expect(doneBy(key)).toEqual(['step {"type":"back"}']);
});

test('Home begins again', () => expect(doneBy('Home')).toEqual(['step {"type":"restart"}']));

test('the space bar presses what has the focus, and is then no step', () => {
  const { press, did } = show();
  expect(press(' ', true)).toBe(false);
  expect(did).toEqual([]);
});

test('a key switches on what is off, and off what is on', () => {
  expect(doneBy('b')).toEqual(['set {"black":true}']);
  expect(doneBy('.', { black: true })).toEqual(['set {"black":false}']);
  expect(doneBy('o')).toEqual(['set {"whole":true}']);
  expect(doneBy('a', { goesOn: true })).toEqual(['goes on false']);
  expect(doneBy('p')).toEqual(['hand "pen"']);
  expect(doneBy('p', {}, 'pen')).toEqual(['hand "press"']);
  expect(doneBy('x', {}, 'pen')).toEqual(['hand "pointer"']);
});

test('ink is wiped away, and what stands beside the show is opened', () => {
  expect(doneBy('c')).toEqual(['set {"strokes":[]}']);
  expect([doneBy('f'), doneBy('g'), doneBy('?')]).toEqual([['full'], ['find'], ['help']]);
});

describe('Escape', () => {
  const inFull = { fullscreenElement: null as object | null };
  beforeEach(() => {
    inFull.fullscreenElement = null;
    Object.assign(globalThis, { document: inFull });
  });
  afterEach(() => Reflect.deleteProperty(globalThis, 'document'));

  test('leaves the show', () => expect(doneBy('Escape')).toEqual(['leave']));

  test('puts the pen away first', () => expect(doneBy('Escape', {}, 'pen')).toEqual(['hand "press"']));

  test('is the browser’s while it fills the screen', () => {
    inFull.fullscreenElement = {};
    const { press, did } = show();
    expect(press('Escape')).toBe(false);
    expect(did).toEqual([]);
  });
});

test('any other key is somebody else’s', () => {
  const { press, did } = show();
  expect(['q', 'Tab', 'Enter', 'ArrowUp'].map((key) => press(key))).toEqual([false, false, false, false]);
  expect(did).toEqual([]);
});

test('digits follow the links that are listed, and mean nothing where none are', () => {
  expect(doneBy('1')).toEqual(['link 0']);
  expect(doneBy('9')).toEqual(['link 8']);
  const { press, did } = show();
  expect(press('0')).toBe(false);
  expect(did).toEqual([]);
});
