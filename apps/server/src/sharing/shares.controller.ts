/** How a deck is shared by address, for its owner. */
import { type ShareKind, shareKinds, type SharesView, ShareTerms } from '@gobrel/contract';
import { Body, Controller, Delete, Get, Param, Put } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { refuse } from '../errors/index.js';
import { SharesService } from './shares.service.js';

@Controller('api/decks/:id/shares')
@Allow('teacher')
export class SharesController {
  constructor(private readonly shares: SharesService) {}

  @Get()
  list(@TeacherId() teacherId: string, @Param('id') id: string): Promise<SharesView> {
    return this.shares.list(teacherId, id);
  }

  @Put(':kind')
  set(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('kind') kind: string,
    @Body() body: ShareTerms,
  ): Promise<SharesView> {
    return this.shares.set(teacherId, id, kindOf(kind), body);
  }

  @Delete()
  endAll(@TeacherId() teacherId: string, @Param('id') id: string): Promise<SharesView> {
    return this.shares.endAll(teacherId, id);
  }

  @Delete(':kind')
  end(@TeacherId() teacherId: string, @Param('id') id: string, @Param('kind') kind: string): Promise<SharesView> {
    return this.shares.end(teacherId, id, [kindOf(kind)]);
  }
}

function kindOf(name: string): ShareKind {
  const kind = shareKinds.find((each) => each === name);
  if (!kind) throw refuse(404, 'nothing-here');
  return kind;
}
