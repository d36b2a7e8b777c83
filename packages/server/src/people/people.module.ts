import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { AuditModule } from '../audit/audit.module.js';
import { ClassPersonRow } from '../classes/class.row.js';
import { LogPersonRow, LogRow } from '../logs/log.row.js';
import { PlanRow } from '../plans/plan.row.js';
import { TrailController } from './trail.controller.js';
import { PeopleController } from './people.controller.js';
import { PeopleService } from './people.service.js';
import { StudioModule } from '../studio/studio.module.js';
import { PersonRow } from './person.row.js';
import { ReadingRow } from './reading.row.js';
import { ReadingsService } from './readings.service.js';

@Module({
  imports: [SequelizeModule.forFeature([PersonRow, ReadingRow, PlanRow, ClassPersonRow, LogRow, LogPersonRow]), AuditModule, StudioModule],
  controllers: [PeopleController, TrailController],
  providers: [PeopleService, ReadingsService],
  exports: [PeopleService, ReadingsService],
})
export class PeopleModule {}
