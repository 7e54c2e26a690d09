/** The one sync path: Hocuspocus on the server's own HTTP server, with access, the work gate and storing. */
import type { IncomingMessage, Server } from 'node:http';
import type { Duplex } from 'node:stream';
import type { LessonState } from '@gobrel/core/lesson';
import { formatNews, type LiveNews } from '@gobrel/contract';
import { formatDocumentName, parseDocumentName, readLessonDocument, writeWorkChanges } from '@gobrel/core/shared-doc';
import type { WorkChange } from '@gobrel/core/work';
import { type Connection, Hocuspocus } from '@hocuspocus/server';
import { type BeforeApplicationShutdown, Injectable, Logger, type OnApplicationBootstrap } from '@nestjs/common';
import { HttpAdapterHost } from '@nestjs/core';
import { type WebSocket, WebSocketServer } from 'ws';
import * as Y from 'yjs';
import { type Identity, SessionsService } from '../accounts/index.js';
import { DocumentAccessService, isOwn, type Speaker } from './document-access.js';
import { DocumentStore } from './document-store.js';
import { EditionsService } from './editions.service.js';
import { AttemptLimitsService } from './attempt-limits.service.js';
import { judgeUpdate, readClientMessage } from './work-gate.js';

/** What is known of a connection to one document. */
interface ConnectionContext {
  /** Whose work a document is, which must fit its lesson's edition; `null` for other documents. */
  readonly workOf: { readonly lessonId: string; readonly participantId: string } | null;
  /** Who is signed in as a teacher on the connection. */
  readonly teacherId: string | null;
  /** Who opened it, and as whom they speak. */
  readonly identity: Identity;
  readonly speaker: Speaker;
  /** Whether the document is theirs to write in, though it may be closed for the moment. */
  readonly writes: boolean;
  /** When it was looked up who they are, in milliseconds since 1970. */
  readonly since: number;
}

/** What is known of a connection. */
function contextOf({ context }: { readonly context: unknown }): ConnectionContext {
  // `authenticate` below gives it to every connection before anything is asked of it.
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  return context as ConnectionContext;
}

/** Delay and longest delay before a change is stored, in milliseconds. */
const STORE_AFTER_MS = 250;
const STORE_AT_LATEST_MS = 800;
/** The largest message taken over the socket, in bytes. */
const LARGEST_MESSAGE = 8 * 1024 * 1024;

@Injectable()
export class SyncService implements OnApplicationBootstrap, BeforeApplicationShutdown {
  private readonly log = new Logger('Sync');
  private readonly sockets = new WebSocketServer({ noServer: true, maxPayload: LARGEST_MESSAGE });
  private readonly hocuspocus: Hocuspocus;
  /** When participants were sent out, in milliseconds since 1970. */
  private readonly dismissed = new Map<string, number>();
  /** The participant whose turn the others follow on their devices, by lesson document. */
  private readonly followed = new Map<string, string>();

  constructor(
    private readonly http: HttpAdapterHost,
    private readonly sessions: SessionsService,
    private readonly access: DocumentAccessService,
    private readonly editions: EditionsService,
    private readonly store: DocumentStore,
    private readonly attemptLimits: AttemptLimitsService,
  ) {
    this.hocuspocus = new Hocuspocus({
      quiet: true,
      debounce: STORE_AFTER_MS,
      maxDebounce: STORE_AT_LATEST_MS,
      onAuthenticate: ({ documentName, requestHeaders, connectionConfig, token }) =>
        this.authenticate(
          documentName,
          requestHeaders.cookie,
          token === 'student' ? 'student' : 'teacher',
          (readOnly) => {
            connectionConfig.readOnly = readOnly;
          },
        ),
      onLoadDocument: async ({ documentName, document }) => {
        const state = await this.store.load(documentName);
        if (state) Y.applyUpdate(document, state);
      },
      connected: ({ connection }) => {
        this.closeIfDismissed(connection);
        return Promise.resolve();
      },
      beforeHandleMessage: ({ documentName, update, document, context }) =>
        this.passMessage(documentName, update, document, contextOf({ context })),
      // Nobody waits for these two, so what goes wrong in them must not leave them.
      onChange: ({ documentName, document }) =>
        this.followTurns(documentName, document).catch((error: unknown) =>
          this.log.warn(`Those who followed a turn stay for the moment: ${String(error)}`),
        ),
      onStoreDocument: ({ documentName, document }) => this.store.store(documentName, document),
    });
  }

