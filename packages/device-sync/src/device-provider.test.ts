/** What a device sends, and when that is said to be saved. */
import { HocuspocusProviderWebsocket, MessageType } from '@hocuspocus/provider';
import { createDecoder, readVarString, readVarUint, readVarUint8Array } from 'lib0/decoding';
import { createEncoder, toUint8Array, writeVarInt, writeVarString, writeVarUint } from 'lib0/encoding';
import { writeSyncStep1 } from 'y-protocols/sync';
import * as Y from 'yjs';
import { DeviceProvider } from './device-provider.js';

const NAME = 'work:lesson:me';

/** A socket that goes nowhere: what is sent is looked at, what comes is written by the test. */
class Wire extends HocuspocusProviderWebsocket {
  sent: Uint8Array[] = [];

  constructor() {
    super({ url: 'ws://nowhere.example', autoConnect: false, WebSocketPolyfill: class {} });
  }

  override send(message: Uint8Array): void {
    this.sent.push(message);
  }
}

const opened: Device[] = [];
afterEach(() => {
  for (const device of opened.splice(0)) device.leave();
});

class Device {
  readonly doc = new Y.Doc();
  readonly wire = new Wire();
  readonly provider = new DeviceProvider({
    name: NAME,
    document: this.doc,
    websocketProvider: this.wire,
    awareness: null,
  });
  /** What has reached the server. */
  readonly server = new Y.Doc();

  constructor() {
    this.provider.attach();
    opened.push(this);
  }

  leave(): void {
    this.provider.destroy();
    this.wire.destroy();
  }

  async connect(): Promise<void> {
    await this.provider.onOpen({} as Parameters<DeviceProvider['onOpen']>[0]);
  }

  drop(): void {
    this.wire.sent = [];
    this.provider.onClose();
  }

  /** Types a letter, and lets the moment pass in which it is. */
  async type(letter: string): Promise<void> {
    this.put(letter);
    await Promise.resolve();
  }

  put(letter: string): void {
    this.doc.getText('text').insert(this.doc.getText('text').length, letter);
  }

  /** The server asks for what it does not have. */
  asks(): void {
    const encoder = this.message(MessageType.Sync);
    writeSyncStep1(encoder, this.server);
    this.comes(toUint8Array(encoder));
  }

  /** The server takes the next message that changes something, and says that it is saved. */
  takes(): void {
    for (let message = this.wire.sent.shift(); message; message = this.wire.sent.shift()) {
      const decoder = createDecoder(message);
      readVarString(decoder);
      if (readVarUint(decoder) !== 0 || readVarUint(decoder) === 0) continue;
      Y.applyUpdate(this.server, readVarUint8Array(decoder));
      const encoder = this.message(MessageType.SyncStatus);
      writeVarInt(encoder, 1);
      return this.comes(toUint8Array(encoder));
    }
    throw new Error('there is nothing to take');
  }

  get saved(): boolean {
    return this.provider.unsyncedChanges === 0;
  }

  get there(): string {
    return this.server.getText('text').toString();
  }

  private message(type: number) {
    const encoder = createEncoder();
    writeVarString(encoder, NAME);
    writeVarUint(encoder, type);
    return encoder;
  }

  private comes(data: Uint8Array): void {
    this.provider.onMessage({ data } as Parameters<DeviceProvider['onMessage']>[0]);
  }
}

test('what is typed while it connects goes with the answer to the server’s first step, and is saved with that', async () => {
  const device = new Device();
  await device.type('a');
  expect(device.saved).toBe(false);
  await device.connect();
  await device.type('b');
  await device.type('c');
  expect(device.saved).toBe(false);
  device.asks();
  expect(device.saved).toBe(false);
  device.takes();
  expect(device.there).toBe('abc');
  expect(device.saved).toBe(true);
});

test('of several changes on their way the last has to be acknowledged', async () => {
  const device = new Device();
  await device.connect();
  device.asks();
  await device.type('a');
  await device.type('b');
  device.takes();
  device.takes();
  expect(device.saved).toBe(false);
  device.takes();
  expect(device.there).toBe('ab');
  expect(device.saved).toBe(true);
});

test('offering everything once more forgets nothing that is on its way', async () => {
  const device = new Device();
  await device.connect();
  device.asks();
  await device.type('a');
  device.provider.forceSync();
  device.takes();
  device.takes();
  expect(device.saved).toBe(false);
  device.asks();
  device.takes();
  expect(device.saved).toBe(true);
});

test('after the network was lost nothing counts that was on its way before', async () => {
  const device = new Device();
  await device.connect();
  device.asks();
  device.takes();
  await device.type('a');
  await device.type('b');
  device.drop();
  await device.type('c');
  await device.connect();
  expect(device.saved).toBe(false);
  device.asks();
  await device.type('d');
  device.takes();
  expect(device.there).toBe('abc');
  expect(device.saved).toBe(false);
  device.takes();
  expect(device.there).toBe('abcd');
  expect(device.saved).toBe(true);
});

test('what is changed in one moment goes as one message, and is unsaved at once', async () => {
  const device = new Device();
  await device.connect();
  device.asks();
  device.takes();
  expect(device.saved).toBe(true);
  const before = device.wire.sent.length;
  for (const letter of 'abc') device.put(letter);
  expect(device.saved).toBe(false);
  expect(device.wire.sent).toHaveLength(before);
  await Promise.resolve();
  expect(device.wire.sent).toHaveLength(before + 1);
  device.takes();
  expect(device.there).toBe('abc');
  expect(device.saved).toBe(true);
});

test('what was changed in the moment in which the network went, or the document is closed, is not forgotten', async () => {
  const device = new Device();
  await device.connect();
  device.asks();
  device.takes();
  device.put('a');
  device.drop();
  await Promise.resolve();
  expect(device.wire.sent).toEqual([]);
  expect(device.saved).toBe(false);
  await device.connect();
  device.asks();
  device.takes();
  expect(device.there).toBe('a');
  expect(device.saved).toBe(true);
  device.put('b');
  device.provider.destroy();
  device.takes();
  expect(device.there).toBe('ab');
});
