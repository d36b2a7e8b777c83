import type {
  BodyAnswers,
  Clearance,
  ConditionAnswer,
  Grade,
  LeftOut,
  Loosened,
  OwnLimit,
  Preference,
  PropsAtHand,
  SchoolChoices,
  Side,
} from '@lotus-steady/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsTimeZone,
  Length,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { IsDay } from './is-day.js';
import { IsName } from './is-name.js';

export class ClearanceBody implements Clearance {
  @IsString()
  @Length(1, 80)
  condition: string;

  @IsString()
  @Length(1, 120, { message: 'Who gave the clearance? (1 to 120 characters)' })
  by: string;

  @IsDay({ message: 'On which day? Expected a date such as 2026-03-01' })
  on: string;

  /** `null`: until it is taken back. */
  @ValidateIf((_, value) => value !== null)
  @IsDay({ message: 'Until when does it hold? Expected a date such as 2026-09-01' })
  until: string | null;
}

export class OwnLimitBody implements OwnLimit {
  @IsString()
  @Length(1, 60)
  measure: OwnLimit['measure'];

  @IsString()
  @Length(1, 30)
  bound: string;

  @IsIn(['avoid', 'modify', 'watch'])
  grade: Grade;

  @IsString()
  @Length(1, 300, { message: 'Write why (1 to 300 characters)' })
  reason: string;

  @IsString()
  @Length(1, 300, { message: 'Write whose word it is (1 to 300 characters)' })
  by: string;

  @IsOptional()
  @IsString()
  @Length(1, 100)
  replaces?: string;

  @IsOptional()
  @IsDay({ message: 'Until which day? Expected a date such as 2026-03-01' })
  until?: string;
}

export class LoosenedBody implements Loosened {
  @IsString()
  @Length(1, 100)
  limit: string;

  @IsString()
  @Length(1, 300, { message: 'Write why it is set aside (1 to 300 characters)' })
  reason: string;

  @IsDay({ message: 'On which day? Expected a date such as 2026-03-01' })
  on: string;
}

export class LeftOutBody implements LeftOut {
  @IsString()
  @Length(1, 100)
  asana: string;

  @IsString()
  @Length(1, 300, { message: 'Write why it is left out (1 to 300 characters)' })
  reason: string;

  @IsDay({ message: 'On which day? Expected a date such as 2026-03-01' })
  on: string;

  /** `null`: until it is taken back. */
  @ValidateIf((_, value) => value !== null)
  @IsDay({ message: 'Until when is it left out? Expected a date such as 2026-03-14' })
  until: string | null;
}

export class PreferenceBody implements Preference {
  @ValidateIf((_, value) => value !== null)
  @IsString()
  @Length(1, 100)
  asana: string | null;

  @ValidateIf((_, value) => value !== null)
  @IsString()
  @Length(1, 100)
  variation: string | null;

  @ValidateIf((_, value) => value !== null)
  @IsIn(['left', 'right'])
  firstSide: Side | null;

  @IsOptional()
  @IsNumber()
  longer?: number | null;

  @IsString()
  @Length(1, 300, { message: 'Write why it is preferred (1 to 300 characters)' })
  reason: string;

  @IsDay({ message: 'On which day? Expected a date such as 2026-03-01' })
  on: string;
}

/** What a studio decides for everyone in it. */
export class StudioBody {
  @IsObject()
  schools: SchoolChoices;

  @IsArray()
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => OwnLimitBody)
  limits: OwnLimitBody[];

  /** Left out: that of the server. */
  @IsOptional()
  @IsTimeZone({ message: 'Choose a time zone such as Europe/Berlin' })
  timeZone?: string;
}

/** The shape of a person alone. What the answers mean, the core checks. */
export class PersonBody {
  @IsName({ message: 'Write a name (1 to 80 characters)' })
  name: string;

  @IsObject()
  body: BodyAnswers;

  @IsArray()
  @ArrayMaxSize(60)
  @IsObject({ each: true })
  conditions: ConditionAnswer[];

  @IsObject()
  props: PropsAtHand;

  @IsObject()
  schools: SchoolChoices;

  @IsArray()
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => ClearanceBody)
  clearances: ClearanceBody[];

  @IsArray()
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => OwnLimitBody)
  ownLimits: OwnLimitBody[] = [];

  @IsArray()
  @ArrayMaxSize(200)
  @ValidateNested({ each: true })
  @Type(() => LoosenedBody)
  loosened: LoosenedBody[] = [];

  @IsArray()
  @ArrayMaxSize(200)
  @ValidateNested({ each: true })
  @Type(() => LeftOutBody)
  leftOut: LeftOutBody[] = [];

  @IsArray()
  @ArrayMaxSize(200)
  @ValidateNested({ each: true })
  @Type(() => PreferenceBody)
  preferences: PreferenceBody[] = [];

  @IsNumber()
  breathSeconds: number;

  @IsString()
  @MaxLength(4000, { message: 'A note has at most 4000 characters' })
  note: string;

  /** Version that was edited; left out for a new person. */
  @IsOptional()
  @IsInt()
  @Min(1)
  version?: number;
}

/** So many people come in one file at the most. */
export const MOST_IMPORTED = 200;

/** People of a file, added together or not at all. */
export class PeopleBody {
  @IsArray()
  @ArrayMinSize(1, { message: 'Choose somebody to add' })
  @ArrayMaxSize(MOST_IMPORTED, { message: `At most ${MOST_IMPORTED} people are added at once` })
  @ValidateNested({ each: true })
  @Type(() => PersonBody)
  people: PersonBody[];
}

/** People who were added together, to be removed again. */
export class TakeBackBody {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_IMPORTED)
  @IsInt({ each: true })
  ids: number[];
}