  onApplicationBootstrap(): void {
    const server: Server = this.http.httpAdapter.getHttpServer();
    server.on('upgrade', (request: IncomingMessage, socket: Duplex, head: Buffer) => {
      // A connection that breaks off meanwhile tells this socket, and nobody else listens to it yet.
      socket.on('error', () => socket.destroy());
      if (!isForSync(request)) return refuseUpgrade(socket, '404 Not Found');
      if (!isOwnOrigin(request)) return refuseUpgrade(socket, '403 Forbidden');
      this.sockets.handleUpgrade(request, socket, head, (client: WebSocket) => {
        client.on('error', () => client.close());
        this.hocuspocus.handleConnection(client, request);
      });
    });
  }

  /** Stores everything that is open, then lets the connections go. */
  async beforeApplicationShutdown(): Promise<void> {
    this.store.stopRetrying();
    await Promise.all([...this.hocuspocus.documents].map(([name, document]) => this.store.store(name, document)));
    for (const client of this.sockets.clients) client.terminate();
  }

  /** A document that somebody has open, as it is at this moment; `null` when nobody has. */
  readOpen(name: string): Y.Doc | null {
    return this.hocuspocus.documents.get(name) ?? null;
  }

  /** The state of a lesson that somebody has open; `null` when nobody has. */
  private readonly openState = (name: string): LessonState | null => {
    const open = this.readOpen(name);
    return open && readLessonDocument(open);
  };

  /** The present state of a document, open or stored; an empty one when there is none yet. */
  async read(name: string): Promise<Y.Doc> {
    const open = this.readOpen(name);
    if (open) return open;
    const doc = new Y.Doc();
    const state = await this.store.load(name);
    if (state) Y.applyUpdate(doc, state);
    return doc;
  }

  /** Changes a document from the server's side and stores it; open browsers follow. */
  async change(name: string, write: (doc: Y.Doc) => void): Promise<void> {
    const connection = await this.hocuspocus.openDirectConnection(name);
    try {
      await connection.transact(write);
    } finally {
      await connection.disconnect();
    }
  }

  /** Tells everybody who has a document open that there is something to look at. */
  tell(name: string, news: LiveNews): void {
    this.hocuspocus.documents.get(name)?.broadcastStateless(formatNews(news));
  }

  /** Sends a teacher out of a document that they may not see any more. */
  dismiss(name: string, teacherId: string): void {
    for (const connection of this.hocuspocus.documents.get(name)?.getConnections() ?? []) {
      if (contextOf(connection).teacherId === teacherId) connection.close();
    }
  }

  /** Sends participants out of every document, those who are just coming in included. */
  dismissParticipants(participantIds: readonly string[]): void {
    const now = Date.now();
    for (const id of participantIds) this.dismissed.set(id, now);
    for (const document of this.hocuspocus.documents.values())
      for (const connection of document.getConnections()) this.closeIfDismissed(connection);
  }

  /** Closes a connection that was let in before its participant was sent out. */
  private closeIfDismissed(connection: Pick<Connection, 'context' | 'close'>): void {
    const { identity, speaker, since } = contextOf(connection);
    const sentOut = speaker === 'student' && identity.participant && this.dismissed.get(identity.participant.id);
    if (sentOut && since <= sentOut) connection.close();
  }

  /** Closes a document for everybody; what it holds is stored. */
  close(name: string): void {
    for (const connection of this.hocuspocus.documents.get(name)?.getConnections() ?? []) connection.close();
  }

  /** Closes a document for everybody without storing it: what it belongs to is gone. */
  async discard(name: string): Promise<void> {
    this.store.drop(name);
    this.close(name);
    const document = this.hocuspocus.documents.get(name);
    if (document) await this.hocuspocus.unloadDocument(document);
  }

