import type { SequenceVersion } from '@lotus-steady/requests';
import { AutoIncrement, Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** A sequence's text as it was saved once. */
@Table({ tableName: 'sequence_versions', timestamps: false })
export class SequenceVersionRow extends Model {
  @PrimaryKey
  @AutoIncrement
  @Column(DataType.INTEGER.UNSIGNED)
  declare id: number;

  @Column(DataType.INTEGER.UNSIGNED)
  declare sequenceId: number;

  @Column(DataType.INTEGER.UNSIGNED)
  declare version: number;

  @Column(DataType.TEXT('medium'))
  declare text: string;

  @Column(DataType.DATE(3))
  declare savedAt: Date;

  toVersion(): SequenceVersion {
    const { version, text, savedAt } = this;
    return { version, text, savedAt: savedAt.toISOString() };
  }
}
