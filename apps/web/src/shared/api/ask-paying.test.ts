/** Paying where very many come in from one address. */
import { isTollPaid, payToll, type Toll } from '@gobrel/core/toll';
import { askPaying } from './ask-paying';
import { Refusal } from './client';

const fetched = jest.spyOn(globalThis, 'fetch');
afterAll(() => fetched.mockRestore());
beforeEach(() => fetched.mockReset());

const minute = Math.floor(Date.now() / 60_000);
const wanted = (bits: number) =>
  new Response(JSON.stringify({ status: 429, code: 'toll', values: { minute, bits } }), { status: 429 });
const done = () => new Response('{"id":"kit"}', { status: 200 });
const pay = (purpose: string, toll: Toll) => Promise.resolve(payToll(purpose, toll));
const sent = (time: number) => {
  const body = fetched.mock.calls[time]?.[1]?.body;
  return JSON.parse(typeof body === 'string' ? body : '{}') as { readonly name: string; readonly toll?: string };
};

test('nothing is paid where nothing is wanted, and nobody is told to wait', async () => {
  fetched.mockResolvedValueOnce(done());
  const onWait = jest.fn();
  expect(await askPaying('/join/guest', { name: 'Kit' }, { purpose: 'guest', onWait, pay })).toEqual({ id: 'kit' });
  expect(sent(0)).toEqual({ name: 'Kit' });
  expect(onWait).not.toHaveBeenCalled();
});

test('what is wanted is paid and sent along, also when it has become dearer', async () => {
  fetched.mockResolvedValueOnce(wanted(4)).mockResolvedValueOnce(wanted(8)).mockResolvedValueOnce(done());
  const onWait = jest.fn();
  await askPaying('/join/guest', { name: 'Kit' }, { purpose: 'guest', onWait, pay });
  expect(onWait).toHaveBeenCalledTimes(2);
  expect(isTollPaid('guest', { minute, bits: 8 }, sent(2).toll ?? '', Date.now())).toBe(true);
  expect(sent(2).name).toBe('Kit');
});

test('it is given up after some times, and anything else is told at once', async () => {
  fetched.mockImplementation(() => Promise.resolve(wanted(1)));
  const asking = askPaying('/join/guest', {}, { purpose: 'guest', onWait: () => undefined, pay });
  await expect(asking).rejects.toBeInstanceOf(Refusal);
  expect(fetched).toHaveBeenCalledTimes(4);
  fetched.mockReset();
  fetched.mockResolvedValueOnce(new Response('{"status":409,"code":"full"}', { status: 409 }));
  const full = askPaying('/join/guest', {}, { purpose: 'guest', onWait: () => undefined, pay });
  await expect(full).rejects.toMatchObject({ problem: { code: 'full' } });
  expect(fetched).toHaveBeenCalledTimes(1);
});
