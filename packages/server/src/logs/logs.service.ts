import { inTransaction } from '../database/in-transaction.js';
import {
  HOME_LOGS,
  isFileLog,
  KeyedLogBody,
  LogBody,
  type ClassLog,
  type HistoryEntry,
  type LogPart,
  type RegisterLine,
} from '@lotus-steady/requests';
import { ConflictException, Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Op, type Transaction } from 'sequelize';
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

  /** The register of classes, the latest first. */
  async register(teacherId: number): Promise<RegisterLine[]> {
    const rows = await this.rows.findAll({ where: { teacherId, logKey: { [Op.notLike]: `${HOME_LOGS}%` } }, include: [LogPersonRow], order: [['day', 'DESC'], ['id', 'DESC']], limit: MOST_LINES }); // prettier-ignore
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
    const kept = await inTransaction(this.rows, async (transaction) => {
      const known = await this.rows.findOne({ where: { teacherId, logKey: key }, include: [LogPersonRow], transaction, lock: true });
      if (known && known.version !== version) return { theirs: known.toLog() };
      const values = valuesOf(log);
      const row = known ?? (await this.rows.create({ ...values, teacherId, logKey: key, version: 0 }, { transaction }));
      await row.update({ ...values, version: row.version + 1 }, { transaction });
      await this.parts.destroy({ where: { logId: row.id }, transaction });
      await this.writeParts(row.id, people.filter(({ personId }) => here.has(personId)), transaction); // prettier-ignore
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

  private async writeParts(logId: number, people: readonly LogPart[], transaction: Transaction): Promise<void> {
    await this.parts.bulkCreate(people.map(({ personId, ...part }) => ({ logId, personId, part })), { transaction }); // prettier-ignore
  }

  /**
   * Adds the logs of a file, all of them or none.
   * @throws UnprocessableEntityException naming what is here already, or whom nobody here is.
   */
  async bring(teacherId: number, logs: readonly KeyedLogBody[]): Promise<{ readonly keys: readonly string[] }> {
    const keys = logs.map(({ key }) => key);
    const ids = [...new Set(logs.flatMap(({ people }) => people.map(({ personId }) => personId)))];
    await inTransaction(this.rows, async (transaction) => {
      const here = new Set(
        (await this.people.findAll({ where: { teacherId, id: ids }, attributes: ['id'], transaction })).map(({ id }) => id),
      );
      const known = new Set((await this.rows.findAll({ where: { teacherId, logKey: keys }, attributes: ['logKey'], transaction, lock: true })).map(({ logKey }) => logKey)); // prettier-ignore
      const problems = logs.flatMap(({ key, title, people }, i) => {
        const field = `logs[${i}]`;
        if (known.has(key) || keys.indexOf(key) !== i) return [{ field, message: `${title}: this day of these people is here already` }];
        if (people.length === 0 || people.some(({ personId }) => !here.has(personId)))
          return [{ field, message: `${title}: somebody in it is not here` }];
        return [];
      });
      if (problems.length > 0) throw unusable(problems);
      for (const { key, version: _version, people, ...log } of logs) {
        const row = await this.rows.create({ ...valuesOf(log), teacherId, logKey: key, version: 1 }, { transaction });
        await this.writeParts(row.id, people, transaction);
      }
      await this.audit.record(teacherId, ids, 'log', transaction);
    });
    return { keys };
  }

  /**
   * Removes logs that came from a file and were not changed since; all of them or none.
   * @throws ConflictException naming those that were changed.
   */
  async takeBack(teacherId: number, keys: readonly string[]): Promise<void> {
    await inTransaction(this.rows, async (transaction) => {
      const ours = keys.filter(isFileLog);
      const rows = await this.rows.findAll({ where: { teacherId, logKey: ours }, include: [LogPersonRow], transaction, lock: true });
      const changed = rows.filter(({ version }) => version !== 1);
      if (changed.length > 0)
        throw new ConflictException(`Changed since: ${changed.map(({ title, day }) => `${title}, ${day}`).join('; ')}`);
      const personIds = [...new Set(rows.flatMap(({ people }) => people.map(({ personId }) => personId)))];
      await this.rows.destroy({ where: { teacherId, id: rows.map(({ id }) => id) }, transaction });
      await this.audit.record(teacherId, personIds, 'log', transaction);
    });
  }
}

function valuesOf({ startedAt, endedAt, ...log }: Omit<LogBody, 'version' | 'people'>) {
  return { ...log, startedAt: startedAt === null ? null : new Date(startedAt), endedAt: endedAt === null ? null : new Date(endedAt) };
}
