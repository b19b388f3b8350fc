import { Inject, Injectable } from '@nestjs/common';
import type { AcceptRequest, Marked, Me, Preview } from '@gleddo/contract';
import { acceptedFor, accountOf, typeOf, type Accepted, type AnswerKey } from '@gleddo/core';
import { and, eq } from 'drizzle-orm';
import { AuditService } from '../audit/audit.service.js';
import type { Database } from '../database/open-database.js';
import { exercises } from '../database/schema/index.js';
import { ExercisesService } from '../exercises/exercises.service.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { ChecksService } from './checks.service.js';
import { MarkingService } from './marking.service.js';
import { PreviewsService } from './previews.service.js';

/** What else a key accepts, for everybody: looked at before it is kept, kept, and withdrawn. */
@Injectable()
export class AcceptancesService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly exercises: ExercisesService,
    private readonly checks: ChecksService,
    private readonly marking: MarkingService,
    private readonly previews: PreviewsService,
    private readonly audit: AuditService,
  ) {}

  /** Whose marks it would change, and how; nothing is kept. */
  async preview(me: Me, tryId: string, request: AcceptRequest): Promise<Preview> {
    const { exercise } = await this.marking.find(me, tryId);
    const key = await this.exercises.keyOf(exercise);
    return this.previews.of(exercise, { ...key, accepts: acceptsWith(key, request) });
  }

  /** Whose marks today's key would change; nothing is kept. */
  async previewOfToday(me: Me, exerciseId: string): Promise<Preview> {
    const exercise = await this.exercises.rowOf(me, exerciseId);
    return this.previews.of(exercise, await this.exercises.keyOf(exercise));
  }

  /**
   * Accepts another name or type for an account of the key, for everybody (or no longer), and has checked again what is
   * not given back: this work at once, the others after it. Of those given back only the ones that are named change.
   */
  async accept(me: Me, tryId: string, request: AcceptRequest): Promise<Marked> {
    const { exercise, work } = await this.marking.find(me, tryId);
    await this.keep(me, exercise.id, request);
    await this.audit.write(request.withdraw ? 'answer-withdrawn' : 'answer-accepted', me.id, {
      aboutId: tryId,
    });
    if (work.state === 'handed-in') await this.checks.run(tryId);
    await this.marking.checkAgain(me, exercise.id, request.givenBack);
    return this.marking.open(me, tryId);
  }

  private async keep(me: Me, exerciseId: string, request: AcceptRequest): Promise<void> {
    for (let attempt = 0; attempt < MOST_ATTEMPTS; attempt++)
      if (await this.keepOnce(me, exerciseId, request)) return;
    throw refuse(
      'key.busy',
      'The key is being changed elsewhere at the same time. Try again in a moment.',
    );
  }

  /** False when somebody else changed the rules of the key between reading and writing. */
  private async keepOnce(me: Me, exerciseId: string, request: AcceptRequest): Promise<boolean> {
    const exercise = await this.exercises.rowOf(me, exerciseId);
    const accepts = acceptsWith(await this.exercises.keyOf(exercise), request);
    const rules = JSON.parse(exercise.keyRules) as object;
    const written = await this.db
      .update(exercises)
      .set({ keyRules: JSON.stringify({ ...rules, accepts }) })
      .where(and(eq(exercises.id, exerciseId), eq(exercises.keyRules, exercise.keyRules)))
      .returning({ id: exercises.id });
    return written.length > 0;
  }
}

const MOST_ATTEMPTS = 20;

/** What a key accepts, with another name or type for one of its accounts, or without it. */
function acceptsWith(key: AnswerKey, request: AcceptRequest): Accepted[] {
  const { account, what, value, withdraw = false } = request;
  if (!accountOf(key.book, account)) throw notFound('This account of the key');
  if (what === 'type' && !typeOf(key.book.scheme, value)) throw notFound('This account type');
  const before = acceptedFor(key, account);
  const change = (list: readonly string[]) => {
    const others = list.filter((each) => each !== value);
    return withdraw ? others : [...others, value];
  };
  const names = what === 'name' ? change(before.names) : before.names;
  const types = what === 'type' ? change(before.types) : before.types;
  return [...key.accepts.filter((each) => each.account !== account), { ...before, names, types }];
}
