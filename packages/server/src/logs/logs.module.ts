import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { AuditModule } from '../audit/audit.module.js';
import { PersonRow } from '../people/person.row.js';
import { LogPersonRow, LogRow } from './log.row.js';
import { LogsController } from './logs.controller.js';
import { LogsService } from './logs.service.js';

@Module({
  imports: [SequelizeModule.forFeature([LogRow, LogPersonRow, PersonRow]), AuditModule],
  controllers: [LogsController],
  providers: [LogsService],
  exports: [LogsService],
})
export class LogsModule {}
