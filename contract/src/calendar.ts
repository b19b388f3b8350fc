import type { LateRule } from '@gleddo/core';
import { IsInt, Max, Min } from 'class-validator';
import { IsId } from './fields.js';

/** From when to when one class has one exercise, and how far they are. */
export interface CalendarRow {
  readonly exerciseId: string;
  readonly title: string;
  readonly groupId: string;
  readonly group: string;
  /** ISO 8601; null: at once. */
  readonly opensAt: string | null;
  /** ISO 8601; null: never. */
  readonly closesAt: string | null;
  readonly late: LateRule;
  readonly students: number;
  readonly begun: number;
  readonly handedIn: number;
  readonly givenBack: number;
  /** When the last was given back, ISO 8601; null: none was. */
  readonly givenBackAt: string | null;
  /** Whether who asks may move it. */
  readonly mayMove: boolean;
}

/** A term: what opens, closes and was given back, over all classes that somebody sees. */
export interface CalendarShown {
  readonly zone: string;
  readonly rows: readonly CalendarRow[];
}

/** What one class had is handed out to another, all days moved alike. */
export class TakeOverRequest {
  @IsId()
  from!: string;

  @IsId()
  to!: string;

  @IsInt()
  @Min(-3660)
  @Max(3660)
  days!: number;
}

export interface TakenOver extends CalendarShown {
  /** How many exercises the class has now that it did not have before. */
  readonly taken: number;
}
