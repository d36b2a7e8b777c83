import { LogBody, type ClassLog, type HistoryEntry, type RegisterLine } from '@lotus-steady/requests';
import { ConflictException, Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { AuditService } from '../audit/audit.service.js';
import { PersonRow } from '../people/person.row.js';
import { unusable } from '../problems/unusable.js';
import { LogPersonRow, LogRow } from './log.row.js';

const MOST_LINES = 200;

/** What happened in classes: one log for each class, whoever writes it. */
@Injectable()
export class LogsService {
  constructor(
    @InjectModel(LogRow) private readonly rows: typeof LogRow,
    @InjectModel(LogPersonRow) private readonly parts: typeof LogPersonRow,
    @InjectModel(PersonRow) private readonly people: typeof PersonRow,
    private readonly audit: AuditService,
  ) {}

  /** The register, the latest first. */
  async register(teacherId: number): Promise<RegisterLine[]> {
    const rows = await this.rows.findAll({ where: { teacherId }, include: [LogPersonRow], order: [['day', 'DESC'], ['id', 'DESC']], limit: MOST_LINES }); // prettier-ignore
    return rows.map((row) => row.toLine());
  }

  /** @throws NotFoundException where nothing was logged. */
  async read(teacherId: number, key: string): Promise<ClassLog> {
    const row = await this.rows.findOne({ where: { teacherId, logKey: key }, include: [LogPersonRow] });
    if (!row) throw new NotFoundException('This class was not logged');
    const log = row.toLog();
    await this.audit.record(teacherId, log.people.map(({ personId }) => personId), 'read'); // prettier-ignore
    return log;
  }

  /** A person's classes, the latest first. */
  async history(teacherId: number, personId: number): Promise<HistoryEntry[]> {
    const rows = await this.parts.findAll({ where: { personId }, include: [{ model: LogRow, where: { teacherId }, required: true }] });
    return rows.map((row) => row.toEntry()).sort((one, other) => other.day.localeCompare(one.day));
  }

  /**
   * Keeps a log, in place of what was kept of the class.
   * @throws ConflictException with both where someone else wrote it meanwhile.
   */
  async keep(teacherId: number, key: string, { version, people, ...log }: LogBody): Promise<ClassLog> {
    const ids = people.map(({ personId }) => personId);
    // Whoever was erased since leaves no trace in the log, and it is kept all the same.
    const here = new Set((await this.people.findAll({ where: { teacherId, id: ids }, attributes: ['id'] })).map(({ id }) => id));
    if (people.length > 0 && here.size === 0) throw unusable([{ field: 'people', message: 'Nobody of this class is here any more' }]);
    const values = {
      ...log,
      startedAt: log.startedAt === null ? null : new Date(log.startedAt),
      endedAt: log.endedAt === null ? null : new Date(log.endedAt),
    };
    const kept = await this.rows.sequelize!.transaction(async (transaction) => {
      const known = await this.rows.findOne({ where: { teacherId, logKey: key }, include: [LogPersonRow], transaction, lock: true });
      if (known && known.version !== version) return { theirs: known.toLog() };
      const row = known ?? (await this.rows.create({ ...values, teacherId, logKey: key, version: 0 }, { transaction }));
      await row.update({ ...values, version: row.version + 1 }, { transaction });
      await this.parts.destroy({ where: { logId: row.id }, transaction });
      await this.parts.bulkCreate(
        people.filter(({ personId }) => here.has(personId)).map(({ personId, ...part }) => ({ logId: row.id, personId, part })),
        { transaction },
      );
      await this.audit.record(teacherId, [...here], 'log', transaction);
      return { log: (await row.reload({ include: [LogPersonRow], transaction })).toLog() };
    });
    if (kept.log) return kept.log;
    throw new ConflictException({
      statusCode: 409,
      message: 'This class was logged elsewhere meanwhile',
      yours: { ...log, people },
      theirs: kept.theirs,
    });
  }
}
