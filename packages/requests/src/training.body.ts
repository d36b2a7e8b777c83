import { MARKS, type TaskProgress, type TrainingMark } from '@lotus-steady/core/training';
import { IsIn, IsString, Length } from 'class-validator';

/** How somebody answered a task. */
export class TrainingBody {
  @IsString()
  @Length(1, 60)
  task: string;

  @IsIn(MARKS)
  mark: TrainingMark;
}

/** How a task went so far, with how often it had each mark. */
export interface TrainingProgress extends TaskProgress {
  readonly counts: Readonly<Partial<Record<TrainingMark, number>>>;
}
