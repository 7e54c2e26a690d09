/** The HTTP API: tokens and what they allow, each operation as its document says it, and changes that would break scripts. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { MadeToken, NewToken, TokenView } from '@gobrel/contract';
import type {
  ApiClass,
  ApiDeck,
  ApiLesson,
  ApiLessonResults,
  ApiProblem,
  ApiWholeDeck,
  ApiWholeLesson,
} from '@gobrel/contract/api';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { DataSource } from 'typeorm';
import { breakingChanges, describeApi } from './api/describe-api.js';
import type { ApiDocument } from './api/document.js';
import { tokenScopes } from '@gobrel/contract';
import { TestServer, type Visitor } from './testing/test-server.js';

let server: TestServer;
let odile: Visitor;
beforeAll(async () => {
  server = await TestServer.startWithSample();
  odile = await server.odile();
});
afterAll(() => server.stop());

const make = async (terms: Partial<NewToken> = {}) =>
  (
    await odile.ask<MadeToken>('POST', '/api/accounts/tokens', {
      name: 'register',
      scopes: [...tokenScopes],
      days: 90,
      ...terms,
    })
  ).body;

/** Asks as a script does: with a token, and without cookies. */
async function script<T>(
  token: string,
  method: string,
  path: string,
  body?: object,
): Promise<{ readonly status: number; readonly body: T }> {
  const answer = await fetch(`${server.address}${path}`, {
    method,
    headers: { authorization: `Bearer ${token}`, ...(body ? { 'content-type': 'application/json' } : {}) },
    ...(body ? { body: JSON.stringify(body) } : {}),
  });
  return { status: answer.status, body: (await answer.json()) as T };
}

describe('a token', () => {
  test('is said once, allows what it says, and nothing once it is taken back', async () => {
    const { token, tokens } = await make({ name: 'reads decks', scopes: ['decks:read'], days: 7 });
    expect(token).toMatch(/^gobrel_[\w-]{43}$/);
    const own = tokens.find(({ name }) => name === 'reads decks');
    expect(own).toMatchObject({ scopes: ['decks:read'], lastUsedAt: null });
    expect(Date.parse(own?.expiresAt ?? '') - Date.now()).toBeGreaterThan(6.9 * 86_400_000);
    expect(JSON.stringify((await odile.ask('GET', '/api/accounts/tokens')).body)).not.toContain(token);
    expect((await script(token, 'GET', '/api/v1/decks')).status).toBe(200);
    const more = await script<ApiProblem>(token, 'GET', '/api/v1/classes');
    expect([more.status, more.body.code]).toEqual([403, 'scope-missing']);
    const used = (await odile.ask<TokenView[]>('GET', '/api/accounts/tokens')).body.find(({ id }) => id === own?.id);
    expect(used?.lastUsedAt).not.toBeNull();
    await odile.ask('DELETE', `/api/accounts/tokens/${own?.id}`);
    expect((await script<ApiProblem>(token, 'GET', '/api/v1/decks')).body.code).toBe('token-unknown');
  });

  test('ends on its day, and opens nothing but the API', async () => {
    const { token, tokens } = await make({ name: 'ends' });
    expect((await script(token, 'GET', '/api/decks')).status).toBe(401);
    expect((await script(token, 'POST', '/api/accounts/tokens', { name: 'x' })).status).toBe(401);
    const id = tokens.find(({ name }) => name === 'ends')?.id;
    await server.app.get(DataSource).query(`UPDATE api_token SET expires_at = now() WHERE id = $1`, [id]);
    expect((await script(token, 'GET', '/api/v1/decks')).status).toBe(401);
  });

  test('is somebody’s own: no other takes it back, cookies open nothing of the API, and there are not many', async () => {
    const other = await server.teacher();
    const { tokens, token } = await make({ name: 'mine' });
    await other.ask('DELETE', `/api/accounts/tokens/${tokens.find(({ name }) => name === 'mine')?.id}`);
    expect((await script(token, 'GET', '/api/v1/decks')).status).toBe(200);
    expect((await odile.ask('GET', '/api/v1/decks')).status).toBe(401);
    const asked = () => other.ask('POST', '/api/accounts/tokens', { name: 'x', scopes: ['decks:read'], days: 7 });
    for (let count = 0; count < 20; count += 1) expect((await asked()).status).toBe(201);
    expect((await asked()).status).toBe(409);
    const wrong = { name: '', scopes: ['everything'], days: 9999 };
    expect((await other.ask<{ fields: object }>('POST', '/api/accounts/tokens', wrong)).body.fields).toEqual({
      ...{ name: 'token-name', scopes: 'token-scopes', days: 'other' },
    });
  });
});

