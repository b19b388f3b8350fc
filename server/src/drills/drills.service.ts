import { Inject, Injectable } from '@nestjs/common';
import {
  ASKED_NAMES,
  type DrillAnswerRequest,
  type DrillAsked,
  type DrillStanding,
  type Me,
} from '@gleddo/contract';
import {
  DISTINCTION_IDS,
  drillCurves,
  drillFeedback,
  shippedPlan,
  shippedScheme,
  stockName,
  tallies,
  type Distinction,
  type DrillAnswer,
  type DrillFeedback,
} from '@gleddo/core';
import { and, desc, eq, gte, isNull } from 'drizzle-orm';
import type { Database } from '../database/open-database.js';
import { drillAnswers, drillsAsked, exercises, people } from '../database/schema/index.js';
import { refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';

/** The scheme and the number plan by which names are asked. */
export const drillBooks = () => {
  const scheme = shippedScheme('current-first');
  if (!scheme) throw new Error('the scheme of the drills is gone');
  return { scheme, plan: shippedPlan('four-digit') };
};

const MOST_REMEMBERED = 3_000;

const isDistinction = (text: string | null): text is Distinction =>
  text !== null && DISTINCTION_IDS.some((id) => id === text);

/** A kept answer as the core counts it. */
export const drillAnswerOf = (row: typeof drillAnswers.$inferSelect): DrillAnswer => ({
  name: row.nameId,
  isRight: row.isRight,
  missed: isDistinction(row.missed) ? row.missed : null,
  at: row.at.toISOString(),
});

/** A student’s drills: what was asked, what came of it, what an instructor asks for. */
@Injectable()
export class DrillsService {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  async standing(me: Me): Promise<DrillStanding> {
    const rows = await this.db
      .select()
      .from(drillAnswers)
      .where(eq(drillAnswers.personId, me.id))
      .orderBy(desc(drillAnswers.at))
      .limit(MOST_REMEMBERED);
    const history = rows.reverse().map(drillAnswerOf);
    const { scheme } = drillBooks();
    const counted = tallies(scheme, history);
    const curves = drillCurves(scheme, history).map(({ distinction, points }) => ({
      ...{ distinction, points },
      ...(counted.get(distinction) ?? { asked: 0, missed: 0 }),
    }));
    return { history, curves, asked: await this.askedOf(me) };
  }

  private async askedOf(me: Me): Promise<DrillAsked[]> {
    const rows = await this.db
      .select({ asked: drillsAsked, title: exercises.title, by: people.name })
      .from(drillsAsked)
      .innerJoin(people, eq(people.id, drillsAsked.byId))
      .leftJoin(exercises, eq(exercises.id, drillsAsked.exerciseId))
      .where(and(eq(drillsAsked.personId, me.id), isNull(drillsAsked.doneAt)))
      .orderBy(drillsAsked.at);
    return rows.map(({ asked: { id, distinction, exerciseId }, title, by }) => ({
      ...{ id, exerciseId, title, by },
      distinction: isDistinction(distinction) ? distinction : null,
    }));
  }

  /** Keeps an answer and tells at once what came of it. */
  async answer(
    me: Me,
    { token, name: nameId, kind, answer }: DrillAnswerRequest,
  ): Promise<DrillFeedback> {
    const name = stockName(nameId);
    if (!name) throw refuse('drill.no-name', 'There is no such name in the stock. Begin a round.');
    const described = drillFeedback({ name, kind }, answer, drillBooks());
    const { isRight, missed } = described;
    await this.db
      .insert(drillAnswers)
      .values({ id: `${me.id}-${token}`, personId: me.id, nameId, kind, answer, isRight, missed })
      .onConflictDoNothing();
    await this.finish(me);
    return described;
  }

  /** A drill that was asked for is done after so many names of its kind were answered since. */
  private async finish(me: Me): Promise<void> {
    const open = await this.db
      .select()
      .from(drillsAsked)
      .where(and(eq(drillsAsked.personId, me.id), isNull(drillsAsked.doneAt)));
    for (const { id, at, distinction } of open) {
      if (distinction === null) continue;
      const since = await this.db
        .select()
        .from(drillAnswers)
        .where(and(eq(drillAnswers.personId, me.id), gte(drillAnswers.at, at)))
        .limit(MOST_REMEMBERED);
      const asked = tallies(drillBooks().scheme, since.map(drillAnswerOf));
      if (!isDistinction(distinction) || (asked.get(distinction)?.asked ?? 0) < ASKED_NAMES)
        continue;
      await this.db.update(drillsAsked).set({ doneAt: new Date() }).where(eq(drillsAsked.id, id));
    }
  }
}
