import { Injectable } from '@nestjs/common';
import type { AcceptRequest, Marked, Me, Preview, RightName } from '@gleddo/contract';
import {
  acceptedFor,
  accountOf,
  keyOfRules,
  standingRules,
  typeOf,
  type Accepted,
  type AnswerKey,
} from '@gleddo/core';
import { AuditService } from '../audit/audit.service.js';
import {
  between,
  ExerciseChangesService,
  type Edit,
} from '../exercises/exercise-changes.service.js';
import { ExercisesService, type ExerciseRow } from '../exercises/exercises.service.js';
import { notFound, refusedBy } from '../http/problem.js';
import { ChecksService } from './checks.service.js';
import { MarkingService } from './marking.service.js';
import { PreviewsService } from './previews.service.js';

/** What else a key accepts, for everybody: looked at before it is kept, kept, and withdrawn. */
@Injectable()
export class AcceptancesService {
  constructor(
    private readonly exercises: ExercisesService,
    private readonly changes: ExerciseChangesService,
    private readonly checks: ChecksService,
    private readonly marking: MarkingService,
    private readonly previews: PreviewsService,
    private readonly audit: AuditService,
  ) {}

  /** Whose marks it would change, and how; nothing is kept. */
  async preview(me: Me, tryId: string, request: AcceptRequest): Promise<Preview> {
    const { exercise } = await this.marking.find(me, tryId);
    const key = await this.exercises.keyOf(exercise);
    return this.previews.of(me, exercise, { ...key, accepts: acceptsWith(key, request) });
  }

  /** Whose marks today's key would change; nothing is kept. */
  async previewOfToday(me: Me, exerciseId: string): Promise<Preview> {
    const exercise = await this.exercises.rowOf(me, exerciseId, 'mark');
    return this.previews.of(me, exercise, await this.exercises.keyOf(exercise));
  }

  /**
   * Accepts another name or type for an account of the key, for everybody (or no longer), and has checked again what is
   * not given back: this work at once, the others after it. Of those given back only the ones that are named change.
   */
  async accept(me: Me, tryId: string, request: AcceptRequest): Promise<Marked> {
    const { exercise, work } = await this.marking.find(me, tryId);
    await this.keep(me, exercise, [request]);
    await this.audit.write(happened(request), me.id, { aboutId: tryId });
    if (work.state === 'handed-in') await this.checks.run(tryId);
    await this.marking.checkAgain(me, exercise.id, request.givenBack);
    return this.marking.open(me, tryId);
  }

  /** Names that the program does not know are right, for everybody: kept in one step, and the class is checked once. */
  async acceptNames(me: Me, exerciseId: string, names: readonly RightName[]): Promise<void> {
    if (names.length === 0) return;
    const exercise = await this.exercises.rowOf(me, exerciseId, 'mark');
    const requests = names.map(({ account, name }): AcceptRequest => ({
      account,
      what: 'name',
      value: name,
    }));
    await this.keep(me, exercise, requests);
    await this.audit.write('names-accepted', me.id, { aboutId: exerciseId });
    await this.marking.checkAgain(me, exerciseId);
  }

  /** Only what is accepted for these accounts changes, whatever else is changed meanwhile. */
  private async keep(
    me: Me,
    exercise: ExerciseRow,
    requests: readonly AcceptRequest[],
  ): Promise<void> {
    const { book } = await this.exercises.keyOf(exercise);
    const touched = new Set(requests.map(({ account }) => account));
    const accepted: Edit = (now) => {
      const key = keyOfRules(book, standingRules(book, now.keyRules));
      if (!key.ok) throw refusedBy(key.refusals);
      const accepts = requests.reduce(
        (before, request) => acceptsWith({ ...key.value, accepts: before }, request),
        key.value.accepts,
      );
      const others = (now.keyRules.accepts ?? []).filter(({ account }) => !touched.has(account));
      const own = accepts.filter(({ account }) => touched.has(account));
      const keyRules = { ...now.keyRules, accepts: [...others, ...own] };
      return between(now, { ...now, keyRules });
    };
    await this.changes.accept(me, exercise.id, accepted);
  }
}

const happened = ({ what, withdraw }: AcceptRequest) => {
  if (withdraw) return 'answer-withdrawn';
  return what === 'other-name' ? 'name-refused' : 'answer-accepted';
};

/** What a key accepts, with another name or type for one of its accounts, or without it. */
function acceptsWith(key: AnswerKey, request: AcceptRequest): readonly Accepted[] {
  const { account, what, value, withdraw = false } = request;
  if (!accountOf(key.book, account)) throw notFound('This account of the key');
  if (what === 'type' && !typeOf(key.book.scheme, value)) throw notFound('This account type');
  const before = acceptedFor(key, account);
  const without = (list: readonly string[]) => list.filter((each) => each !== value);
  const change = (list: readonly string[]) =>
    withdraw ? without(list) : [...without(list), value];
  const { otherNames = [] } = before;
  const changed = {
    name: { names: change(before.names), otherNames: without(otherNames) },
    'other-name': { names: without(before.names), otherNames: change(otherNames) },
    type: { types: change(before.types) },
  }[what];
  return [...key.accepts.filter((each) => each.account !== account), { ...before, ...changed }];
}
