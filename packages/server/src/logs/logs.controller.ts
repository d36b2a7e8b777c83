import { LogBody, LogKeysBody, LogsBody, type Teacher } from '@lotus-steady/requests';
import { BadRequestException, Body, Controller, Get, HttpCode, Param, Post, Put, type PipeTransform } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { CurrentTeacher } from '../auth/session.guard.js';
import { IdPipe } from '../guards/id.pipe.js';
import { LogsService } from './logs.service.js';

/** The browser's name for a class: letters, digits, dots, commas and dashes. */
class KeyPipe implements PipeTransform<string> {
  transform(key: string): string {
    if (!/^[\w.,-]{1,190}$/.test(key)) throw new BadRequestException('A class is named by letters, digits, dots, commas and dashes');
    return key;
  }
}

@ApiTags('logs')
@Controller('api')
export class LogsController {
  constructor(private readonly logs: LogsService) {}

  @Get('logs')
  register(@CurrentTeacher() { id }: Teacher) {
    return this.logs.register(id);
  }

  @Get('logs/:key')
  read(@CurrentTeacher() { id }: Teacher, @Param('key', new KeyPipe()) key: string) {
    return this.logs.read(id, key);
  }

  @Put('logs/:key')
  keep(@CurrentTeacher() { id }: Teacher, @Param('key', new KeyPipe()) key: string, @Body() body: LogBody) {
    return this.logs.keep(id, key, body);
  }

  @Post('logs/import')
  bring(@CurrentTeacher() { id }: Teacher, @Body() { logs }: LogsBody) {
    return this.logs.bring(id, logs);
  }

  @Post('logs/take-back')
  @HttpCode(204)
  takeBack(@CurrentTeacher() { id }: Teacher, @Body() { keys }: LogKeysBody): Promise<void> {
    return this.logs.takeBack(id, keys);
  }

  @Get('people/:person/history')
  history(@CurrentTeacher() { id }: Teacher, @Param('person', IdPipe) person: number) {
    return this.logs.history(id, person);
  }
}