describe('an operation', () => {
  let token: string;
  const checked: string[] = [];
  const document = describeApi();
  const ajv = new Ajv2020({ strict: false, validateFormats: false });
  const strict = Object.entries(document.components.schemas).map(([name, schema]) => [
    name,
    { ...schema, additionalProperties: false },
  ]);
  ajv.addSchema({ $id: 'api', ...document, components: { schemas: Object.fromEntries(strict) as object } });
  beforeAll(async () => {
    ({ token } = await make({ name: 'everything' }));
  });

  /** Asks, and looks whether the answer is what the document says of it: no less, and nothing that it does not tell. */
  async function ask<T>(
    method: string,
    route: string,
    ids: Readonly<Record<string, string>> = {},
    body?: object,
  ): Promise<T> {
    checked.push(`${method} ${route}`);
    const path = route.replaceAll(/\{(\w+)\}/g, (_all, name: string) => ids[name] ?? '');
    const answer = await script<T>(token, method, path, body);
    const responses = document.paths[route]?.[method.toLowerCase()]?.['responses'] as
      Record<string, object> | undefined;
    expect(Object.keys(responses ?? {})).toContain(String(answer.status));
    const pointer = (part: string) =>
      part.replaceAll('~', '~0').replaceAll('/', '~1').replaceAll('{', '%7B').replaceAll('}', '%7D');
    const $ref = `api#/paths/${pointer(route)}/${method.toLowerCase()}/responses/${answer.status}/content/application~1json/schema`;
    const isRight = ajv.compile({ $ref });
    expect([isRight(answer.body), isRight.errors]).toEqual([true, null]);
    return answer.body;
  }

  test('answers as its document says, every one of them', async () => {
    const decks = await ask<ApiDeck[]>('GET', '/api/v1/decks');
    expect(decks.find(({ id }) => id === 'night-walk')).toMatchObject({
      title: 'Night walk on the saltmarsh',
      may: 'edit',
    });
    const { deck } = await ask<ApiWholeDeck>('GET', '/api/v1/decks/{id}', { id: 'exit-questions' });
    const copy = await ask<ApiDeck>('POST', '/api/v1/decks', {}, { title: 'By a script', deck });
    expect(copy).toMatchObject({
      title: 'By a script',
      slides: decks.find(({ id }) => id === 'exit-questions')?.slides,
    });
    const made = await ask<ApiClass>(
      'POST',
      '/api/v1/classes',
      {},
      {
        ...{
          name: '7 Rail',
          students: [
            { name: 'Ana Lima', rosterId: 'u1' },
            { name: 'Pelé', group: 'North' },
          ],
        },
      },
    );
    const more = { students: [{ name: 'Ana Lima', rosterId: 'u1' }, { name: 'Nell Sorrel' }] };
    const grown = await ask<ApiClass>('POST', '/api/v1/classes/{id}/students', { id: made.id }, more);
    expect(grown.students.map(({ name }) => name)).toEqual(['Ana Lima', 'Nell Sorrel', 'Pelé']);
    expect((await ask<ApiClass[]>('GET', '/api/v1/classes')).map(({ name }) => name)).toContain('7 Rail');
    const order = { deckId: copy.id, classId: made.id, workMode: 'copy-each', pace: 'own-pace' };
    const lesson = await ask<ApiLesson>('POST', '/api/v1/lessons', {}, order);
    const open = await ask<ApiLesson>(
      'POST',
      '/api/v1/lessons',
      {},
      { deckId: copy.id, workMode: 'copy-each', pace: 'own-pace' },
    );
    expect(open.classId).toBeUndefined();
    expect((await ask<ApiLesson[]>('GET', '/api/v1/lessons')).map(({ id }) => id)).toEqual(
      expect.arrayContaining([lesson.id, open.id]),
    );
    const whole = await ask<ApiWholeLesson>('GET', '/api/v1/lessons/{id}', { id: lesson.id });
    expect(whole.participants).toHaveLength(3);
    expect((await ask<ApiLesson>('POST', '/api/v1/lessons/{id}/close', { id: lesson.id })).closedAt).toBeDefined();
    const results = await ask<ApiLessonResults[]>('GET', '/api/v1/classes/{id}/results', { id: '6-heron' });
    expect(results.flatMap((each) => each.results).length).toBeGreaterThan(10);
    expect((await ask<ApiProblem>('GET', '/api/v1/lessons/{id}', { id: 'none' })).code).toBe('not-found');
    expect((await ask<ApiProblem>('POST', '/api/v1/classes', {}, { name: '', students: [{}] })).code).toBe('not-valid');
    const all = Object.entries(document.paths).flatMap(([path, methods]) =>
      Object.keys(methods).map((method) => `${method.toUpperCase()} ${path}`),
    );
    expect([...new Set(checked)].sort()).toEqual(all.sort());
  });
});

