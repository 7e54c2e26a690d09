/** A whole server on a fresh database, for tests: listens on a free port, and is spoken to over HTTP and WebSocket. */
import { randomBytes } from 'node:crypto';
import type { AddressInfo } from 'node:net';
import { formatDocumentToken, type Speaker } from '@gobrel/core/shared-doc';
import { DeviceProvider } from '@gobrel/device-sync';
import { HocuspocusProviderWebsocket } from '@hocuspocus/provider';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DataSource } from 'typeorm';
import { WebSocket } from 'ws';
import * as Y from 'yjs';
import { createApplication, type ServerOptions } from '../application.js';
import { createLog } from '../log.js';
import { placeFrom } from '../place.js';
import { SampleService } from '../sample/index.js';

/** What a server says of itself here is read by nobody. */
const quiet = createLog({ write: () => undefined });

/** An answer with its body read. */
export interface Answer<T = Record<string, unknown>> {
  readonly status: number;
  readonly body: T;
  readonly headers: Headers;
}

/** Somebody at a browser: keeps the cookies it is given. */
export class Visitor {
  private readonly cookies = new Map<string, string>();

  constructor(readonly server: TestServer) {}

  /** The same browser, with what cookies it has by now, at another process. */
  at(server: TestServer): Visitor {
    const same = new Visitor(server);
    for (const [name, value] of this.cookies) same.cookies.set(name, value);
    return same;
  }

  get cookieHeader(): string {
    return [...this.cookies].map(([name, value]) => `${name}=${value}`).join('; ');
  }

  async ask<T = Record<string, unknown>>(method: string, path: string, body?: unknown): Promise<Answer<T>> {
    const isForm = body instanceof FormData;
    const response = await fetch(`${this.server.address}${path}`, {
      method,
      headers: {
        cookie: this.cookieHeader,
        ...(body === undefined || isForm ? {} : { 'content-type': 'application/json' }),
      },
      ...(body === undefined ? {} : { body: isForm ? body : JSON.stringify(body) }),
    });
    for (const cookie of response.headers.getSetCookie()) {
      const [, name = '', value = ''] = /^([^=]+)=([^;]*)/.exec(cookie) ?? [];
      this.cookies.set(name, value);
    }
    const text = await response.text();
    const isJson = response.headers.get('content-type')?.includes('json') ?? false;
    return {
      status: response.status,
      body: (isJson && text !== '' ? JSON.parse(text) : text) as T,
      headers: response.headers,
    };
  }

  /** Sends bytes as they are, with headers of their own. */
  async send(
    method: string,
    path: string,
    headers: Readonly<Record<string, string>>,
    bytes?: Uint8Array<ArrayBuffer> | ReadableStream,
  ): Promise<Answer<string>> {
    const response = await fetch(`${this.server.address}${path}`, {
      method,
      headers: { cookie: this.cookieHeader, ...headers },
      ...(bytes === undefined ? {} : { body: bytes, duplex: 'half' }),
    });
    return { status: response.status, body: await response.text(), headers: response.headers };
  }

  /** Opens a shared document as a browser does; another token is that of another version's page. */
  open(name: string, speaker: Speaker, token = formatDocumentToken(speaker)): OpenedDocument {
    return new OpenedDocument(this, name, token);
  }
}

/** A shared document opened over the socket. */
export class OpenedDocument {
  readonly doc = new Y.Doc();
  readonly provider: DeviceProvider;
  private readonly socket: HocuspocusProviderWebsocket;
  refused = false;
  /** Why it was refused. */
  reason = '';
  closed = false;

  constructor(visitor: Visitor, name: string, token: string) {
    const cookie = visitor.cookieHeader;
    class WithCookie extends WebSocket {
      constructor(address: string) {
        super(address, { headers: { cookie } });
      }
    }
    this.socket = new HocuspocusProviderWebsocket({
      url: `${visitor.server.address.replace('http', 'ws')}/sync`,
      WebSocketPolyfill: WithCookie,
      delay: 100,
      minDelay: 100,
      maxDelay: 300,
    });
    this.provider = new DeviceProvider({
      websocketProvider: this.socket,
      name,
      document: this.doc,
      token,
      onAuthenticationFailed: ({ reason }) => {
        this.refused = true;
        this.reason = reason;
      },
      onClose: () => {
        this.closed = true;
      },
    });
    this.provider.attach();
  }

  /** Waits until the document is there, or refused. */
  async settled(): Promise<this> {
    await until(() => this.refused || this.provider.isSynced);
    return this;
  }

  /** Waits until the server has everything. */
  async sent(): Promise<void> {
    await until(() => this.provider.isSynced && this.provider.unsyncedChanges === 0);
  }

