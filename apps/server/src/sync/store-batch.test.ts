import { StoreBatch, type StoredState } from './store-batch.js';

const row = (name: string): StoredState => ({
  name,
  state: Buffer.from([0]),
  snapshot: '{}',
  updatedAt: new Date(0),
});

/** A database that takes every row but one, and refuses whatever comes together with it. */
function databaseThatRefuses(refused: string) {
  const kept: string[] = [];
  const query = (_statement: string, [names]: [string[]]) => {
    if (names.includes(refused)) return Promise.reject(new Error('cannot be stored'));
    kept.push(...names);
    return Promise.resolve([]);
  };
  return { kept, database: { query } as ConstructorParameters<typeof StoreBatch>[0] };
}

test('one document that cannot be stored, or read, holds back no other', async () => {
  const { kept, database } = databaseThatRefuses('bad');
  const batch = new StoreBatch(database);
  const outcomes = await Promise.allSettled([
    batch.add('eel', () => row('eel')),
    batch.add('bad', () => row('bad')),
    batch.add('unread', () => {
      throw new RangeError('too deep');
    }),
    batch.add('crab', () => row('crab')),
  ]);
  expect(outcomes.map(({ status }) => status)).toEqual(['fulfilled', 'rejected', 'rejected', 'fulfilled']);
  expect(kept).toEqual(['eel', 'crab']);
  await batch.add('tern', () => row('tern'));
  expect(kept).toEqual(['eel', 'crab', 'tern']);
});
