/** The commands a new user types, run whole: on a data folder and ports of their own, so that nobody's are touched. */
import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, truncateSync } from 'node:fs';
import { createServer, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = join(__dirname, '..');
// The first of them may have to build everything.
jest.setTimeout(180_000);

/** A command under way, with all it printed. */
class Running {
  printed = '';
  readonly ended: Promise<number | null>;
  private readonly child: ChildProcess;

  constructor(script: string, settings: Record<string, string>) {
    this.child = spawn(process.execPath, [join(root, 'scripts', script)], { env: { ...process.env, ...settings } });
    const keep = (chunk: Buffer) => (this.printed += chunk.toString());
    this.child.stdout?.on('data', keep);
    this.child.stderr?.on('data', keep);
    this.ended = new Promise((resolve) => this.child.once('close', resolve));
  }

  /** Waits until something is printed; fails when the command ends before. */
  async prints(text: RegExp): Promise<void> {
    let over = false;
    void this.ended.then(() => (over = true));
    while (!text.test(this.printed)) {
      if (over) throw new Error(`ended without printing ${String(text)}:\n${this.printed}`);
      await pause(50);
    }
  }

  /** As Ctrl-C does. */
  async interrupt(): Promise<number | null> {
    this.child.kill('SIGINT');
    return this.ended;
  }
}

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Takes a port that is free, and holds it. */
async function holdPort(): Promise<{ port: number; server: Server }> {
  const server = createServer();
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const address = server.address();
  if (!address || typeof address === 'string') throw new Error('a TCP server has a port');
  return { port: address.port, server };
}

/** The process of the server that a command has started on a port. */
function serverOn(port: string): number {
  for (const pid of readdirSync('/proc').filter((name) => /^\d+$/.test(name))) {
    try {
      const isServer = readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('server/dist/main.js');
      if (isServer && readFileSync(`/proc/${pid}/environ`, 'utf8').split('\0').includes(`PORT=${port}`))
        return Number(pid);
    } catch {
      // A process that has just ended, or is somebody else's.
    }
  }
  throw new Error(`no server on ${port}`);
}

async function freePort(): Promise<string> {
  const { port, server } = await holdPort();
  await new Promise((resolve) => server.close(resolve));
  return String(port);
}

describe('the two commands and the third', () => {
  const folder = mkdtempSync(join(tmpdir(), 'gobrel-commands-'));
  afterAll(() => rmSync(folder, { recursive: true, force: true }));

  test('npm start builds, creates the database, loads the demo, says where it is, starts again what ended, and stops on Ctrl-C', async () => {
    const port = await freePort();
    const first = new Running('start.mjs', { PORT: port, GOBREL_DATA: folder });
    await first.prints(/ready: http/);
    await first.prints(/Stop with Ctrl-C/);
    expect(first.printed).toContain('creating the database');
    expect(first.printed).toContain('odile@marrambay.example');
    const signIn = await fetch(`http://127.0.0.1:${port}/api/session`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ email: 'odile@marrambay.example', password: 'saltmarsh at night' }),
    });
    expect(signIn.status).toBeLessThan(300);
    expect(await (await fetch(`http://127.0.0.1:${port}/`)).text()).toContain('<div id="root">');
    expect(await first.interrupt()).toBe(0);
    expect(first.printed).toContain('stopped.');

    const second = new Running('start.mjs', { PORT: port, GOBREL_DATA: folder });
    await second.prints(/ready: http/);
    expect(second.printed).not.toMatch(/creating|building|installing/);
    process.kill(serverOn(port), 'SIGKILL');
    await second.prints(/ended by itself \(SIGKILL\); starting it again[\s\S]*ready: http/);
    expect((await fetch(`http://127.0.0.1:${port}/api/ready`)).status).toBe(200);
    expect(await second.interrupt()).toBe(0);
  });

  test('npm run dev serves the page and passes the server’s routes on', async () => {
    const port = await freePort();
    const dev = new Running('dev.mjs', { PORT: port, GOBREL_DATA: folder });
    await dev.prints(/hot reload/);
    const answers = async (path: string, expected: string) => {
      for (;;) {
        const text = await fetch(`http://127.0.0.1:${port}${path}`).then(
          (answer) => answer.text(),
          () => '',
        );
        if (text.includes(expected)) return;
        await pause(200);
      }
    };
    await answers('/', '/@vite/client');
    await answers('/api/ready', 'ready');
    expect(await dev.interrupt()).toBe(0);
  });

  test('a taken port is said in words', async () => {
    const { port, server } = await holdPort();
    const start = new Running('start.mjs', { PORT: String(port), GOBREL_DATA: folder });
    expect(await start.ended).toBe(1);
    expect(start.printed).toContain(`Port ${port} is taken by another program.`);
    expect(start.printed).not.toMatch(/^\s+at /m);
    server.close();
  });

  test('a database that will not start is said in words, with what it wrote', async () => {
    truncateSync(join(folder, 'data', 'global', 'pg_control'), 10);
    const start = new Running('start.mjs', { PORT: await freePort(), GOBREL_DATA: folder });
    expect(await start.ended).toBe(1);
    expect(start.printed).toMatch(/The database did not start\. The last lines of .+:\n.*pg_control/s);
    expect(start.printed).not.toMatch(/^\s+at /m);
  });
});