  /** Loses the network, and notices. */
  async drop(): Promise<void> {
    this.socket.disconnect();
    await until(() => this.socket.status === 'disconnected');
  }

  /** Has the network again. */
  async back(): Promise<void> {
    void this.socket.connect();
    await until(() => this.socket.status === 'connected');
    await this.settled();
  }

  leave(): void {
    this.provider.destroy();
    this.socket.destroy();
  }
}

/** Waits for something to become true; throws after twenty seconds. */
export async function until(isTrue: () => boolean | Promise<boolean>): Promise<void> {
  const end = Date.now() + 20_000;
  while (!(await isTrue())) {
    if (Date.now() > end) throw new Error('waited twenty seconds in vain');
    await new Promise((resolve) => setTimeout(resolve, 25));
  }
}

/** A running server. */
export class TestServer {
  private constructor(
    readonly app: NestExpressApplication,
    readonly databaseUrl: string,
    readonly address: string,
  ) {}

  /** Starts a server on a new database of the test cluster, unless the settings say otherwise. */
  static async start(settings: Partial<ServerOptions> = {}): Promise<TestServer> {
    const databaseUrl = settings.databaseUrl ?? (await newDatabase());
    const usual = { redisUrl: null, place: placeFrom({}), webFolder: null, log: quiet, logRequests: true };
    const app = await createApplication({ ...usual, ...settings, databaseUrl });
    await app.listen(0, '127.0.0.1');
    const { port } = app.getHttpServer().address() as AddressInfo;
    return new TestServer(app, databaseUrl, `http://127.0.0.1:${port}`);
  }

  /** A server with the sample scenario, on a database of its own. */
  static async startWithSample(settings: Partial<ServerOptions> = {}): Promise<TestServer> {
    return TestServer.start({ ...settings, databaseUrl: await databaseWithSample() });
  }

  visitor(): Visitor {
    return new Visitor(this);
  }

  /** A visitor with a new teacher's account. */

  async teacher(name = 'Nadia Quill', email = `${randomBytes(5).toString('hex')}@marrambay.example`): Promise<Visitor> {
    const visitor = this.visitor();
    await visitor.ask('POST', '/api/accounts', { name, email, password: 'ten letters and more' });
    return visitor;
  }

  /** The teacher of the sample scenario. */
  async odile(): Promise<Visitor> {
    const visitor = this.visitor();
    await visitor.ask('POST', '/api/session', { email: 'odile@marrambay.example', password: 'saltmarsh at night' });
    return visitor;
  }

  /** A student of the sample class in its running lesson, by the place in the register (1 to 24). */
  async student(place: number): Promise<Visitor> {
    const visitor = this.visitor();
    const studentId = `heron-${String(place).padStart(2, '0')}`;
    await visitor.ask('POST', '/api/join', { code: 'HRNS-427', studentId, pin: '2468' });
    return visitor;
  }

  async stop(): Promise<void> {
    await this.app.close();
  }
}

/** The database that the sample was loaded into once, as that takes seconds; whoever wants it gets a copy. */
const SAMPLE = 'sample_of_tests';

async function databaseWithSample(): Promise<string> {
  return inCluster(async (cluster) => {
    const isThere = async () =>
      (await cluster.query<unknown[]>('SELECT 1 FROM pg_database WHERE datname = $1', [SAMPLE])).length > 0;
    if (!(await isThere())) {
      const loaded = await newDatabase();
      const server = await TestServer.start({ databaseUrl: loaded });
      await server.app.get(SampleService).loadIntoEmptyDatabase();
      await server.stop();
      const name = new URL(loaded).pathname.slice(1);
      await cluster.query('SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = $1', [name]);
      await cluster.query(`ALTER DATABASE ${name} RENAME TO ${SAMPLE}`);
    }
    const name = newName();
    await cluster.query(`CREATE DATABASE ${name} TEMPLATE ${SAMPLE}`);
    return addressOf(name);
  });
}

async function newDatabase(): Promise<string> {
  return inCluster(async (cluster) => {
    const name = newName();
    await cluster.query(`CREATE DATABASE ${name}`);
    return addressOf(name);
  });
}

const newName = () => `test_${randomBytes(6).toString('hex')}`;

function clusterUrl(): string {
  const cluster = process.env['TEST_DATABASE_URL'];
  if (!cluster) throw new Error('run these tests with "npm run server-tests", which starts a database');
  return cluster;
}

/** The address of a database of the test cluster. */
function addressOf(name: string): string {
  return clusterUrl().replace(/\/[^/]*$/, `/${name}`);
}

async function inCluster<T>(act: (cluster: DataSource) => Promise<T>): Promise<T> {
  const cluster = await new DataSource({ type: 'postgres', url: clusterUrl() }).initialize();
  try {
    return await act(cluster);
  } finally {
    await cluster.destroy();
  }
}
