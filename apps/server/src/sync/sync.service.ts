/** The one sync path: Hocuspocus on the server's own HTTP server, with access, the work gate and storing. */
import type { IncomingMessage, Server } from 'node:http';
import type { Duplex } from 'node:stream';
import type { LessonState } from '@gobrel/core/lesson';
import { formatNews, type LiveNews } from '@gobrel/contract';
import {
  knowsVersion,
  PAGE_FROM_BEFORE,
  parseDocumentName,
  parseDocumentToken,
  readLessonDocument,
  type Speaker,
} from '@gobrel/core/shared-doc';
import { type Connection, type Document, Hocuspocus } from '@hocuspocus/server';
import {
  type BeforeApplicationShutdown,
  Inject,
  Injectable,
  Logger,
  type OnApplicationBootstrap,
} from '@nestjs/common';
import { HttpAdapterHost } from '@nestjs/core';
import { type WebSocket, WebSocketServer } from 'ws';
import type * as Y from 'yjs';
import { type Identity, SessionsService } from '../accounts/index.js';
import { BusService } from '../bus/index.js';
import { MetricsService } from '../metrics/index.js';
import { PLACE, type Place } from '../place.js';
import { AttemptLimitsService } from './attempt-limits.service.js';
import { Budget, SharedBudgets } from './budgets.js';
import { accountOf, type ConnectionContext, contextOf } from './connection-context.js';
import { DocumentAccessService, isOwn } from './document-access.js';
import { EditionsService } from './editions.service.js';
import { Dismissals } from './dismissals.js';
import { FanOut } from './fan-out.js';
import { FollowedTurns } from './followed-turns.js';
import { ownAwareness, readClientMessage } from './gate/index.js';
import { Intake, type IntakeFacts } from './intake.js';
import { SocketGuard } from './socket-guard.js';
import { documentOf, UpdateLog } from './update-log.js';
import { addressOf, refuseUpgrade, upgradeRefusal } from './upgrade.js';

/** When what was changed of an open document is folded together, in ms: after a pause, and now and then without one. */
const FOLD_AFTER_MS = 2000;
const FOLD_AT_LATEST_MS = 10_000;
/** Work is folded less often: there is much of it, and nobody reads what is stored while it is open. In milliseconds. */
const FOLD_WORK_EVERY_MS = 120_000;
/** How long an orderly stop waits for what is on its way to disk, in milliseconds. */
const LAST_WAIT_MS = 10_000;
/** The largest message taken over the socket, in bytes. */
const LARGEST_MESSAGE = 8 * 1024 * 1024;

/** Tells a device that it cannot open a document, as its page is from before an update. */
class PageFromBefore extends Error {
  readonly reason = PAGE_FROM_BEFORE;
}

@Injectable()
export class SyncService implements OnApplicationBootstrap, BeforeApplicationShutdown {
  private readonly log = new Logger('Sync');
  private readonly sockets = new WebSocketServer({ noServer: true, maxPayload: LARGEST_MESSAGE });
  private readonly hocuspocus: Hocuspocus;
  private readonly intakes = new Map<string, Intake>();
  private readonly guards = new WeakMap<IncomingMessage, SocketGuard>();
  private readonly budgets = new SharedBudgets();
  private readonly fanOut: FanOut;
  private readonly countRefused: () => void;
  /** Connections over which something was refused. */
  private readonly shut = new WeakSet<Connection>();
  private readonly dismissals = new Dismissals();
  private readonly turns = new FollowedTurns();
  private stopping = false;

