import type { StoredSequence } from '@lotus-steady/requests';
import { AutoIncrement, Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';

@Table({ tableName: 'sequences' })
export class SequenceRow extends Model {
  @PrimaryKey
  @AutoIncrement
  @Column(DataType.INTEGER.UNSIGNED)
  declare id: number;

  @Column(DataType.INTEGER.UNSIGNED)
  declare teacherId: number;

  @Column(DataType.STRING(200))
  declare title: string;

  @Column(DataType.TEXT('medium'))
  declare text: string;

  @Column(DataType.INTEGER.UNSIGNED)
  declare version: number;

  toSequence(): StoredSequence {
    const { id, title, text, version } = this;
    return { id, title, text, version, updatedAt: (this.updatedAt as Date).toISOString() };
  }
}
