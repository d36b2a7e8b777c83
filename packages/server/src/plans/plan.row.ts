import type { AdaptationJson } from '@lotus-steady/core';
import { AutoIncrement, Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { readJsonColumn } from '../database/json-column.js';

/** An adaptation that was kept, with the versions of all that made it. */
export interface StoredPlan {
  readonly id: number;
  readonly sequenceId: number;
  readonly personId: number;
  readonly sequenceVersion: number;
  readonly personVersion: number;
  readonly libraryVersion: string;
  readonly answer: AdaptationJson;
  readonly createdAt: string;
}

@Table({ tableName: 'plans' })
export class PlanRow extends Model {
  @PrimaryKey
  @AutoIncrement
  @Column(DataType.INTEGER.UNSIGNED)
  declare id: number;

  @Column(DataType.INTEGER.UNSIGNED)
  declare teacherId: number;

  @Column(DataType.INTEGER.UNSIGNED)
  declare sequenceId: number;

  @Column(DataType.INTEGER.UNSIGNED)
  declare personId: number;

  @Column(DataType.INTEGER.UNSIGNED)
  declare sequenceVersion: number;

  @Column(DataType.INTEGER.UNSIGNED)
  declare personVersion: number;

  @Column(DataType.STRING(20))
  declare libraryVersion: string;

  @Column(DataType.JSON)
  declare answer: AdaptationJson;

  toPlan(): StoredPlan {
    const { id, sequenceId, personId, sequenceVersion, personVersion, libraryVersion } = this;
    return {
      id,
      sequenceId,
      personId,
      sequenceVersion,
      personVersion,
      libraryVersion,
      answer: readJsonColumn(this, 'answer') as AdaptationJson,
      createdAt: (this.createdAt as Date).toISOString(),
    };
  }
}