  constructor(
    private readonly http: HttpAdapterHost,
    private readonly sessions: SessionsService,
    private readonly access: DocumentAccessService,
    private readonly editions: EditionsService,
    private readonly updates: UpdateLog,
    private readonly attemptLimits: AttemptLimitsService,
    private readonly bus: BusService,
    metrics: MetricsService,
    @Inject(PLACE) private readonly place: Place,
  ) {
    this.fanOut = new FanOut(bus, updates);
    this.countRefused = metrics.counter('gobrel_refused_changes_total', 'Changes that were refused.');
    metrics.gauge('gobrel_open_documents', 'Documents that somebody has open.', () => this.hocuspocus.documents.size);
    metrics.gauge('gobrel_sockets', 'Sockets of devices.', () => this.sockets.clients.size);
    this.hocuspocus = new Hocuspocus({
      quiet: true,
      debounce: FOLD_AFTER_MS,
      maxDebounce: FOLD_AT_LATEST_MS,
      onAuthenticate: async ({ documentName, request, connectionConfig, token }) => {
        const { speaker, versions } = parseDocumentToken(token);
        if (!knowsVersion(versions, documentName)) throw new PageFromBefore();
        const context = await this.authenticate(documentName, request, speaker, (readOnly) => {
          connectionConfig.readOnly = readOnly;
        });
        const theirs = this.budgets.of('account', accountOf(context), performance.now());
        this.guards.get(request)?.opened(documentName, theirs);
        return context;
      },
      onLoadDocument: async ({ documentName, document }) => {
        this.fanOut.opening(documentName, document);
        try {
          documentOf(await this.updates.load(documentName), document);
        } catch (error) {
          this.fanOut.closed(documentName, document);
          throw error;
        }
      },
      afterLoadDocument: async ({ documentName, document }) => {
        this.openIntake(documentName, document);
        this.fanOut.opened(documentName);
        await this.followTurns(documentName, document);
      },
      connected: ({ connection }) => {
        this.closeIfDismissed(connection);
        return Promise.resolve();
      },
      beforeHandleMessage: ({ documentName, update, document, connection }) =>
        this.passMessage(documentName, update, document, connection),
      // Nobody waits for these, so what goes wrong in them must not leave them.
      onChange: ({ documentName, document }) =>
        this.followTurns(documentName, document).catch((error: unknown) =>
          this.log.warn(`Those who followed a turn stay for the moment: ${String(error)}`),
        ),
      onStoreDocument: ({ documentName, document }) =>
        this.isFoldedLater(documentName, document) ? Promise.resolve() : this.fold(documentName),
      // A document whose changes are still on their way to disk stays: it would be loaded without them.
      beforeUnloadDocument: ({ documentName }) => this.fold(documentName),
      afterUnloadDocument: ({ documentName }) => {
        this.intakes.get(documentName)?.close();
        this.intakes.delete(documentName);
        return Promise.resolve();
      },
    });
  }

  onApplicationBootstrap(): void {
    this.sessions.onEnd((sessionKey) => this.sendOut([sessionKey]));
    this.listenToOthers();
    // Nobody has to wait for it: whoever opens a document gets what is in the log as well.
    this.updates.foldLeftOvers().catch((error: unknown) => this.log.warn(`Left for later: ${String(error)}`));
    const server: Server = this.http.httpAdapter.getHttpServer();
    server.on('upgrade', (request: IncomingMessage, socket: Duplex, head: Buffer) => {
      // A connection that breaks off meanwhile tells this socket, and nobody else listens to it yet.
      socket.on('error', () => socket.destroy());
      // Whoever is sent away by a stop comes back at once, and would hold it up.
      const refusal = this.stopping ? '503 Service Unavailable' : upgradeRefusal(request);
      if (refusal !== null) return refuseUpgrade(socket, refusal);
      this.sockets.handleUpgrade(request, socket, head, (client: WebSocket) => {
        client.on('error', () => client.close());
        this.guard(client, request);
        this.hocuspocus.handleConnection(client, request);
      });
    });
  }

  private listenToOthers(): void {
    this.bus.on('news', ({ name, news }) => this.tellHere(name, news));
    this.bus.on('out', ({ keys }) => this.sendOutHere(keys));
    this.bus.on('teacher-out', ({ name, teacherId }) => this.dismissHere(name, teacherId));
    this.bus.on('close', ({ name }) => this.closeHere(name));
    this.bus.on('discard', ({ name }) => void this.discardHere(name));
    this.bus.onCatchUp((since) => {
      this.fanOut.catchUp(since).catch((error: unknown) => this.log.warn(`Not caught up: ${String(error)}`));
      void this.lookAtEverybody();
    });
  }

  /** Looks at everybody who is connected as if they came in just now: what happened meanwhile may not have been heard. */
  private async lookAtEverybody(): Promise<void> {
    for (const document of this.hocuspocus.documents.values())
      for (const connection of document.getConnections()) {
        const { speaker } = contextOf(connection);
        await this.authenticate(document.name, connection.request, speaker, (readOnly) => {
          connection.readOnly = readOnly;
        }).catch(() => connection.close());
      }
  }

  private guard(client: WebSocket, request: IncomingMessage): void {
    const now = performance.now();
    const address = this.budgets.of('address', addressOf(request, this.place), now);
    const guard = new SocketGuard(client, [new Budget('connection', now), address]);
    this.guards.set(request, guard);
  }

  /** Lets the connections go once everything is on disk; what nobody was told to be saved may be left behind. */
  async beforeApplicationShutdown(): Promise<void> {
    this.stopping = true;
    this.updates.stop();
    const names = [...this.hocuspocus.documents.keys()];
    const stored = Promise.allSettled(names.map((name) => this.updates.settled(name)));
    const atLatest = new Promise((resolve) => setTimeout(resolve, LAST_WAIT_MS).unref());
    await Promise.race([stored, atLatest]);
    for (const client of this.sockets.clients) client.terminate();
    // What is not folded by then is folded when the next process starts.
    await Promise.race([Promise.all(names.map((name) => this.fold(name))), atLatest]);
  }

