import { TRAINING_TASKS, type TrainingMark } from '@lotus-steady/core/training';
import type { TrainingBody, TrainingProgress } from '@lotus-steady/requests';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { createEmptyCard, fsrs, Rating, type Grade } from 'ts-fsrs';
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

/** What somebody has practised judging. It is their own: no other account sees it. */
@Injectable()
export class TrainingService {
  constructor(@InjectModel(TrainingRow) private readonly rows: typeof TrainingRow) {}

  async list(teacherId: number): Promise<TrainingProgress[]> {
    const rows = await this.rows.findAll({ where: { teacherId }, order: ['id'] });
    return rows.map((row) => row.toProgress());
  }

  /** Keeps an answer's mark, and sets the day on which its task comes back. @throws NotFoundException for an unknown task. */
  async answer(teacherId: number, { task, mark }: TrainingBody, now = new Date()): Promise<TrainingProgress> {
    if (!TRAINING_TASKS.some(({ id }) => id === task)) throw new NotFoundException(`No task ${task}`);
    return this.rows.sequelize!.transaction(async (transaction) => {
      const row = await this.rows.findOne({ where: { teacherId, task }, transaction, lock: true });
      const { card } = scheduler.next(row?.readCard() ?? createEmptyCard(now), now, RATINGS[mark]);
      const before = row?.readCounts() ?? {};
      const kept = { card, last: mark, due: card.due, counts: { ...before, [mark]: (before[mark] ?? 0) + 1 } };
      const saved = row ? await row.update(kept, { transaction }) : await this.rows.create({ teacherId, task, ...kept }, { transaction });
      return saved.toProgress();
    });
  }
}
