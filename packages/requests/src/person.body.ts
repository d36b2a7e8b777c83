import type { BodyAnswers, Clearance, ConditionAnswer, PropsAtHand, SchoolChoices } from '@lotus-steady/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsInt,
  IsISO8601,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  Length,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';

export class ClearanceBody implements Clearance {
  @IsString()
  @Length(1, 80)
  condition: string;

  @IsString()
  @Length(1, 120, { message: 'Who gave the clearance? (1 to 120 characters)' })
  by: string;

  @IsISO8601({ strict: true }, { message: 'On which day? Expected a date such as 2026-03-01' })
  on: string;

  @IsISO8601({ strict: true }, { message: 'Until when does it hold? Expected a date such as 2026-09-01' })
  until: string;
}

/** The shape of a person alone. What the answers mean, the core checks. */
export class PersonBody {
  @IsString()
  @Length(1, 80, { message: 'Write a name (1 to 80 characters)' })
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
