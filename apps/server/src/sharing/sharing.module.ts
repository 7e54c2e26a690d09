/** Decks that are shared by an address, embedded, and looked at by anybody. */
import { Module } from '@nestjs/common';
import { DecksModule } from '../decks/index.js';
import { FilesModule } from '../files/index.js';
import { PicturesModule } from '../pictures/index.js';
import { FollowingsController } from './followings.controller.js';
import { FollowingsService } from './followings.service.js';
import { OEmbedController } from './oembed.controller.js';
import { SharesController } from './shares.controller.js';
import { SharesService } from './shares.service.js';
import { ShowNews } from './show-news.service.js';
import { ShownDecksService } from './shown-decks.service.js';
import { ShowsController } from './shows.controller.js';

@Module({
  imports: [DecksModule, PicturesModule, FilesModule],
  controllers: [SharesController, ShowsController, FollowingsController, OEmbedController],
  providers: [SharesService, ShownDecksService, FollowingsService, ShowNews],
  exports: [ShownDecksService, SharesService, ShowNews],
})
export class SharingModule {}
