/** Caring for what is kept: what has had its time goes. */
import { Module } from '@nestjs/common';
import { BinModule } from '../bin/index.js';
import { ClearingOutService } from './clearing-out.service.js';

@Module({ imports: [BinModule], providers: [ClearingOutService] })
export class CareModule {}
