import { followed, readingsIn, type ConditionAnswer, type ReadingLine } from '@lotus-steady/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { Transaction } from 'sequelize';
import { ReadingRow } from './reading.row.js';

/** What was measured of people, day by day. */
@Injectable()
export class ReadingsService {
  constructor(@InjectModel(ReadingRow) private readonly rows: typeof ReadingRow) {}

  /** Keeps the numbers among someone's answers; the last of a day counts. An undated one is new only if it differs. */
  async keep(personId: number, conditions: readonly ConditionAnswer[], today: string, transaction: Transaction): Promise<void> {
    const told = readingsIn(conditions);
    if (told.length === 0) return;
    const known = await this.rows.findAll({ where: { personId }, order: ['day'], transaction });
    const latest = new Map(known.map(({ condition, parameter, value }) => [`${condition}.${parameter}`, value]));
    const fresh = told.filter(({ condition, parameter, value, day }) => day !== null || latest.get(`${condition}.${parameter}`) !== value);
    await this.rows.bulkCreate(
      fresh.map(({ day, ...reading }) => ({ ...reading, personId, day: day ?? today })),
      { transaction, updateOnDuplicate: ['value'] },
    );
  }

  /** Somebody's readings, each over its days, the first day first. */
  async of(personId: number): Promise<ReadingLine[]> {
    const rows = await this.rows.findAll({ where: { personId }, order: ['condition', 'id', 'day'] });
    const lines = new Map<string, ReadingRow[]>();
    for (const row of rows) {
      const name = `${row.condition}.${row.parameter}`;
      lines.set(name, [...(lines.get(name) ?? []), row]);
    }
    return [...lines.values()].map((line) => {
      const { condition, parameter } = line[0]!;
      const values = line.map(({ day, value }) => ({ day, value })).sort((a, b) => a.day.localeCompare(b.day));
      return { condition, parameter, ...followed(condition, parameter), values };
    });
  }
}