  /** Whether the process is about to stop: it takes nobody in any more. */
  get isStopping(): boolean {
    return this.stopping;
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
    if (open && !this.bus.hasOthers) return open;
    // What others changed just now may not have been heard here yet: everything that was acknowledged is in the log.
    if (open) await this.updates.settled(name);
    return documentOf(await this.updates.load(name));
  }

  /** Changes a document from the server's side; open browsers follow. Resolves once that is on disk. */
  async change(name: string, write: (doc: Y.Doc) => void): Promise<void> {
    const connection = await this.hocuspocus.openDirectConnection(name);
    try {
      const { document } = connection;
      if (document) await this.intakes.get(name)?.line.run(() => document.transact(() => write(document)));
      await this.updates.settled(name);
    } finally {
      await connection.disconnect();
    }
  }

  /** Folds what is stored of a document together at once. */
  foldNow(name: string): Promise<void> {
    return this.updates.fold(name);
  }

  /** Tells everybody who has a document open that there is something to look at. */
  tell(name: string, news: LiveNews): void {
    this.tellHere(name, news);
    this.bus.say({ say: 'news', name, news });
  }

  private tellHere(name: string, news: LiveNews): void {
    this.hocuspocus.documents.get(name)?.broadcastStateless(formatNews(news));
  }

  /** Sends a teacher out of a document that they may not see any more. */
  dismiss(name: string, teacherId: string): void {
    this.dismissHere(name, teacherId);
    this.bus.say({ say: 'teacher-out', name, teacherId });
  }

  private dismissHere(name: string, teacherId: string): void {
    for (const connection of this.hocuspocus.documents.get(name)?.getConnections() ?? []) {
      if (contextOf(connection).teacherId === teacherId) connection.close();
    }
  }

  /** Sends participants out of every document, those who are just coming in included. */
  dismissParticipants(participantIds: readonly string[]): void {
    this.sendOut(participantIds);
  }

  /** Sends out everybody who is known by one of some keys: participants by their id, sessions by theirs. */
  private sendOut(keys: readonly string[]): void {
    this.sendOutHere(keys);
    this.bus.say({ say: 'out', keys });
  }

  private sendOutHere(keys: readonly string[]): void {
    this.dismissals.note(keys);
    for (const document of this.hocuspocus.documents.values())
      for (const connection of document.getConnections()) this.closeIfDismissed(connection);
  }

  private closeIfDismissed(connection: Pick<Connection, 'context' | 'close'>): void {
    if (this.dismissals.include(contextOf(connection))) connection.close();
  }

  /** Closes a document for everybody; what it holds is stored. */
  close(name: string): void {
    this.closeHere(name);
    this.bus.say({ say: 'close', name });
  }

  private closeHere(name: string): void {
    for (const connection of this.hocuspocus.documents.get(name)?.getConnections() ?? []) connection.close();
  }

  /** Closes a document for everybody without storing it: what it belongs to is gone. */
  async discard(name: string): Promise<void> {
    this.bus.say({ say: 'discard', name });
    await this.discardHere(name);
  }

  private async discardHere(name: string): Promise<void> {
    this.updates.drop(name);
    this.closeHere(name);
    const document = this.hocuspocus.documents.get(name);
    if (document) await this.hocuspocus.unloadDocument(document);
    await this.updates.settled(name).catch(() => undefined);
  }

