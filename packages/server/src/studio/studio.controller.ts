import { StudioBody, type Teacher } from '@lotus-steady/requests';
import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { CurrentTeacher } from '../auth/session.guard.js';
import { StudioService } from './studio.service.js';

@ApiTags('studio')
@Controller('api/studio')
export class StudioController {
  constructor(private readonly studio: StudioService) {}

  @Get()
  read(@CurrentTeacher() { id }: Teacher) {
    return this.studio.read(id);
  }

  @Put()
  replace(@CurrentTeacher() { id }: Teacher, @Body() body: StudioBody) {
    return this.studio.replace(id, body);
  }
}
