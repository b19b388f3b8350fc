import type { ListedStudent, ListPlan } from '@gleddo/core';
import { ArrayMaxSize, IsArray } from 'class-validator';
import type { SharedBy } from './sharing.js';
import { IsId, IsName, IsShortText, MayBeLeftOut } from './fields.js';
import { AreDecisions, AreIds, AreListedStudents, IsEmailOrNothing } from './student-fields.js';

export class NewGroupRequest {
  @IsName(120, 'Give the class group a name of 1 to 120 characters.')
  name!: string;
}

const MOST_LISTED = 500;

/** A list of students, as the school has it, and what was said where the program could not tell. */
export class ClassListRequest {
  @IsArray()
  @ArrayMaxSize(MOST_LISTED, {
    message: `At most ${MOST_LISTED} students can be added at once. Take the list in parts.`,
  })
  @AreListedStudents()
  students!: ListedStudent[];

  /** Of doubtful ones, by their place in the list: who it is, or `new`. */
  @MayBeLeftOut()
  @AreDecisions()
  same?: Record<number, string>;

  /** Who is in the class, not in the list, and is to be taken out. */
  @MayBeLeftOut()
  @AreIds(MOST_LISTED)
  takeOut?: string[];

  /** A name of the request: sent again after a lost answer, it adds nobody twice and makes new passwords. */
  @MayBeLeftOut()
  @IsId()
  token?: string;
}

/** What is known of a student; what is left out stays. */
export class StudentRequest implements Partial<ListedStudent> {
  @MayBeLeftOut()
  @IsName(120, 'A student needs a name of 1 to 120 characters that can be printed, in one line.')
  name?: string;

  @MayBeLeftOut()
  @IsShortText(40, 'A number has at most 40 characters.')
  number?: string;

  @MayBeLeftOut()
  @IsEmailOrNothing()
  email?: string;
}

export class MoveStudentRequest {
  /** The class group to which they go. */
  @IsId()
  to!: string;
}

export class MergeStudentsRequest {
  /** The person who stays, in whose name all goes on. */
  @IsId()
  into!: string;
}

/** Some of a class, who are given something by themselves: a group of an afternoon, or one student. */
export class PartRequest {
  @IsName(120, 'Give the group a name of 1 to 120 characters.')
  name!: string;

  /** Who is in it: students of the class. */
  @AreIds(MOST_LISTED)
  members!: string[];
}

/** A group within a class. */
interface PartSummary {
  readonly id: string;
  readonly name: string;
  readonly students: number;
}

export interface GroupSummary {
  readonly id: string;
  readonly name: string;
  readonly students: number;
  /** Whose it is and how it is shared; null: it is one’s own. */
  readonly shared: SharedBy | null;
  /** The groups within it, by name. */
  readonly parts: readonly PartSummary[];
}

export interface Student extends ListedStudent {
  readonly id: string;
  readonly login: string;
}

export interface Member extends Student {
  /** Whether one may change what is known of them: nobody else teaches them. */
  readonly mayChange: boolean;
}

/** Who was taken out. */
export interface FormerMember extends Member {
  readonly leftAt: string;
}

export interface GroupPart extends PartSummary {
  /** Who is in it, by id. */
  readonly members: readonly string[];
}

export interface GroupAnswer extends GroupSummary {
  readonly parts: readonly GroupPart[];
  readonly members: readonly Member[];
  readonly former: readonly FormerMember[];
  /** Whether it is a course of a learning platform that tells who is in it. */
  readonly isCourse: boolean;
}

/** Who somebody in a list may be. */
export interface CouldBe {
  readonly id: string;
  readonly name: string;
  /** In which of one’s own classes they are; empty: in a colleague’s. */
  readonly classes: readonly string[];
}

/** What a list will do, before it is done. */
export interface ClassListPlan extends ListPlan {
  /** Those whom doubtful rows may be, and those who are gone. */
  readonly people: readonly CouldBe[];
}

/** What a list has done. Passwords of who is new are shown this once. */
export interface ClassListDone {
  readonly added: readonly (Student & { readonly password: string })[];
  readonly joined: number;
  readonly returned: number;
  readonly changed: number;
  readonly takenOut: number;
}
