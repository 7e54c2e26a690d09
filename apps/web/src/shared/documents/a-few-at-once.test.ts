import fc from 'fast-check';
import { aFewAtOnce } from './a-few-at-once';

const turns = async (count: number) => {
  for (let turn = 0; turn < count; turn += 1) await Promise.resolve();
};

test('everything is done in its order, and no more at once than was said', async () => {
  const cases = fc.record({ lasts: fc.array(fc.nat(20), { maxLength: 30 }), atOnce: fc.integer({ min: 1, max: 5 }) });
  await fc.assert(
    fc.asyncProperty(cases, async ({ lasts, atOnce }) => {
      let underWay = 0;
      let most = 0;
      const { done, isWhole } = await aFewAtOnce([...lasts.entries()], atOnce, async ([at, lasting]) => {
        underWay += 1;
        most = Math.max(most, underWay);
        await turns(lasting);
        underWay -= 1;
        return at;
      });
      expect(done).toEqual([...lasts.keys()]);
      expect(isWhole).toBe(true);
      expect(most).toBe(Math.min(atOnce, lasts.length));
    }),
  );
});

test('what ends it lets nothing more begin, and what comes before it is kept', async () => {
  const begun: number[] = [];
  const ended = await aFewAtOnce([0, 1, 2, 3, 4, 5], 2, async (each) => {
    begun.push(each);
    await turns(each === 2 ? 1 : 4);
    return each === 2 ? null : each;
  });
  expect(ended).toEqual({ done: [0, 1], isWhole: false });
  expect(begun).toEqual([0, 1, 2, 3]);
});

test('what goes wrong is thrown, and lets nothing more begin', async () => {
  const begun: number[] = [];
  const broken = aFewAtOnce([0, 1, 2, 3], 2, (each) => {
    begun.push(each);
    return each === 1 ? Promise.reject(new Error('broken')) : Promise.resolve(each);
  });
  await expect(broken).rejects.toThrow('broken');
  await turns(10);
  expect(begun.length).toBeLessThan(4);
});

test('nothing at all is whole', async () => {
  expect(await aFewAtOnce([], 3, () => Promise.resolve(1))).toEqual({ done: [], isWhole: true });
});
