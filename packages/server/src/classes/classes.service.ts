import { inTransaction } from '../database/in-transaction.js';
import { LIBRARY_VERSION, PROPS } from '@lotus-steady/core';
import { ClassBody, toParticipant, type ClassSummary, type StoredClass } from '@lotus-steady/requests';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { Transaction } from 'sequelize';
import { AuditService } from '../audit/audit.service.js';
import { PeopleService } from '../people/people.service.js';
import { PlanningService } from '../plans/planning.service.js';
import { unusable } from '../problems/unusable.js';
import { SequencesService, titleOf } from '../sequences/sequences.service.js';
import { ClassPersonRow, ClassRow } from './class.row.js';

@Injectable()
export class ClassesService {
  constructor(
    @InjectModel(ClassRow) private readonly rows: typeof ClassRow,
    @InjectModel(ClassPersonRow) private readonly parts: typeof ClassPersonRow,
    private readonly sequences: SequencesService,
    private readonly people: PeopleService,
    private readonly planning: PlanningService,
    private readonly audit: AuditService,
  ) {}

  /** The latest first. */
  async list(teacherId: number): Promise<ClassSummary[]> {
    const rows = await this.rows.findAll({
      where: { teacherId },
      include: [{ model: ClassPersonRow, attributes: ['id', 'personId', 'pins'] }],
      order: [['day', 'DESC'], ['id', 'DESC']],
      limit: 50,
    }); // prettier-ignore
    return rows.map((row) => row.toSummary());
  }

  async read(teacherId: number, id: number): Promise<StoredClass> {
    const stored = (await this.row(teacherId, id)).toClass();
    await this.audit.record(teacherId, stored.personIds, 'read');
    return stored;
  }

  /**
   * Adapts a class for its day and keeps everybody's part.
   * @throws UnprocessableEntityException naming what can't be taken, NotFoundException for someone else's people.
   */
  async create(teacherId: number, body: ClassBody): Promise<StoredClass> {
    const planned = await this.planned(teacherId, body);
    return inTransaction(this.rows, async (transaction) => {
      const row = await this.rows.create({ teacherId, ...planned.row }, { transaction });
      return this.keep(row, planned.parts, transaction);
    });
  }

  /** Adapts a kept class anew and keeps it in its place. @throws as `create` does, and where it is not there any more. */
  async replace(teacherId: number, id: number, body: ClassBody): Promise<StoredClass> {
    const row = await this.row(teacherId, id);
    const planned = await this.planned(teacherId, body);
    return inTransaction(this.rows, async (transaction) => {
      await row.update(planned.row, { transaction });
      await this.parts.destroy({ where: { classId: row.id }, transaction });
      return this.keep(row, planned.parts, transaction);
    });
  }

  private async planned(teacherId: number, { sequenceId, text, day, personIds, figures, shared, pins }: ClassBody) {
    const problems = Object.entries(shared ?? {})
      .filter(([prop, count]) => !(PROPS as readonly string[]).includes(prop) || !Number.isInteger(count) || count < 0)
      .map(([prop, count]) => ({
        field: `shared.${prop}`,
        message: `${prop} is ${JSON.stringify(count)}; expected how many of ${PROPS.join(', ')}`,
      }));
    if (problems.length > 0) throw unusable(problems);
    await this.sequences.read(teacherId, sequenceId);
    const sequence = await this.sequences.parse(teacherId, text);
    const people = await Promise.all(personIds.map((id) => this.people.read(teacherId, id)));
    const plan = await this.planning.plan(teacherId, people.map(toParticipant), sequence, {
      today: day,
      figures,
      pins,
      ...(shared && { props: shared }),
    });
    return {
      row: { sequenceId, title: titleOf(sequence), day, text, figures, shared: shared ?? null, libraryVersion: LIBRARY_VERSION },
      parts: people.map(({ id, version }, i) => ({
        personId: id,
        personVersion: version,
        pins: pins.filter(({ person }) => person === String(id)),
        answer: plan.adaptation.participants[i]!,
      })),
    };
  }

  private async keep(
    row: ClassRow,
    parts: readonly { readonly personId: number; readonly personVersion: number }[],
    transaction: Transaction,
  ): Promise<StoredClass> {
    await this.parts.bulkCreate(parts.map((part) => ({ classId: row.id, ...part })), { transaction }); // prettier-ignore
    await this.audit.record(row.teacherId, parts.map(({ personId }) => personId), 'plan', transaction); // prettier-ignore
    return (await row.reload({ include: [ClassPersonRow], transaction })).toClass();
  }

  async remove(teacherId: number, id: number): Promise<void> {
    const row = await this.row(teacherId, id);
    await inTransaction(this.rows, async (transaction) => {
      await this.audit.record(teacherId, row.toSummary().personIds, 'class-removed', transaction);
      await row.destroy({ transaction });
    });
  }

  private async row(teacherId: number, id: number): Promise<ClassRow> {
    const row = await this.rows.findOne({ where: { id, teacherId }, include: [ClassPersonRow] });
    if (!row) throw new NotFoundException(`No class ${id}`);
    return row;
  }
}
