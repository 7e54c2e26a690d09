/** Shows that others follow, for whoever presents. */
import { FollowStep, type FollowingView, StartFollowing } from '@gobrel/contract';
import { Body, Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { FollowingsService } from './followings.service.js';

@Controller('api')
@Allow('teacher')
export class FollowingsController {
  constructor(private readonly followings: FollowingsService) {}

  @Post('decks/:id/following')
  start(@TeacherId() teacherId: string, @Param('id') id: string, @Body() body: StartFollowing): Promise<FollowingView> {
    return this.followings.start(teacherId, id, body);
  }

  @Get('followings/:address')
  look(@TeacherId() teacherId: string, @Param('address') address: string): Promise<FollowingView> {
    return this.followings.look(teacherId, address);
  }

  @Post('followings/:address/steps')
  @HttpCode(204)
  step(@TeacherId() teacherId: string, @Param('address') address: string, @Body() { stop }: FollowStep): Promise<void> {
    return this.followings.step(teacherId, address, stop);
  }

  /** By POST, as a page that is being closed can send nothing else. */
  @Post('followings/:address/end')
  @HttpCode(204)
  end(@TeacherId() teacherId: string, @Param('address') address: string): Promise<void> {
    return this.followings.end(teacherId, address);
  }
}
