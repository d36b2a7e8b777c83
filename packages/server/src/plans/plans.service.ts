import { inTransaction } from '../database/in-transaction.js';
import { anybody, CONTRACT, LIBRARY_VERSION, readParticipants, type ClassJson } from '@lotus-steady/core';
import { AdaptBody, CuesBody, dayIn, HomeBody, HomeSheetQuery, PlanBody, toParticipant, type StoredPlan } from '@lotus-steady/requests';
import type { CuesJson } from '@lotus-steady/core/cues';
import { conventionsOf } from '@lotus-steady/core/sheets';
import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { AuditService } from '../audit/audit.service.js';
import { PeopleService } from '../people/people.service.js';
import { unusable } from '../problems/unusable.js';
import { SequencesService } from '../sequences/sequences.service.js';
import { StudioService } from '../studio/studio.service.js';
import { WorkService } from '../work/work.service.js';
import { PlanRow } from './plan.row.js';
import { PlanningService } from './planning.service.js';

@Injectable()
export class PlansService {
  constructor(
    @InjectModel(PlanRow) private readonly rows: typeof PlanRow,
    private readonly sequences: SequencesService,
    private readonly people: PeopleService,
    private readonly audit: AuditService,
    private readonly planning: PlanningService,
    private readonly studio: StudioService,
    private readonly work: WorkService,
  ) {}

  async list(teacherId: number, sequenceId: number | null, personId: number | null): Promise<StoredPlan[]> {
    const where = { teacherId, ...(sequenceId !== null && { sequenceId }), ...(personId !== null && { personId }) };
    const rows = await this.rows.findAll({ where, order: [['id', 'DESC']], limit: 50 });
    await this.audit.record(teacherId, [...new Set(rows.map((row) => row.personId))], 'read');
    return rows.map((row) => row.toPlan());
  }

  async read(teacherId: number, id: number): Promise<StoredPlan> {
    const row = await this.rows.findOne({ where: { id, teacherId } });
    if (!row) throw new NotFoundException(`No plan ${id}`);
    await this.audit.record(teacherId, [row.personId], 'read');
    return row.toPlan();
  }

  /** Adapts and keeps, with the versions that it rests on. */
  async create(teacherId: number, { sequenceId, personId, minutes }: PlanBody): Promise<StoredPlan> {
    const stored = await this.sequences.read(teacherId, sequenceId);
    const person = await this.people.read(teacherId, personId);
    const sequence = await this.sequences.parse(teacherId, stored.text);
    const { adaptation: answer } = await this.planning.plan(teacherId, [toParticipant(person)], sequence, {
      today: dayIn(person.studio.timeZone),
      ...(minutes !== undefined && { minutes }),
    });
    return inTransaction(this.rows, async (transaction) => {
      const row = await this.rows.create(
        {
          teacherId,
          sequenceId,
          personId,
          sequenceVersion: stored.version,
          personVersion: person.version,
          libraryVersion: LIBRARY_VERSION,
          answer,
        },
        { transaction },
      );
      await this.audit.record(teacherId, [personId], 'plan', transaction);
      return row.toPlan();
    });
  }

  /** The terminal's `adapt`, kept nowhere. @throws UnprocessableEntityException naming line or field. */
  async answer(teacherId: number, body: AdaptBody): Promise<ClassJson> {
    return (await this.work.run('plan', await this.jobOf(teacherId, body), teacherId)).class;
  }

  /** The terminal's `cues`. @throws as `answer` does. */
  async cues(teacherId: number, { length = 'whole', facing = false, exhaleOnEffort = false, ...body }: CuesBody): Promise<CuesJson> {
    return this.work.run('cues', { ...(await this.jobOf(teacherId, body)), cues: { length, facing, exhaleOnEffort } }, teacherId);
  }

  /** The terminal's `home`. @throws as `answer` does. */
  async home(teacherId: number, { text, class: people, minutes, days, times }: HomeBody) {
    const job = await this.jobOf(teacherId, { text, class: people });
    const home = { minutes, days, times, today: job.options.today };
    return { contract: CONTRACT, ...(await this.work.run('home', { ...job, home }, teacherId)) };
  }

  /** What somebody does at home, on paper; that it was made is in the trail. @throws as `answer` does. */
  async homePdf(teacherId: number, personId: number, sequenceId: number, query: HomeSheetQuery): Promise<Uint8Array> {
    const { minutes, days, times, paper, large, lengths, weekBegins } = query;
    const { title, text } = await this.sequences.read(teacherId, sequenceId);
    const person = await this.people.read(teacherId, personId);
    const sequence = await this.sequences.parse(teacherId, text);
    const today = dayIn(person.studio.timeZone);
    const home = { minutes, days, times, today };
    const job = { participants: [toParticipant(person)], sequence, options: { today }, home, title: `At home: ${title}` };
    const pdf = await this.work.run(
      'homePdf',
      { ...job, print: { paper, large }, conventions: conventionsOf({ lengths, weekBegins }) },
      teacherId,
    );
    await this.audit.record(teacherId, [personId], 'note');
    return pdf;
  }

  private async jobOf(teacherId: number, body: AdaptBody) {
    const sequence = await this.sequences.parse(teacherId, body.text);
    const { participants, problems } =
      body.class === undefined ? { participants: [anybody('p1')], problems: [] } : readParticipants(body.class);
    if (problems.length > 0) throw unusable(problems);
    const { minutes = sequence.minutes, figures } = body;
    const options = {
      today: await this.studio.today(teacherId),
      ...(minutes !== null && { minutes }),
      ...(figures !== undefined && { figures }),
    };
    return { participants, sequence, options };
  }
}
