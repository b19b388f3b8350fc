import { ArrayMaxSize, IsArray } from 'class-validator';
import { AreNames, IsId, IsName, MayBeLeftOut } from './fields.js';

export class NewGroupRequest {
  @IsName(120, 'Give the class group a name of 1 to 120 characters.')
  name!: string;
}

export class AddStudentsRequest {
  /** The students' names. */
  @IsArray()
  @ArrayMaxSize(200, { message: 'At most 200 students can be added at once.' })
  @AreNames(
    120,
    'Each student needs a name of 1 to 120 characters that can be printed, in one line.',
  )
  names!: string[];

  /** A name of the request: sent again after a lost answer, it adds nobody twice and makes new passwords. */
  @MayBeLeftOut()
  @IsId()
  token?: string;
}

export interface GroupSummary {
  readonly id: string;
  readonly name: string;
  readonly students: number;
}

export interface Student {
  readonly id: string;
  readonly name: string;
  readonly login: string;
}

export interface GroupAnswer extends GroupSummary {
  readonly members: readonly Student[];
}

/** Students just added, with the passwords that are shown this once. */
export interface AddedStudents {
  readonly added: readonly (Student & { readonly password: string })[];
}
