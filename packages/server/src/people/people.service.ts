import { inTransaction } from '../database/in-transaction.js';
import {
  assess,
  checkParticipant,
  clinicianNote,
  findCondition,
  library,
  message,
  newsOf,
  outcomes,
  readingsSection,
  readParticipants,
  sayInEnglish,
  type Problem,
  type ReadingLine,
} from '@lotus-steady/core';
import {
  dayIn,
  PersonBody,
  toParticipant,
  type HistoryEntry,
  type Person,
  type PersonSummary,
  type StoredPlan,
} from '@lotus-steady/requests';
import { ConflictException, Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { Transaction } from 'sequelize';
import type { AuditAction } from '../audit/audit.row.js';
import { AuditService } from '../audit/audit.service.js';
import { unusable } from '../problems/unusable.js';
import { LogPersonRow, LogRow } from '../logs/log.row.js';
import { ClassPersonRow } from '../classes/class.row.js';
import { PlanRow } from '../plans/plan.row.js';
import { StudioService } from '../studio/studio.service.js';
import { notePdf } from '@lotus-steady/sheets';
import { PersonRow } from './person.row.js';
import { ReadingsService } from './readings.service.js';

function check(body: PersonBody): Problem[] {
  const asClass = {
    participants: [
      {
        id: 'person',
        body: body.body,
        conditions: body.conditions,
        props: body.props,
        schools: body.schools,
        clearances: body.clearances,
        ownLimits: body.ownLimits,
        loosened: body.loosened,
        leftOut: body.leftOut,
        preferences: body.preferences,
        breathSeconds: body.breathSeconds,
      },
    ],
  };
  const { participants, problems } = readParticipants(asClass);
  if (problems.length === 0 && participants[0]) return checkParticipant(participants[0]);
  // The field is named from the person's own start, as the form knows it.
  return problems.map(({ field, message }) => ({ field: field.replace(/^participants\[0\]\./, ''), message }));
}

/** What a person's answers mean today: what stands in the way first, then what is new. A record that can't be judged any more is asked about; nobody else's waits for it. */
function standing(person: Person): Pick<PersonSummary, 'decision' | 'news'> {
  const participant = toParticipant(person);
  const [problem] = checkParticipant(participant);
  if (problem) return { decision: 'clearance', news: [`These answers have to be looked through: ${problem.message}`] };
  const today = dayIn(person.studio.timeZone);
  const { decision, reasons } = assess(participant, today).screening;
  return { decision, news: [...reasons.map(({ text }) => text), ...newsOf(person, today).map(sayInEnglish)] };
}

/** All that is kept of one person. */
export interface Exported {
  readonly person: Person;
  readonly plans: readonly StoredPlan[];
  /** Their part of each class that was kept. */
  readonly classes: readonly ReturnType<ClassPersonRow['toPart']>[];
  /** What was noted of them in classes. */
  readonly history: readonly HistoryEntry[];
  /** What was measured, day by day. */
  readonly readings: readonly ReadingLine[];
  readonly audit: Awaited<ReturnType<AuditService['of']>>;
}

@Injectable()
export class PeopleService {
  constructor(
    @InjectModel(PersonRow) private readonly rows: typeof PersonRow,
    @InjectModel(PlanRow) private readonly plans: typeof PlanRow,
    @InjectModel(ClassPersonRow) private readonly parts: typeof ClassPersonRow,
    @InjectModel(LogPersonRow) private readonly logged: typeof LogPersonRow,
    private readonly audit: AuditService,
    private readonly studios: StudioService,
    private readonly measured: ReadingsService,
  ) {}

  async list(teacherId: number): Promise<PersonSummary[]> {
    const rows = await this.rows.findAll({ where: { teacherId }, order: [['name', 'ASC']] });
    const studio = await this.studios.read(teacherId);
    const people = rows.map((row) => row.toPerson(studio));
    await this.audit.listed(
      teacherId,
      people.map(({ id }) => id),
    );
    return people.map((person) => ({
      id: person.id,
      name: person.name,
      conditionNames: person.conditions.map(({ id }) => findCondition(id)?.name ?? id),
      ...standing(person),
      updatedAt: person.updatedAt,
    }));
  }

  async read(teacherId: number, id: number): Promise<Person> {
    return this.opened(teacherId, id, 'read');
  }

  /** @throws UnprocessableEntityException naming each field that can't be taken. */
  async create(teacherId: number, { version: _version, ...body }: PersonBody): Promise<Person> {
    const problems = check(body);
    if (problems.length > 0) throw unusable(problems);
    const studio = await this.studios.read(teacherId);
    return inTransaction(this.rows, async (transaction) => {
      const row = await this.rows.create({ ...body, teacherId, version: 1 }, { transaction });
      await this.measured.keep(row.id, body.conditions, dayIn(studio.timeZone), transaction);
      await this.audit.record(teacherId, [row.id], 'create', transaction);
      return row.toPerson(studio);
    });
  }

  /**
   * People of a file, all of them or none.
   * @throws UnprocessableEntityException naming each field that can't be taken, with the person's place.
   */
  async createAll(teacherId: number, people: readonly PersonBody[]): Promise<{ readonly ids: readonly number[] }> {
    const problems = people.flatMap((body, i) => check(body).map(({ field, message }) => ({ field: `people[${i}].${field}`, message })));
    if (problems.length > 0) throw unusable(problems);
    const today = dayIn((await this.studios.read(teacherId)).timeZone);
    return inTransaction(this.rows, async (transaction) => {
      const rows = await this.rows.bulkCreate(
        people.map(({ version: _version, ...body }) => ({ ...body, teacherId, version: 1 })),
        { transaction },
      );
      const ids = rows.map(({ id }) => id);
      for (const [i, id] of ids.entries()) await this.measured.keep(id, people[i]!.conditions, today, transaction);
      await this.audit.record(teacherId, ids, 'create', transaction);
      return { ids };
    });
  }

  /**
   * Takes back people who came in together, all of them or none.
   * @throws ConflictException naming those whose record was used since: nothing that was written is lost that way.
   */
  async takeBack(teacherId: number, ids: readonly number[]): Promise<void> {
    await inTransaction(this.rows, async (transaction) => {
      const rows = await this.rows.findAll({ where: { teacherId, id: [...ids] }, transaction, lock: true });
      const personId = rows.map(({ id }) => id);
      const uses = await Promise.all([
        this.plans.findAll({ where: { teacherId, personId }, attributes: ['personId'], transaction }),
        this.parts.findAll({ where: { personId }, attributes: ['personId'], transaction }),
        this.logged.findAll({ where: { personId }, attributes: ['personId'], transaction }),
      ]);
      const used = new Set(uses.flat().map((row) => row.personId));
      const kept = rows.filter(({ id, version }) => version !== 1 || used.has(id));
      if (kept.length > 0)
        throw new ConflictException(`Used or changed since: ${kept.map(({ name }) => name).join(', ')}. Erase them one by one.`);
      await this.rows.destroy({ where: { teacherId, id: personId }, transaction });
      await this.audit.record(teacherId, personId, 'erase', transaction);
    });
  }

  /**
   * Replaces a person's answers.
   * @throws ConflictException with both versions when someone else saved in between.
   */
  async replace(teacherId: number, id: number, { version, ...body }: PersonBody): Promise<Person> {
    const problems = check(body);
    if (problems.length > 0) throw unusable(problems);
    const studio = await this.studios.read(teacherId);
    const saved = await inTransaction(this.rows, async (transaction) => {
      const row = await this.row(teacherId, id, transaction);
      if (version !== row.version) {
        // The answer shows the record as it is: that it was seen is kept.
        await this.audit.record(teacherId, [id], 'read', transaction);
        return { theirs: row.toPerson(studio) };
      }
      await row.update({ ...body, version: row.version + 1 }, { transaction });
      await this.measured.keep(id, body.conditions, dayIn(studio.timeZone), transaction);
      await this.audit.record(teacherId, [id], 'change', transaction);
      return { person: row.toPerson(studio) };
    });
    if (saved.person) return saved.person;
    throw new ConflictException({
      statusCode: 409,
      message: 'This person was changed elsewhere meanwhile',
      yours: body,
      theirs: saved.theirs,
    });
  }

  /** What was measured of a person, over their days. */
  async readings(teacherId: number, id: number): Promise<ReadingLine[]> {
    await this.opened(teacherId, id, 'read');
    return this.measured.of(id);
  }

  /** A note for the clinician of a person, as a PDF. */
  async note(teacherId: number, id: number): Promise<Buffer> {
    const person = await this.opened(teacherId, id, 'note');
    const today = dayIn(person.studio.timeZone);
    const sections = clinicianNote(person.conditions, assess(toParticipant(person), today));
    const went = outcomes(await this.historyOf(id), library);
    const measured = readingsSection(await this.measured.of(id));
    // The questions stand last.
    sections.splice(-1, 0, ...[measured, went].filter((section) => section !== null));
    const frame = {
      title: sayInEnglish(message('note.title', { name: person.name })),
      day: sayInEnglish(message('note.day', { day: today })),
      foot: sayInEnglish(message('note.foot')),
    };
    return notePdf(frame, sections);
  }

  /** Everything that is kept of one person. */
  async export(teacherId: number, id: number): Promise<Exported> {
    const person = await this.opened(teacherId, id, 'export');
    const [plans, parts, history, readings] = await Promise.all([
      this.plans.findAll({ where: { teacherId, personId: id }, order: ['id'] }),
      this.parts.findAll({ where: { personId: id }, order: ['id'] }),
      this.historyOf(id),
      this.measured.of(id),
    ]);
    return {
      person,
      plans: plans.map((row) => row.toPlan()),
      classes: parts.map((row) => row.toPart()),
      history,
      readings,
      audit: await this.audit.of(teacherId, id),
    };
  }

  /** Erases a person with all their plans. That it was done stays in the audit trail, without their name. */
  async erase(teacherId: number, id: number): Promise<void> {
    await inTransaction(this.rows, async (transaction) => {
      const row = await this.row(teacherId, id, transaction);
      await row.destroy({ transaction });
      await this.audit.record(teacherId, [id], 'erase', transaction);
    });
  }

  private async historyOf(personId: number): Promise<HistoryEntry[]> {
    const rows = await this.logged.findAll({ where: { personId }, include: [LogRow], order: ['id'] });
    return rows.map((row) => row.toEntry());
  }

  /** @throws NotFoundException also for another teacher's person: that it exists is private. */
  private async row(teacherId: number, id: number, transaction?: Transaction): Promise<PersonRow> {
    const row = await this.rows.findOne({ where: { id, teacherId }, transaction, ...(transaction && { lock: true }) });
    if (!row) throw new NotFoundException(`No person ${id}`);
    return row;
  }

  /** A record as its teacher sees it; that it was opened, and for what, is kept. */
  private async opened(teacherId: number, id: number, action: AuditAction): Promise<Person> {
    const person = (await this.row(teacherId, id)).toPerson(await this.studios.read(teacherId));
    await this.audit.record(teacherId, [id], action);
    return person;
  }
}
