import { AutoIncrement, Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** A try to sign in that failed, by the hash of the name that was tried. */
@Table({ tableName: 'sign_in_failures', timestamps: false })
export class SignInFailureRow extends Model {
  @PrimaryKey
  @AutoIncrement
  @Column(DataType.BIGINT.UNSIGNED)
  declare id: number;

  @Column(DataType.CHAR(64))
  declare nameHash: string;

  @Column(DataType.DATE(3))
  declare at: Date;
}
