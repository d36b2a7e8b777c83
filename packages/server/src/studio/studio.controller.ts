import { offsetsOf, StudioBody, type Studio, type StudioAnswer, type Teacher } from '@lotus-steady/requests';
import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { CurrentTeacher } from '../auth/session.guard.js';
import { StudioService } from './studio.service.js';

@ApiTags('studio')
@Controller('api/studio')
export class StudioController {
  constructor(private readonly studio: StudioService) {}

  @Get()
  async read(@CurrentTeacher() { id }: Teacher) {
    return withClock(await this.studio.read(id));
  }

  @Put()
  async replace(@CurrentTeacher() { id }: Teacher, @Body() body: StudioBody) {
    return withClock(await this.studio.replace(id, body));
  }
}

function withClock(studio: Studio): StudioAnswer {
  return { ...studio, offsets: offsetsOf(studio.timeZone) };
}
