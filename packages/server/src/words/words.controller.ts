import { ForgottenWordBody, WordsBody, type Teacher } from '@lotus-steady/requests';
import { Body, Controller, Get, HttpCode, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { CurrentTeacher } from '../auth/session.guard.js';
import { WordsService } from './words.service.js';

@ApiTags('words')
@Controller('api/words')
export class WordsController {
  constructor(private readonly words: WordsService) {}

  @Get()
  list(@CurrentTeacher() { id }: Teacher) {
    return this.words.list(id);
  }

  @Put()
  keep(@CurrentTeacher() { id }: Teacher, @Body() { words }: WordsBody) {
    return this.words.keep(id, words);
  }

  @Post('forget')
  @HttpCode(200)
  forget(@CurrentTeacher() { id }: Teacher, @Body() { text }: ForgottenWordBody) {
    return this.words.forget(id, text);
  }
}
