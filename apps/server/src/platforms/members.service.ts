/** Who is in a course, as the platform tells it (Names and Role Provisioning Services 2.0). */
import { readFields, readString } from '@gobrel/core/deck';
import { Injectable, Logger } from '@nestjs/common';
import type { PlatformRow } from '../database/index.js';
import { CoursesService, type Learner } from './courses.service.js';
import { isLearning, scopes } from './launch.js';
import { PlatformCallsService } from './platform-calls.service.js';

const MEDIA_TYPE = 'application/vnd.ims.lti-nrps.v2.membershipcontainer+json';
/** The most pages that are read of one course. */
const MOST_PAGES = 20;

@Injectable()
export class MembersService {
  private readonly log = new Logger('Platforms');

  constructor(
    private readonly calls: PlatformCallsService,
    private readonly courses: CoursesService,
  ) {}

  /** Brings everybody who learns in a course into its class, beside what else is done; who is gone there stays here. */
  bringIn(platform: PlatformRow, classId: string, membersUrl: string): void {
    if (membersUrl === '') return;
    this.bring(platform, classId, membersUrl).catch((error: unknown) =>
      this.log.warn(`The members of a course are not known: ${String(error)}`),
    );
  }

  private async bring(platform: PlatformRow, classId: string, membersUrl: string): Promise<void> {
    let url: string | null = membersUrl;
    for (let page = 0; url !== null && page < MOST_PAGES; page += 1) {
      const answer = await this.calls.ask(platform, scopes.members, {
        ...{ method: 'GET', url, headers: { accept: MEDIA_TYPE } },
      });
      for (const learner of readMembers(JSON.parse(answer.text))) await this.courses.enrol(platform, classId, learner);
      url = nextOf(answer.headers['link'] ?? '');
    }
  }
}

/** Everybody on a page of members who learns and is there still. */
export function readMembers(page: unknown): readonly Learner[] {
  const members = readFields(page)?.['members'];
  return (Array.isArray(members) ? members : []).flatMap((member): Learner[] => {
    const fields = readFields(member);
    const text = (name: string) => readString(fields?.[name], '', 255).trim();
    const roles: readonly unknown[] = Array.isArray(fields?.['roles']) ? fields['roles'] : [];
    const learns = roles.some((role) => typeof role === 'string' && isLearning(role));
    if (!learns || text('user_id') === '' || (text('status') || 'Active') !== 'Active') return [];
    const parts = [text('given_name'), text('family_name')].filter((part) => part !== '');
    const rosterId = text('lis_person_sourcedid');
    return [{ subject: text('user_id'), name: text('name') || parts.join(' '), rosterId }];
  });
}

/** The address of the next page, as a Link header says it (RFC 8288); `null` when there is none. */
function nextOf(header: string): string | null {
  return /<([^>]+)>\s*;\s*rel="?next"?/.exec(header)?.[1] ?? null;
}
