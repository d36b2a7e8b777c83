import { adaptationInWords, type AdaptationInCodes, type AdaptationJson } from '@lotus-steady/core';
import type { StoredPlan } from '@lotus-steady/requests';
import { AutoIncrement, Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { readJsonColumn } from '../database/json-column.js';

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
  declare answer: AdaptationInCodes | AdaptationJson;

  toPlan(): StoredPlan {
    const { id, sequenceId, personId, sequenceVersion, personVersion, libraryVersion } = this;
    return {
      id,
      sequenceId,
      personId,
      sequenceVersion,
      personVersion,
      libraryVersion,
      answer: adaptationInWords(readJsonColumn(this, 'answer') as AdaptationInCodes | AdaptationJson),
      createdAt: (this.createdAt as Date).toISOString(),
    };
  }
}
