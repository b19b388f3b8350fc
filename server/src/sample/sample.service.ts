import { Inject, Injectable } from '@nestjs/common';
import type { Me, SampleShown } from '@gleddo/contract';
import { writeExercise, type Exercise } from '@gleddo/core';
import { fromShelf, SAMPLE_EXERCISES, SAMPLE_GROUP } from '@gleddo/core/shelf';
import { and, asc, eq, inArray, sql } from 'drizzle-orm';
import { AuditService } from '../audit/audit.service.js';
import { CompaniesService } from '../companies/companies.service.js';
import { rowsOf, type Database, type Queries } from '../database/open-database.js';
import { companies, exercises, groups, samples } from '../database/schema/index.js';
import { ExerciseFilesService } from '../exercise-files/exercise-files.service.js';
import { HandOutsService } from '../exercises/hand-outs.service.js';
import { GroupsService } from '../groups/groups.service.js';
import { refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { removeExercises, removeLooseBooks, removeStudents } from '../leaving/removing.js';
import { SampleWorks, type SampleExercise } from './sample-works.js';

type Kind = (typeof samples.$inferSelect)['kind'];

const REAL = (names: string) =>
  `In the sample’s class, or at its exercises, are students who are no part of it: ${names}. Move them to another class, or delete those exercises and the class one by one.`;

const isBegun = () =>
  refuse('sample.begun', 'The sample is being laid out just now. Try again in a moment.');

/** In milliseconds: whoever is not done by then was cut off. */
const LASTS_AT_MOST = 120_000;

/** What of a sample there is, and how far it is: `left`, where its laying out was cut off. */
interface Things {
  readonly of: (kind: Kind) => string[];
  readonly state: 'none' | 'begun' | 'left' | 'whole';
}

/** As it lies on the shelf, with the same figures for all: the works of the sample are made beforehand. */
function exerciseOf(id: string): Exercise {
  const ready = fromShelf(id);
  if (!ready) throw new Error(`${id} is not on the shelf`);
  const { figures: _, ...key } = ready.key;
  return { ...ready, title: `Sample: ${ready.title}`, key };
}

/** A class, exercises and a company to look around in, laid out for one instructor and thrown away in one step. */
@Injectable()
export class SampleService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly groups: GroupsService,
    private readonly companies: CompaniesService,
    private readonly files: ExerciseFilesService,
    private readonly handOuts: HandOutsService,
    private readonly works: SampleWorks,
    private readonly audit: AuditService,
  ) {}

  /** Of several at once one is laid out. What could not be laid out whole is taken away again. */
  async layOut(me: Me): Promise<SampleShown> {
    const { state } = await this.things(me);
    if (state === 'begun') throw isBegun();
    if (state === 'left') await this.remove(me);
    const begun = await this.db
      .insert(samples)
      .values({ ownerId: me.id, kind: 'sample', thingId: me.id })
      .onConflictDoNothing()
      .returning({ kind: samples.kind });
    if (begun.length === 0)
      throw refuse('sample.there', 'A sample is laid out already. Throw it away first.');
    try {
      await this.lay(me);
      await this.keep(me, 'whole', me.id);
    } catch (error) {
      await this.remove(me);
      throw error;
    }
    await this.audit.write('sample-laid-out', me.id);
    const shown = await this.of(me);
    if (!shown) throw refuse('sample.gone', 'The sample was thrown away meanwhile.');
    return shown;
  }

  private async lay(me: Me): Promise<void> {
    const { id: groupId } = await this.groups.create(me, SAMPLE_GROUP);
    await this.keep(me, 'group', groupId);
    const made: SampleExercise[] = [];
    for (const ready of SAMPLE_EXERCISES) {
      const of = exerciseOf(ready);
      const { id } = await this.files.take(me, Buffer.from(writeExercise(of)), ready);
      await this.keep(me, 'exercise', id);
      await this.handOuts.handOut(me, id, groupId);
      made.push({ id, of });
    }
    const book = made.at(-1)?.of.key.book;
    if (book) await this.keep(me, 'company', await this.companies.add(me, book));
    await this.works.leave({ groupId, ownerId: me.id }, made);
  }

  private async keep(me: Me, kind: Kind, thingId: string): Promise<void> {
    await this.db.insert(samples).values({ ownerId: me.id, kind, thingId });
  }

  /** What is laid out for somebody, as far as it is still there; null where nothing is. */
  async of(me: Me): Promise<SampleShown | null> {
    const { of, state } = await this.things(me);
    if (state !== 'whole') return null;
    const stands = async (table: typeof groups | typeof exercises, kind: Kind) => {
      const rows = await this.db
        .select({ id: table.id })
        .from(table)
        .where(inArray(table.id, of(kind)));
      const there = new Set(rows.map(({ id }) => id));
      return of(kind).filter((id) => there.has(id));
    };
    const [company] = await this.db
      .select({ bookId: companies.bookId })
      .from(companies)
      .where(inArray(companies.id, of('company')));
    const [groupId = null] = await stands(groups, 'group');
    const exerciseIds = await stands(exercises, 'exercise');
    return { groupId, exerciseIds, companyBookId: company?.bookId ?? null };
  }

  private async things(me: Me): Promise<Things> {
    const rows = await this.db
      .select()
      .from(samples)
      .where(eq(samples.ownerId, me.id))
      .orderBy(asc(samples.at));
    const begun = rows.find(({ kind }) => kind === 'sample');
    const isOld = begun !== undefined && Date.now() - begun.at.getTime() > LASTS_AT_MOST;
    return {
      of: (kind) => rows.filter((row) => row.kind === kind).map(({ thingId }) => thingId),
      state: rows.some(({ kind }) => kind === 'whole')
        ? 'whole'
        : begun === undefined
          ? 'none'
          : isOld
            ? 'left'
            : 'begun',
    };
  }

  async throwAway(me: Me): Promise<void> {
    const { of, state } = await this.things(me);
    if (state === 'none')
      throw refuse('sample.none', 'There is no sample: it was thrown away already.');
    if (state === 'begun') throw isBegun();
    await this.remove(me, (tx) => judgeNobodyReal(tx, of));
    await this.audit.write('sample-thrown-away', me.id);
  }

  /** All of it, with its students and their works, in one step. */
  private async remove(me: Me, judge?: (tx: Queries) => Promise<void>): Promise<void> {
    const { of: things } = await this.things(me);
    await this.db.transaction(async (tx) => {
      await judge?.(tx);
      await removeExercises(tx, things('exercise'));
      await removeStudents(tx, things('student'), 'deleted');
      await tx.delete(groups).where(inArray(groups.id, things('group')));
      const own = inArray(companies.id, things('company'));
      await tx.delete(companies).where(and(own, eq(companies.ownerId, me.id)));
      await tx.delete(samples).where(eq(samples.ownerId, me.id));
      await removeLooseBooks(tx);
    });
  }
}

/** Whoever is real keeps their class and their works: nobody comes in while that is looked at, and it is thrown away. */
async function judgeNobodyReal(tx: Queries, things: Things['of']): Promise<void> {
  for (const [table, kind] of [[groups, 'group'] as const, [exercises, 'exercise'] as const])
    await tx
      .select({ id: table.id })
      .from(table)
      .where(inArray(table.id, things(kind)))
      .for('update');
  const rows = rowsOf<{ name: string }>(
    await tx.execute(sql`
      select distinct p.name from people p
        left join members m on m.person_id = p.id and ${inArray(sql`m.group_id`, things('group'))}
        left join tries t on t.person_id = p.id and ${inArray(sql`t.exercise_id`, things('exercise'))}
      where (m.group_id is not null or t.id is not null)
        and not exists (select 1 from samples s where s.kind = 'student' and s.thing_id = p.id)
      order by p.name limit 3`),
  );
  if (rows.length > 0) throw refuse('sample.real', REAL(rows.map(({ name }) => name).join(', ')));
}
