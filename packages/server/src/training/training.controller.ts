import { ForgottenCaseBody, TrainingBody, TrainingCasesBody, type Teacher } from '@lotus-steady/requests';
import { Body, Controller, Get, HttpCode, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { CurrentTeacher } from '../auth/session.guard.js';
import { TrainingService } from './training.service.js';

@ApiTags('training')
@Controller('api/training')
export class TrainingController {
  constructor(private readonly training: TrainingService) {}

  @Get()
  list(@CurrentTeacher() { id }: Teacher) {
    return this.training.list(id);
  }

  @Post()
  answer(@CurrentTeacher() { id }: Teacher, @Body() body: TrainingBody) {
    return this.training.answer(id, body);
  }

  @Get('cases')
  cases(@CurrentTeacher() { id }: Teacher) {
    return this.training.cases(id);
  }

  @Post('cases')
  addCases(@CurrentTeacher() { id }: Teacher, @Body() { cases }: TrainingCasesBody) {
    return this.training.addCases(id, cases);
  }

  @Post('cases/forget')
  @HttpCode(200)
  forgetCase(@CurrentTeacher() { id }: Teacher, @Body() body: ForgottenCaseBody) {
    return this.training.forgetCase(id, body.id);
  }
}
