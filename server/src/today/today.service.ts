import { Inject, Injectable } from '@nestjs/common';
import type { ComingTime, Me, Today, WorksWaiting } from '@gleddo/contract';
import { sql } from 'drizzle-orm';
import { rowsOf, type Database } from '../database/open-database.js';
import { DATABASE } from '../http/tokens.js';
import { groupSaid } from '../groups/of-class.js';
import { groupsSeenBy, mayOnExercise, seesTry } from '../reach/reach.js';
import { SampleService } from '../sample/sample.service.js';
import { TimesService } from '../times/times.service.js';

const IS_IN = sql`t.state = 'handed-in'`;

/** What is no part of a sample. */
const noSample = (table: string) =>
  sql`not exists (select 1 from samples s where s.thing_id = ${sql.identifier(table)}.id)`;

/** So many days ahead are told. */
const DAYS_AHEAD = 8;

interface Opening extends Omit<ComingTime, 'what' | 'at'> {
  readonly opensAt: string | null;
  readonly closesAt: string | null;
}

const isoOf = (at: string | Date): string => new Date(at).toISOString();

/** What waits for an instructor, and what comes within days. */
@Injectable()
export class TodayService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly times: TimesService,
    private readonly sample: SampleService,
  ) {}

  async of(me: Me): Promise<Today> {
    const [waits, coming, has] = [await this.waits(me), await this.coming(me), await this.has(me)];
    return { waits, coming, zone: this.times.zone, sample: await this.sample.of(me), has };
  }

  private async waits(me: Me): Promise<readonly WorksWaiting[]> {
    return rowsOf<WorksWaiting>(
      await this.db.execute(sql`
        with out_to as (select h.exercise_id, array_agg(g.said order by g.said) as groups
          from hand_outs h join (select g.id, ${groupSaid('g')} as said from groups g
            where g.id in ${groupsSeenBy(me.id)}) g on g.id = h.group_id group by h.exercise_id)
        select e.id as "exerciseId", e.title, coalesce(o.groups, '{}') as groups,
          (count(*) filter (where ${IS_IN} and t.check_fault is null and t.check_id is not null))::int as "toMark",
          (count(*) filter (where ${IS_IN} and t.check_fault is not null))::int as failed,
          (count(*) filter (where ${IS_IN} and t.check_fault is null and t.check_id is null))::int as checking,
          (sum(q.asked))::int as asked
        from exercises e join tries t on t.exercise_id = e.id and ${seesTry(me.id, 't', 'e')}
          left join (select w.try_id, count(*)::int as asked from words w
            join tries own on own.id = w.try_id and own.person_id = w.by_id
            where w.seen_at is null group by w.try_id) q on q.try_id = t.id
          left join out_to o on o.exercise_id = e.id
        where ${mayOnExercise(me.id, 'e')} in ('mark', 'change', 'own')
          and e.put_away_at is null and (${IS_IN} or q.asked > 0)
        group by e.id, e.title, o.groups order by max(t.handed_in_at) desc nulls last`),
    );
  }

  private async coming(me: Me): Promise<ComingTime[]> {
    const found = rowsOf<Opening>(
      await this.db.execute(sql`
        select e.id as "exerciseId", e.title, ${groupSaid('g')} as "group",
          h.opens_at as "opensAt", h.closes_at as "closesAt", count(m.person_id)::int as students,
          count(t.id)::int as begun,
          (count(t.id) filter (where t.state <> 'working'))::int as "handedIn"
        from hand_outs h join exercises e on e.id = h.exercise_id join groups g on g.id = h.group_id
          left join members m on m.group_id = h.group_id
          left join tries t on t.exercise_id = h.exercise_id and t.person_id = m.person_id
        where h.group_id in ${groupsSeenBy(me.id)} and e.put_away_at is null
          and (h.opens_at between now() and now() + make_interval(days => ${DAYS_AHEAD})
            or h.closes_at between now() and now() + make_interval(days => ${DAYS_AHEAD}))
        group by e.id, e.title, g.id, g.name, h.opens_at, h.closes_at`),
    );
    const until = Date.now() + DAYS_AHEAD * 86_400_000;
    return found
      .flatMap(({ opensAt, closesAt, ...row }) => [
        ...(opensAt === null ? [] : [{ ...row, what: 'opens' as const, at: isoOf(opensAt) }]),
        ...(closesAt === null ? [] : [{ ...row, what: 'closes' as const, at: isoOf(closesAt) }]),
      ])
      .filter(({ at }) => Date.parse(at) > Date.now() && Date.parse(at) <= until)
      .sort((a, b) => (a.at < b.at ? -1 : 1));
  }

  private async has(me: Me): Promise<Today['has']> {
    const [has] = rowsOf<Today['has']>(
      await this.db.execute(sql`
        select
          (select count(*)::int from companies c
            where c.owner_id = ${me.id} and ${noSample('c')}) as companies,
          (select count(*)::int from exercises e
            where e.owner_id = ${me.id} and ${noSample('e')}) as exercises,
          (select count(*)::int from members m join groups g on g.id = m.group_id
            where g.owner_id = ${me.id} and ${noSample('g')}) as students,
          (select count(*)::int from hand_outs h join exercises e on e.id = h.exercise_id
            where e.owner_id = ${me.id} and ${noSample('e')}) as "handedOut"`),
    );
    return has ?? { companies: 0, exercises: 0, students: 0, handedOut: 0 };
  }
}
