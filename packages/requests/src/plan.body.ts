import { IsInt, IsNumber, IsObject, IsOptional, IsString, Max, MaxLength, Min } from 'class-validator';

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
