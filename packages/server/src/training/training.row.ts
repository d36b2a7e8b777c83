import type { TrainingMark } from '@lotus-steady/core/training';
import type { TrainingProgress } from '@lotus-steady/requests';
import { AutoIncrement, Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import type { Card } from 'ts-fsrs';
import { readJsonColumn } from '../database/json-column.js';

/** One task that somebody has answered: how it went, and what decides when it comes back. */
@Table({ tableName: 'training_tasks', timestamps: false })
export class TrainingRow extends Model {
  @PrimaryKey
  @AutoIncrement
  @Column(DataType.INTEGER.UNSIGNED)
  declare id: number;

  @Column(DataType.INTEGER.UNSIGNED)
  declare teacherId: number;

  @Column(DataType.STRING(60))
  declare task: string;

  @Column(DataType.STRING(20))
  declare last: TrainingMark;

  @Column(DataType.DATE(3))
  declare due: Date;

  @Column(DataType.JSON)
  declare card: Card;

  @Column(DataType.JSON)
  declare counts: TrainingProgress['counts'];

  readCard(): Card {
    return readJsonColumn(this, 'card') as Card;
  }

  readCounts(): TrainingProgress['counts'] {
    return readJsonColumn(this, 'counts') as TrainingProgress['counts'];
  }

  toProgress(): TrainingProgress {
    return { task: this.task, last: this.last, due: this.due.toISOString(), counts: this.readCounts() };
  }
}
