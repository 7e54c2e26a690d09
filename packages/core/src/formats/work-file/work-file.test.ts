import { emptyWork } from '../../work/index.js';
import { readWorkFile, writeWorkFile } from './work-file.js';

const file = {
  name: 'Ada Finch',
  title: 'Tides',
  savedAt: 1_773_000_000_000,
  work: { ...emptyWork, blanks: { 'blank-low': 'low' }, walk: ['s'], seen: ['s'] },
};

test('what is written is read back', () => {
  expect(readWorkFile(writeWorkFile(file))).toEqual(file);
});

test.each([
  ['no JSON', 'PK…'],
  ['another JSON', '{"slides": {}}'],
  ['a list', '[1]'],
  ['nothing', 'null'],
  ['no version', '{"kind": "gobrel-work"}'],
])('%s is not work', (_what, text) => {
  expect(readWorkFile(text)).toEqual({ fault: 'not-work' });
});

test('a later version is said to be one', () => {
  expect(readWorkFile('{"kind": "gobrel-work", "version": 2}')).toEqual({ fault: 'newer' });
});

test('what was changed by hand is read as far as it can be', () => {
  const read = readWorkFile(
    JSON.stringify({
      kind: 'gobrel-work',
      version: 1,
      name: 7,
      savedAt: 'yesterday',
      work: { blanks: { 'a b': 3, low: 'x' } },
    }),
  );
  expect(read).toEqual({ name: '', title: '', savedAt: 0, work: { ...emptyWork, blanks: { low: 'x' } } });
});
