import { AutoIncrement, Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** A number that was measured of somebody on a day. */
@Table({ tableName: 'readings', timestamps: false })
export class ReadingRow extends Model {
  @PrimaryKey
  @AutoIncrement
  @Column(DataType.INTEGER.UNSIGNED)
  declare id: number;

  @Column(DataType.INTEGER.UNSIGNED)
  declare personId: number;

  @Column(DataType.STRING(40))
  declare condition: string;

  @Column(DataType.STRING(40))
  declare parameter: string;

  @Column(DataType.DATEONLY)
  declare day: string;

  @Column(DataType.DOUBLE)
  declare value: number;
}
