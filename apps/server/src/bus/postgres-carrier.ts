/** PostgreSQL as the carrier (LISTEN and NOTIFY): nothing else has to be there. */
import { Client } from 'pg';
import type { Carrier, CarrierListener } from './carrier.js';

/** PostgreSQL takes less than 8,000 bytes at once. */
const LARGEST = 7900;
/** Pause before it is connected to again, in milliseconds. */
const RETRY_MS = 500;
/** How long connecting may take, in milliseconds. */
const CONNECT_MS = 4000;

export class PostgresCarrier implements Carrier {
  readonly largest = LARGEST;
  private client: Client | null = null;
  private isStopped = false;

  /**
   * @param url of the database, postgres://…
   * @param channel in letters and low lines
   */
  constructor(
    private readonly url: string,
    private readonly channel = 'gobrel',
  ) {}

  async start(listener: CarrierListener): Promise<void> {
    while (!this.isStopped && !(await this.connect(listener))) await pause();
  }

  async say(texts: readonly string[]): Promise<void> {
    if (!this.client) throw new Error('the database is away');
    await this.client.query('SELECT pg_notify($1, text) FROM unnest($2::text[]) AS text', [this.channel, texts]);
  }

  async stop(): Promise<void> {
    this.isStopped = true;
    await this.client?.end().catch(() => undefined);
  }

  private async connect(listener: CarrierListener): Promise<boolean> {
    const client = new Client({ connectionString: this.url, connectionTimeoutMillis: CONNECT_MS, keepAlive: true });
    client.on('notification', ({ payload }) => listener.heard(payload ?? ''));
    client.on('error', () => undefined);
    try {
      await client.connect();
      await client.query(`LISTEN ${this.channel}`);
    } catch {
      await client.end().catch(() => undefined);
      return false;
    }
    client.once('end', () => {
      this.client = null;
      if (!this.isStopped) void this.start(listener).then(() => listener.gap());
    });
    this.client = client;
    return true;
  }
}

function pause(): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, RETRY_MS).unref());
}
