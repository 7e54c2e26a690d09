import { withRetries } from './retry';

/** A file that arrives at the given try. */
function arrivingAt(tries: number): () => Promise<string> {
  let count = 0;
  return () => {
    count += 1;
    return count >= tries ? Promise.resolve('here') : Promise.reject(new Error(`try ${count}`));
  };
}

test('a part that does not arrive at once is asked for again, later each time', async () => {
  const waits: number[] = [];
  const wait = (ms: number) => Promise.resolve(waits.push(ms));
  expect(await withRetries(arrivingAt(1), wait)).toBe('here');
  expect(waits).toEqual([]);
  expect(await withRetries(arrivingAt(4), wait)).toBe('here');
  expect(waits).toHaveLength(3);
  expect(waits).toEqual([...waits].sort((a, b) => a - b));
});

test('a part that never arrives is given up with the last reason', async () => {
  await expect(withRetries(arrivingAt(99), () => Promise.resolve())).rejects.toThrow('try 5');
});
