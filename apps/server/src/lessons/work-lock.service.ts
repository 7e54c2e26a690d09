/** Who of a lesson may change their work just now: tells devices that are connected when that changes. */
import { formatDocumentName } from '@gobrel/core/shared-doc';
import { Injectable, Logger } from '@nestjs/common';
import { BusService } from '../bus/index.js';
import { DocumentAccessService, SyncService } from '../sync/index.js';
import { ParticipantsService } from './participants.service.js';

@Injectable()
export class WorkLockService {
  private readonly log = new Logger('WorkLock');

  constructor(
    private readonly access: DocumentAccessService,
    private readonly participants: ParticipantsService,
    private readonly sync: SyncService,
    private readonly bus: BusService,
  ) {
    bus.on('settle', ({ lessonId, participantId }) => {
      const settled = participantId === null ? this.settleHere(lessonId) : this.settleOneHere(lessonId, participantId);
      settled.catch((error: unknown) => this.log.warn(`Who may write is not settled: ${String(error)}`));
    });
  }

  /** Opens or shuts everybody's work by how things stand, and lets all devices look at the lesson again. */
  async settle(lessonId: string): Promise<void> {
    this.bus.say({ say: 'settle', lessonId, participantId: null });
    await this.settleHere(lessonId);
    this.tell(lessonId);
  }

  /** The same for one participant's work. */
  async settleOne(lessonId: string, participantId: string): Promise<void> {
    this.bus.say({ say: 'settle', lessonId, participantId });
    await this.settleOneHere(lessonId, participantId);
  }

  /** Lets everybody in a lesson look at it again. */
  tell(lessonId: string): void {
    this.sync.tell(formatDocumentName({ kind: 'lesson', lessonId }), { news: 'participants' });
  }

  private async settleHere(lessonId: string): Promise<void> {
    for (const participantId of await this.participants.workIds(lessonId))
      await this.settleOneHere(lessonId, participantId);
  }

  private async settleOneHere(lessonId: string, participantId: string): Promise<void> {
    const name = formatDocumentName({ kind: 'work', lessonId, participantId });
    if (this.sync.readOpen(name)) this.sync.setWriting(name, await this.access.mayWrite(participantId));
  }
}
