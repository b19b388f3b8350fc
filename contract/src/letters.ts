import { IsBoolean, IsString, Length } from 'class-validator';
import { MayBeLeftOut } from './fields.js';
import { IsEmailOrNothing } from './student-fields.js';

/** Letters to oneself, one a day at most: about one’s exercises, or those that one teaches. */
export interface OwnLetters {
  /** Where they go, as the school’s list has it, or an instructor says; empty: none is known, and none is written. */
  readonly email: string;
  readonly isWanted: boolean;
}

export class OwnLettersRequest {
  @MayBeLeftOut()
  @IsBoolean()
  isWanted?: boolean;

  /** Where they go, of an instructor; a student’s stands in the class list. */
  @MayBeLeftOut()
  @IsEmailOrNothing()
  email?: string;
}

/** A link to choose a password, to go to its person by letter. */
export class LinkLetterRequest {
  @IsString()
  @Length(1, 100)
  token!: string;
}

/** What became of a letter. */
export interface LetterGone {
  readonly email: string;
  /** Whether a mail server took it, or it lies in the folder of letters. */
  readonly goesTo: 'mail' | 'folder';
}

/** How letters go out here, and what waits. */
export interface LettersShown {
  readonly goesTo: 'mail' | 'folder';
  /** The folder; null: a mail server takes them. */
  readonly folder: string | null;
  readonly hour: number;
  /** Sent within a week. */
  readonly sent: number;
  /** Written, and not gone yet. */
  readonly waiting: number;
  /** Why the last that waits could not go. */
  readonly fault: string | null;
}
