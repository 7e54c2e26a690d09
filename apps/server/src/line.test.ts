import { Line, Lines } from './line.js';

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

test('tasks of one key wait for one another, those of others go on, and nothing is kept of what is done', async () => {
  const lines = new Lines();
  const done: string[] = [];
  let goOn: () => void = () => undefined;
  const held = lines.run('6 Heron', () => new Promise<void>((resolve) => (goOn = resolve)));
  const behind = lines.run('6 Heron', () => done.push('behind'));
  await lines.run('7 Curlew', () => done.push('beside'));
  expect(done).toEqual(['beside']);
  expect(lines.size).toBe(1);
  goOn();
  await Promise.all([held, behind]);
  expect(done).toEqual(['beside', 'behind']);
  await expect(lines.run('6 Heron', () => Promise.reject(new Error('broken')))).rejects.toThrow('broken');
  expect(lines.size).toBe(0);
});
