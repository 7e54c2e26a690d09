/** Every route while there is no database: refused in words, and everything is as it was once there is one again. */
import { execSync } from 'node:child_process';
import { routeTable } from './testing/route-table.js';
import { TestServer, until, type Visitor } from './testing/test-server.js';

describe('without a database', () => {
  let server: TestServer;
  let callers: readonly Visitor[];
  const control = (command: string) =>
    execSync(`${process.env['TEST_DATABASE_CONTROL']} ${command}`, { stdio: 'ignore', cwd: '/' });
  const isReady = async () => (await server.visitor().ask('GET', '/api/ready')).status === 200;
  beforeAll(async () => {
    server = await TestServer.startWithSample();
    callers = [server.visitor(), await server.odile(), await server.student(1)];
    control('-m fast -w stop');
  });
  afterAll(async () => {
    control('-w start');
    await until(isReady);
    // Nobody was signed out by it.
    const [, odile] = callers;
    expect((await odile?.ask('GET', '/api/decks'))?.status).toBe(200);
    await server.stop();
  });

  test.each(routeTable)('$route is refused in words', async ({ route, path, body }) => {
    const [method = '', pattern = ''] = route.split(' ');
    const [nobody, ...signedIn] = callers;
    // Who somebody is cannot be looked up.
    for (const caller of signedIn)
      expect(await caller.ask(method, path ?? pattern, body)).toMatchObject({
        status: 503,
        // Whoever asks for the head alone is told by the status.
        ...(method === 'HEAD' ? {} : { body: { code: 'database-away' } }),
      });
    // Of somebody who says nothing of themselves it need not be: they are sent away, or get what lies in no database.
    const answer = await nobody?.ask(method, path ?? pattern, body);
    if (answer?.status !== 503) expect([200, 204, 401, 404]).toContain(answer?.status);
    // What lies in the database is not said to be missing.
    if (answer?.status === 404) expect(answer.body).toMatchObject({ code: 'nothing-here' });
  });
});
