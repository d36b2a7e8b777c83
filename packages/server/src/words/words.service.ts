import { inTransaction } from '../database/in-transaction.js';
import { library, wordKey, wordProblem, type StudioWord } from '@lotus-steady/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { unusable } from '../problems/unusable.js';
import { WordRow } from './word.row.js';

/** A studio's own words, each kept once. */
@Injectable()
export class WordsService {
  constructor(@InjectModel(WordRow) private readonly rows: typeof WordRow) {}

  async list(teacherId: number): Promise<StudioWord[]> {
    const rows = await this.rows.findAll({ where: { teacherId }, order: [['text', 'ASC']] });
    return rows.map((row) => row.toWord());
  }

  /**
   * Keeps words, each in place of what it meant before; all of them or none.
   * @throws UnprocessableEntityException naming each word that can't be taken.
   */
  async keep(teacherId: number, words: readonly StudioWord[]): Promise<StudioWord[]> {
    const problems = words.flatMap((word, i) => {
      const message = wordProblem(library, word);
      return message === null ? [] : [{ field: `words[${i}]`, message }];
    });
    if (problems.length > 0) throw unusable(problems);
    await inTransaction(this.rows, async (transaction) => {
      for (const { text, means, since } of words)
        await this.rows.upsert({ teacherId, wordKey: wordKey(text).slice(0, 200), text, means, since }, { transaction });
    });
    return this.list(teacherId);
  }

  /** Forgets a word; one that isn't kept is forgotten already. */
  async forget(teacherId: number, text: string): Promise<StudioWord[]> {
    await this.rows.destroy({ where: { teacherId, wordKey: wordKey(text).slice(0, 200) } });
    return this.list(teacherId);
  }
}
