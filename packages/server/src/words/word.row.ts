import type { StudioWord, WordMeaning } from '@lotus-steady/core';
import { AutoIncrement, Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { readJsonColumn } from '../database/json-column.js';

/** What a studio means by one word of its own. */
@Table({ tableName: 'studio_words', timestamps: false })
export class WordRow extends Model {
  @PrimaryKey
  @AutoIncrement
  @Column(DataType.INTEGER.UNSIGNED)
  declare id: number;

  @Column(DataType.INTEGER.UNSIGNED)
  declare teacherId: number;

  @Column(DataType.STRING(200))
  declare wordKey: string;

  @Column(DataType.STRING(200))
  declare text: string;

  @Column(DataType.JSON)
  declare means: WordMeaning;

  @Column(DataType.DATEONLY)
  declare since: string;

  toWord(): StudioWord {
    return { text: this.text, means: readJsonColumn(this, 'means') as WordMeaning, since: this.since };
  }
}
