import { ownTimeZone, type Studio } from '@lotus-steady/requests';
import { readJsonColumn } from '../database/json-column.js';
import { AutoIncrement, Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';

@Table({ tableName: 'teachers' })
export class TeacherRow extends Model {
  @PrimaryKey
  @AutoIncrement
  @Column(DataType.INTEGER.UNSIGNED)
  declare id: number;

  @Column(DataType.STRING(80))
  declare name: string;

  @Column(DataType.STRING(255))
  declare passwordHash: string;

  @Column(DataType.BOOLEAN)
  declare demo: boolean;

  @Column(DataType.JSON)
  declare studio: Partial<Studio> | null;

  toStudio(): Studio {
    const stored = readJsonColumn(this, 'studio') as Partial<Studio> | null;
    return { schools: {}, limits: [], timeZone: ownTimeZone(), ...stored };
  }
}
