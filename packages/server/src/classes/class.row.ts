import { personInWords, type PersonInCodes, type PersonJson, type Pin, type PropsAtHand } from '@lotus-steady/core';
import type { ClassSummary, StoredClass } from '@lotus-steady/requests';
import { AutoIncrement, BelongsTo, Column, DataType, ForeignKey, HasMany, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { readJsonColumn } from '../database/json-column.js';

/** A class that was kept. */
@Table({ tableName: 'classes' })
export class ClassRow extends Model {
  @PrimaryKey
  @AutoIncrement
  @Column(DataType.INTEGER.UNSIGNED)
  declare id: number;

  @Column(DataType.INTEGER.UNSIGNED)
  declare teacherId: number;

  @Column(DataType.INTEGER.UNSIGNED)
  declare sequenceId: number | null;

  @Column(DataType.STRING(200))
  declare title: string;

  @Column(DataType.DATEONLY)
  declare day: string;

  @Column(DataType.TEXT('medium'))
  declare text: string;

  @Column(DataType.INTEGER.UNSIGNED)
  declare figures: number;

  @Column(DataType.JSON)
  declare shared: PropsAtHand | null;

  @Column(DataType.STRING(20))
  declare libraryVersion: string;

  @HasMany(() => ClassPersonRow)
  declare people: ClassPersonRow[];

  toSummary(): ClassSummary {
    const { id, sequenceId, title, day, figures } = this;
    const people = [...this.people].sort((a, b) => a.id - b.id);
    return {
      id, sequenceId, title, day, figures,
      shared: readJsonColumn(this, 'shared') as PropsAtHand | null,
      personIds: people.map(({ personId }) => personId),
      pins: people.flatMap((one) => readJsonColumn(one, 'pins') as Pin[]),
    }; // prettier-ignore
  }

  toClass(): StoredClass {
    const { text, libraryVersion } = this;
    const people = [...this.people].sort((a, b) => a.id - b.id);
    return { ...this.toSummary(), text, libraryVersion, participants: people.map((one) => one.toAnswer()) };
  }
}

/** Somebody's part of a class that was kept. */
@Table({ tableName: 'class_people', timestamps: false })
export class ClassPersonRow extends Model {
  @PrimaryKey
  @AutoIncrement
  @Column(DataType.INTEGER.UNSIGNED)
  declare id: number;

  @ForeignKey(() => ClassRow)
  @Column(DataType.INTEGER.UNSIGNED)
  declare classId: number;

  @BelongsTo(() => ClassRow)
  declare class: ClassRow;

  @Column(DataType.INTEGER.UNSIGNED)
  declare personId: number;

  @Column(DataType.INTEGER.UNSIGNED)
  declare personVersion: number;

  @Column(DataType.JSON)
  declare pins: Pin[];

  @Column(DataType.JSON)
  declare answer: PersonInCodes | PersonJson;

  toAnswer(): PersonJson {
    return personInWords(readJsonColumn(this, 'answer') as PersonInCodes | PersonJson);
  }

  toPart(): { readonly classId: number; readonly pins: Pin[]; readonly answer: PersonJson } {
    const { classId } = this;
    return { classId, pins: readJsonColumn(this, 'pins') as Pin[], answer: this.toAnswer() };
  }
}
