import { ArrayMaxSize, IsArray, IsIn, IsObject, Matches, ValidateBy } from 'class-validator';
import { SIGN_CONVENTIONS, type SignConvention } from '@gleddo/core';
import { IsId, IsName, IsProse, MayBeLeftOut } from './fields.js';

const isEach =
  (fits: (value: unknown) => boolean) =>
  (value: unknown): boolean =>
    Array.isArray(value) && value.every(fits);

/** Accept what a student did for an account of the key, for everybody, and check all again; or no longer. */
export class AcceptRequest {
  @IsProse(200, 'This is no account of the key.')
  account!: string;

  /** `other-name`: a name that says something else. */
  @IsIn(['name', 'other-name', 'type'])
  what!: 'name' | 'other-name' | 'type';

  @IsName(120, 'A name or a type of 1 to 120 characters is accepted.')
  value!: string;

  /** True: what was accepted is accepted no longer. */
  @MayBeLeftOut()
  @IsIn([true, false])
  withdraw?: boolean;

  /** The works given back whose marks change, too; all others that were given back stay as they are. */
  @MayBeLeftOut()
  @IsArray({ message: 'Name the works that change by a list.' })
  @ArrayMaxSize(2000)
  @Matches(/^[\w-]{1,60}$/, { each: true, message: 'This is no work.' })
  givenBack?: string[];
}

/** A name that is right for an account of the key. */
export interface RightName {
  readonly account: string;
  readonly name: string;
}

const LONGEST_NAME = 120;
const isRightName = (value: unknown): boolean => {
  if (typeof value !== 'object' || value === null) return false;
  const { account, name, ...rest } = value as Record<string, unknown>;
  const isText = (each: unknown, most: number) =>
    typeof each === 'string' && each.trim() !== '' && each.length <= most;
  return Object.keys(rest).length === 0 && isText(account, 200) && isText(name, LONGEST_NAME);
};

/** Names that the program does not know and that are right, said together. */
export class RightNamesRequest {
  @ArrayMaxSize(500)
  @ValidateBy(
    { name: 'areNames', validator: { validate: isEach(isRightName) } },
    { message: 'Names are said by a list, each with its account.' },
  )
  names!: RightName[];
}

/** Check all again, and which of those given back, too. */
export class CheckAgainRequest {
  @MayBeLeftOut()
  @IsArray({ message: 'Name the works that change by a list.' })
  @ArrayMaxSize(2000)
  @Matches(/^[\w-]{1,60}$/, { each: true, message: 'This is no work.' })
  givenBack?: string[];
}

/** A work whose marks a change would change. */
export interface PreviewRow {
  readonly tryId: string;
  readonly student: string;
  readonly state: 'handed-in' | 'given-back';
  readonly points: number;
  readonly of: number;
  readonly newPoints: number;
  readonly newOf: number;
}

/** What a change would do to marks, before it is kept. */
export interface Preview {
  readonly rows: readonly PreviewRow[];
  /** How many works would keep theirs. */
  readonly same: number;
  /** Works that could not be checked. */
  readonly failed: number;
}

/** A version of a key, and what it changed of the one before it. */
export interface KeyVersionShown {
  readonly version: number;
  /** ISO 8601. */
  readonly at: string;
  /** How many works have their marks by it. */
  readonly works: number;
  /** Sentences; empty for the first. */
  readonly changes: readonly string[];
}

/** A pair joined by hand, or (null) an account that stands for none. */
export interface HandPairShown {
  readonly key: string | null;
  readonly work: string;
}

const MOST_PAIRS = 2000;
const isPair = (value: unknown): boolean => {
  if (typeof value !== 'object' || value === null) return false;
  const { key, work, ...rest } = value as Record<string, unknown>;
  const isName = (each: unknown) => typeof each === 'string' && each.length <= 200;
  return Object.keys(rest).length === 0 && (key === null || isName(key)) && isName(work);
};

const ArePairs = () =>
  ValidateBy(
    {
      name: 'arePairs',
      validator: {
        validate: (value: unknown) =>
          Array.isArray(value) && value.length <= MOST_PAIRS && value.every(isPair),
      },
    },
    { message: 'Pairs are a list of an account of the key (or none) and one of the work.' },
  );

export class PairsRequest {
  @ArePairs()
  pairs!: HandPairShown[];
}

/** A table that came as a work: its cells, and what was chosen of how it is read. */
export interface FiledTable {
  readonly cells: readonly (readonly string[])[];
  readonly columns?: Readonly<Record<string, number>>;
  readonly sign?: SignConvention;
  /** Why nothing could be read in the file; then it has no cells. */
  readonly refused?: string;
}

const LONGEST_CELL = 2000;
const isCells = (value: unknown): boolean =>
  Array.isArray(value) &&
  value.length <= 20_000 &&
  value.every(
    (row) =>
      Array.isArray(row) &&
      row.length <= 200 &&
      row.every((cell) => typeof cell === 'string' && cell.length <= LONGEST_CELL),
  );

const isTable = (value: unknown): boolean => {
  if (typeof value !== 'object' || value === null) return false;
  const { cells, columns, sign, refused, ...rest } = value as Record<string, unknown>;
  const isColumns =
    columns === undefined ||
    (typeof columns === 'object' &&
      columns !== null &&
      Object.values(columns).every((at) => Number.isInteger(at) && Number(at) >= 0));
  const isSign = sign === undefined || SIGN_CONVENTIONS.some((each) => each === sign);
  const isReason =
    refused === undefined || (typeof refused === 'string' && refused.length <= LONGEST_CELL);
  return [Object.keys(rest).length === 0, isCells(cells), isColumns, isSign, isReason].every(
    Boolean,
  );
};

const IsTable = () =>
  ValidateBy(
    { name: 'isTable', validator: { validate: isTable } },
    { message: 'A table is rows of cells, each a text.' },
  );

/** A work that a student hands in as a file: what stands in it. */
export class OwnFileRequest {
  @IsName(200, 'A file has a name of 1 to 200 characters.')
  fileName!: string;

  @MayBeLeftOut()
  @IsTable()
  table?: FiledTable;

  /** A whole book, as its file has it. */
  @MayBeLeftOut()
  @IsObject({ message: 'A book is an object.' })
  book?: object;
}

/** A work that came as a file, and whose it is. */
export class FiledRequest extends OwnFileRequest {
  @IsId()
  personId!: string;

  @MayBeLeftOut()
  @ArePairs()
  pairs?: HandPairShown[];
}
