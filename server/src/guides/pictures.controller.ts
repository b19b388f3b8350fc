import { Body, Controller, Get, Param, Post, Res } from '@nestjs/common';
import { PictureRequest, type Me, type PictureKept } from '@gleddo/contract';
import type { Picture } from '@gleddo/core';
import type { FastifyReply } from 'fastify';
import { ExercisesService } from '../exercises/exercises.service.js';
import { Only, SignedIn } from '../http/signed-in.js';
import { GuidesService } from './guides.service.js';
import { PicturesService } from './pictures.service.js';

/** Pictures beside the work: put in by the instructor, seen by whoever is led. */
@Controller('api')
export class PicturesController {
  constructor(
    private readonly pictures: PicturesService,
    private readonly exercises: ExercisesService,
    private readonly guides: GuidesService,
  ) {}

  @Only('instructor')
  @Post('exercises/:id/pictures')
  async keep(
    @Param('id') id: string,
    @Body() { picture }: PictureRequest,
    @SignedIn() me: Me,
  ): Promise<PictureKept> {
    return this.pictures.keep(await this.exercises.rowOf(me, id), picture);
  }

  @Only('instructor')
  @Get('exercises/:id/pictures/:picture')
  async look(
    @Param('id') id: string,
    @Param('picture') picture: string,
    @SignedIn() me: Me,
    @Res() reply: FastifyReply,
  ) {
    const row = await this.exercises.rowOf(me, id, 'look');
    return answer(reply, await this.pictures.keptWith(row.id, picture));
  }

  @Get('books/:id/pictures/:picture')
  async beside(
    @Param('id') id: string,
    @Param('picture') picture: string,
    @SignedIn() me: Me,
    @Res() reply: FastifyReply,
  ) {
    const { exercise } = await this.guides.going(me, id);
    return answer(reply, await this.pictures.of(exercise, picture));
  }
}

/** A picture never changes under its name. */
const answer = (reply: FastifyReply, { kind, data }: Picture) =>
  reply
    .type(kind)
    .header('cache-control', 'private, max-age=86400, immutable')
    .send(Buffer.from(data, 'base64'));
