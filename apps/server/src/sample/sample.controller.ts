/** The deck to look around in, for teachers who have none yet. */
import type { DeckSummary } from '@gobrel/contract';
import { Controller, Post } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { SampleService } from './sample.service.js';

@Controller('api/decks/sample')
@Allow('teacher')
export class SampleController {
  constructor(private readonly sample: SampleService) {}

  @Post()
  make(@TeacherId() teacherId: string): Promise<DeckSummary> {
    return this.sample.deckFor(teacherId);
  }
}
