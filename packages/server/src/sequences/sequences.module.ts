import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { AuditModule } from '../audit/audit.module.js';
import { SequenceVersionRow } from './sequence-version.row.js';
import { SequenceRow } from './sequence.row.js';
import { SequencesController } from './sequences.controller.js';
import { SequencesService } from './sequences.service.js';
import { WordsModule } from '../words/words.module.js';

@Module({
  imports: [SequelizeModule.forFeature([SequenceRow, SequenceVersionRow]), WordsModule, AuditModule],
  controllers: [SequencesController],
  providers: [SequencesService],
  exports: [SequencesService],
})
export class SequencesModule {}
