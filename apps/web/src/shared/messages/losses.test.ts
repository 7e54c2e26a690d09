import type { Loss } from '@gobrel/core/formats';
import { lossInWords } from './losses';

test.each<[Loss, string]>([
  [{ code: 'no-text' }, 'It has no text.'],
  [{ code: 'only-first-rows', most: 1000 }, 'Only the first 1000 rows were read.'],
  [{ code: 'no-choice', text: 'D' }, 'The key “D” matches no choice.'],
  [{ code: 'no-place', kind: 'video' }, 'Video items have no place in a file of questions.'],
  [{ code: 'read-without', parts: ['key', 'picture'] }, 'Read without: key, picture.'],
  [{ code: 'written-without', parts: ['hints', 'checks'] }, 'Written without its hints, number of checks.'],
  [
    { code: 'no-package', why: { code: 'xml', fault: 'empty' } },
    'This is neither a content package nor an item. It cannot be read: it is empty.',
  ],
])('%j reads “%s”', (loss, said) => {
  expect(lossInWords(loss)).toBe(said);
});
