import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { AuditModule } from '../audit/audit.module.js';
import { PeopleModule } from '../people/people.module.js';
import { SequencesModule } from '../sequences/sequences.module.js';
import { PlanningService } from './planning.service.js';
import { StudioModule } from '../studio/studio.module.js';
import { PlanRow } from './plan.row.js';
import { PlansController } from './plans.controller.js';
import { PlansService } from './plans.service.js';

@Module({
  imports: [SequelizeModule.forFeature([PlanRow]), AuditModule, PeopleModule, SequencesModule, StudioModule],
  controllers: [PlansController],
  providers: [PlansService, PlanningService],
  exports: [PlanningService],
})
export class PlansModule {}
