import { inTransaction } from '../database/in-transaction.js';
import {
  checkCase,
  tasksOf,
  TRAINING_TASKS,
  type TrainingCaseText,
  type TrainingClient,
  type TrainingMark,
} from '@lotus-steady/core/training';
import type { TrainingBody, TrainingProgress } from '@lotus-steady/requests';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { createEmptyCard, fsrs, Rating, type Grade } from 'ts-fsrs';
import { Op } from 'sequelize';
import { unusable } from '../problems/unusable.js';
import { CaseRow } from './case.row.js';
import { TrainingRow } from './training.row.js';

/** The free spaced repetition scheduler; without chance, so that equal answers come back on equal days. */
const scheduler = fsrs({ enable_fuzz: false });

/** How well somebody knew it. A false alarm is unlearnt as a miss is. */
const RATINGS: Readonly<Record<TrainingMark, Grade>> = {
  right: Rating.Good,
  half: Rating.Hard,
  missed: Rating.Again,
  'false-alarm': Rating.Again,
};

/** So many cases of their own somebody keeps at the most. */
const MOST_CASES = 200;

/** What somebody has practised judging. It is their own: no other account sees it. */
@Injectable()
export class TrainingService {
  constructor(
    @InjectModel(TrainingRow) private readonly rows: typeof TrainingRow,
    @InjectModel(CaseRow) private readonly caseRows: typeof CaseRow,
  ) {}

  async list(teacherId: number): Promise<TrainingProgress[]> {
    const rows = await this.rows.findAll({ where: { teacherId }, order: ['id'] });
    return rows.map((row) => row.toProgress());
  }

  /** Keeps an answer's mark, and sets the day on which its task comes back. @throws NotFoundException for an unknown task. */
  async answer(teacherId: number, { task, mark }: TrainingBody, now = new Date()): Promise<TrainingProgress> {
    if (!TRAINING_TASKS.some(({ id }) => id === task) && !(await this.isOwnTask(teacherId, task)))
      throw new NotFoundException(`No task ${task}`);
    return inTransaction(this.rows, async (transaction) => {
      const row = await this.rows.findOne({ where: { teacherId, task }, transaction, lock: true });
      const { card } = scheduler.next(row?.readCard() ?? createEmptyCard(now), now, RATINGS[mark]);
      const before = row?.readCounts() ?? {};
      const kept = { card, last: mark, due: card.due, counts: { ...before, [mark]: (before[mark] ?? 0) + 1 } };
      const saved = row ? await row.update(kept, { transaction }) : await this.rows.create({ teacherId, task, ...kept }, { transaction });
      return saved.toProgress();
    });
  }

  /** Cases of their own, oldest first. */
  async cases(teacherId: number): Promise<TrainingClient[]> {
    const rows = await this.caseRows.findAll({ where: { teacherId }, order: ['id'] });
    return rows.map((row) => row.toClient());
  }

  private async isOwnTask(teacherId: number, task: string): Promise<boolean> {
    const id = CaseRow.numberOf(task.split('/')[0]!);
    const row = id === null ? null : await this.caseRows.findOne({ where: { teacherId, id } });
    return row !== null && tasksOf(row.toClient()).some((one) => one.id === task);
  }

  /**
   * Adds cases, all of them or none.
   * @throws UnprocessableEntityException naming the case and the field that can't be taken, or that there are too many.
   */
  async addCases(teacherId: number, cases: readonly TrainingCaseText[]): Promise<TrainingClient[]> {
    const problems = cases.flatMap((one, i) => checkCase(one).map(({ field, message }) => ({ field: `cases[${i}].${field}`, message })));
    if (problems.length > 0) throw unusable(problems);
    await inTransaction(this.rows, async (transaction) => {
      const before = await this.caseRows.count({ where: { teacherId }, transaction });
      if (before + cases.length > MOST_CASES)
        throw unusable([{ field: 'cases', message: `At most ${MOST_CASES} cases are kept; ${before} are here` }]);
      await this.caseRows.bulkCreate(cases.map((content) => ({ teacherId, content })), { transaction }); // prettier-ignore
    });
    return this.cases(teacherId);
  }

  /** Forgets a case with what was answered in it; one that isn't kept is forgotten already. */
  async forgetCase(teacherId: number, id: string): Promise<TrainingClient[]> {
    const number = CaseRow.numberOf(id);
    if (number !== null)
      await inTransaction(this.rows, async (transaction) => {
        const gone = await this.caseRows.destroy({ where: { teacherId, id: number }, transaction });
        if (gone > 0) await this.rows.destroy({ where: { teacherId, task: { [Op.startsWith]: `${id}/` } }, transaction });
      });
    return this.cases(teacherId);
  }
}
