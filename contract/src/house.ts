import type { LettersShown } from './letters.js';
import type { Happened } from './people.js';

/** How the house is, for its head. */
export interface HouseShown {
  /** Whether its database is its own, or one that servers share. */
  readonly engine: 'embedded' | 'shared';
  readonly since: string;
  readonly isDiskFull: boolean;
  /** Room on the disk in bytes; null: not known here. */
  readonly diskFree: number | null;
  /** Size of the database in bytes. */
  readonly bytes: number;
  readonly people: number;
  /** How many have been here within a quarter of an hour. */
  readonly here: number;
  readonly tries: number;
  readonly toCheck: number;
  /** Works that can’t be checked. */
  readonly failed: number;
  readonly tasksWaiting: number;
  readonly textsWaiting: number;
  readonly letters: LettersShown;
  /** Where backups go by night; null: none are made. */
  readonly backups: {
    readonly folder: string;
    readonly days: number;
    readonly hour: number;
  } | null;
  readonly lastBackup: {
    readonly at: string;
    readonly file: string;
    readonly bytes: number;
    /** Why it could not be made; null: it was. */
    readonly fault: string | null;
  } | null;
}

/** Some of what was done by whom. */
export interface HappenedPage {
  readonly rows: readonly (Happened & { readonly id: number })[];
  /** Before which there is more; null: this is all. */
  readonly before: number | null;
}
