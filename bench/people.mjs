// Callers for benchmarks: a signed-in visitor over HTTP, and shared documents over the socket.
import { formatDocumentToken } from '@gobrel/core/shared-doc';
import { DeviceProvider } from '@gobrel/device-sync';
import { HocuspocusProviderWebsocket } from '@hocuspocus/provider';
import { WebSocket } from 'ws';
import * as Y from 'yjs';

/** Somebody at a browser. */
export class Visitor {
  cookie = '';

  constructor(address) {
    this.address = address;
  }

  async ask(method, path, body) {
    const response = await fetch(`${this.address}/api${path}`, {
      method,
      headers: { cookie: this.cookie, ...(body ? { 'content-type': 'application/json' } : {}) },
      body: body ? JSON.stringify(body) : undefined,
    });
    const given = response.headers.getSetCookie().map((cookie) => cookie.split(';')[0]);
    if (given.length > 0) this.cookie = given.join('; ');
    if (!response.ok) throw new Error(`${method} ${path}: ${response.status} ${await response.text()}`);
    const text = await response.text();
    return text === '' ? undefined : JSON.parse(text);
  }

  /** What this visitor's browser is to be given, as Playwright takes it. */
  cookies() {
    return this.cookie.split('; ').map((cookie) => {
      const at = cookie.indexOf('=');
      return { name: cookie.slice(0, at), value: cookie.slice(at + 1), url: this.address };
    });
  }

  /** A socket that carries this visitor's cookie; several documents share one. */
  socket() {
    const { cookie } = this;
    class WithCookie extends WebSocket {
      constructor(url) {
        super(url, { headers: { cookie } });
        // Given up before it was there: it is tried again.
        this.on('error', () => undefined);
      }
    }
    const url = `${this.address.replace('http', 'ws')}/sync`;
    return new HocuspocusProviderWebsocket({ url, WebSocketPolyfill: WithCookie });
  }
}

/** Opens a shared document; resolves when it is synced. */
export function openDocument(socket, name, speaker) {
  return new Promise((resolve, reject) => {
    const doc = new Y.Doc();
    const provider = new DeviceProvider({
      websocketProvider: socket,
      name,
      document: doc,
      token: formatDocumentToken(speaker),
      onSynced: () => resolve({ doc, provider }),
      onAuthenticationFailed: () => reject(new Error(`${name} is not open to the ${speaker}`)),
    });
    provider.attach();
  });
}

/** A new teacher's account, signed in. */
export async function newTeacher(address) {
  const teacher = new Visitor(address);
  const email = `bench-${Date.now()}-${Math.random().toString(36).slice(2)}@marrambay.example`;
  await teacher.ask('POST', '/accounts', { name: 'Bench', email, password: 'a sentence by the sea' });
  return teacher;
}

/** A deck of the teacher's, filled by changes that `write` makes of it. */
export async function newDeck(teacher, title, write) {
  const { id } = await teacher.ask('POST', '/decks', { title });
  await changeDeck(teacher, id, write);
  return id;
}

/** Changes a deck, and waits until that is stored. */
export async function changeDeck(teacher, id, write) {
  const socket = teacher.socket();
  const { doc, provider } = await openDocument(socket, `deck:${id}`, 'teacher');
  await write(doc);
  while (provider.unsyncedChanges > 0) await new Promise((resolve) => setTimeout(resolve, 20));
  await new Promise((resolve) => setTimeout(resolve, 1500));
  provider.destroy();
  socket.destroy();
}

/** The value below which a share of the numbers lies. */
export function quantile(numbers, share) {
  const sorted = [...numbers].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? Number.NaN;
}

const pause = (milliseconds) => new Promise((resolve) => setTimeout(resolve, milliseconds));

/** Calls `act(person, round)` for each person once a round of `every` milliseconds, spread over it. */
export async function inRounds({ people, rounds, every }, act) {
  for (let round = 0; round < rounds; round += 1) {
    const began = performance.now();
    for (let person = 0; person < people; person += 1) {
      const due = began + (person * every) / people;
      if (performance.now() < due) await pause(Math.max(0, due - performance.now()));
      act(person, round);
    }
    await pause(Math.max(0, began + every - performance.now()));
  }
  await pause(1500);
}
