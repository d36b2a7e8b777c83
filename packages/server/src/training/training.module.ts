import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { CaseRow } from './case.row.js';
import { TrainingController } from './training.controller.js';
import { TrainingRow } from './training.row.js';
import { TrainingService } from './training.service.js';

@Module({
  imports: [SequelizeModule.forFeature([CaseRow, TrainingRow])],
  controllers: [TrainingController],
  providers: [TrainingService],
})
export class TrainingModule {}
