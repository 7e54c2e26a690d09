/** A teacher's tokens, over HTTP. */
import { type MadeToken, NewToken, type TokenView } from '@gobrel/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { Allow, TeacherId } from './access.js';
import { TokensService } from './tokens.service.js';

@Controller('api/accounts/tokens')
@Allow('teacher')
export class TokensController {
  constructor(private readonly tokens: TokensService) {}

  @Get()
  list(@TeacherId() teacherId: string): Promise<TokenView[]> {
    return this.tokens.list(teacherId);
  }

  @Post()
  make(@TeacherId() teacherId: string, @Body() body: NewToken): Promise<MadeToken> {
    return this.tokens.make(teacherId, body);
  }

  @Delete(':id')
  @HttpCode(200)
  takeBack(@TeacherId() teacherId: string, @Param('id') id: string): Promise<TokenView[]> {
    return this.tokens.takeBack(teacherId, id);
  }
}
