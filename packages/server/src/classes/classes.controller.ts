import { ClassBody, type Teacher } from '@lotus-steady/requests';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { IdPipe } from '../guards/id.pipe.js';
import { CurrentTeacher } from '../auth/session.guard.js';
import { ClassesService } from './classes.service.js';

@ApiTags('classes')
@Controller('api/classes')
export class ClassesController {
  constructor(private readonly classes: ClassesService) {}

  @Get()
  list(@CurrentTeacher() { id }: Teacher) {
    return this.classes.list(id);
  }

  @Post()
  create(@CurrentTeacher() { id }: Teacher, @Body() body: ClassBody) {
    return this.classes.create(id, body);
  }

  @Get(':class')
  read(@CurrentTeacher() { id }: Teacher, @Param('class', IdPipe) one: number) {
    return this.classes.read(id, one);
  }

  @Put(':class')
  replace(@CurrentTeacher() { id }: Teacher, @Param('class', IdPipe) stored: number, @Body() body: ClassBody) {
    return this.classes.replace(id, stored, body);
  }

  @Delete(':class')
  @HttpCode(204)
  remove(@CurrentTeacher() { id }: Teacher, @Param('class', IdPipe) one: number): Promise<void> {
    return this.classes.remove(id, one);
  }
}
