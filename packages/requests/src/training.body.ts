import type { ConditionAnswer } from '@lotus-steady/core';
import {
  LEVELS,
  MARKS,
  type TaskProgress,
  type TrainingCaseText,
  type TrainingLevel,
  type TrainingMark,
} from '@lotus-steady/core/training';
import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsIn, IsObject, IsString, Length, ValidateNested } from 'class-validator';
import { IsName } from './is-name.js';

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

/** The shape of a case alone. What its answers mean, the core checks. */
export class TrainingCaseBody implements TrainingCaseText {
  @IsName({ message: 'Write an invented name (1 to 80 characters)' })
  name: string;

  @IsString()
  @Length(1, 600, { message: 'Write what they say of themselves (1 to 600 characters)' })
  about: string;

  @IsIn(LEVELS)
  level: TrainingLevel;

  @IsArray()
  @ArrayMaxSize(20)
  @IsObject({ each: true })
  conditions: ConditionAnswer[];

  @IsArray()
  @ArrayMinSize(1, { message: 'Write a step' })
  @ArrayMaxSize(20)
  @IsString({ each: true })
  @Length(1, 200, { each: true, message: 'A step has 1 to 200 characters' })
  steps: string[];
}

/** Cases that are added together or not at all. */
export class TrainingCasesBody {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(100)
  @ValidateNested({ each: true })
  @Type(() => TrainingCaseBody)
  cases: TrainingCaseBody[];
}

export class ForgottenCaseBody {
  @IsString()
  @Length(1, 60)
  id: string;
}
