/**
 * Choosing on a platform what stands at a place of a course (Deep Linking 2.0): a teacher comes, chooses a deck or a lesson, and goes back with
 * what was chosen, signed.
 */
import type { ChoosingView, PlaceChoice } from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { emptyReview, marksWith } from '@gobrel/core/review';
import { emptyWork } from '@gobrel/core/work';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, MoreThan } from 'typeorm';
import { linkTokenHash, newLinkToken } from '../accounts/index.js';
import { PlatformChoiceRow, PlatformRow, PlatformTicketRow } from '../database/index.js';
import { LibraryService } from '../decks/index.js';
import { notFound, refuse } from '../errors/index.js';
import { LessonsService } from '../lessons/index.js';
import { claimNames, type Launch, readLaunch } from './launch.js';
import { ToolKeyService } from './tool-key.service.js';

/** For how long a teacher may choose, in milliseconds. */
const LASTS_MS = 2 * 60 * 60_000;
/** For how long what goes back is good, in seconds. */
const ANSWER_S = 600;

/** What goes back to a platform: where, and the signed message. */
export interface ChoiceAnswer {
  readonly returnUrl: string;
  readonly message: string;
  readonly platform: string;
}

/** Choosing that was begun. */
interface Begun {
  readonly platform: PlatformRow;
  readonly launch: Launch & { readonly choosing: NonNullable<Launch['choosing']> };
}

@Injectable()
export class ChoosingService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly library: LibraryService,
    private readonly lessons: LessonsService,
    private readonly key: ToolKeyService,
  ) {}

  /** Begins choosing; gives the token by which it goes on. */
  async begin(platform: PlatformRow, claims: object): Promise<string> {
    const { token, tokenHash } = newLinkToken();
    await this.database.getRepository(PlatformTicketRow).insert({
      ...{ tokenHash, platformId: platform.id, state: '', nonce: '', claims },
      expiresAt: new Date(Date.now() + LASTS_MS),
    });
    return token;
  }

  /** Where something is chosen for. @throws ProblemException when it was too long ago */
  async view(token: string): Promise<ChoosingView> {
    const { platform, launch } = await this.begun(token);
    return { platform: platform.name, course: launch.course.title };
  }

  /** Keeps what a teacher chose; gives its id. */
  async choose(token: string, teacherId: string, { deckId, lessonId }: PlaceChoice): Promise<string> {
    const { platform } = await this.begun(token);
    const id = newId();
    const choice = { id, platformId: platform.id, teacherId, deckId: deckId ?? null, lessonId: lessonId ?? null };
    if ((choice.deckId === null) === (choice.lessonId === null)) throw refuse(422, 'not-valid');
    // Nobody places what is not theirs, nor a lesson without a class, in which nobody from a course has a name.
    if (choice.deckId !== null) await this.library.present(teacherId, choice.deckId);
    if (choice.lessonId !== null && (await this.lessons.led(teacherId, choice.lessonId)).classId === null)
      throw refuse(422, 'place-needs-class');
    await this.database.getRepository(PlatformChoiceRow).insert(choice);
    return id;
  }

  /** What goes back to the platform with a choice, and ends the choosing. @param site where we are, without a slash at its end */
  async answer(token: string, teacherId: string, choiceId: string, site: string): Promise<ChoiceAnswer> {
    const { platform, launch } = await this.begun(token);
    const choice = await this.database
      .getRepository(PlatformChoiceRow)
      .findOneBy({ id: choiceId, teacherId, platformId: platform.id });
    if (!choice) throw notFound('place');
    const deck =
      choice.deckId === null
        ? await this.lessons.edition(teacherId, choice.lessonId ?? '')
        : await this.library.present(teacherId, choice.deckId);
    const { outOf } = marksWith(emptyReview, deck, emptyWork);
    const { returnUrl, data, takesScores } = launch.choosing;
    const item = {
      ...{ type: 'ltiResourceLink', title: deck.title, url: `${site}/api/lti/${platform.id}/launch` },
      custom: { choice: choice.id },
      ...(takesScores && outOf > 0
        ? { lineItem: { scoreMaximum: outOf, label: deck.title, resourceId: choice.id } }
        : {}),
    };
    const message = await this.key.signed(
      {
        ...{ iss: platform.clientId, aud: [platform.issuer], nonce: newId() },
        ...{ [claimNames.deploymentId]: platform.deploymentId, [claimNames.messageType]: 'LtiDeepLinkingResponse' },
        ...{ [claimNames.version]: '1.3.0', [claimNames.contentItems]: [item] },
        ...(data === '' ? {} : { [claimNames.data]: data }),
      },
      ANSWER_S,
    );
    await this.database.getRepository(PlatformTicketRow).delete({ tokenHash: linkTokenHash(token) });
    return { returnUrl, message, platform: platform.name };
  }

  private async begun(token: string): Promise<Begun> {
    const ticket = await this.database
      .getRepository(PlatformTicketRow)
      .findOneBy({ tokenHash: linkTokenHash(token), state: '', expiresAt: MoreThan(new Date()) });
    const launch = ticket && readLaunch(ticket.claims);
    if (!launch?.choosing) throw refuse(410, 'launch-too-late');
    const platform = await this.database.getRepository(PlatformRow).findOneByOrFail({ id: ticket?.platformId ?? '' });
    return { platform, launch: { ...launch, choosing: launch.choosing } };
  }
}
