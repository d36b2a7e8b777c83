import { IsString, Length } from 'class-validator';

export class SignInBody {
  @IsString()
  @Length(1, 80, { message: 'Write the name you sign in with (1 to 80 characters)' })
  name: string;

  @IsString()
  @Length(1, 200, { message: 'Write your password' })
  password: string;
}

export class FirstTeacherBody {
  @IsString()
  @Length(1, 80, { message: 'Write your name (1 to 80 characters)' })
  name: string;

  @IsString()
  @Length(10, 200, { message: 'A password of at least 10 characters: health data rests on it' })
  password: string;
}
