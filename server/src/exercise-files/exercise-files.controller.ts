import { Body, Controller, Get, Param, Post } from '@nestjs/common';
import type { ExerciseAnswer, Me } from '@gleddo/contract';
import { ApiBody } from '@nestjs/swagger';
import { Only, SignedIn } from '../http/signed-in.js';
import { ExerciseFilesService } from './exercise-files.service.js';

/** Exercises as files. */
@Only('instructor')
@Controller('api/exercises')
export class ExerciseFilesController {
  constructor(private readonly files: ExerciseFilesService) {}

  /** From the file of an exercise, or of a key: the body comes as it was sent, and is read elsewhere. */
  @Post('file')
  @ApiBody({ schema: { type: 'object' } })
  take(@Body() body: Buffer | undefined, @SignedIn() me: Me): Promise<ExerciseAnswer> {
    return this.files.take(me, body);
  }

  /** The exercise as its file has it. */
  @Get(':id/file')
  file(@Param('id') id: string, @SignedIn() me: Me): Promise<object> {
    return this.files.of(me, id);
  }
}
