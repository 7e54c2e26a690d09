import { UpdateQueue } from './update-queue.js';

const bytes = new Uint8Array([1]);

/** A database that refuses a row for good, and is away for some attempts. */
function database({ refuses = '', away = 0 }: { readonly refuses?: string; readonly away?: number }) {
  const groups: string[][] = [];
  const kept: string[] = [];
  let left = away;
  const retries: unknown[] = [];
  const queue = new UpdateQueue({
    write: async (rows) => {
      await new Promise((resolve) => setImmediate(resolve));
      if (left > 0) {
        left -= 1;
        throw new Error('away');
      }
      const names = rows.map(({ name }) => name);
      groups.push(names);
      if (names.includes(refuses)) return new TypeError('cannot be stored');
      kept.push(...names);
      return null;
    },
    isForGood: (error) => error instanceof TypeError,
    onRetry: (error) => retries.push(error),
    pause: 0,
  });
  return { groups, kept, retries, queue };
}

test('a lone row goes at once; what comes meanwhile goes together, in its order', async () => {
  const { groups, queue } = database({});
  await Promise.all(['eel', 'crab', 'tern'].map((name) => queue.add({ name, bytes })));
  expect(groups).toEqual([['eel'], ['crab', 'tern']]);
  expect(queue.bytes).toBe(0);
});

test('a row that cannot be stored holds back no other', async () => {
  const { kept, queue } = database({ refuses: 'bad' });
  const outcomes = await Promise.allSettled(['eel', 'crab', 'bad', 'tern'].map((name) => queue.add({ name, bytes })));
  expect(outcomes.map(({ status }) => status)).toEqual(['fulfilled', 'fulfilled', 'rejected', 'fulfilled']);
  expect(kept).toEqual(['eel', 'crab', 'tern']);
});

test('while the database is away nothing is acknowledged, and everything is once it is back', async () => {
  const { kept, retries, queue } = database({ away: 3 });
  await Promise.all(['eel', 'crab'].map((name) => queue.add({ name, bytes })));
  expect(kept).toEqual(['eel', 'crab']);
  expect(retries).toHaveLength(3);
});

test('when the server stops while the database is away, nothing is said to be stored', async () => {
  const { kept, queue } = database({ away: Infinity });
  const outcome = Promise.allSettled([queue.add({ name: 'eel', bytes })]);
  queue.stop();
  expect((await outcome).map(({ status }) => status)).toEqual(['rejected']);
  expect(kept).toEqual([]);
});

test('a group is bounded by rows and by bytes', async () => {
  const { groups, queue } = database({});
  const large = new Uint8Array(5 * 1024 * 1024);
  await Promise.all([
    ...['a', 'b', 'c'].map((name) => queue.add({ name, bytes: large })),
    ...Array.from({ length: 600 }, () => queue.add({ name: 'd', bytes })),
  ]);
  expect(groups.map((group) => group.length)).toEqual([1, 1, 500, 101]);
});
