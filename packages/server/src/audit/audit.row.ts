import { AutoIncrement, Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';

export type AuditAction = 'list' | 'read' | 'create' | 'change' | 'plan' | 'log' | 'export' | 'note' | 'erase' | 'class-removed';
/** What befell an account. */
export type AccountAction = 'first-account' | 'sign-in' | 'sign-in-failed' | 'sign-out' | 'password' | 'sequence-removed';
/** Stands for the account where no person is meant: numbers of people begin with 1. */
export const NO_PERSON = 0;

/** Who did what to whose record, and when. Holds no health data itself, and only grows: the database refuses other changes. */
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
  declare action: AuditAction | AccountAction;

  @Column(DataType.DATE(3))
  declare at: Date;
}
