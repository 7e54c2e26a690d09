/** Frames over the socket as no browser sends them: whatever comes, the others’ lesson goes on. */
import type { LessonView, MyLessonView } from '@gobrel/contract';
import { formatDocumentToken, readWorkDocument, type Speaker, writeWorkChanges } from '@gobrel/core/shared-doc';
import { DeviceProvider } from '@gobrel/device-sync';
import { HocuspocusProviderWebsocket } from '@hocuspocus/provider';
import fc from 'fast-check';
import { WebSocket } from 'ws';
import * as Y from 'yjs';
import { handOut, joinAs, workOf } from './testing/lessons.js';
import { type OpenedDocument, TestServer, until, type Visitor } from './testing/test-server.js';

const ROUNDS = 20 * Number(process.env['GOBREL_MUTATIONS'] ?? 12);
/** How many frames go over one socket, unless the server closes it before. */
const A_SOCKET = 8;

/** One thing done to the bytes of a frame: written over, taken out, put in, cut off, doubled. */
type Mutation = readonly [how: 'write' | 'remove' | 'insert' | 'cut' | 'double', at: number, byte: number];

const mutations: fc.Arbitrary<Mutation[]> = fc.array(
  fc.tuple(
    fc.constantFrom('write' as const, 'remove' as const, 'insert' as const, 'cut' as const, 'double' as const),
    fc.double({ min: 0, max: 1, noNaN: true, maxExcluded: true }),
    fc.oneof(fc.constantFrom(0, 1, 0x7f, 0x80, 0xff), fc.integer({ min: 0, max: 255 })),
  ),
  { maxLength: 5 },
);

function mutated(frame: Uint8Array, changes: readonly Mutation[]): Uint8Array {
  return changes.reduce((bytes, [how, share, byte]) => {
    const at = Math.floor(share * bytes.length);
    const [before, after] = [bytes.slice(0, at), bytes.slice(at)];
    const parts = {
      write: [before, [byte], after.slice(1)],
      remove: [before, after.slice(1)],
      insert: [before, [byte], after],
      cut: [before],
      double: [before, after, after],
    }[how];
    return Uint8Array.from(parts.flatMap((part) => [...part]));
  }, frame);
}

describe('frames as no browser sends them', () => {
  let server: TestServer;
  let lesson: LessonView;
  let honest: OpenedDocument;
  let callers: Record<string, { readonly visitor: Visitor; readonly frames: readonly Uint8Array[] }>;
  const unheard: unknown[] = [];
  const note = (reason: unknown) => unheard.push(reason);

  /** What a device sends that opens a document, asks for it, says where it is and changes something: frame by frame. */
  const framesOf = async (visitor: Visitor, name: string, speaker: Speaker, act: (doc: Y.Doc) => void) => {
    const frames: Uint8Array[] = [];
    const cookie = visitor.cookieHeader;
    class Recording extends WebSocket {
      constructor(address: string) {
        super(address, { headers: { cookie } });
      }
      override send(data: Uint8Array): void {
        frames.push(Uint8Array.from(data));
        super.send(data);
      }
    }
    const doc = new Y.Doc();
    const socket = new HocuspocusProviderWebsocket({
      url: `${server.address.replace('http', 'ws')}/sync`,
      WebSocketPolyfill: Recording,
    });
    const token = formatDocumentToken(speaker);
    let isRefused = false;
    const onAuthenticationFailed = () => void (isRefused = true);
    const provider = new DeviceProvider({
      websocketProvider: socket,
      name,
      document: doc,
      token,
      onAuthenticationFailed,
    });
    provider.attach();
    await until(() => isRefused || provider.isSynced);
    provider.setAwarenessField('where', 'tides');
    provider.sendStateless('hello');
    act(doc);
    provider.destroy();
    socket.destroy();
    return frames;
  };

  beforeAll(async () => {
    process.on('unhandledRejection', note);
    server = await TestServer.startWithSample();
    const odile = await server.odile();
    lesson = await handOut(odile);
    const [student, other] = [await joinAs(server, lesson, 7), await joinAs(server, lesson, 8)];
    honest = await workOf(other);
    const { participantId } = (await student.ask<MyLessonView>('GET', '/api/my-lesson')).body;
    const work = `work:${lesson.id}:${participantId}`;
    const write = (doc: Y.Doc) => writeWorkChanges(doc, [{ part: 'blanks', id: 'blank-low', value: 'low' }]);
    const set = (doc: Y.Doc) => doc.getMap('deck').set('title', 'Odd');
    const nobody = server.visitor();
    callers = {
      nobody: { visitor: nobody, frames: await framesOf(nobody, work, 'student', write) },
      student: { visitor: student, frames: await framesOf(student, work, 'student', write) },
      teacher: { visitor: odile, frames: await framesOf(odile, 'deck:night-walk', 'teacher', set) },
      board: { visitor: odile, frames: await framesOf(odile, `lesson:${lesson.id}`, 'teacher', () => undefined) },
    };
  });
  afterAll(async () => {
    process.off('unhandledRejection', note);
    honest.leave();
    await server.stop();
  });

  /** Sends frames over a new socket, one after the other; resolves when it is closed or nothing more is said. */
  const send = (visitor: Visitor, frames: readonly Uint8Array[]) =>
    new Promise<void>((resolve) => {
      const address = `${server.address.replace('http', 'ws')}/sync`;
      const socket = new WebSocket(address, { headers: { cookie: visitor.cookieHeader } });
      socket.on('error', () => undefined);
      socket.on('close', () => resolve());
      socket.on('pong', () => socket.close());
      socket.on('open', () => {
        for (const frame of frames) socket.send(frame);
        // The server answers it once it has taken in what came before.
        socket.ping();
      });
    });

  test.each(['nobody', 'student', 'teacher', 'board'])('sent by %s', async (who) => {
    const { visitor, frames } = callers[who] ?? { visitor: server.visitor(), frames: [] };
    expect(frames.length).toBeGreaterThan(0);
    const [opening] = frames;
    const odd = fc.tuple(fc.constantFrom(...frames), mutations).map(([frame, changes]) => mutated(frame, changes));
    await fc.assert(
      fc.asyncProperty(fc.boolean(), fc.array(odd, { minLength: 1, maxLength: A_SOCKET }), async (isOpen, sent) => {
        // As whoever has opened the document, or as somebody who has not.
        await send(visitor, isOpen && opening ? [opening, ...sent] : sent);
        expect(unheard).toEqual([]);
      }),
      { numRuns: Math.ceil(ROUNDS / A_SOCKET) },
    );
    const words = `after ${who}`;
    writeWorkChanges(honest.doc, [{ part: 'blanks', id: 'blank-moon', value: words }]);
    await honest.sent();
    expect(readWorkDocument(honest.doc).blanks['blank-moon']).toBe(words);
    expect(honest.closed).toBe(false);
    expect((await server.visitor().ask('GET', '/api/ready')).status).toBe(200);
  });
});