  /** When a turn ends, or is no longer followed, those who followed it are sent away. */
  private async followTurns(name: string, document: Y.Doc): Promise<void> {
    const over = this.turns.note(name, document);
    if (over !== null) await this.dismissStudents(over);
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

  /** Opens or closes a work document for writing in this process, also for connections that stand. */
  setWriting(name: string, allowed: boolean): void {
    const document = this.hocuspocus.documents.get(name);
    const set = () => {
      for (const connection of document?.getConnections() ?? []) {
        if (contextOf(connection).writes) connection.readOnly = !allowed;
      }
    };
    // Closed at once: what has not been applied yet comes too late. Opened in its turn, so that nothing is let in that was
    // looked at while the document was closed.
    if (allowed) void this.intakes.get(name)?.line.run(set);
    else set();
    this.tellHere(name, { news: 'writing', allowed });
  }

  private async authenticate(
    documentName: string,
    request: IncomingMessage,
    speaker: Speaker,
    setReadOnly: (readOnly: boolean) => void,
  ): Promise<ConnectionContext> {
    const name = parseDocumentName(documentName);
    if (!name) throw new Error('no such document');
    const since = Date.now();
    const { cookie } = request.headers;
    const identity = await this.identify(request);
    const access = await this.access.accessTo(name, identity, speaker, this.openState);
    if (access === 'none') throw new Error('not allowed');
    setReadOnly(access === 'read');
    return {
      workOf: name.kind === 'work' ? { lessonId: name.lessonId, participantId: name.participantId } : null,
      teacherId: identity.teacherId,
      identity,
      speaker,
      sessionKey: this.sessions.keyOf(cookie, speaker === 'teacher' ? 'teacher' : 'participant'),
      since,
      writes: access === 'write' || (speaker === 'student' && isOwn(name, identity)),
    };
  }

  /** Who a socket is of; from then on it may stay open without a document. */
  private async identify(request: IncomingMessage): Promise<Identity> {
    const guard = this.guards.get(request);
    try {
      const identity = await this.sessions.identify(request.headers.cookie);
      if (identity.teacherId ?? identity.participant) guard?.shown();
      return identity;
    } catch (error) {
      // While the database is away nobody can show who they are, and nobody is sent away for that.
      guard?.shown();
      throw error;
    }
  }

  /** What is stored of a document is folded together; what goes wrong is tried again the next time. */
  private async fold(name: string): Promise<void> {
    try {
      await this.updates.settled(name);
      await this.updates.fold(name);
      const intake = this.intakes.get(name);
      if (intake) intake.foldedAt = Date.now();
    } catch (error) {
      this.log.warn(`${name} is not folded: ${String(error)}`);
    }
  }

  private isFoldedLater(name: string, document: Document): boolean {
    const { foldedAt } = this.intakes.get(name) ?? { foldedAt: 0 };
    return (
      parseDocumentName(name)?.kind === 'work' &&
      document.getConnectionsCount() > 0 &&
      Date.now() - foldedAt < FOLD_WORK_EVERY_MS
    );
  }

  private openIntake(documentName: string, document: Y.Doc): void {
    const name = parseDocumentName(documentName);
    if (!name) throw new Error('no such document');
    const append = (update: Uint8Array) => this.updates.append(documentName, update);
    this.intakes.set(documentName, new Intake(name, document, append));
  }

  /** Looks at a message before it is handled; resolves once what it changes is on disk, upon which it is acknowledged. */
  private async passMessage(
    name: string,
    bytes: Uint8Array,
    document: Document,
    connection: Connection,
  ): Promise<void> {
    if (this.shut.has(connection)) throw new Error('nothing more is taken over this connection');
    try {
      const message = readClientMessage(bytes);
      switch (message.type) {
        case 'asking':
          return;
        case 'awareness':
          return void cutAwareness(message.payload, document, connection);
        case 'strange':
          throw new Error('clients send no such messages');
        case 'update':
          await this.take(name, message.update, connection);
          // An update that brings nothing new says that everything before it has arrived: that has to be true.
          return await this.updates.settled(name);
      }
    } catch (error) {
      // What follows builds on what was not taken.
      this.shut.add(connection);
      throw error;
    }
  }

  private async take(name: string, update: Uint8Array, connection: Connection): Promise<void> {
    const intake = this.intakes.get(name);
    if (!intake) throw new Error('the document is closed');
    const refusals = await intake.line.run(async () => {
      if (this.updates.isFull && !connection.readOnly) return ['too much waits for the database'];
      const facts = await this.factsFor(contextOf(connection));
      if (connection.readOnly) return [];
      const began = performance.now();
      const refused = intake.take(update, facts, connection);
      this.guards.get(connection.request)?.use({ time: performance.now() - began });
      return refused;
    });
    if (refusals.length === 0) return;
    this.countRefused();
    this.log.warn(`Refused: ${refusals.slice(0, 3).join('; ').slice(0, 300)}`);
    throw new Error('the change does not fit the document');
  }

  private async factsFor({ workOf }: ConnectionContext): Promise<IntakeFacts | null> {
    if (!workOf) return null;
    const { edition, mode } = await this.editions.ofLesson(workOf.lessonId);
    const usedUp = await this.attemptLimits.of(edition, workOf.participantId);
    return { edition, mode, usedUp };
  }
}

/**
 * Cuts down what a connection says of where somebody is. A message cannot be held back here, so it is written over: what
 * is left is shorter, and nobody reads on behind it.
 */
function cutAwareness(payload: Uint8Array, document: Document, connection: Connection): void {
  const taken = new Set<unknown>(
    document.getConnections().flatMap((each) => (each === connection ? [] : [...document.getClients(each.webSocket)])),
  );
  // Only those whose document it is say where they are in it.
  const { writes } = contextOf(connection);
  payload.set(ownAwareness(payload, (client) => writes && !taken.has(client)));
}
