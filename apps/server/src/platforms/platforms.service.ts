/** The learning platforms of a school: entered and taken out by whoever manages it. */
import type { NewPlatform, PlatformView } from '@gobrel/contract';
import { Inject, Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { isIP } from 'node:net';
import { DataSource } from 'typeorm';
import { AuditService } from '../audit/index.js';
import { PlatformRow } from '../database/index.js';
import { notFound, refuse } from '../errors/index.js';
import { isLoopback, PLACE, type Place } from '../place.js';
import { SchoolsService } from '../school/index.js';
import { isNear } from './outside-calls.js';

@Injectable()
export class PlatformsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly schools: SchoolsService,
    private readonly audit: AuditService,
    @Inject(PLACE) private readonly place: Place,
  ) {}

  /**
   * Whether platforms on this machine or in the network around it may be asked: where the application is for whoever sits at this machine,
   * as when one is tried out, or where the settings allow it.
   */
  get allowsNear(): boolean {
    return !this.place.isBehindTls || process.env['GOBREL_PLATFORMS_NEARBY'] === 'yes';
  }

  /** The platforms of a teacher's school, by name. */
  async list(teacherId: string): Promise<PlatformView[]> {
    const { schoolId } = await this.schools.managed(teacherId);
    const rows = await this.rows.find({ where: { schoolId }, order: { name: 'ASC', id: 'ASC' } });
    return rows.map(({ schoolId: _school, ...view }) => view);
  }

  /** Enters a platform. @throws ProblemException for whoever does not manage their school, or where it can never be asked */
  async add(teacherId: string, platform: NewPlatform): Promise<PlatformView[]> {
    const { schoolId } = await this.schools.managed(teacherId);
    const addresses = ['issuer', 'signInUrl', 'tokenUrl', 'keysUrl'] as const;
    const wrong = addresses.filter((name) => !this.mayBeAsked(platform[name]));
    if (wrong.length > 0)
      throw refuse(422, 'not-valid', Object.fromEntries(wrong.map((name) => [name, 'outside-address' as const])));
    const { id, name, issuer, clientId, deploymentId, signInUrl, tokenUrl, keysUrl } = platform;
    const row = { id, schoolId, name, issuer, clientId, deploymentId, signInUrl, tokenUrl, keysUrl };
    if (await this.rows.existsBy({ id })) throw refuse(409, 'refused');
    await this.rows.insert(row);
    await this.audit.note({ act: 'platform added', by: teacherId, place: id });
    return this.list(teacherId);
  }

  /** Takes a platform out, with what is tied to it. Lessons and classes stay. */
  async remove(teacherId: string, id: string): Promise<PlatformView[]> {
    const { schoolId } = await this.schools.managed(teacherId);
    await this.audit.note({ act: 'platform removed', by: teacherId, place: id });
    const gone = await this.rows.delete({ id, schoolId });
    if (gone.affected !== 1) throw notFound('platform');
    return this.list(teacherId);
  }

  /** One of them, whoever asks. */
  async get(id: string): Promise<PlatformRow> {
    const row = await this.rows.findOneBy({ id });
    if (!row) throw notFound('platform');
    return row;
  }

  /** Whether an address is one that is asked at all; names are looked at again when they are. */
  private mayBeAsked(address: string): boolean {
    const { protocol, hostname } = new URL(address);
    const host = hostname.replace(/^\[|\]$/g, '');
    if (this.allowsNear) return protocol === 'https:' || isLoopback(host);
    return protocol === 'https:' && !isLoopback(host) && (isIP(host) === 0 || !isNear(host));
  }

  private get rows() {
    return this.database.getRepository(PlatformRow);
  }
}
