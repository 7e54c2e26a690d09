/** Signing in whoever has shown that they are in a lesson. */
import { Injectable } from '@nestjs/common';
import type { Response } from 'express';
import { SessionsService } from '../accounts/index.js';
import { AuditService } from '../audit/index.js';
import type { Seated } from './joining.service.js';
import { WorkLockService } from './work-lock.service.js';

@Injectable()
export class LettingInService {
  constructor(
    private readonly sessions: SessionsService,
    private readonly audit: AuditService,
    private readonly workLock: WorkLockService,
  ) {}

  /** Starts their session in the browser that is answered; the board hears of it. */
  async letIn(
    response: Response,
    { lesson, participant }: Seated,
    act: 'student came in' | 'guest came in',
  ): Promise<void> {
    await this.audit.note({ act, by: null, subject: participant.id, place: lesson.id });
    await this.sessions.start(response, 'participant', participant.id);
    this.workLock.tell(lesson.id);
  }
}
