/** Caring for what is kept: what has had its time goes. */
import { Module } from '@nestjs/common';
import { ClearingOutService } from './clearing-out.service.js';

@Module({ providers: [ClearingOutService] })
export class CareModule {}
