import { Inject, Injectable } from '@nestjs/common';
import { ALWAYS, isClosed, standsAt, timesOf, timesOfTry, type Times } from '@gleddo/core';
import type { MoreTimeShown, TimesShown } from '@gleddo/contract';
import { and, asc, eq, type SQL } from 'drizzle-orm';
import type { AnyPgColumn } from 'drizzle-orm/pg-core';
import type { Database } from '../database/open-database.js';
import {
  formerMembers,
  handOuts,
  members,
  moreTimes,
  people,
  tries,
} from '../database/schema/index.js';
import type { Settings } from '../http/settings.js';
import { DATABASE, SETTINGS } from '../http/tokens.js';
import { isOver, notOpenYet } from './refused-times.js';

type Given = Pick<
  typeof handOuts.$inferSelect,
  'opensAt' | 'closesAt' | 'late' | 'lateOff' | 'minutes' | 'tries' | 'counts'
>;

/** As the core reckons with them. */
export const asTimes = ({
  opensAt,
  closesAt,
  late,
  lateOff,
  minutes,
  tries,
  counts,
}: Given): Times => ({
  ...ALWAYS,
  opensAt: opensAt?.getTime() ?? null,
  closesAt: closesAt?.getTime() ?? null,
  ...{ late, lateOff, minutes, tries, counts },
});

/** Work that was begun, with its times; null: none yet. */
export type Begun = Pick<typeof tries.$inferSelect, 'startedAt'> | null;

/** The times by an exercise, or by a student, for the work there is. */
export type TimesFor = (id: string, begun: Begun) => Times;

const startOf = (begun: Begun): number | null => begun?.startedAt.getTime() ?? null;

const isoOf = (at: number | null): string | null =>
  at === null ? null : new Date(at).toISOString();

/** Who sits in a class, or sat there. */
type Sitting = typeof members | typeof formerMembers;

/** From when to when exercises are open, student by student. */
@Injectable()
export class TimesService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    @Inject(SETTINGS) private readonly settings: Settings,
  ) {}

  get zone(): string {
    return this.settings.zone;
  }

  /** Of one student: by exercise; of one exercise alone, where only that is asked for. */
  async ofStudent(personId: string, exerciseId?: string): Promise<TimesFor> {
    const only = (column: AnyPgColumn) =>
      exerciseId === undefined ? undefined : eq(column, exerciseId);
    const known = await this.known(
      (sits) => and(eq(sits.personId, personId), only(handOuts.exerciseId)),
      and(eq(moreTimes.personId, personId), only(moreTimes.exerciseId)),
    );
    return (id, begun) => timesOfTry(known(id, personId), startOf(begun));
  }

  /** Of one exercise: by student. */
  async ofExercise(exerciseId: string): Promise<TimesFor> {
    const known = await this.known(
      () => eq(handOuts.exerciseId, exerciseId),
      eq(moreTimes.exerciseId, exerciseId),
    );
    return (personId, begun) => timesOfTry(known(exerciseId, personId), startOf(begun));
  }

  /** Of a work that is begun. */
  async ofWork(work: typeof tries.$inferSelect): Promise<Times> {
    return (await this.ofStudent(work.personId, work.exerciseId))(work.exerciseId, work);
  }

  private async known(
    those: (sits: Sitting) => SQL | undefined,
    more: SQL | undefined,
  ): Promise<(exerciseId: string, personId: string) => Times> {
    const inClass = await this.given(members, those);
    // Whoever was taken out of a class has its times for what they have begun, where no other class gives any.
    const before = await this.given(formerMembers, those);
    const longer = new Map(
      (await this.db.select().from(moreTimes).where(more)).map((each) => [
        `${each.exerciseId} ${each.personId}`,
        each.until.getTime(),
      ]),
    );
    return (exerciseId, personId) => {
      const at = `${exerciseId} ${personId}`;
      return timesOf(inClass.get(at) ?? before.get(at) ?? [], longer.get(at) ?? null);
    };
  }

  /** The times that classes give, by exercise and student. */
  private async given(
    sits: Sitting,
    those: (sits: Sitting) => SQL | undefined,
  ): Promise<ReadonlyMap<string, readonly Times[]>> {
    const rows = await this.db
      .select({ handOut: handOuts, personId: sits.personId })
      .from(handOuts)
      .innerJoin(sits, eq(sits.groupId, handOuts.groupId))
      .where(those(sits));
    const byStudent = new Map<string, Times[]>();
    for (const { handOut, personId } of rows) {
      const at = `${handOut.exerciseId} ${personId}`;
      byStudent.set(at, [...(byStudent.get(at) ?? []), asTimes(handOut)]);
    }
    return byStudent;
  }

  shown({ opensAt, closesAt, shutsAt, moreUntil: _, ...rest }: Times): TimesShown {
    const at = { opensAt: isoOf(opensAt), closesAt: isoOf(closesAt), shutsAt: isoOf(shutsAt) };
    return { ...at, ...rest, zone: this.zone };
  }

  /** Who has more time for an exercise than their class. */
  async moreTimeOf(exerciseId: string): Promise<MoreTimeShown[]> {
    const rows = await this.db
      .select({ personId: people.id, student: people.name, until: moreTimes.until })
      .from(moreTimes)
      .innerJoin(people, eq(people.id, moreTimes.personId))
      .where(eq(moreTimes.exerciseId, exerciseId))
      .orderBy(asc(people.name));
    return rows.map(({ until, ...row }) => ({ ...row, until: until.toISOString() }));
  }

  /** Refuses what is asked before an exercise opens. */
  refuseBefore(times: Times, now = Date.now()): void {
    if (times.opensAt !== null && standsAt(times, now) === 'before')
      throw notOpenYet(times.opensAt, { zone: this.zone, now });
  }

  /** Refuses what comes after an exercise has closed, where nothing may come late. */
  refuseAfter(times: Times, now = Date.now()): void {
    if (times.closesAt !== null && isClosed(times, now))
      throw isOver(times.closesAt, { zone: this.zone, now });
  }
}
