import { Line } from './line.js';

test('tasks run in the order they come, however long each takes', async () => {
  const line = new Line();
  const done: string[] = [];
  const task = (name: string, rounds: number) =>
    line.run(async () => {
      for (let round = 0; round < rounds; round += 1) await Promise.resolve();
      done.push(name);
    });
  await Promise.all([task('long', 50), task('short', 1), task('at once', 0)]);
  expect(done).toEqual(['long', 'short', 'at once']);
});

test('what a task throws reaches who waits for it, and holds back nobody', async () => {
  const line = new Line();
  const failed = line.run(() => Promise.reject(new Error('broken')));
  const after = line.run(() => 'fine');
  await expect(failed).rejects.toThrow('broken');
  await expect(after).resolves.toBe('fine');
});

test('who waits for a task does what follows before the next one begins', async () => {
  const line = new Line();
  const done: string[] = [];
  const first = line
    .run(() => 'first')
    .then((said) => Promise.resolve(said))
    .then((said) => done.push(said));
  const second = line.run(() => done.push('second'));
  await Promise.all([first, second]);
  expect(done).toEqual(['first', 'second']);
});
