import { PeopleBody, PersonBody, TakeBackBody } from '@lotus-steady/requests';
import { Body, Controller, Delete, Get, Header, HttpCode, Param, Post, Put, StreamableFile } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { Teacher } from '@lotus-steady/requests';
import { IdPipe } from '../guards/id.pipe.js';
import { CurrentTeacher } from '../auth/session.guard.js';
import { PeopleService } from './people.service.js';

@ApiTags('people')
@Controller('api/people')
export class PeopleController {
  constructor(private readonly people: PeopleService) {}

  @Get()
  list(@CurrentTeacher() { id }: Teacher) {
    return this.people.list(id);
  }

  @Post()
  create(@CurrentTeacher() { id }: Teacher, @Body() body: PersonBody) {
    return this.people.create(id, body);
  }

  @Post('import')
  createAll(@CurrentTeacher() { id }: Teacher, @Body() { people }: PeopleBody) {
    return this.people.createAll(id, people);
  }

  @Post('take-back')
  @HttpCode(204)
  takeBack(@CurrentTeacher() { id }: Teacher, @Body() { ids }: TakeBackBody): Promise<void> {
    return this.people.takeBack(id, ids);
  }

  @Get(':person')
  read(@CurrentTeacher() { id }: Teacher, @Param('person', IdPipe) person: number) {
    return this.people.read(id, person);
  }

  @Put(':person')
  replace(@CurrentTeacher() { id }: Teacher, @Param('person', IdPipe) person: number, @Body() body: PersonBody) {
    return this.people.replace(id, person, body);
  }

  @Get(':person/readings')
  readings(@CurrentTeacher() { id }: Teacher, @Param('person', IdPipe) person: number) {
    return this.people.readings(id, person);
  }

  @Get(':person/export')
  export(@CurrentTeacher() { id }: Teacher, @Param('person', IdPipe) person: number) {
    return this.people.export(id, person);
  }

  @Get(':person/note')
  @Header('content-type', 'application/pdf')
  async note(@CurrentTeacher() { id }: Teacher, @Param('person', IdPipe) person: number): Promise<StreamableFile> {
    return new StreamableFile(await this.people.note(id, person));
  }

  @Delete(':person')
  @HttpCode(204)
  erase(@CurrentTeacher() { id }: Teacher, @Param('person', IdPipe) person: number): Promise<void> {
    return this.people.erase(id, person);
  }
}
