import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { AuditModule } from '../audit/audit.module.js';
import { PeopleModule } from '../people/people.module.js';
import { PlansModule } from '../plans/plans.module.js';
import { SequencesModule } from '../sequences/sequences.module.js';
import { ClassPersonRow, ClassRow } from './class.row.js';
import { ClassesController } from './classes.controller.js';
import { ClassesService } from './classes.service.js';

@Module({
  imports: [SequelizeModule.forFeature([ClassRow, ClassPersonRow]), AuditModule, PeopleModule, PlansModule, SequencesModule],
  controllers: [ClassesController],
  providers: [ClassesService],
  exports: [ClassesService],
})
export class ClassesModule {}