  /** When a turn ends, or is no longer followed, those who followed it are sent away. */
  private async followTurns(name: string, document: Y.Doc): Promise<void> {
    const parsed = parseDocumentName(name);
    if (parsed?.kind !== 'lesson') return;
    const { showing, allowed } = readLessonDocument(document);
    const now = allowed.following ? showing : null;
    const before = this.followed.get(name) ?? null;
    if (now === before) return;
    if (now === null) this.followed.delete(name);
    else this.followed.set(name, now);
    if (before === null) return;
    const { lessonId } = parsed;
    await this.dismissStudents(formatDocumentName({ kind: 'work', lessonId, participantId: before }));
  }

  /** Sends those students out of a document who may not see it any more. */
  private async dismissStudents(name: string): Promise<void> {
    const parsed = parseDocumentName(name);
    for (const connection of this.hocuspocus.documents.get(name)?.getConnections() ?? []) {
      const { identity, speaker } = contextOf(connection);
      if (parsed && speaker === 'student') {
        const access = await this.access.accessTo(parsed, identity, 'student', this.openState);
        if (access === 'none') connection.close();
      }
    }
  }

  /** Opens or closes a work document for writing, also for connections that stand. */
  setWriting(name: string, allowed: boolean): void {
    const document = this.hocuspocus.documents.get(name);
    for (const connection of document?.getConnections() ?? []) {
      if (contextOf(connection).writes) connection.readOnly = !allowed;
    }
    this.tell(name, { news: 'writing', allowed });
  }

  private async authenticate(
    documentName: string,
    cookie: string | undefined,
    speaker: Speaker,
    setReadOnly: (readOnly: boolean) => void,
  ): Promise<ConnectionContext> {
    const name = parseDocumentName(documentName);
    if (!name) throw new Error('no such document');
    const since = Date.now();
    const identity = await this.sessions.identify(cookie);
    const access = await this.access.accessTo(name, identity, speaker, this.openState);
    if (access === 'none') throw new Error('not allowed');
    setReadOnly(access === 'read');
    return {
      workOf: name.kind === 'work' ? { lessonId: name.lessonId, participantId: name.participantId } : null,
      teacherId: identity.teacherId,
      identity,
      speaker,
      since,
      writes: access === 'write' || (speaker === 'student' && isOwn(name, identity)),
    };
  }

  /** Puts answers back once the message that changed them is handled, which is before anything else is. */
  private putBackAfter(name: string, changes: readonly WorkChange[]): void {
    setImmediate(() => {
      this.change(name, (doc) => writeWorkChanges(doc, changes)).catch((error: unknown) =>
        this.log.error(`An answer that stays was not put back: ${String(error)}`),
      );
    });
  }

  private async passMessage(
    name: string,
    bytes: Uint8Array,
    document: Y.Doc,
    { workOf, writes }: ConnectionContext,
  ): Promise<void> {
    const message = readClientMessage(bytes);
    if (message.type === 'broadcast') throw new Error('clients do not broadcast');
    // Only those whose document it is say where they are in it. A message cannot be held back here, so it is emptied:
    // the first byte says of how many clients it tells.
    if (message.type === 'awareness' && !writes) message.payload.fill(0, 0, 1);
    if (message.type !== 'update' || !workOf) return;
    const { edition, mode } = await this.editions.ofLesson(workOf.lessonId);
    const usedUp = await this.attemptLimits.of(edition, workOf.participantId);
    const { refusals, putBack } = judgeUpdate(document, message.update, { edition, mode, usedUp });
    if (putBack.length > 0) this.putBackAfter(name, putBack);
    if (refusals.length === 0) return;
    this.log.warn(`Refused: ${refusals.slice(0, 3).join('; ')}`);
    throw new Error('the work does not fit its edition');
  }
}

/** Whether a request asks for the one socket there is; whatever else its address says. */
function isForSync(request: IncomingMessage): boolean {
  return (request.url ?? '').split('?', 1)[0] === '/sync';
}

function refuseUpgrade(socket: Duplex, status: string): void {
  socket.end(`HTTP/1.1 ${status}\r\nConnection: close\r\nContent-Length: 0\r\n\r\n`);
}

/** Whether a browser's request comes from a page of this very server. */
function isOwnOrigin(request: IncomingMessage): boolean {
  const { origin, host } = request.headers;
  if (origin === undefined) return true;
  const forwarded = request.headers['x-forwarded-host'];
  try {
    return [host, forwarded].includes(new URL(origin).host);
  } catch {
    return false;
  }
}
