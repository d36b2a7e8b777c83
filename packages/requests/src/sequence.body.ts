import { IsInt, IsString, MaxLength, Min } from 'class-validator';

/** A sequence as it was written; its title and steps are read from the text. */
export class SequenceBody {
  @IsString()
  @MaxLength(200_000, { message: 'A text has at most 200000 characters' })
  text: string;
}

export class SequenceChangeBody extends SequenceBody {
  /** Version that was edited. */
  @IsInt()
  @Min(1)
  version: number;
}
