import { IsIn } from 'class-validator';
import { IsId } from './fields.js';

/** What is shared with colleagues, and how each can be. */
export const SHARED_KINDS = ['companies', 'exercises', 'groups', 'note-stocks'] as const;
export type SharedKind = (typeof SHARED_KINDS)[number];

export const WAYS_TO_SHARE = {
  companies: ['look', 'change'],
  exercises: ['look', 'change'],
  groups: ['teach', 'assist'],
  // Named by whose it is: each has one.
  'note-stocks': ['look'],
} as const satisfies Readonly<Record<SharedKind, readonly string[]>>;

export type HowShared = (typeof WAYS_TO_SHARE)[SharedKind][number];

/**
 * What somebody may do with an exercise: look at it; look at the works of a class and write notes; mark them and give them
 * back; change it; or all of it, since it is theirs. Each may what those before it may.
 */
const MAY = ['look', 'assist', 'mark', 'change', 'own'] as const;
export type May = (typeof MAY)[number];

export const mayAtLeast = (may: May | null, least: May): boolean =>
  may !== null && MAY.indexOf(may) >= MAY.indexOf(least);

export class ShareRequest {
  /** The colleague. */
  @IsId()
  personId!: string;

  @IsIn(['look', 'change', 'teach', 'assist'], { message: 'Choose how it is shared.' })
  how!: HowShared;
}

export interface Colleague {
  readonly id: string;
  readonly name: string;
}

/** With whom something is shared, and with whom it could be. */
export interface Sharing {
  readonly with: readonly (Colleague & { readonly how: HowShared })[];
  readonly others: readonly Colleague[];
}

/** Whose something is that stands in one’s list because a colleague shares it. */
export interface SharedBy {
  readonly by: string;
  readonly how: HowShared;
}
