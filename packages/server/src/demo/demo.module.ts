import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { TeacherRow } from '../auth/teacher.row.js';
import { ClassesModule } from '../classes/classes.module.js';
import { PersonRow } from '../people/person.row.js';
import { ReadingRow } from '../people/reading.row.js';
import { SequenceRow } from '../sequences/sequence.row.js';
import { DemoService } from './demo.service.js';

@Module({
  imports: [SequelizeModule.forFeature([TeacherRow, PersonRow, ReadingRow, SequenceRow]), ClassesModule],
  providers: [DemoService],
})
export class DemoModule {}
