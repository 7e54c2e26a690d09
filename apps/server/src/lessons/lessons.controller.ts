/** Lessons, for the teacher who runs them. */
import {
  type BroughtWork,
  ClassDeckTerms,
  ChangeTerms,
  type CorrectionView,
  type DeckSummary,
  HandOut,
  Hold,
  type LessonMarks,
  type LessonSummary,
  type LessonView,
  PutIn,
  UseAgain,
  WorkFromElsewhere,
} from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post, Res } from '@nestjs/common';
import type { Response } from 'express';
import { Allow, TeacherId } from '../accounts/index.js';
import { BringingInService } from './bringing-in.service.js';
import { ClassDeckService } from './class-deck.service.js';
import { HandingOutService } from './handing-out.service.js';
import { sendZip } from '../files/index.js';
import { LessonArchiveService } from './lesson-archive.service.js';
import { LessonBinService } from './lesson-bin.service.js';
import { LessonsService } from './lessons.service.js';

@Controller('api/lessons')
@Allow('teacher')
export class LessonsController {
  constructor(
    private readonly lessons: LessonsService,
    private readonly handingOut: HandingOutService,
    private readonly archive: LessonArchiveService,
    private readonly bin: LessonBinService,
    private readonly classDecks: ClassDeckService,
    private readonly bringingIn: BringingInService,
  ) {}

  @Get()
  list(@TeacherId() teacherId: string): Promise<LessonSummary[]> {
    return this.lessons.list(teacherId);
  }

  @Post()
  handOut(@TeacherId() teacherId: string, @Body() body: HandOut): Promise<LessonView> {
    return this.handingOut.handOut(teacherId, body);
  }

  @Get(':id')
  get(@TeacherId() teacherId: string, @Param('id') id: string): Promise<LessonView> {
    return this.lessons.get(teacherId, id);
  }

  @Patch(':id')
  changeTerms(@TeacherId() teacherId: string, @Param('id') id: string, @Body() body: ChangeTerms): Promise<LessonView> {
    return this.lessons.changeTerms(teacherId, id, body);
  }

  @Delete(':id')
  @HttpCode(204)
  remove(@TeacherId() teacherId: string, @Param('id') id: string): Promise<void> {
    return this.bin.put(teacherId, id);
  }

  @Post(':id/restore')
  @HttpCode(204)
  restore(@TeacherId() teacherId: string, @Param('id') id: string): Promise<void> {
    return this.bin.restore(teacherId, id);
  }

  @Get(':id/edition')
  edition(@TeacherId() teacherId: string, @Param('id') id: string): Promise<Deck> {
    return this.lessons.edition(teacherId, id);
  }

  @Get(':id/marks')
  marks(@TeacherId() teacherId: string, @Param('id') id: string): Promise<LessonMarks> {
    return this.lessons.marks(teacherId, id);
  }

  @Get(':id/sounds/:participantId/:itemId')
  async sound(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('participantId') participantId: string,
    @Param('itemId') itemId: string,
    @Res() response: Response,
  ): Promise<void> {
    const { type, bytes } = await this.lessons.sound(teacherId, id, participantId, itemId);
    response
      .set({
        'Content-Type': type,
        'Cache-Control': 'private, no-cache',
        'Content-Security-Policy': "default-src 'none'",
      })
      .send(Buffer.from(bytes, 'base64'));
  }

  @Get(':id/file')
  async file(@TeacherId() teacherId: string, @Param('id') id: string, @Res() response: Response): Promise<void> {
    const { name, write } = await this.archive.file(teacherId, id);
    await sendZip(response, name, write);
  }

  @Get(':id/correction')
  correction(@TeacherId() teacherId: string, @Param('id') id: string): Promise<CorrectionView> {
    return this.handingOut.correction(teacherId, id);
  }

  @Post(':id/correction')
  @HttpCode(200)
  correct(@TeacherId() teacherId: string, @Param('id') id: string): Promise<LessonView> {
    return this.handingOut.correct(teacherId, id);
  }

  @Post(':id/slides')
  @HttpCode(200)
  putIn(@TeacherId() teacherId: string, @Param('id') id: string, @Body() body: PutIn): Promise<LessonView> {
    return this.handingOut.putIn(teacherId, id, body);
  }

  @Post(':id/again')
  again(@TeacherId() teacherId: string, @Param('id') id: string, @Body() { classId }: UseAgain): Promise<LessonView> {
    return this.handingOut.useAgain(teacherId, id, classId);
  }

  @Post(':id/deck')
  keepDeck(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Body() { names }: ClassDeckTerms = {},
  ): Promise<DeckSummary> {
    return this.classDecks.keep(teacherId, id, names);
  }

  @Post(':id/works')
  @HttpCode(200)
  bringIn(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Body() body: WorkFromElsewhere,
  ): Promise<BroughtWork> {
    return this.bringingIn.bringIn(teacherId, id, body);
  }

  @Post(':id/hold')
  @HttpCode(200)
  hold(@TeacherId() teacherId: string, @Param('id') id: string, @Body() { held }: Hold): Promise<LessonView> {
    return this.lessons.hold(teacherId, id, held);
  }

  @Post(':id/close')
  @HttpCode(200)
  close(@TeacherId() teacherId: string, @Param('id') id: string): Promise<LessonView> {
    return this.lessons.setClosed(teacherId, id, true);
  }

  @Post(':id/reopen')
  @HttpCode(200)
  reopen(@TeacherId() teacherId: string, @Param('id') id: string): Promise<LessonView> {
    return this.lessons.setClosed(teacherId, id, false);
  }
}
