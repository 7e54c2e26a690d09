import { SecretsService } from './secrets.service.js';

test('who has much hashed waits for their own, and not others for them', async () => {
  const secrets = new SecretsService();
  const done: string[] = [];
  const loop = Array.from({ length: 40 }, (_, at) =>
    secrets.hashPassword(`guess ${at}`, 'a loop').then(() => done.push('loop')),
  );
  const other = secrets.hashPassword('a sentence by the sea', 'Odile').then((stored) => {
    done.push('Odile');
    return stored;
  });
  const stored = await other;
  expect(done.indexOf('Odile')).toBeLessThan(20);
  expect(await secrets.matches('a sentence by the sea', stored, 'Odile')).toBe(true);
  expect(await secrets.matches('another one', stored, 'Odile')).toBe(false);
  expect(await secrets.matches('a sentence by the sea', null, 'nobody')).toBe(false);
  await Promise.all(loop);
});
