import { type Caller, routeTable } from './testing/route-table.js';
import { TestServer, type Visitor } from './testing/test-server.js';

describe('routes and roles', () => {
  let server: TestServer;
  let callers: Record<Caller, Visitor>;

  beforeAll(async () => {
    server = await TestServer.startWithSample();
    callers = {
      nobody: server.visitor(),
      owner: await server.odile(),
      other: await server.teacher(),
      student: await server.student(1),
    };
  });
  afterAll(() => server.stop());

  test('the table names every route the server has, and no other', () => {
    interface Layer {
      readonly route?: { readonly path: string; readonly methods: Record<string, boolean> };
    }
    const express = server.app.getHttpAdapter().getInstance() as { router: { stack: Layer[] } };
    const routes = express.router.stack.flatMap(({ route }) =>
      route ? Object.keys(route.methods).map((method) => `${method.toUpperCase()} ${route.path}`) : [],
    );
    expect([...new Set(routes)].sort()).toEqual(routeTable.map(({ route }) => route).sort());
  });

  // Refused callers come first, so that what the owner does cannot be what refuses them.
  const cases = routeTable.flatMap(({ route, path, body, expected }) =>
    (['nobody', 'student', 'other', 'owner'] as const).map((caller) => ({
      route,
      path,
      body,
      caller,
      status: expected[caller],
    })),
  );
  test.each(cases)('$route by $caller: $status', async ({ route, path, body, caller, status }) => {
    const [method = '', pattern = ''] = route.split(' ');
    const answer = await callers[caller].ask(method, path ?? pattern, body);
    expect(answer.status).toBe(status);
    // Whoever asks for the head alone is told by the status.
    if (status >= 400 && method !== 'HEAD') {
      expect(answer.body).toMatchObject({ status, code: expect.any(String) });
      expect(JSON.stringify(answer.body)).not.toMatch(/\bat .*\.(ts|js)\b/);
    }
  });
});
