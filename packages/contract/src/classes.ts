/** Classes: what is sent and what comes back. */
import type { RosterRef } from '@gobrel/core/formats';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsBoolean, IsObject, IsString, Length, MaxLength } from 'class-validator';
import { fault } from './fault.js';
import { Optional } from './optional.js';
import { Trimmed } from './trimmed.js';

/** Students who come into a class, with their names as the school writes them. */
export class AddStudents {
  @IsArray()
  @ArrayMinSize(1, fault('students'))
  @ArrayMaxSize(400, fault('too-many-students'))
  @IsString({ each: true })
  @Length(1, 80, { each: true, ...fault('student-name') })
  students: string[];

  /** The group of each student, in the same order; '' for none. */
  @Optional()
  @IsArray()
  @ArrayMaxSize(400)
  @IsString({ each: true })
  @MaxLength(40, { each: true, ...fault('group-name') })
  groups?: string[];

  /** As the school's system knows each student, in the same order; '' for who is not known there. */
  @Optional()
  @IsArray()
  @ArrayMaxSize(400)
  @IsString({ each: true })
  @MaxLength(255, { each: true, ...fault('other') })
  rosterIds?: string[];
}

/** A new class and who is in it. */
export class NewClass extends AddStudents {
  @Trimmed()
  @IsString()
  @Length(1, 80, fault('class-name'))
  name: string;

  /** How the school's system knows it, read with `readRosterRef`. */
  @Optional()
  @IsObject(fault('other'))
  roster?: object;
}

/** What changes of a class: its name, or whether it is put away. */
export class ChangeClass {
  @Optional()
  @Trimmed()
  @IsString()
  @Length(1, 80, fault('class-name'))
  name?: string;

  @Optional()
  @IsBoolean()
  archived?: boolean;
}

/** What changes of a student: name, group, or the class they are in; their work stays theirs. */
export class ChangeStudent {
  @Optional()
  @Trimmed()
  @IsString()
  @Length(1, 80, fault('student-name'))
  name?: string;

  @Optional()
  @Trimmed()
  @IsString()
  @MaxLength(40, fault('group-name'))
  group?: string;

  @Optional()
  @IsString()
  @Length(1, 40)
  classId?: string;
}

/** A student as their teacher sees them. */
export interface StudentView {
  readonly id: string;
  readonly name: string;
  readonly hasPin: boolean;
  /** The group they work in; '' for none. */
  readonly group: string;
  /** As the school's system knows them; '' when they are not known there. */
  readonly rosterId: string;
}

/** A class and who is in it. */
export interface ClassView {
  readonly id: string;
  readonly name: string;
  /** How the school's system knows it; `null` when it is not from there. */
  readonly roster: RosterRef | null;
  readonly archivedAt: string | null;
  readonly students: readonly StudentView[];
}

/** New PINs of a class, said once: afterwards only their hashes are known. */
export type NewPins = Readonly<Record<string, string>>;

/** Everything that is kept about a student. */
export interface StudentData {
  readonly name: string;
  readonly className: string;
  /** '' for none. */
  readonly group: string;
  /** As the school's system knows them; '' when they are not known there. */
  readonly rosterId: string;
  /** The systems of the school by which they sign in: the addresses these call themselves. */
  readonly signsInBy: readonly string[];
  readonly lessons: readonly StudentLessonData[];
}

/** A lesson that a student was in: what they answered as it can be read, and beside it everything as it is stored. */
export interface StudentLessonData {
  readonly title: string;
  /** ISO 8601. */
  readonly joinedAt: string;
  readonly workedInGroup: boolean;
  readonly answers: readonly {
    readonly question: string;
    /** '' for nothing. */
    readonly given: string;
    /** `null` where nobody has marked it. */
    readonly mark: { readonly points: number; readonly outOf: number } | null;
    /** Why a teacher gave other points than the key; may be ''. */
    readonly why: string;
  }[];
  readonly work: unknown;
  readonly submissions: readonly object[];
  readonly review: object | null;
}
