import type { Stop } from '@gobrel/core/show';
import fc from 'fast-check';
import { StepSender } from './step-sender';

const stop = (slideId: string): Stop => ({ slideId, viewpointId: null, appeared: 0 });
const settled = () => new Promise((resolve) => setImmediate(resolve));

test('steps are sent one at a time, and what was passed meanwhile is left out', async () => {
  const sent: string[] = [];
  let answer: () => void = () => undefined;
  const sender = new StepSender(({ slideId }) => {
    sent.push(slideId);
    return new Promise<void>((resolve) => (answer = resolve));
  });
  ['gate', 'fork', 'hide', 'otter'].forEach((id) => sender.tell(stop(id)));
  expect(sent).toEqual(['gate']);
  answer();
  await settled();
  expect(sent).toEqual(['gate', 'otter']);
  answer();
  await settled();
  sender.tell(stop('otter'));
  expect(sent).toEqual(['gate', 'otter']);
});

test('a step that was lost is sent again once the show is said to be there', async () => {
  const sent: string[] = [];
  const sender = new StepSender(({ slideId }) => {
    sent.push(slideId);
    return sent.length === 1 ? Promise.reject(new Error('lost')) : Promise.resolve();
  });
  sender.tell(stop('gate'));
  await settled();
  expect(sent).toEqual(['gate']);
  sender.tell(stop('gate'));
  await settled();
  sender.tell(stop('gate'));
  expect(sent).toEqual(['gate', 'gate']);
});

test('wherever the show went and whatever failed, the last one sent is where it is', () =>
  fc.assert(
    fc.asyncProperty(
      fc.array(fc.tuple(fc.constantFrom('a', 'b', 'c'), fc.boolean()), { minLength: 1 }),
      async (steps) => {
        const sent: string[] = [];
        const fails = steps.map(([, isLost]) => isLost);
        const sender = new StepSender(({ slideId }) => {
          sent.push(slideId);
          return fails[sent.length - 1] ? Promise.reject(new Error('lost')) : Promise.resolve();
        });
        for (const [id] of steps) sender.tell(stop(id));
        for (const _ of steps) await settled();
        expect(sent.at(-1)).toBe(steps.at(-1)?.[0]);
      },
    ),
  ));
