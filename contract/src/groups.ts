import { ArrayMaxSize, IsArray, IsString, Length } from 'class-validator';

export class NewGroupRequest {
  @IsString()
  @Length(1, 120, { message: 'Give the class group a name of 1 to 120 characters.' })
  name!: string;
}

export class AddStudentsRequest {
  /** The students' names. */
  @IsArray()
  @ArrayMaxSize(200, { message: 'At most 200 students can be added at once.' })
  @IsString({ each: true })
  @Length(1, 120, { each: true, message: 'Each student needs a name of 1 to 120 characters.' })
  names!: string[];
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
