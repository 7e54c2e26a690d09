/** Uploads by the open tus protocol (1.0), which go on after a break: https://tus.io/protocols/resumable-upload */
import { Controller, Delete, Get, Head, Options, Param, Patch, Post, Req, Res } from '@nestjs/common';
import type { RoomView } from '@gobrel/contract';
import { Server } from '@tus/server';
import type { Request, Response } from 'express';
import { Allow, TeacherId } from '../accounts/index.js';
import { ProblemException, refuse } from '../errors/index.js';
import { UploadStore, uploader } from './upload-store.js';
import { UploadsService } from './uploads.service.js';

@Controller('api/uploads')
export class UploadsController {
  private readonly protocol: Server;

  constructor(
    store: UploadStore,
    private readonly uploads: UploadsService,
  ) {
    this.protocol = new Server({
      path: '/api/uploads',
      datastore: store,
      relativeLocation: true,
      allowedOrigins: [],
      onResponseError: (_request, error) => told(error),
    });
  }

  @Get('room')
  @Allow('teacher')
  room(@TeacherId() teacherId: string): Promise<RoomView> {
    return this.uploads.room(teacherId);
  }

  @Options()
  @Allow('teacher')
  async what(@TeacherId() teacherId: string, @Req() request: Request, @Res() response: Response): Promise<void> {
    await this.speak(teacherId, request, response);
  }

  @Post()
  @Allow('teacher')
  async begin(@TeacherId() teacherId: string, @Req() request: Request, @Res() response: Response): Promise<void> {
    await this.speak(teacherId, request, response);
  }

  @Head(':id')
  @Allow('teacher')
  async howFar(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Req() request: Request,
    @Res() response: Response,
  ): Promise<void> {
    await this.goOn(teacherId, id, request, response);
  }

  @Patch(':id')
  @Allow('teacher')
  async add(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Req() request: Request,
    @Res() response: Response,
  ): Promise<void> {
    await this.goOn(teacherId, id, request, response);
  }

  @Delete(':id')
  @Allow('teacher')
  async giveUp(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Req() request: Request,
    @Res() response: Response,
  ): Promise<void> {
    await this.goOn(teacherId, id, request, response);
  }

  private async goOn(teacherId: string, id: string, request: Request, response: Response): Promise<void> {
    await this.uploads.of(teacherId, id);
    await this.speak(teacherId, request, response);
  }

  private async speak(teacherId: string, request: Request, response: Response): Promise<void> {
    if (request.method !== 'OPTIONS' && !request.headers['tus-resumable']) throw refuse(412, 'unreadable');
    await uploader.run(teacherId, () => this.protocol.handle(request, response));
  }
}

/** What the protocol's server answers with when something is refused: a problem as everywhere, under its own status. */
function told(error: Error | { readonly status_code: number }): { status_code: number; body: string } {
  const problem =
    error instanceof ProblemException
      ? error.problem
      : refuse('status_code' in error ? error.status_code : 500, 'refused').problem;
  return { status_code: problem.status, body: JSON.stringify(problem) };
}
