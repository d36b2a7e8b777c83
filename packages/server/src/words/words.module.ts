import { Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { WordRow } from './word.row.js';
import { WordsController } from './words.controller.js';
import { WordsService } from './words.service.js';

@Module({
  imports: [SequelizeModule.forFeature([WordRow])],
  controllers: [WordsController],
  providers: [WordsService],
  exports: [WordsService],
})
export class WordsModule {}
