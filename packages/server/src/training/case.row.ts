import type { TrainingCaseText, TrainingClient } from '@lotus-steady/core/training';
import { AutoIncrement, Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { readJsonColumn } from '../database/json-column.js';

/** A case that somebody wrote or was given: an invented client with their steps. */
@Table({ tableName: 'training_cases', timestamps: false })
export class CaseRow extends Model {
  @PrimaryKey
  @AutoIncrement
  @Column(DataType.INTEGER.UNSIGNED)
  declare id: number;

  @Column(DataType.INTEGER.UNSIGNED)
  declare teacherId: number;

  @Column(DataType.JSON)
  declare content: TrainingCaseText;

  /** The row's number in a client's id; `null` for somebody of the library. */
  static numberOf(client: string): number | null {
    const number = Number(/^own-(\d{1,9})$/.exec(client)?.[1] ?? Number.NaN);
    return Number.isNaN(number) ? null : number;
  }

  toClient(): TrainingClient {
    return { ...(readJsonColumn(this, 'content') as TrainingCaseText), id: `own-${this.id}` };
  }
}
