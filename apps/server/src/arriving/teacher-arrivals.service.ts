/** Teachers who come from outside: known already, new here, or with an account that they show to be theirs. */
import { newId } from '@gobrel/core/deck';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { isEmail } from 'class-validator';
import type { Response } from 'express';
import { DataSource } from 'typeorm';
import { PresentPasswordService, SessionsService, teacherBy } from '../accounts/index.js';
import { AuditService } from '../audit/index.js';
import { isDuplicate, TeacherRow } from '../database/index.js';
import { refuse } from '../errors/index.js';
import { OutsideIdentitiesService } from './outside-identities.service.js';
import type { OutsidePerson } from './outside-person.js';
import { WaitingArrivalsService } from './waiting-arrivals.service.js';

/** The longest name of a teacher, in letters, as in `NewAccount`. */
const LONGEST_NAME = 80;

/**
 * What comes of an arrival: signed in; still to show that an account of the same address is theirs; or not possible, as the system
 * outside says no address.
 */
export type TeacherArrival = 'in' | 'waits' | 'no-address';

@Injectable()
export class TeacherArrivalsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly identities: OutsideIdentitiesService,
    private readonly waiting: WaitingArrivalsService,
    private readonly presentPassword: PresentPasswordService,
    private readonly sessions: SessionsService,
    private readonly audit: AuditService,
  ) {}

  /**
   * Signs somebody in. Whoever has no account yet gets one, without a password. An account with the same address is not simply theirs,
   * as anybody may have made it: they type its password once.
   */
  async arrive(person: OutsidePerson, response: Response): Promise<TeacherArrival> {
    const known = await this.identities.teacherOf(person);
    if (known !== null) return this.signIn(known, response);
    if (!isEmail(person.email)) return 'no-address';
    const made = await this.newAccount(person);
    if (made === null) {
      await this.waiting.wait(person, response);
      return 'waits';
    }
    await this.identities.connectTeacher(person, made);
    return this.signIn(made, response);
  }

  /** Connects whoever waits in a browser with the account of their address, by its password, and signs them in. */
  async connect(cookies: string | undefined, password: string, response: Response): Promise<void> {
    const person = await this.waiting.waiting(cookies);
    const teacher = person && (await teacherBy(this.database, person.email));
    if (!teacher) throw refuse(401, 'provider-refused');
    await this.presentPassword.confirm(teacher.id, password);
    await this.identities.connectTeacher(person, teacher.id);
    await this.waiting.end(cookies, response);
    await this.audit.note({ act: 'account connected', by: teacher.id });
    await this.signIn(teacher.id, response);
  }

  /** Connects somebody with the teacher who is signed in, who asked for it. */
  async connectSignedIn(person: OutsidePerson, teacherId: string): Promise<void> {
    await this.identities.connectTeacher(person, teacherId);
    await this.audit.note({ act: 'account connected', by: teacherId });
  }

  /** A teacher does not sign in by a system any more; without a password they would not come in again. */
  async disconnect(teacherId: string, id: string): Promise<void> {
    const teacher = await this.database.getRepository(TeacherRow).findOneByOrFail({ id: teacherId });
    const others = (await this.identities.ofTeacher(teacherId)).filter((each) => each.id !== id);
    if (teacher.passwordHash === null && others.length === 0) throw refuse(409, 'only-way-in');
    await this.identities.disconnect(teacherId, id);
    await this.audit.note({ act: 'account disconnected', by: teacherId });
  }

  /** The id of a new account; `null` where there is one with this address. */
  private async newAccount({ email, name }: OutsidePerson): Promise<string | null> {
    if (await teacherBy(this.database, email)) return null;
    const id = newId();
    const called = (name.trim() || email.replace(/@.*/, '')).slice(0, LONGEST_NAME);
    try {
      await this.database
        .getRepository(TeacherRow)
        .insert({ id, email, name: called, passwordHash: null, language: null });
      return id;
    } catch (error) {
      if (isDuplicate(error)) return null;
      throw error;
    }
  }

  private async signIn(teacherId: string, response: Response): Promise<'in'> {
    await this.audit.note({ act: 'teacher signed in', by: teacherId });
    await this.sessions.start(response, 'teacher', teacherId);
    return 'in';
  }
}
