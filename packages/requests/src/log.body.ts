import {
  SIDES_COMPARED,
  FELT,
  MARK_KINDS,
  PLACES,
  type SideCompared,
  type Felt,
  type MarkKind,
  type Place,
  type StepMark,
  type Told,
} from '@lotus-steady/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize, ArrayMinSize, ArrayUnique, IsArray, IsBoolean, IsIn, IsInt, IsISO8601, IsOptional, IsString, Length, Matches, Max, MaxLength, Min, ValidateIf, ValidateNested,
} from 'class-validator'; // prettier-ignore
import { IsDay } from './is-day.js';

/** On scales of 0 to 10. */
export class ToldBody implements Told {
  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(10, { message: 'Pain goes from 0 to 10' })
  pain?: number;

  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(10, { message: 'Ease goes from 0 to 10' })
  ease?: number;

  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(10, { message: 'Breath goes from 0 to 10' })
  breath?: number;

  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(10, { message: 'Effort goes from 0 to 10' })
  effort?: number;

  /** Where it hurts. */
  @IsOptional()
  @IsIn(PLACES)
  where?: Place;
}

export class StepMarkBody implements StepMark {
  @IsString()
  @Length(1, 100)
  asana: string;

  @IsString()
  @Length(1, 100)
  variation: string;

  @ValidateIf((_, value) => value !== null)
  @IsIn(['left', 'right'])
  side: 'left' | 'right' | null;

  @IsIn(MARK_KINDS)
  mark: MarkKind;
}

/** One person's part of a class that was held. */
export class LogPartBody {
  @IsInt()
  @Min(1)
  personId: number;

  @IsBoolean()
  present: boolean;

  @ValidateNested()
  @Type(() => ToldBody)
  before: ToldBody;

  @ValidateNested()
  @Type(() => ToldBody)
  after: ToldBody;

  @ValidateIf((_, value) => value !== null)
  @IsIn(FELT)
  felt: Felt | null;

  @IsOptional()
  @IsIn(SIDES_COMPARED)
  harder?: SideCompared | null;

  @IsString()
  @MaxLength(2000, { message: 'A note has at most 2000 characters' })
  note: string;

  @IsArray()
  @ArrayMaxSize(500)
  @ValidateNested({ each: true })
  @Type(() => StepMarkBody)
  marks: StepMarkBody[];

  /** Proposals that were taken or refused, by their ids. */
  @IsArray()
  @ArrayMaxSize(100)
  @ArrayUnique()
  @IsString({ each: true })
  @Length(1, 200, { each: true })
  decided: string[];
}

/** What happened in a class. */
export class LogBody {
  /** Version that was edited; left out for a new one. */
  @IsOptional()
  @IsInt()
  @Min(1)
  version?: number;

  @IsString()
  @Length(1, 200)
  title: string;

  @IsDay({ message: 'On which day? Expected a date such as 2026-03-01' })
  day: string;

  @ValidateIf((_, value) => value !== null)
  @IsISO8601()
  startedAt: string | null;

  @ValidateIf((_, value) => value !== null)
  @IsISO8601()
  endedAt: string | null;

  @IsString()
  @MaxLength(4000, { message: 'A note has at most 4000 characters' })
  note: string;

  /** What went wrong, when, and who was told; empty where nothing did. */
  @IsString()
  @MaxLength(4000, { message: 'An incident has at most 4000 characters' })
  incident: string;

  @IsArray()
  @ArrayMaxSize(60, { message: 'A class has at most 60 people' })
  @ArrayUnique(({ personId }: LogPartBody) => personId, { message: 'Somebody is noted twice' })
  @ValidateNested({ each: true })
  @Type(() => LogPartBody)
  people: LogPartBody[];
}

/** A log of a file, under the name that its class goes by here. */
export class KeyedLogBody extends LogBody {
  @IsString()
  @Matches(/^(?:file|home)\.[\d,]{1,150}\.\d{4}-\d{2}-\d{2}$/, { message: 'A log that is brought is named by its people and its day' })
  key: string;
}

/** So many logs come in one file at the most. */
export const MOST_LOGS = 200;

/** Logs of a file, added together or not at all. */
export class LogsBody {
  @IsArray()
  @ArrayMinSize(1, { message: 'Choose a class to add' })
  @ArrayMaxSize(MOST_LOGS, { message: `At most ${MOST_LOGS} classes are added at once` })
  @ValidateNested({ each: true })
  @Type(() => KeyedLogBody)
  logs: KeyedLogBody[];
}

/** Logs that were added together, to be removed again. */
export class LogKeysBody {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_LOGS)
  @IsString({ each: true })
  keys: string[];
}
