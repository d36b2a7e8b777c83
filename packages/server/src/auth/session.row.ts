import { Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';

@Table({ tableName: 'sessions' })
export class SessionRow extends Model {
  @PrimaryKey
  @Column(DataType.CHAR(64))
  declare tokenHash: string;

  @Column(DataType.INTEGER.UNSIGNED)
  declare teacherId: number;

  @Column(DataType.DATE(3))
  declare expiresAt: Date;

  @Column(DataType.DATE(3))
  declare lastSeenAt: Date | null;
}
