import type { ClassOptions, Participant, Sequence } from '@lotus-steady/core';
import { Injectable } from '@nestjs/common';
import type { PlanAnswer } from '../work/jobs.js';
import { WorkService } from '../work/work.service.js';

/** Everything that this server plans, for one person or for many. */
@Injectable()
export class PlanningService {
  constructor(private readonly work: WorkService) {}

  /** A sequence adapted to people who practise together. @throws HttpException where it asks for too much (`WorkService`). */
  plan(
    teacherId: number,
    participants: readonly Participant[],
    sequence: Sequence,
    options: Omit<ClassOptions, 'cache'> & { readonly today: string },
  ): Promise<PlanAnswer> {
    return this.work.run('plan', { participants, sequence, options }, teacherId);
  }
}
