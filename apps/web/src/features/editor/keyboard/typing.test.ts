import { writesLetter } from './typing';

const key = (name: string, held: readonly string[] = []) =>
  writesLetter({
    key: name,
    ctrlKey: held.includes('Control'),
    metaKey: held.includes('Meta'),
    altKey: held.includes('Alt'),
    getModifierState: (modifier: string) => held.includes(modifier),
  } as KeyboardEvent);

test('letters, digits and signs of any script are written', () => {
  expect(['a', 'Z', '7', 'é', '漢', '𝒳', '?', '+'].map((each) => key(each))).toEqual(Array(8).fill(true));
});

test('the space, arrows and other keys with names write nothing', () => {
  expect([' ', 'Enter', 'ArrowLeft', 'F5', 'Dead'].map((each) => key(each))).toEqual(Array(5).fill(false));
});

test('with a key held that makes it a command it writes nothing; with the one for further signs it does', () => {
  expect([key('c', ['Control']), key('c', ['Meta']), key('c', ['Alt'])]).toEqual([false, false, false]);
  expect(key('@', ['AltGraph', 'Control', 'Alt'])).toBe(true);
});
