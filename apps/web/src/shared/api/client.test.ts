/** Talking to the server, and what is said when it does not answer. */
import { messages } from '../messages';
import { ask, libraryUrl, mayPass, messageOf, Refusal } from './client';
import { serverNow } from './clock';

const fetched = jest.spyOn(globalThis, 'fetch');
afterAll(() => fetched.mockRestore());
const answers = (status: number, body: string, headers: Record<string, string> = {}) =>
  fetched.mockResolvedValue(new Response(status === 204 ? null : body, { status, headers }));
const refusalOf = async (asking: Promise<unknown>): Promise<Refusal> => {
  const error: unknown = await asking.then(
    () => null,
    (reason: unknown) => reason,
  );
  if (!(error instanceof Refusal)) throw new Error('it was not refused');
  return error;
};

test('a question carries its body as JSON, and an answer is what the JSON says', async () => {
  answers(200, '{"id":"tides"}');
  expect(await ask('POST', '/decks', { title: 'Tides' })).toEqual({ id: 'tides' });
  const [address, init] = fetched.mock.calls.at(-1) ?? [];
  expect(address).toBe('/api/decks');
  expect(init).toMatchObject({ method: 'POST', body: '{"title":"Tides"}', credentials: 'same-origin' });
  expect(init?.headers).toEqual({ 'Content-Type': 'application/json' });
});

test('a file is sent as it is: the browser says what it is', async () => {
  answers(204, '');
  const form = new FormData();
  await ask('POST', '/pictures', form);
  const [, init] = fetched.mock.calls.at(-1) ?? [];
  expect(init?.body).toBe(form);
  expect(init?.headers).toBeUndefined();
});

test('an answer without words is none', async () => {
  answers(204, '');
  expect(await ask('DELETE', '/session')).toBeUndefined();
});

test('what the server refuses comes with its code and the faults of fields', async () => {
  answers(409, '{"status":409,"code":"address-taken","fields":{"email":"address-taken"}}');
  const { problem } = await refusalOf(ask('POST', '/accounts', {}));
  expect(problem).toEqual({ status: 409, code: 'address-taken', fields: { email: 'address-taken' } });
});

test('no answer, and one from somewhere else, are told as the server not being reached', async () => {
  fetched.mockRejectedValue(new TypeError('no network'));
  const away = await refusalOf(ask('GET', '/decks'));
  expect(away.problem).toEqual({ status: 0, code: 'offline' });
  answers(502, '<h1>Bad gateway</h1>');
  const elsewhere = await refusalOf(ask('GET', '/decks'));
  expect(elsewhere.problem).toEqual({ status: 502, code: 'offline' });
  expect(messageOf(elsewhere)).toBe(messageOf(away));
});

test('what may pass by itself is tried again; what was refused is not', () => {
  const refused = (status: number) => new Refusal({ status, code: 'offline' });
  expect([0, 500, 503].map((status) => mayPass(refused(status)))).toEqual([true, true, true]);
  expect([400, 403, 404, 409].map((status) => mayPass(refused(status)))).toEqual([false, false, false, false]);
  expect(mayPass(new Error('a bug'))).toBe(false);
  expect(messageOf(new Error('a bug'))).toBe(messages.common.somethingWrong);
});

test('the server’s clock is taken from what it answers, but for what an answer needs on its way', async () => {
  const ahead = async (by: number) => {
    answers(200, '{}', { date: new Date(Date.now() + by).toUTCString() });
    await ask('GET', '/session');
    return serverNow() - Date.now();
  };
  expect(Math.abs((await ahead(3_600_000)) - 3_600_000)).toBeLessThan(2_000);
  // One from before, out of a cache, has no date and says nothing.
  answers(200, '{}');
  await ask('GET', '/session');
  expect(serverNow() - Date.now()).toBeGreaterThan(3_000_000);
  const near = await ahead(3_600_000);
  expect(Math.abs((await ahead(3_600_800)) - near)).toBeLessThan(2_000);
  await ahead(0);
});

test('names of pictures are safe in addresses', () => {
  expect(libraryUrl('a b/c', 'small')).toBe('/api/picture-library/a%20b%2Fc/small');
});
