import { Inject, Injectable } from '@nestjs/common';
import {
  mayAtLeast,
  type AtWork,
  type AtWorkRow,
  type GuidePlace,
  type Me,
} from '@gleddo/contract';
import { tickOfStep, type StepReached } from '@gleddo/core';
import { sql } from 'drizzle-orm';
import { rowsOf, type Database } from '../database/open-database.js';
import { ExercisesService } from '../exercises/exercises.service.js';
import { groupSaid } from '../groups/of-class.js';
import { DATABASE } from '../http/tokens.js';
import { groupsSeenBy } from '../reach/reach.js';
import { guideOf } from '../threads/guiding.js';
import { WordsService } from '../words/words.service.js';
import { HowFarService } from './how-far.service.js';

interface Found {
  readonly personId: string;
  readonly student: string;
  readonly tryId: string | null;
  readonly bookId: string | null;
  readonly state: AtWorkRow['state'] | null;
  readonly revision: number | null;
  readonly startedAt: string | null;
  readonly changedAt: string | null;
  readonly handedInAt: string | null;
  readonly asked: number | null;
  readonly hints: number;
  readonly place: string | null;
  readonly answers: Readonly<Record<string, string>> | null;
}

interface Words {
  readonly asking: ReadonlySet<string>;
  readonly unseen: ReadonlyMap<string, number>;
}

const isoOf = (at: string | null): string | null =>
  at === null ? null : new Date(at).toISOString();

const doneOf = ({ id, done, of }: StepReached, { ticks }: GuidePlace): number =>
  of === 0 ? Number(ticks.includes(tickOfStep(id))) : done / of;

interface Seen {
  /** The steps of the class, in their order. */
  readonly steps: AtWork['steps'];
  readonly words: Words;
}

function rowOf(found: Found, reached: readonly StepReached[], { steps, words }: Seen): AtWorkRow {
  const { personId, student, tryId, bookId, changedAt, startedAt } = found;
  const place = JSON.parse(found.place ?? '{"step":null,"ticks":[]}') as GuidePlace;
  const done = new Map(reached.map((step) => [step.id, doneOf(step, place)]));
  const isOpen = found.state === 'working';
  const here =
    reached.find(({ id }) => id === place.step && done.get(id) !== 1) ??
    reached.find(({ id }) => done.get(id) !== 1);
  return {
    ...{ personId, student, tryId, bookId, state: found.state ?? 'not-started' },
    shares: steps.map(({ id }) => done.get(id) ?? null),
    here: isOpen ? (here?.id ?? null) : null,
    next: isOpen ? (here?.next ?? null) : null,
    lastAt: isoOf(changedAt ?? startedAt),
    handedInAt: isoOf(found.handedInAt),
    checks: found.asked ?? 0,
    hints: found.hints,
    asks: tryId !== null && words.asking.has(tryId),
    unseen: words.unseen.get(tryId ?? '') ?? 0,
  };
}

/** A class at an exercise, as it is this moment. */
@Injectable()
export class AtWorkService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly exercises: ExercisesService,
    private readonly howFar: HowFarService,
    private readonly words: WordsService,
  ) {}

  async of(me: Me, exerciseId: string, groupId: string | null = null): Promise<AtWork> {
    const exercise = await this.exercises.rowOf(me, exerciseId, 'assist');
    const found = await this.students(me, exerciseId, groupId);
    const works = found.flatMap(({ personId, bookId, revision, answers }) =>
      bookId === null
        ? []
        : [{ personId, bookId, revision: revision ?? 0, answers: answers ?? {} }],
    );
    const reached = await this.howFar.of(exercise, works);
    const byBook = new Map(works.map(({ bookId }, i) => [bookId, reached[i] ?? []]));
    const [first = []] = [...byBook.values()].filter((steps) => steps.length > 0);
    const questions = await this.words.open(me, exerciseId);
    const steps = first.map(({ id, title }) => ({ id, title }));
    const said: Words = {
      asking: new Set(questions.map(({ tryId }) => tryId)),
      unseen: await this.words.unseen(exerciseId),
    };
    return {
      title: exercise.title,
      steps,
      rows: found.map((each) =>
        rowOf(each, byBook.get(each.bookId ?? '') ?? [], { steps, words: said }),
      ),
      questions,
      groups: await this.groups(me, exerciseId),
      mayLetGoOn:
        (guideOf(exercise.guide).steps ?? []).length > 1 &&
        mayAtLeast(await this.exercises.mayOf(me, exerciseId), 'mark'),
      now: new Date().toISOString(),
    };
  }

  private async students(
    me: Me,
    exerciseId: string,
    groupId: string | null,
  ): Promise<readonly Found[]> {
    return rowsOf<Found>(
      await this.db.execute(sql`
        select p.id as "personId", p.name as student, t.id as "tryId", t.book_id as "bookId",
          t.state, t.started_at as "startedAt", t.handed_in_at as "handedInAt", t.asked,
          b.revision, g.place,
          (select count(*)::int from hints n where n.book_id = t.book_id) as hints,
          (select o.at from book_operations o where o.book_id = t.book_id
            order by o.revision desc limit 1) as "changedAt",
          (select json_object_agg(a.question_id, a.answer) from answers a
            where a.book_id = t.book_id) as answers
        from people p
          left join tries t on t.person_id = p.id and t.exercise_id = ${exerciseId}
          left join books b on b.id = t.book_id
          left join guide_places g on g.book_id = t.book_id
        where p.password_hash <> '' and exists (select 1 from members m
          join hand_outs h on h.group_id = m.group_id and h.exercise_id = ${exerciseId}
          where m.person_id = p.id and m.group_id in ${groupsSeenBy(me.id)}
            and (${groupId}::text is null or m.group_id = ${groupId}))
        order by p.name`),
    );
  }

  private async groups(
    me: Me,
    exerciseId: string,
  ): Promise<readonly { id: string; name: string }[]> {
    return rowsOf(
      await this.db.execute(sql`
        select g.id, ${groupSaid('g')} as name from hand_outs h join groups g on g.id = h.group_id
        where h.exercise_id = ${exerciseId} and g.id in ${groupsSeenBy(me.id)} order by 2`),
    );
  }
}
