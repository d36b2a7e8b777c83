import { AutoIncrement, Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';

export type AuditAction = 'list' | 'read' | 'create' | 'change' | 'plan' | 'export' | 'note' | 'erase';

/** Who did what to whose record, and when. Holds no health data itself. */
@Table({ tableName: 'audit', timestamps: false })
export class AuditRow extends Model {
  @PrimaryKey
  @AutoIncrement
  @Column(DataType.BIGINT.UNSIGNED)
  declare id: number;

  @Column(DataType.INTEGER.UNSIGNED)
  declare teacherId: number;

  @Column(DataType.INTEGER.UNSIGNED)
  declare personId: number;

  @Column(DataType.STRING(20))
  declare action: AuditAction;

  @Column(DataType.DATE(3))
  declare at: Date;
}
