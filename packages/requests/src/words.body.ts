import type { StudioWord, WordMeaning } from '@lotus-steady/core';
import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsISO8601, IsObject, IsString, Length, ValidateNested } from 'class-validator';

/** The shape of a studio's own word alone. What it means, the core checks. */
export class StudioWordBody implements StudioWord {
  @IsString()
  @Length(1, 200, { message: 'A word has 1 to 200 characters' })
  text: string;

  @IsObject()
  means: WordMeaning;

  @IsISO8601({ strict: true }, { message: 'Since which day? Expected a date such as 2026-03-01' })
  since: string;
}

export class WordsBody {
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(1000)
  @ValidateNested({ each: true })
  @Type(() => StudioWordBody)
  words: StudioWordBody[];
}

export class ForgottenWordBody {
  @IsString()
  @Length(1, 200, { message: 'A word has 1 to 200 characters' })
  text: string;
}
