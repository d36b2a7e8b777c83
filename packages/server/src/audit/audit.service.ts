import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { Transaction } from 'sequelize';
import { AuditRow, type AuditAction } from './audit.row.js';

export interface AuditEntry {
  readonly action: AuditAction;
  readonly at: Date;
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

  async of(teacherId: number, personId: number): Promise<AuditEntry[]> {
    const rows = await this.rows.findAll({ where: { teacherId, personId }, order: [['id', 'DESC']], limit: 200 });
    return rows.map(({ action, at }) => ({ action, at }));
  }
}
