import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { AuditEntry } from '@lotus-steady/requests';
import { Op, type Transaction } from 'sequelize';
import { AuditRow, NO_PERSON, type AccountAction, type AuditAction } from './audit.row.js';

/** A list that is looked at again within so many hours is the same look. */
const SAME_LOOK_HOURS = 12;
const PAGE = 100;

type Entry = Omit<AuditEntry, 'name'>;

function toEntry({ id, personId, action, at }: AuditRow): Entry {
  return { id: Number(id), personId: personId === NO_PERSON ? null : personId, action, at: at.toISOString() };
}

@Injectable()
export class AuditService {
  constructor(@InjectModel(AuditRow) private readonly rows: typeof AuditRow) {}

  /** Within the transaction of what it records, so that neither is there without the other. */
  async record(teacherId: number, personIds: readonly number[], action: AuditAction, transaction?: Transaction): Promise<void> {
    const at = new Date();
    await this.rows.bulkCreate(
      personIds.map((personId) => ({ teacherId, personId, action, at })),
      { transaction },
    );
  }

  /** That people were seen in a list: once for each look, so that the trail stays readable. */
  async listed(teacherId: number, personIds: readonly number[]): Promise<void> {
    const since = new Date(Date.now() - SAME_LOOK_HOURS * 3_600_000);
    const known = await this.rows.findAll({ attributes: ['personId'], where: { teacherId, action: 'list', at: { [Op.gt]: since } } });
    const seen = new Set(known.map(({ personId }) => personId));
    await this.record(
      teacherId,
      personIds.filter((id) => !seen.has(id)),
      'list',
    );
  }

  /** What befell an account. */
  async account(teacherId: number, action: AccountAction, transaction?: Transaction): Promise<void> {
    await this.rows.create({ teacherId, personId: NO_PERSON, action, at: new Date() }, { transaction });
  }

  /** All that is known of one person, the latest first. */
  async of(teacherId: number, personId: number): Promise<Entry[]> {
    return (await this.rows.findAll({ where: { teacherId, personId }, order: [['id', 'DESC']] })).map(toEntry);
  }

  /** A page of the whole trail, the latest first. */
  async page(teacherId: number, before: number | null): Promise<Entry[]> {
    const where = { teacherId, ...(before !== null && { id: { [Op.lt]: before } }) };
    return (await this.rows.findAll({ where, order: [['id', 'DESC']], limit: PAGE })).map(toEntry);
  }
}
