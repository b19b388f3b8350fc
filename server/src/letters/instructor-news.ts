import { Inject, Injectable } from '@nestjs/common';
import type { InstructorNews } from '@gleddo/core';
import { sql, type SQL } from 'drizzle-orm';
import { rowsOf, type Database } from '../database/open-database.js';
import { people } from '../database/schema/index.js';
import { groupSaid } from '../groups/of-class.js';
import { DATABASE } from '../http/tokens.js';
import { groupsTaughtBy, mayOnExercise, seesTry } from '../reach/reach.js';
import { isWrittenTo, newsSince, type LetterDay } from './written-to.js';

interface Addressee {
  readonly id: string;
  readonly name: string;
  readonly news: InstructorNews;
}

interface Since {
  readonly id: string;
  readonly since: SQL;
}

type Counted = InstructorNews['handedIn'][number];

/** Which instructors are to be written to, and why: what came in, closed or was asked since the letter before. */
@Injectable()
export class InstructorNewsService {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  async of(day: LetterDay): Promise<readonly Addressee[]> {
    const to = await this.db
      .select({
        id: people.id,
        name: people.name,
        since: sql<Date>`${newsSince(day)}`.mapWith((at: string | Date) => new Date(at)),
      })
      .from(people)
      .where(isWrittenTo('instructor', day));
    const all: Addressee[] = [];
    for (const { id, name, since } of to)
      all.push({ id, name, news: await this.newsOf(id, since, day.now) });
    return all;
  }

  private async newsOf(id: string, since: Date, now: Date): Promise<InstructorNews> {
    const after = { id, since: sql`${since.toISOString()}::timestamptz` };
    return {
      asked: await this.asked(after),
      closed: await this.closed(after, now),
      handedIn: await this.works(after, sql`t.check_fault is null`),
      failed: await this.works(after, sql`t.check_fault is not null`),
    };
  }

  /** Works that came in since, of what one marks. */
  private async works({ id, since }: Since, which: SQL): Promise<readonly Counted[]> {
    return rowsOf<Counted>(
      await this.db.execute(sql`
        select e.title, count(*)::int as many
        from exercises e join tries t on t.exercise_id = e.id and ${seesTry(id, 't', 'e')}
        where ${mayOnExercise(id, 'e')} in ('mark', 'change', 'own') and e.put_away_at is null
          and t.state = 'handed-in' and t.handed_in_at > ${since} and ${which}
        group by e.id, e.title order by max(t.handed_in_at) desc`),
    );
  }

  private async asked({ id, since }: Since): Promise<readonly Counted[]> {
    return rowsOf<Counted>(
      await this.db.execute(sql`
        select e.title, count(*)::int as many
        from words w join tries t on t.id = w.try_id and t.person_id = w.by_id
          join exercises e on e.id = t.exercise_id and ${seesTry(id, 't', 'e')}
        where ${mayOnExercise(id, 'e')} in ('mark', 'change', 'own') and e.put_away_at is null
          and w.seen_at is null and w.at > ${since}
        group by e.id, e.title order by max(w.at) desc`),
    );
  }

  private async closed({ id, since }: Since, now: Date): Promise<InstructorNews['closed']> {
    return rowsOf<InstructorNews['closed'][number]>(
      await this.db.execute(sql`
        select e.title, ${groupSaid('g')} as "group", count(m.person_id)::int as students,
          (count(t.id) filter (where t.state <> 'working'))::int as "handedIn"
        from hand_outs h join exercises e on e.id = h.exercise_id join groups g on g.id = h.group_id
          left join members m on m.group_id = h.group_id
          left join tries t on t.exercise_id = h.exercise_id and t.person_id = m.person_id
        where h.group_id in ${groupsTaughtBy(id)} and e.put_away_at is null
          and h.closes_at > ${since} and h.closes_at <= ${now.toISOString()}::timestamptz
        group by e.id, e.title, g.id, g.name, h.closes_at order by h.closes_at desc`),
    );
  }
}
