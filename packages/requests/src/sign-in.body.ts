import { IsString, Length } from 'class-validator';
import { IsName } from './is-name.js';

/** What a password that somebody chooses is held to; one from before is only read. */
const NEW_PASSWORD = [10, 200, { message: 'A password of at least 10 characters: health data rests on it' }] as const;

export class SignInBody {
  @IsString()
  @Length(1, 80, { message: 'Write the name you sign in with (1 to 80 characters)' })
  name: string;

  @IsString()
  @Length(1, 200, { message: 'Write your password' })
  password: string;
}

export class FirstTeacherBody {
  @IsName({ message: 'Write your name (1 to 80 characters)' })
  name: string;

  @IsString()
  @Length(...NEW_PASSWORD)
  password: string;
}

/** Another password instead of the one that is known. */
export class PasswordBody {
  @IsString()
  @Length(1, 200, { message: 'Write the password as it is now' })
  old: string;

  @IsString()
  @Length(...NEW_PASSWORD)
  password: string;
}

export class NameBody {
  @IsName({ message: 'Write your name (1 to 80 characters)' })
  name: string;
}
