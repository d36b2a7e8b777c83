import { SequenceBody, SequenceChangeBody } from '@lotus-steady/requests';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { Teacher } from '@lotus-steady/requests';
import { IdPipe } from '../guards/id.pipe.js';
import { CurrentTeacher } from '../auth/session.guard.js';
import { SequencesService } from './sequences.service.js';

@ApiTags('sequences')
@Controller('api/sequences')
export class SequencesController {
  constructor(private readonly sequences: SequencesService) {}

  @Get()
  list(@CurrentTeacher() { id }: Teacher) {
    return this.sequences.list(id);
  }

  @Post()
  create(@CurrentTeacher() { id }: Teacher, @Body() body: SequenceBody) {
    return this.sequences.create(id, body);
  }

  @Get(':sequence')
  read(@CurrentTeacher() { id }: Teacher, @Param('sequence', IdPipe) sequence: number) {
    return this.sequences.read(id, sequence);
  }

  @Get(':sequence/versions')
  earlier(@CurrentTeacher() { id }: Teacher, @Param('sequence', IdPipe) sequence: number) {
    return this.sequences.earlier(id, sequence);
  }

  @Put(':sequence')
  replace(@CurrentTeacher() { id }: Teacher, @Param('sequence', IdPipe) sequence: number, @Body() body: SequenceChangeBody) {
    return this.sequences.replace(id, sequence, body);
  }

  @Delete(':sequence')
  @HttpCode(204)
  remove(@CurrentTeacher() { id }: Teacher, @Param('sequence', IdPipe) sequence: number): Promise<void> {
    return this.sequences.remove(id, sequence);
  }
}
