/** The HTTP API for teachers' own scripts. Its answers are what `@gobrel/contract/api` says, and nothing else. */
import {
  ApiClass,
  ApiDeck,
  ApiLesson,
  ApiLessonResults,
  ApiNewClass,
  ApiNewDeck,
  ApiNewLesson,
  ApiNewStudents,
  ApiWholeDeck,
  ApiWholeLesson,
} from '@gobrel/contract/api';
import { readDeck } from '@gobrel/core/deck';
import { Body, Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import { TeacherId } from '../accounts/index.js';
import { ClassesService } from '../classes/index.js';
import { LibraryService } from '../decks/index.js';
import { HandingOutService, LessonsService, ReviewsService } from '../lessons/index.js';
import { classOf, deckOf, lessonOf, listedLesson, newStudentsOf, resultsOf, wholeLesson } from './answers.js';
import { Operation } from './operation.js';

@Controller('api/v1')
export class ApiController {
  constructor(
    private readonly library: LibraryService,
    private readonly classes: ClassesService,
    private readonly lessons: LessonsService,
    private readonly handingOut: HandingOutService,
    private readonly reviews: ReviewsService,
  ) {}

  @Get('decks')
  @Operation({ scope: 'decks:read', does: 'Lists the decks of the library.', answers: ApiDeck, many: true })
  async decks(@TeacherId() teacherId: string): Promise<ApiDeck[]> {
    return (await this.library.list(teacherId)).map(deckOf);
  }

  @Get('decks/:id')
  @Operation({ scope: 'decks:read', does: 'Gives a deck with everything in it.', answers: ApiWholeDeck })
  async deck(@TeacherId() teacherId: string, @Param('id') id: string): Promise<ApiWholeDeck> {
    return { id, deck: await this.library.whole(teacherId, id) };
  }

  @Post('decks')
  @Operation({ scope: 'decks:write', does: 'Makes a deck.', takes: ApiNewDeck, answers: ApiDeck })
  async newDeck(@TeacherId() teacherId: string, @Body() { title, language, deck }: ApiNewDeck): Promise<ApiDeck> {
    return deckOf(
      await this.library.create(teacherId, {
        title,
        ...(language === undefined ? {} : { language }),
        ...(deck === undefined ? {} : { deck: readDeck(deck).deck }),
      }),
    );
  }

  @Get('classes')
  @Operation({ scope: 'classes:read', does: 'Lists the classes with their students.', answers: ApiClass, many: true })
  async allClasses(@TeacherId() teacherId: string): Promise<ApiClass[]> {
    return (await this.classes.list(teacherId)).map(classOf);
  }

  @Post('classes')
  @Operation({ scope: 'classes:write', does: 'Makes a class.', takes: ApiNewClass, answers: ApiClass })
  async newClass(@TeacherId() teacherId: string, @Body() { name, students }: ApiNewClass): Promise<ApiClass> {
    return classOf(await this.classes.create(teacherId, { name, ...newStudentsOf(students) }));
  }

  @Post('classes/:id/students')
  @Operation({
    scope: 'classes:write',
    does: 'Adds students to a class, and gives the class.',
    takes: ApiNewStudents,
    answers: ApiClass,
  })
  async addStudents(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Body() { students }: ApiNewStudents,
  ): Promise<ApiClass> {
    return classOf(await this.classes.add(teacherId, id, newStudentsOf(students)));
  }

  @Get('classes/:id/results')
  @Operation({
    scope: 'results:read',
    does: 'Gives what the students of a class reached in its lessons.',
    answers: ApiLessonResults,
    many: true,
  })
  async results(@TeacherId() teacherId: string, @Param('id') id: string): Promise<ApiLessonResults[]> {
    return (await this.reviews.gradebook(teacherId, id)).lessons.map(resultsOf);
  }

  @Get('lessons')
  @Operation({ scope: 'lessons:read', does: 'Lists the lessons.', answers: ApiLesson, many: true })
  async allLessons(@TeacherId() teacherId: string): Promise<ApiLesson[]> {
    return (await this.lessons.list(teacherId)).map(listedLesson);
  }

  @Get('lessons/:id')
  @Operation({ scope: 'lessons:read', does: 'Gives a lesson with everybody in it.', answers: ApiWholeLesson })
  async lesson(@TeacherId() teacherId: string, @Param('id') id: string): Promise<ApiWholeLesson> {
    return wholeLesson(await this.lessons.get(teacherId, id));
  }

  @Post('lessons')
  @Operation({ scope: 'lessons:write', does: 'Hands a deck out.', takes: ApiNewLesson, answers: ApiLesson })
  async handOut(@TeacherId() teacherId: string, @Body() { classId, ...order }: ApiNewLesson): Promise<ApiLesson> {
    return lessonOf(await this.handingOut.handOut(teacherId, { ...order, classId: classId ?? null }));
  }

  @Post('lessons/:id/close')
  @HttpCode(200)
  @Operation({ scope: 'lessons:write', does: 'Ends a lesson; work can be looked at afterwards.', answers: ApiLesson })
  async close(@TeacherId() teacherId: string, @Param('id') id: string): Promise<ApiLesson> {
    return lessonOf(await this.lessons.setClosed(teacherId, id, true));
  }
}
