import { IsString, Length, MaxLength } from 'class-validator';

export class SignInRequest {
  @IsString()
  @Length(1, 120, { message: 'Type the name you sign in with.' })
  login!: string;

  @IsString()
  @Length(1, 200, { message: 'Type your password.' })
  password!: string;
}

export class FirstInstructorRequest {
  @IsString()
  @Length(1, 120, { message: 'Type your name, as students should see it.' })
  name!: string;

  @IsString()
  @Length(2, 60, { message: 'Choose a name to sign in with, of 2 to 60 characters.' })
  login!: string;

  @IsString()
  @Length(10, 200, { message: 'Choose a password of at least 10 characters.' })
  password!: string;
}

export class DemoSignInRequest {
  @IsString()
  @MaxLength(60)
  person!: string;
}

export type PersonRole = 'instructor' | 'student';

export interface Me {
  readonly id: string;
  readonly name: string;
  readonly role: PersonRole;
}

export interface DemoPerson extends Me {
  readonly says: string;
}

/** What the sign-in page needs to know before anybody has signed in. */
export interface Welcome {
  readonly needsFirstInstructor: boolean;
  readonly demoPeople: readonly DemoPerson[];
}
