import { emptyWork } from '@gobrel/core/work';
import { writeWorkFile } from '@gobrel/core/formats';
import { keyFor, readChosen } from './work-files';

const board = [
  { key: '1', name: 'Amaro Finch' },
  { key: '2', name: 'Ada Quill' },
  { key: '3', name: 'Ada Reed' },
  { key: '4', name: 'Zoë Marsh' },
];

test.each([
  ['Amaro Finch', '1'],
  [' amaro finch ', '1'],
  ['Amaro', '1'],
  ['zoe', '4'],
  ['Ada', ''],
  ['Ada Reed', '3'],
  ['', ''],
  ['Nobody', ''],
])('%s is whose line of the board is meant, if only one is', (name, key) => {
  expect(keyFor(name, board)).toBe(key);
});

test('files are read; what is no work says so', async () => {
  const text = writeWorkFile({ name: 'Ada', title: 'Tides', savedAt: 1, work: emptyWork });
  const [good, bad] = await readChosen([new File([text], 'ada.json'), new File(['{}'], 'other.json')]);
  expect(good).toMatchObject({ fileName: 'ada.json', read: { file: { name: 'Ada' } } });
  expect(bad).toEqual({ fileName: 'other.json', read: { fault: 'not-work' } });
});
