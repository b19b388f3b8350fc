import { randomInt } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import type { ContinueRequest, ExerciseAnswer, Me } from '@gleddo/contract';
import { carriedOn, givenToStudents, startingPoint, usualKeyRules } from '@gleddo/core';
import { refuse, refusedBy } from '../http/problem.js';
import { datesOf, ExercisesService } from './exercises.service.js';

const MOST_SEEDS = 2 ** 31;

/** Exercises that continue each other. */
@Injectable()
export class SeriesService {
  constructor(private readonly exercises: ExercisesService) {}

  /**
   * The next exercise of a series: its key begins with the key of the one before, closed and carried forward, in another
   * trade where that is wanted; what happens in it is then entered by its author.
   */
  async continue(me: Me, id: string, request: ContinueRequest): Promise<ExerciseAnswer> {
    const { title, ownWork = false, trade = null, companyName = null, goes = [] } = request;
    if (ownWork && (trade !== null || goes.length > 0))
      throw refuse(
        'series.own-work',
        'Students can go on with their own work only where the company stays as it is. Choose one of the two.',
        'ownWork',
      );
    const { book } = await this.exercises.keyOf(await this.exercises.rowOf(me, id));
    const key = carriedOn(book, { goes, trade, name: companyName });
    if (!key.ok) throw refusedBy(key.refusals);
    const seed = randomInt(MOST_SEEDS);
    const start = startingPoint(key.value, 'everything', { faults: {}, seed: 1 });
    const next = await this.exercises.add(me, {
      ...{ title: title.trim(), brief: '', key: key.value },
      start: givenToStudents(start, 'everything', seed),
      keyRules: { statementDates: datesOf(key.value), ...usualKeyRules('everything') },
      series: { continues: id, ownWork },
    });
    return this.exercises.open(me, next);
  }
}
