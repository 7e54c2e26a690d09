/** Redis as the carrier, where there are many processes: it costs the database nothing. */
import { createClient } from 'redis';
import type { Carrier, CarrierListener } from './carrier.js';

const CHANNEL = 'gobrel';
/** What is larger is looked up in the log rather than held in memory for every process. In bytes. */
const LARGEST = 256 * 1024;
/** Pause before it is connected to again, in milliseconds. */
const RETRY_MS = 500;

export class RedisCarrier implements Carrier {
  readonly largest = LARGEST;
  private readonly speaking: ReturnType<typeof clientFor>;
  private readonly listening: ReturnType<typeof clientFor>;

  /** @param url of the server, redis://… */
  constructor(url: string) {
    this.speaking = clientFor(url);
    this.listening = clientFor(url);
  }

  async start(listener: CarrierListener): Promise<void> {
    let isFirst = true;
    this.listening.on('ready', () => {
      if (!isFirst) listener.gap();
      isFirst = false;
    });
    const speaks = this.speaking.connect();
    await this.listening.connect();
    await this.listening.subscribe(CHANNEL, (text) => listener.heard(text));
    await speaks;
  }

  async say(texts: readonly string[]): Promise<void> {
    await Promise.all(texts.map((text) => this.speaking.publish(CHANNEL, text)));
  }

  stop(): Promise<void> {
    for (const client of [this.speaking, this.listening]) if (client.isOpen) client.destroy();
    return Promise.resolve();
  }
}

/** A client that tries again for ever, keeps nothing for later, and ends nothing when Redis is away. */
function clientFor(url: string) {
  const client = createClient({
    url,
    disableOfflineQueue: true,
    socket: { reconnectStrategy: RETRY_MS, connectTimeout: 4000 },
  });
  client.on('error', () => undefined);
  return client;
}
