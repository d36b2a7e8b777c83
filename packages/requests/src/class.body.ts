import { IsDay } from './is-day.js';
import type { Pin, PropsAtHand } from '@lotus-steady/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize, ArrayMinSize, ArrayUnique, IsArray, IsInt, IsObject, IsOptional, IsString, Length, Max, MaxLength, Min, ValidateNested,
} from 'class-validator'; // prettier-ignore

/** A figure that a teacher chose for someone. */
export class PinBody implements Pin {
  @IsString()
  @Length(1, 20)
  person: string;

  @IsInt()
  @Min(0)
  @Max(2000)
  index: number;

  @IsString()
  @Length(1, 300)
  figure: string;
}

/** A class to be kept: whom, on which day, with the text as it is on the screen. */
export class ClassBody {
  @IsInt()
  @Min(1)
  sequenceId: number;

  @IsString()
  @MaxLength(200_000, { message: 'A text has at most 200000 characters' })
  text: string;

  @IsDay({ message: 'On which day? Expected a date such as 2026-03-01' })
  day: string;

  @IsArray()
  @ArrayMinSize(1, { message: 'A class needs somebody who comes' })
  @ArrayMaxSize(60, { message: 'A class has at most 60 people' })
  @ArrayUnique()
  @IsInt({ each: true })
  personIds: number[];

  @IsInt()
  @Min(1)
  @Max(6)
  figures: number;

  /** What the class shares; left out where everybody has their own. */
  @IsOptional()
  @IsObject()
  shared?: PropsAtHand;

  @IsArray()
  @ArrayMaxSize(2000)
  @ValidateNested({ each: true })
  @Type(() => PinBody)
  pins: PinBody[];
}
