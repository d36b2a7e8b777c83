import { Transform, Type } from 'class-transformer';
import { LENGTHS, PAPERS, WEEK_BEGINS, type Conventions, type Paper, type PrintOptions } from '@lotus-steady/core/sheets';
import { IsBoolean, IsIn, IsInt, IsNumber, IsObject, IsOptional, IsString, Max, MaxLength, Min } from 'class-validator';

/** One sequence adapted to one person, to be kept. */
export class PlanBody {
  @IsInt()
  @Min(1)
  sequenceId: number;

  @IsInt()
  @Min(1)
  personId: number;

  @IsOptional()
  @IsNumber()
  @Min(1)
  @Max(240)
  minutes?: number;
}

/** An adaptation that is not kept: the terminal's `adapt` through HTTP. */
export class AdaptBody {
  @IsString()
  @MaxLength(200_000)
  text: string;

  /** `{"participants": [...]}`; left out for nobody in particular. */
  @IsOptional()
  @IsObject()
  class?: unknown;

  /** Different figures that a step may show; as many as usual where it is left out. */
  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(24)
  figures?: number;

  @IsOptional()
  @IsNumber()
  @Min(1)
  @Max(240)
  minutes?: number;
}

/** The terminal's `cues` through HTTP. */
export class CuesBody extends AdaptBody {
  @IsOptional()
  @IsIn(['whole', 'short', 'words'])
  length?: 'whole' | 'short' | 'words';

  /** Whether the teacher faces the class, as its mirror. */
  @IsOptional()
  @IsBoolean()
  facing?: boolean;

  /** Whether what is lifted is lifted on the out-breath. */
  @IsOptional()
  @IsBoolean()
  exhaleOnEffort?: boolean;
}

/** The terminal's `home` through HTTP; of a class, the first one's. */
export class HomeBody {
  @IsString()
  @MaxLength(200_000)
  text: string;

  @IsOptional()
  @IsObject()
  class?: unknown;

  @IsNumber()
  @Min(3)
  @Max(40)
  minutes: number;

  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(7)
  days?: number;

  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(6)
  times?: number;
}

const isYes = ({ value }: { readonly value: unknown }) => (value === '1' ? true : value === '0' ? false : value);

/** How a sheet is printed, at the end of an address. */
class PrintQuery implements PrintOptions {
  @IsOptional()
  @IsIn(PAPERS)
  paper?: Paper;

  /** 1 for large print. */
  @IsOptional()
  @Transform(isYes)
  @IsBoolean({ message: 'large is 1 or 0' })
  large?: boolean;
}

/** A practice for home on paper: how long, how often, and how it is printed. */
export class HomeSheetQuery extends PrintQuery {
  @Type(() => Number)
  @IsNumber()
  @Min(3)
  @Max(40)
  minutes: number;

  @IsOptional()
  @Type(() => Number)
  @IsInt()
  @Min(1)
  @Max(7)
  days?: number;

  @IsOptional()
  @Type(() => Number)
  @IsInt()
  @Min(1)
  @Max(6)
  times?: number;

  @IsOptional()
  @IsIn(LENGTHS)
  lengths?: Conventions['lengths'];

  @IsOptional()
  @IsIn(WEEK_BEGINS)
  weekBegins?: Conventions['weekBegins'];
}

/** A lesson for children on paper; what its numbers may be the lesson itself says. */
export class LessonSheetQuery extends PrintQuery {
  @Type(() => Number)
  @IsNumber()
  age: number;

  @Type(() => Number)
  @IsNumber()
  minutes: number;

  @IsOptional()
  @Type(() => Number)
  @IsNumber()
  children?: number;

  @IsOptional()
  @IsString()
  space?: string;

  @IsOptional()
  @IsString()
  @MaxLength(60)
  theme?: string;
}
