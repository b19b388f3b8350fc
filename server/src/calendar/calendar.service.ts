import { Inject, Injectable } from '@nestjs/common';
import type { CalendarRow, CalendarShown, Me } from '@gleddo/contract';
import { sql } from 'drizzle-orm';
import { rowsOf, type Database } from '../database/open-database.js';
import { groupSaid } from '../groups/of-class.js';
import { DATABASE } from '../http/tokens.js';
import { groupsSeenBy, groupsTaughtBy, mayOnExercise } from '../reach/reach.js';
import { TimesService } from '../times/times.service.js';

type Found = Omit<CalendarRow, 'opensAt' | 'closesAt' | 'givenBackAt'> &
  Readonly<Record<'opensAt' | 'closesAt' | 'givenBackAt', string | Date | null>>;

const isoOf = (at: string | Date | null): string | null =>
  at === null ? null : new Date(at).toISOString();

/** What opens and closes when, over all classes that somebody teaches or assists in. */
@Injectable()
export class CalendarService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly times: TimesService,
  ) {}

  async of(me: Me): Promise<CalendarShown> {
    const found = rowsOf<Found>(
      await this.db.execute(sql`
        select e.id as "exerciseId", e.title, g.id as "groupId", ${groupSaid('g')} as "group",
          h.opens_at as "opensAt", h.closes_at as "closesAt", h.late,
          count(m.person_id)::int as students, count(t.id)::int as begun,
          (count(t.id) filter (where t.state <> 'working'))::int as "handedIn",
          (count(t.id) filter (where t.state = 'given-back'))::int as "givenBack",
          max(t.given_back_at) as "givenBackAt",
          (g.id in ${groupsTaughtBy(me.id)}
            and coalesce(${mayOnExercise(me.id, 'e')}, '') in ('mark', 'change', 'own')) as "mayMove"
        from hand_outs h join exercises e on e.id = h.exercise_id join groups g on g.id = h.group_id
          left join members m on m.group_id = h.group_id
          left join tries t on t.exercise_id = h.exercise_id and t.person_id = m.person_id
        where h.group_id in ${groupsSeenBy(me.id)} and e.put_away_at is null
        group by e.id, e.title, e.owner_id, g.id, g.name, h.opens_at, h.closes_at, h.late, h.at
        order by h.at, e.title`),
    );
    const rows = found.map(({ opensAt, closesAt, givenBackAt, ...row }) => ({
      ...{ ...row, opensAt: isoOf(opensAt), closesAt: isoOf(closesAt) },
      givenBackAt: isoOf(givenBackAt),
    }));
    return { zone: this.times.zone, rows };
  }
}
