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
