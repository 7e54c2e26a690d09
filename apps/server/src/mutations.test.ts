/** Requests as no browser sends them: whatever is asked, the answer is in order, and says so in a code. */
import fc from 'fast-check';
import { routeTable } from './testing/route-table.js';
import { TestServer, type Visitor } from './testing/test-server.js';

const ROUNDS = Number(process.env['GOBREL_MUTATIONS'] ?? 12);

const oddTexts = fc.constantFrom(
  '',
  ' ',
  '\0',
  '\ud83d',
  '__proto__',
  'constructor',
  "'; DROP TABLE deck; --",
  '../..',
  'x'.repeat(20_000),
);
const oddValues = fc.oneof(
  oddTexts,
  fc.constantFrom(null, true, 0, -1, 1e308, [], {}, [null], { __proto__: 1 }, { length: -1 }, nested(40)),
  fc.jsonValue({ maxDepth: 3 }),
);
const oddPieces = fc.oneof(
  fc.constantFrom('%00', '%', '%ff', '%2e%2e', '%F0%9F', '__proto__', 'constructor', '-', '0', 'a'.repeat(3000)),
  fc.string({ minLength: 1, maxLength: 30 }).map(encodeURIComponent),
);

function nested(levels: number): unknown {
  return levels === 0 ? 1 : [nested(levels - 1)];
}

/** A body with one thing in it changed, left out or added. */
function mutated(body: unknown): fc.Arbitrary<unknown> {
  if (typeof body !== 'object' || body === null) return oddValues;
  const names = Object.keys(body);
  return fc.oneof(
    oddValues,
    fc
      .tuple(fc.constantFrom(...(names.length > 0 ? names : ['a'])), oddValues)
      .map(([name, value]) => ({ ...body, [name]: value })),
    fc.constantFrom(...(names.length > 0 ? names : ['a'])).map((name) => ({ ...body, [name]: undefined })),
    fc.tuple(fc.string(), oddValues).map(([name, value]) => ({ ...body, [name]: value })),
  );
}

/** An address with one of its parts changed, or a question after it. */
function mutatedPath(path: string): fc.Arbitrary<string> {
  const parts = path.split('/');
  return fc.oneof(
    { weight: 2, arbitrary: fc.constant(path) },
    fc
      .tuple(fc.integer({ min: Math.min(2, parts.length - 1), max: parts.length - 1 }), oddPieces)
      .map(([at, odd]) => parts.with(at, odd).join('/')),
    oddPieces.map((odd) => `${path}?${odd}=${odd}`),
  );
}

describe('requests as no browser sends them', () => {
  let server: TestServer;
  let callers: readonly Visitor[];

  beforeAll(async () => {
    server = await TestServer.startWithSample();
    callers = [await server.odile(), await server.student(2), server.visitor()];
  });
  let slowest = { asked: '', milliseconds: 0 };
  afterAll(async () => {
    // For whoever runs many more of them, who wants to know: `docs/standing-firm.md`.
    if (process.env['GOBREL_MUTATIONS']) process.stdout.write(`slowest: ${JSON.stringify(slowest)}\n`);
    await server.stop();
  });

  // What signs out would leave the others with nobody to be.
  const routes = routeTable.filter(({ route }) => !route.startsWith('DELETE /api/session'));

  test.each(routes)('$route answers in order, whatever is asked', async ({ route, path, body }) => {
    const [method = '', pattern = ''] = route.split(' ');
    const asked = fc.record({ address: mutatedPath(path ?? pattern), sent: mutated(body), who: fc.nat(2) });
    await fc.assert(
      fc.asyncProperty(asked, async ({ address, sent, who }) => {
        const takesBody = !['GET', 'HEAD', 'DELETE'].includes(method);
        const began = performance.now();
        const answer = await callers[who]?.ask(method, address, takesBody ? sent : undefined);
        const milliseconds = performance.now() - began;
        if (milliseconds > slowest.milliseconds)
          slowest = { asked: `${method} ${address}`.slice(0, 200), milliseconds };
        expect(answer?.status).toBeLessThan(500);
        // Whoever asks for the head alone is told by the status.
        if (answer && answer.status >= 400 && method !== 'HEAD')
          expect(answer.body).toMatchObject({ code: expect.any(String) });
      }),
      { numRuns: ROUNDS },
    );
  });

  /** Where learning platforms send people by forms of their own. */
  const fromPlatforms = /^POST \/api\/lti\/:platform\/(login|launch)$/;
  const changing = routes.filter(({ route }) => !/^(GET|HEAD|OPTIONS) /.test(route));

  /** Asks as Odile's browser would, but for some headers and the body. */
  const askAs = ({ route, path }: (typeof routes)[number], headers: Record<string, string>, body?: string) => {
    const [method = '', pattern = ''] = route.split(' ');
    const cookie = callers[0]?.cookieHeader ?? '';
    return fetch(`${server.address}${path ?? pattern}`, {
      method,
      headers: { cookie, ...headers },
      ...(body === undefined ? {} : { body }),
    });
  };

  test.each([
    ['JSON that breaks off', 'application/json', '{"title":'],
    ['a text', 'application/json', '"a text"'],
    ['nothing', 'application/json', 'null'],
    ['lists in lists', 'application/json', `{"a":${'['.repeat(100_000)}${']'.repeat(100_000)}}`],
    ['an endless text', 'application/json', `"${'x'.repeat(3_000_000)}"`],
    ['a part that is none', 'multipart/form-data; boundary=x', '--x\r\nnonsense'],
    ['no boundary', 'multipart/form-data', 'nothing'],
  ])(
    'a body of %s is refused in order by every route',
    async (_what, type, body) => {
      for (const each of changing) {
        const { status } = await askAs(each, { 'content-type': type }, body);
        expect([each.route, status]).toEqual([each.route, Math.min(status, 499)]);
      }
      // Three megabytes to every route take their time.
    },
    120_000,
  );

  test.each(['text/plain', 'application/x-www-form-urlencoded'])(
    'what foreign forms send (%s) is taken by no route',
    async (type) => {
      const isFormOfPlatform = ({ route }: (typeof routes)[number]) =>
        type !== 'text/plain' && fromPlatforms.test(route);
      for (const each of changing.filter((one) => !isFormOfPlatform(one))) {
        const { status } = await askAs(each, { 'content-type': type }, '{"title":"x"}');
        expect([each.route, status]).toEqual([each.route, 415]);
      }
    },
  );

  test('learning platforms send people by forms, from which alone nothing follows', async () => {
    const forms = changing.filter(({ route }) => fromPlatforms.test(route));
    expect(forms).toHaveLength(2);
    for (const { path = '' } of forms) {
      const answer = await fetch(`${server.address}${path}`, {
        ...{ method: 'POST', redirect: 'manual', body: new URLSearchParams({ id_token: 'x', state: 'y' }) },
        headers: { cookie: callers[0]?.cookieHeader ?? '', origin: 'https://elsewhere.example' },
      });
      expect([path, answer.status, answer.headers.get('location')]).toEqual([
        ...[path, 303, '/arrived/nowhere?trouble=not-found'],
      ]);
      expect(answer.headers.getSetCookie()).toEqual([]);
    }
  });

  test('no route changes anything for a page of another site', async () => {
    for (const each of changing) {
      const foreign = await askAs(
        each,
        { origin: 'https://elsewhere.example', 'content-type': 'application/json' },
        '{}',
      );
      expect([each.route, foreign.status]).toEqual([each.route, 403]);
      expect(await foreign.json()).toMatchObject({ code: 'foreign-page' });
    }
  });
});
