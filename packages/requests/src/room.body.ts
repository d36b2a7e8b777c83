import { Type } from 'class-transformer';
import { IsBoolean, IsIn, IsNumber, IsOptional, IsString, Max, MaxLength, Min, ValidateNested } from 'class-validator';

/** More than any class lasts, in seconds. */
const MOST_SECONDS = 12 * 3600;

/** What everybody in the room may see: nobody's name, and no word about health. */
export class ShownBody {
  @IsString()
  @MaxLength(200)
  name: string;

  @IsOptional()
  @IsIn(['left', 'right'])
  side: 'left' | 'right' | null;

  /** Seconds that are left of the step, and that are gone. */
  @IsNumber()
  @Min(0)
  @Max(MOST_SECONDS)
  left: number;

  @IsNumber()
  @Min(0)
  @Max(MOST_SECONDS)
  elapsed: number;

  @IsBoolean()
  running: boolean;

  @IsNumber()
  @Min(1)
  @Max(60)
  breathSeconds: number;

  @IsBoolean()
  mirrored: boolean;

  /** The figures as JSON; `null` where none is drawn. */
  @IsOptional()
  @IsString()
  @MaxLength(300_000)
  drawing: string | null;
}

export class RoomBody {
  /** `null` when teaching has ended. */
  @IsOptional()
  @ValidateNested()
  @Type(() => ShownBody)
  shown: ShownBody | null;
}
