import { inTransaction } from '../database/in-transaction.js';
import { createHash } from 'node:crypto';
import { library, type Sequence } from '@lotus-steady/core';
import { SequenceBody, SequenceChangeBody, type SequenceSummary, type SequenceVersion, type StoredSequence } from '@lotus-steady/requests';
import { ConflictException, Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { LRUCache } from 'lru-cache';
import type { Transaction } from 'sequelize';
import { AuditService } from '../audit/audit.service.js';
import { unusable } from '../problems/unusable.js';
import type { Summary } from '../work/jobs.js';
import { WorkService } from '../work/work.service.js';
import { SequenceVersionRow } from './sequence-version.row.js';
import { WordsService } from '../words/words.service.js';
import { SequenceRow } from './sequence.row.js';

/** So many earlier texts are shown. */
const MOST_VERSIONS = 30;

/** What texts come to is remembered, of so many. */
const MOST_SUMMARIES = 2000;

@Injectable()
export class SequencesService {
  private readonly summaries = new LRUCache<string, Summary>({ max: MOST_SUMMARIES });

  constructor(
    @InjectModel(SequenceRow) private readonly rows: typeof SequenceRow,
    @InjectModel(SequenceVersionRow) private readonly versions: typeof SequenceVersionRow,
    private readonly words: WordsService,
    private readonly audit: AuditService,
    private readonly work: WorkService,
  ) {}

  async list(teacherId: number): Promise<SequenceSummary[]> {
    const rows = await this.rows.findAll({ where: { teacherId }, order: [['title', 'ASC']] });
    const words = await this.words.list(teacherId);
    const sequences = rows.map((row) => row.toSequence());
    const known = JSON.stringify(words);
    const keyOf = (text: string) => createHash('sha256').update(known).update(text).digest('base64');
    const summaries = sequences.map(({ text }) => this.summaries.get(keyOf(text)));
    const missing = sequences.flatMap(({ text }, at) => (summaries[at] ? [] : [{ at, text }]));
    if (missing.length > 0) {
      const found = await this.work.run('summarise', { texts: missing.map(({ text }) => text), words }, teacherId);
      missing.forEach(({ at, text }, i) => this.summaries.set(keyOf(text), (summaries[at] = found[i]!)));
    }
    return sequences.map(({ id, title, updatedAt }, i) => ({ id, title, updatedAt, ...summaries[i]! }));
  }

  async read(teacherId: number, id: number): Promise<StoredSequence> {
    return (await this.row(teacherId, id)).toSequence();
  }

  /** @throws UnprocessableEntityException when the text can't be a sequence. */
  async create(teacherId: number, { text }: SequenceBody): Promise<StoredSequence> {
    const sequence = await this.parse(teacherId, text);
    const row = await this.rows.create({ teacherId, title: titleOf(sequence), text, version: 1 });
    return row.toSequence();
  }

  /** @throws ConflictException with both texts when it was saved elsewhere in between. */
  async replace(teacherId: number, id: number, { text, version }: SequenceChangeBody): Promise<StoredSequence> {
    const sequence = await this.parse(teacherId, text);
    return inTransaction(this.rows, async (transaction) => {
      const row = await this.row(teacherId, id, transaction);
      if (row.version !== version)
        throw new ConflictException({
          statusCode: 409,
          message: 'This sequence was changed elsewhere meanwhile',
          yours: { text, version },
          theirs: row.toSequence(),
        });
      // What was there before stays to go back to.
      await this.versions.create({ sequenceId: id, version, text: row.text, savedAt: row.updatedAt as Date }, { transaction });
      await row.update({ title: titleOf(sequence), text, version: version + 1 }, { transaction });
      return row.toSequence();
    });
  }

  /** Its earlier texts, the latest first. */
  async earlier(teacherId: number, id: number): Promise<SequenceVersion[]> {
    await this.row(teacherId, id);
    const rows = await this.versions.findAll({ where: { sequenceId: id }, order: [['version', 'DESC']], limit: MOST_VERSIONS });
    return rows.map((row) => row.toVersion());
  }

  async remove(teacherId: number, id: number): Promise<void> {
    const row = await this.row(teacherId, id);
    await inTransaction(this.rows, async (transaction) => {
      await row.destroy({ transaction });
      await this.audit.account(teacherId, 'sequence-removed', transaction);
    });
  }

  /** What a text means to this studio. @throws UnprocessableEntityException naming each line that can't be taken. */
  async parse(teacherId: number, text: string): Promise<Sequence> {
    const { sequence, problems } = await this.work.run('readText', { text, words: await this.words.list(teacherId) }, teacherId);
    if (!sequence) throw unusable(problems);
    return sequence;
  }

  private async row(teacherId: number, id: number, transaction?: Transaction): Promise<SequenceRow> {
    const row = await this.rows.findOne({ where: { id, teacherId }, transaction, ...(transaction && { lock: true }) });
    if (!row) throw new NotFoundException(`No sequence ${id}`);
    return row;
  }
}

const MOST_TITLE = 200;
const NAMED_STEPS = 2;

/** What a sequence is called: its title, or where it has none its first steps. */
export function titleOf({ title, steps }: Pick<Sequence, 'title' | 'steps'>): string {
  if (title !== '') return title.slice(0, MOST_TITLE);
  const names = [...new Set(steps.map(({ asana }) => library.get(asana).name))];
  if (names.length === 0) return 'Notes without a step';
  return `${names.slice(0, NAMED_STEPS).join(', ')}${names.length > NAMED_STEPS ? ' …' : ''}`;
}
