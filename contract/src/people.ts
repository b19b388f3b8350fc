import { IsString, Length, Matches } from 'class-validator';
import { IsName, MayBeLeftOut } from './fields.js';
import { IsSignInName } from './sign-in-name.js';

export class SignInRequest {
  @IsName(120, 'Type the name you sign in with.')
  login!: string;

  @IsString()
  @Length(1, 200, { message: 'Type your password.' })
  password!: string;

  /** What a second device shows, where one is asked for. */
  @MayBeLeftOut()
  @IsName(20, 'Type the six digits that your device shows.')
  code?: string;
}

/** A secret for a second device, and the address by which a device takes it. */
export interface SecondFactorOffered {
  readonly secret: string;
  readonly address: string;
}

/** How one signs in. */
export interface OwnSignIn {
  readonly login: string;
  readonly hasSecondFactor: boolean;
}

export class SecondFactorRequest {
  @IsString()
  @Length(1, 200, { message: 'Type the password that you have now.' })
  password!: string;

  @Matches(/^[A-Z2-7]{32}$/, { message: 'Begin again: this is no secret that was given out here.' })
  secret!: string;

  @IsName(20, 'Type the six digits that your device shows.')
  code!: string;
}

export class NoSecondFactorRequest {
  @IsString()
  @Length(1, 200, { message: 'Type the password that you have now.' })
  password!: string;
}

export class FirstInstructorRequest {
  @IsName(120, 'Type your name, as students should see it.')
  name!: string;

  @IsSignInName()
  login!: string;

  @IsString()
  @Length(10, 200, { message: 'Choose a password of at least 10 characters.' })
  password!: string;
}

export class DemoSignInRequest {
  @IsName(60, 'Choose one of the people of the demo.')
  person!: string;
}

/** Another instructor, made by the first: with companies and classes of their own. */
export class NewInstructorRequest {
  @IsName(120, 'Type the name of the instructor, as students should see it.')
  name!: string;

  @IsSignInName()
  login!: string;
}

/** One's own password, changed by who knows the old one. */
export class ChangePasswordRequest {
  @IsString()
  @Length(1, 200, { message: 'Type the password that you have now.' })
  old!: string;

  @IsString()
  @Length(10, 200, { message: 'Choose a password of at least 10 characters.' })
  next!: string;
}

/** A password made by the program, shown this once. */
export interface MadePassword {
  readonly name: string;
  readonly login: string;
  readonly password: string;
}

/** A link by which somebody chooses a password of their own, shown this once. */
export interface MadeLink {
  readonly name: string;
  readonly login: string;
  /** Where a letter with it can go; empty: no e-mail is known. */
  readonly email: string;
  /** What stands in the link. */
  readonly token: string;
  readonly until: string;
}

/** Whom a link is for. */
export interface LinkShown {
  readonly name: string;
  readonly login: string;
}

export class ChoosePasswordRequest {
  @IsString()
  @Length(10, 200, { message: 'Choose a password of at least 10 characters.' })
  password!: string;
}

export interface Instructor {
  readonly id: string;
  readonly name: string;
  readonly login: string;
  /** The first instructor, who makes the others. */
  readonly isHead: boolean;
  readonly companies: number;
  readonly groups: number;
}

/** Something that mattered: who did it, to whom, and when. */
export interface Happened {
  readonly at: string;
  readonly by: string;
  readonly what: string;
  readonly about: string;
}

/** Where somebody is signed in. */
export interface SessionShown {
  readonly id: string;
  /** What the browser says that it is; empty: nothing. */
  readonly browser: string;
  /** Whether it is the one that asks. */
  readonly isThis: boolean;
  readonly begunAt: string;
  readonly seenAt: string;
}

export type PersonRole = 'instructor' | 'student';

export interface Me {
  readonly id: string;
  readonly name: string;
  readonly role: PersonRole;
  /** Whether this is the first instructor. */
  readonly isHead: boolean;
  /** Whether they came in by a password that the program made: then they choose one of their own first. */
  readonly isFirstPassword: boolean;
}

interface DemoPerson extends Me {
  readonly says: string;
}

/** What the sign-in page needs to know before anybody has signed in. */
export interface Welcome {
  readonly needsFirstInstructor: boolean;
  readonly demoPeople: readonly DemoPerson[];
}
