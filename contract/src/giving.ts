import { IsInt, Length, Max, Min, ValidateBy } from 'class-validator';
import { TOLD_PARTS, type ToldPart } from '@gleddo/core';
import { IsId, IsProse, MayBeLeftOut } from './fields.js';

/** What a student gets back of their work. */
export interface Giving {
  readonly marks: boolean;
  /** What was found, and the instructor's notes. */
  readonly notes: boolean;
  /** How far each fault is told; null: only what kind of fault it is. */
  readonly tells: ToldPart | null;
  readonly key: boolean;
  /** Whether the work may be put right in a copy, checked at once. */
  readonly copy: boolean;
}

export const USUAL_GIVING: Giving = {
  marks: true,
  notes: true,
  tells: 'now',
  key: false,
  copy: true,
};

/** How what was given back before anybody could choose was given. */
export const GIVEN_BEFORE: Giving = { ...USUAL_GIVING, copy: false };

const PARTS = Object.keys(USUAL_GIVING) as (keyof Giving)[];
const TELLS: readonly unknown[] = [...TOLD_PARTS, null];

const fits = (part: keyof Giving, value: unknown): boolean =>
  part === 'tells' ? TELLS.includes(value) : typeof value === 'boolean';

const isGiving = (value: unknown): boolean => {
  if (typeof value !== 'object' || value === null) return false;
  const said = value as Record<string, unknown>;
  return Object.keys(said).length === PARTS.length && PARTS.every((part) => fits(part, said[part]));
};

/** Gives works back; what is shown of them is as it was last time where nothing is said. */
export class GiveBackRequest {
  @MayBeLeftOut()
  @ValidateBy(
    { name: 'isGiving', validator: { validate: isGiving } },
    {
      message:
        'Say of each part whether it is shown: marks, notes, key, copy; and how far faults are told (tells: there, belongs, why, now, or null).',
    },
  )
  shows?: Giving;
}

/** Gives back all that is checked, of all class groups or of one. */
export class GiveAllBackRequest extends GiveBackRequest {
  @MayBeLeftOut()
  @IsId()
  groupId?: string;
}

/** A note that an instructor writes often, or a colleague who shares their stock. */
export interface StockNote {
  readonly id: string;
  /** Whose it is, who shares their stock; null: one’s own. */
  readonly by: { readonly id: string; readonly name: string } | null;
  readonly text: string;
  readonly points: number;
}

export class NewStockNoteRequest {
  @IsProse(2000, 'Write the note first; up to 2,000 characters that can be printed.')
  @Length(1, 2000, { message: 'Write the note first; up to 2,000 characters.' })
  text!: string;

  @IsInt({ message: 'Points are whole numbers.' })
  @Min(-1000)
  @Max(1000)
  points!: number;
}
