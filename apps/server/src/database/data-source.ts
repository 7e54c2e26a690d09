/** Where the database is and what is in it. */
import { DataSource, type DataSourceOptions } from 'typeorm';
import {
  ApiTokenRow,
  EmailLinkRow,
  FailedAttemptRow,
  OutboxRow,
  OutsideIdentityRow,
  PasswordLinkRow,
  SessionRow,
  TeacherRow,
  WaitingAccountRow,
  WaitingArrivalRow,
} from './entities/account.js';
import {
  DeckAuthorRow,
  DeckRow,
  DeckShelfRow,
  DeckVersionRow,
  EditionRow,
  OwnThemeRow,
  ContentKeeperRow,
  PictureRow,
  SceneRow,
  SharedDocumentRow,
  TemplateRow,
  TemplateShareRow,
  UnitRow,
} from './entities/deck.js';
import { StoredFileRow, UploadRow } from './entities/files.js';
import {
  AnswerCheckRow,
  ClassRow,
  LessonRow,
  ParticipantRow,
  ReviewRow,
  StudentRow,
  SubmissionRow,
} from './entities/lesson.js';
import {
  PlatformChoiceRow,
  PlatformCourseRow,
  PlatformLinkRow,
  PlatformRow,
  PlatformScoreRow,
  PlatformTicketRow,
} from './entities/platform.js';
import {
  ColleagueRow,
  DeckOfferRow,
  DeckTeamRow,
  SchoolInvitationRow,
  SchoolRow,
  TeamMemberRow,
  TeamRow,
} from './entities/school.js';
import { InvitationRow, ShareLookRow, ShareRow } from './entities/sharing.js';
import { inTurns } from './in-turns.js';
import { FirstTables1764000000000 } from './migrations/1-first-tables.js';
import { Authoring1764100000000 } from './migrations/2-authoring.js';
import { Routes1764200000000 } from './migrations/3-routes.js';
import { Questions1764300000000 } from './migrations/4-questions.js';
import { Lessons1764400000000 } from './migrations/5-lessons.js';
import { Seats1764500000000 } from './migrations/6-seats.js';
import { Collecting1764600000000 } from './migrations/7-collecting.js';
import { Feedback1764700000000 } from './migrations/8-feedback.js';
import { UpdateLog1764800000000 } from './migrations/9-update-log.js';
import { KnownDevices1764900000000 } from './migrations/10-known-devices.js';
import { Care1765000000000 } from './migrations/11-care.js';
import { ReachedSlides1765100000000 } from './migrations/12-reached-slides.js';
import { Shelves1765200000000 } from './migrations/13-shelves.js';
import { AccountLanguage1765300000000 } from './migrations/14-account-language.js';
import { Scenes1765400000000 } from './migrations/15-scenes.js';
import { Mail1765500000000 } from './migrations/16-mail.js';
import { Shares1765600000000 } from './migrations/17-shares.js';
import { Devices1765700000000 } from './migrations/18-devices.js';
import { Bin1765800000000 } from './migrations/19-bin.js';
import { School1765900000000 } from './migrations/20-school.js';
import { Media1766100000000 } from './migrations/21-media.js';
import { SchoolSystems1766200000000 } from './migrations/22-school-systems.js';
import { WaitingAccounts1766300000000 } from './migrations/23-waiting-accounts.js';

/** Every table of the application. */
export const entities = [
  TeacherRow,
  SessionRow,
  FailedAttemptRow,
  OutboxRow,
  PasswordLinkRow,
  EmailLinkRow,
  WaitingAccountRow,
  OutsideIdentityRow,
  WaitingArrivalRow,
  ApiTokenRow,
  DeckRow,
  DeckAuthorRow,
  DeckVersionRow,
  OwnThemeRow,
  SharedDocumentRow,
  PictureRow,
  ContentKeeperRow,
  SceneRow,
  StoredFileRow,
  UploadRow,
  EditionRow,
  ClassRow,
  StudentRow,
  LessonRow,
  ParticipantRow,
  SubmissionRow,
  AnswerCheckRow,
  ReviewRow,
  TemplateRow,
  TemplateShareRow,
  UnitRow,
  DeckShelfRow,
  ShareRow,
  ShareLookRow,
  InvitationRow,
  SchoolRow,
  ColleagueRow,
  SchoolInvitationRow,
  TeamRow,
  TeamMemberRow,
  DeckTeamRow,
  DeckOfferRow,
  PlatformRow,
  PlatformTicketRow,
  PlatformCourseRow,
  PlatformChoiceRow,
  PlatformLinkRow,
  PlatformScoreRow,
];

/** Options for a database at `url` (postgres://…); waits at most 4 s for a connection. */
export function dataSourceOptions(url: string): DataSourceOptions {
  return {
    type: 'postgres',
    url,
    entities,
    migrations: [
      FirstTables1764000000000,
      Authoring1764100000000,
      Routes1764200000000,
      Questions1764300000000,
      Lessons1764400000000,
      Seats1764500000000,
      Collecting1764600000000,
      Feedback1764700000000,
      UpdateLog1764800000000,
      KnownDevices1764900000000,
      Care1765000000000,
      ReachedSlides1765100000000,
      Shelves1765200000000,
      AccountLanguage1765300000000,
      Scenes1765400000000,
      Mail1765500000000,
      Shares1765600000000,
      Devices1765700000000,
      Bin1765800000000,
      School1765900000000,
      Media1766100000000,
      SchoolSystems1766200000000,
      WaitingAccounts1766300000000,
    ],
    synchronize: false,
    logging: false,
    poolSize: 12,
    applicationName: 'gobrel',
    extra: { connectionTimeoutMillis: 4000, idleTimeoutMillis: 30_000 },
  };
}

/** Connects, and brings the tables up to date: one process after the other, as several may start at once. */
export async function openDatabase(options: DataSourceOptions): Promise<DataSource> {
  const database = await new DataSource(options).initialize();
  await inTurns(database, 'starting', () => database.runMigrations());
  return database;
}
