/** Ends seats: whoever sits in one is signed out on every device at once, and their connections are closed. */
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In } from 'typeorm';
import { SessionsService } from '../accounts/index.js';
import { ParticipantRow } from '../database/index.js';
import { SyncService } from './sync.service.js';

@Injectable()
export class SeatsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly sessions: SessionsService,
    private readonly sync: SyncService,
  ) {}

  /** Ends the seats of some participants. */
  async end(participantIds: readonly string[]): Promise<void> {
    if (participantIds.length === 0) return;
    await this.sessions.endSeats(participantIds);
    this.sync.dismissParticipants(participantIds);
  }

  /** The participants that some students are, in whatever lesson. */
  async ofStudents(studentIds: readonly string[]): Promise<string[]> {
    const rows = await this.database.getRepository(ParticipantRow).findBy({ studentId: In([...studentIds]) });
    return rows.map(({ id }) => id);
  }
}
