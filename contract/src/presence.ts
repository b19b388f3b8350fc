import { IsString, MaxLength } from 'class-validator';

/** What several people can have open at once to change it. */
export const OPEN_KINDS = ['companies', 'exercises'] as const;
export type OpenKind = (typeof OPEN_KINDS)[number];

export class HereRequest {
  /** On which page of it they are: the last part of its address. */
  @IsString({ message: 'Say which page is open.' })
  @MaxLength(40, { message: 'Say which page is open, in a few words.' })
  page!: string;
}

/** A colleague who has the same thing open. */
export interface OtherHere {
  readonly name: string;
  readonly page: string;
}

export interface WhoIsHere {
  readonly others: readonly OtherHere[];
  /** How often an exercise’s parts were changed by now; null: this is none. */
  readonly revision: number | null;
}
