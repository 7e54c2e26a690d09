/**
 * What the HTTP API takes and gives (`/api/v1`): for a teacher's own scripts, which are written once and not looked at for years. So nothing here
 * is taken away, renamed, or wanted where it was not before; `npm run api` refuses to publish such a change. The documents of OpenAPI are made of
 * these very classes.
 */
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsISO8601,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  Length,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';

/** A deck in a teacher's library. */
export class ApiDeck {
  @IsString()
  id: string;

  @IsString()
  title: string;

  @IsInt()
  @Min(0)
  slides: number;

  /** When it was last changed. */
  @IsISO8601()
  updatedAt: string;

  /** What the teacher may do with it. */
  @IsIn(['view', 'edit'])
  may: 'view' | 'edit';
}

/** A deck with everything that is in it. */
export class ApiWholeDeck {
  @IsString()
  id: string;

  /** As in a deck file: slides, items, links, theme. Pictures and media are named by their ids. */
  @IsObject()
  deck: object;
}

/** A new deck. */
export class ApiNewDeck {
  @IsString()
  @Length(1, 200)
  title: string;

  /** Its language (BCP 47), such as `en`. */
  @IsOptional()
  @IsString()
  @MaxLength(35)
  language?: string;

  /** As in a deck file; one empty slide when it is left out. What of it cannot be read is left out. */
  @IsOptional()
  @IsObject()
  deck?: object;
}

/** A student of a class. */
export class ApiStudent {
  @IsString()
  id: string;

  @IsString()
  name: string;

  /** The group they work in; empty for none. */
  @IsString()
  group: string;

  /** As the school's own system knows them; empty when it does not. */
  @IsString()
  rosterId: string;
}

/** A class. */
export class ApiClass {
  @IsString()
  id: string;

  @IsString()
  name: string;

  @IsBoolean()
  archived: boolean;

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => ApiStudent)
  students: ApiStudent[];
}

/** A student who comes into a class. */
export class ApiNewStudent {
  @IsString()
  @Length(1, 80)
  name: string;

  @IsOptional()
  @IsString()
  @MaxLength(40)
  group?: string;

  /** Somebody with this id who is in the class already is not added again. */
  @IsOptional()
  @IsString()
  @MaxLength(255)
  rosterId?: string;
}

/** Students who come into a class. */
export class ApiNewStudents {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(400)
  @ValidateNested({ each: true })
  @Type(() => ApiNewStudent)
  students: ApiNewStudent[];
}

/** A new class. */
export class ApiNewClass extends ApiNewStudents {
  @IsString()
  @Length(1, 80)
  name: string;
}

/** A lesson. */
export class ApiLesson {
  @IsString()
  id: string;

  @IsString()
  title: string;

  /** The class it was handed to; left out where anybody with the code comes in. */
  @IsOptional()
  @IsString()
  classId?: string;

  /** The code with which students come in. */
  @IsString()
  code: string;

  @IsISO8601()
  openedAt: string;

  /** Left out while it runs. */
  @IsOptional()
  @IsISO8601()
  closedAt?: string;
}

/** Handing a deck out. */
export class ApiNewLesson {
  @IsString()
  @Length(1, 40)
  deckId: string;

  /** Left out for anybody with the code. */
  @IsOptional()
  @IsString()
  @Length(1, 40)
  classId?: string;

  /** A copy for each student, a slide of one deck for each, or a copy for each group. */
  @IsIn(['copy-each', 'slide-each', 'copy-per-group'])
  workMode: 'copy-each' | 'slide-each' | 'copy-per-group';

  @IsIn(['together', 'own-pace'])
  pace: 'together' | 'own-pace';
}

/** Somebody in a lesson, or a group, and how far they are. */
export class ApiParticipant {
  @IsString()
  name: string;

  /** Left out for guests and groups. */
  @IsOptional()
  @IsString()
  studentId?: string;

  @IsBoolean()
  joined: boolean;

  /** When they submitted what stands; left out when nothing does. */
  @IsOptional()
  @IsISO8601()
  submittedAt?: string;
}

/** A lesson with everybody in it. */
export class ApiWholeLesson extends ApiLesson {
  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => ApiParticipant)
  participants: ApiParticipant[];
}

/** What a student reached in a lesson, of what they submitted last. */
export class ApiResult {
  @IsString()
  studentId: string;

  @IsNumber()
  points: number;

  @IsNumber()
  outOf: number;

  /** How many answers nobody has marked yet. */
  @IsInt()
  @Min(0)
  unmarked: number;
}

/** The results of a lesson; who has submitted nothing is not in them. */
export class ApiLessonResults {
  @IsString()
  lessonId: string;

  @IsString()
  title: string;

  @IsISO8601()
  openedAt: string;

  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => ApiResult)
  results: ApiResult[];
}

/** What went wrong. */
export class ApiProblem {
  /** The HTTP status. */
  @IsInt()
  status: number;

  /** What went wrong, in one word that does not change. */
  @IsString()
  code: string;
  /** What is wrong with single fields of what was sent, by their names. */
  @IsOptional()
  @IsObject()
  fields?: object;

  /** More about it, such as how long to wait. */
  @IsOptional()
  @IsObject()
  values?: object;
}
