/** Students who come into a lesson from outside: through their school's sign-in, or its learning platform. */
import { Injectable } from '@nestjs/common';
import type { Response } from 'express';
import { OutsideIdentitiesService, type OutsidePerson } from '../arriving/index.js';
import { JoiningService } from './joining.service.js';
import { LettingInService } from './letting-in.service.js';

/** Somebody from outside, with the id that the school's class lists have for them; '' for none. */
export interface OutsideStudent extends OutsidePerson {
  readonly rosterId: string;
}

@Injectable()
export class StudentArrivalsService {
  constructor(
    private readonly joining: JoiningService,
    private readonly identities: OutsideIdentitiesService,
    private readonly lettingIn: LettingInService,
  ) {}

  /**
   * Lets a student into the lesson with this code: who is known from before, or stands in the class with the id of the school's list. Gives
   * whether they are in; else they have yet to say which student they are. @throws ProblemException where nobody comes in
   */
  async arrive(code: string, person: OutsideStudent, address: string, response: Response): Promise<boolean> {
    const students = await this.joining.awaitedAt(code, address);
    const known = await this.identities.studentAmong(
      person,
      students.map(({ id }) => id),
    );
    const student = students.find(({ id, rosterId }) =>
      known === null ? rosterId !== '' && rosterId === person.rosterId : id === known,
    );
    if (!student) return false;
    if (known === null) await this.identities.connectStudent(person, student.id);
    await this.lettingIn.letIn(response, await this.joining.joinKnown(code, student, address), 'student came in');
    return true;
  }
}
