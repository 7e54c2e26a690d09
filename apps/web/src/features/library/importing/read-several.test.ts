import { NotReadable } from '../../../shared/deck-files';
import { messages } from '../../../shared/messages';
import { readSeveral } from './read-several';

const says = messages.library.import;
const read = async (name: string): Promise<number> => {
  await Promise.resolve();
  if (name === 'locked.pdf') throw new NotReadable(says.pdfLocked({ name }));
  if (name === 'odd.md') throw new Error('the worker failed');
  return name.length;
};
const named = (name: string) => name;

test('what cannot be read is told by its name, and the others are read', async () => {
  const { signal } = new AbortController();
  expect(await readSeveral(['a.odp', 'locked.pdf', 'odd.md', 'bc.odp'], named, read, signal)).toEqual({
    read: [5, 6],
    refused: [says.pdfLocked({ name: 'locked.pdf' }), says.notRead({ name: 'odd.md' })],
  });
});

test('who stops it stops all of it', async () => {
  const stopping = new AbortController();
  const begun: string[] = [];
  const stopped = readSeveral(
    ['a.odp', 'b.odp'],
    named,
    (name) => {
      begun.push(name);
      stopping.abort();
      return Promise.reject(new DOMException('stopped', 'AbortError'));
    },
    stopping.signal,
  );
  await expect(stopped).rejects.toThrow('stopped');
  expect(begun).toEqual(['a.odp']);
});
