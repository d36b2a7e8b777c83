import { painOf } from '@lotus-steady/core';
import { isHomeLog, type ClassLog, type HistoryEntry, type LogPart, type RegisterLine } from '@lotus-steady/requests';
import { AutoIncrement, BelongsTo, Column, DataType, ForeignKey, HasMany, Model, PrimaryKey, Table } from 'sequelize-typescript';
import { readJsonColumn } from '../database/json-column.js';

/** What happened in a class. */
@Table({ tableName: 'class_logs' })
export class LogRow extends Model {
  @PrimaryKey
  @AutoIncrement
  @Column(DataType.INTEGER.UNSIGNED)
  declare id: number;

  @Column(DataType.INTEGER.UNSIGNED)
  declare teacherId: number;

  @Column(DataType.STRING(190))
  declare logKey: string;

  @Column(DataType.STRING(200))
  declare title: string;

  @Column(DataType.DATEONLY)
  declare day: string;

  @Column(DataType.DATE(3))
  declare startedAt: Date | null;

  @Column(DataType.DATE(3))
  declare endedAt: Date | null;

  @Column(DataType.TEXT)
  declare note: string;

  @Column(DataType.TEXT)
  declare incident: string;

  @Column(DataType.INTEGER.UNSIGNED)
  declare version: number;

  @HasMany(() => LogPersonRow)
  declare people: LogPersonRow[];

  toLog(): ClassLog {
    const { logKey: key, title, day, note, incident, version } = this;
    const people = [...this.people].sort((a, b) => a.id - b.id).map((row) => row.toPart());
    return {
      key, title, day, note, incident, version, people,
      startedAt: this.startedAt && this.startedAt.toISOString(),
      endedAt: this.endedAt && this.endedAt.toISOString(),
    }; // prettier-ignore
  }

  toLine(): RegisterLine {
    const { logKey: key, title, day, startedAt, endedAt, incident } = this;
    const here = this.people.map((row) => row.toPart()).filter(({ present }) => present);
    return {
      key, title, day,
      minutes: startedAt && endedAt ? Math.round((endedAt.getTime() - startedAt.getTime()) / 60_000) : null,
      present: here.length,
      incident: incident.trim() !== '',
      pain: painOf(here),
    }; // prettier-ignore
  }
}

/** Somebody's part of it. */
@Table({ tableName: 'class_log_people', timestamps: false })
export class LogPersonRow extends Model {
  @PrimaryKey
  @AutoIncrement
  @Column(DataType.INTEGER.UNSIGNED)
  declare id: number;

  @ForeignKey(() => LogRow)
  @Column(DataType.INTEGER.UNSIGNED)
  declare logId: number;

  @BelongsTo(() => LogRow)
  declare log: LogRow;

  @Column(DataType.INTEGER.UNSIGNED)
  declare personId: number;

  @Column(DataType.JSON)
  declare part: Omit<LogPart, 'personId'>;

  toPart(): LogPart {
    return { personId: this.personId, ...(readJsonColumn(this, 'part') as Omit<LogPart, 'personId'>) };
  }

  toEntry(): HistoryEntry {
    const { personId: _, ...part } = this.toPart();
    const { logKey: key, title, day } = this.log;
    return { key, title, day, ...part, ...(isHomeLog(key) && { atHome: true }) };
  }
}