describe('the document', () => {
  const published = JSON.parse(readFileSync(join(__dirname, '../../../docs/api.json'), 'utf8')) as ApiDocument;

  test('that is published is that of the API; “npm run api” publishes it', () => {
    expect(breakingChanges(published, describeApi())).toEqual([]);
    expect(JSON.parse(JSON.stringify(describeApi()))).toEqual(published);
  });

  test('is there for programs and for people, without signing in', async () => {
    const answer = await fetch(`${server.address}/api/docs/openapi.json`);
    expect(await answer.json()).toEqual(published);
    const page = await (await fetch(`${server.address}/api/docs`)).text();
    for (const path of Object.keys(published.paths)) expect(page).toContain(`<code>${path}</code>`);
    expect(page).toContain(`${server.address}/api/v1/classes`);
  });

  test('of another server is a change of each thing that scripts trip over, and of nothing else', () => {
    const changed = (change: (document: ApiDocument & { [part: string]: never }) => void) => {
      const copy = JSON.parse(JSON.stringify(published)) as ApiDocument & { [part: string]: never };
      change(copy);
      return breakingChanges(published, copy);
    };
    type Open = Record<string, Record<string, Record<string, Record<string, unknown>>>>;
    const schemas = (document: ApiDocument) => document.components.schemas as unknown as Open;
    const paths = (document: ApiDocument) => document.paths as unknown as Open;
    expect(changed((document) => delete paths(document)['/api/v1/decks']?.['get'])).toEqual([
      'GET /api/v1/decks is gone',
    ]);
    expect(changed((document) => delete schemas(document)['ApiDeck']?.['properties']?.['title'])).toEqual([
      'GET /api/v1/decks, its answer, each: title is gone',
      'POST /api/v1/decks, its answer: title is gone',
    ]);
    expect(
      changed((document) =>
        Object.assign(schemas(document)['ApiResult']?.['properties']?.['points'] ?? {}, { type: 'string' }),
      ),
    ).toEqual(['GET /api/v1/classes/{id}/results, its answer, each: results, each: points: its kind is another']);
    expect(
      changed((document) => (schemas(document)['ApiNewDeck']?.['required'] as unknown as string[]).push('language')),
    ).toEqual(['POST /api/v1/decks, what it takes: language is wanted']);
    expect(
      changed((document) =>
        Object.assign(schemas(document)['ApiNewDeck']?.['properties']?.['title'] ?? {}, { maxLength: 50 }),
      ),
    ).toEqual(['POST /api/v1/decks, what it takes: title: maxLength is narrower']);
    expect(
      changed((document) => (schemas(document)['ApiNewLesson']?.['properties']?.['pace']?.['enum'] as string[]).pop()),
    ).toEqual(['POST /api/v1/lessons, what it takes: pace: own-pace is not taken any more']);
    expect(
      changed((document) => (schemas(document)['ApiDeck']?.['properties']?.['may']?.['enum'] as string[]).push('own')),
    ).toHaveLength(2);
    expect(
      changed((document) =>
        Object.assign(paths(document)['/api/v1/decks']?.['get'] ?? {}, { 'x-scope': 'lessons:read' }),
      ),
    ).toEqual(['GET /api/v1/decks wants another scope']);
    // More is no change that anybody trips over.
    expect(
      changed((document) => {
        Object.assign(schemas(document)['ApiDeck']?.['properties'] ?? {}, { color: { type: 'string' } });
        Object.assign(schemas(document)['ApiNewDeck']?.['properties'] ?? {}, { unit: { type: 'string' } });
        Object.assign(schemas(document)['ApiNewDeck']?.['properties']?.['title'] ?? {}, { maxLength: 500 });
        Object.assign(paths(document), { '/api/v1/units': { get: {} } });
      }),
    ).toEqual([]);
  });
});
