import type {
  BodyAnswers,
  Clearance,
  ConditionAnswer,
  LeftOut,
  Loosened,
  OwnLimit,
  Preference,
  PropsAtHand,
  SchoolChoices,
} from '@lotus-steady/core';
import type { Person, Studio } from '@lotus-steady/requests';
import { AutoIncrement, Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { readJsonColumn } from '../database/json-column.js';

@Table({ tableName: 'people' })
export class PersonRow extends Model {
  @PrimaryKey
  @AutoIncrement
  @Column(DataType.INTEGER.UNSIGNED)
  declare id: number;

  @Column(DataType.INTEGER.UNSIGNED)
  declare teacherId: number;

  @Column(DataType.STRING(80))
  declare name: string;

  @Column(DataType.JSON)
  declare body: BodyAnswers;

  @Column(DataType.JSON)
  declare conditions: ConditionAnswer[];

  @Column(DataType.JSON)
  declare props: PropsAtHand;

  @Column(DataType.JSON)
  declare schools: SchoolChoices;

  @Column(DataType.JSON)
  declare clearances: Clearance[];

  @Column(DataType.JSON)
  declare ownLimits: OwnLimit[] | null;

  @Column(DataType.JSON)
  declare loosened: Loosened[] | null;

  @Column(DataType.JSON)
  declare leftOut: LeftOut[] | null;

  @Column(DataType.JSON)
  declare preferences: Preference[] | null;

  @Column(DataType.FLOAT)
  declare breathSeconds: number;

  @Column(DataType.TEXT)
  declare note: string;

  @Column(DataType.INTEGER.UNSIGNED)
  declare version: number;

  toPerson(studio: Studio): Person {
    const { id, name, breathSeconds, note, version } = this;
    return {
      id, name, breathSeconds, note, version,
      body: readJsonColumn(this, 'body') as BodyAnswers,
      conditions: readJsonColumn(this, 'conditions') as ConditionAnswer[],
      props: readJsonColumn(this, 'props') as PropsAtHand,
      schools: readJsonColumn(this, 'schools') as SchoolChoices,
      clearances: readJsonColumn(this, 'clearances') as Clearance[],
      ownLimits: (readJsonColumn(this, 'ownLimits') as OwnLimit[] | null) ?? [],
      loosened: (readJsonColumn(this, 'loosened') as Loosened[] | null) ?? [],
      leftOut: (readJsonColumn(this, 'leftOut') as LeftOut[] | null) ?? [],
      preferences: (readJsonColumn(this, 'preferences') as Preference[] | null) ?? [],
      studio,
      updatedAt: (this.updatedAt as Date).toISOString(),
    }; // prettier-ignore
  }
}
