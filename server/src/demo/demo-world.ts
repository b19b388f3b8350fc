import { Injectable } from '@nestjs/common';
import type { Me } from '@gleddo/contract';
import { juniperLane, nurseryYear, pollardRow, ternIsland } from '@gleddo/core/demo';
import { RULE_SETS, writeExercise } from '@gleddo/core';
import { fromShelf } from '@gleddo/core/shelf';
import { CompaniesService } from '../companies/companies.service.js';
import { ExerciseFilesService } from '../exercise-files/exercise-files.service.js';
import { ExercisesService } from '../exercises/exercises.service.js';
import { HandOutsService } from '../exercises/hand-outs.service.js';
import { GroupsService } from '../groups/groups.service.js';
import { SetTimesService } from '../times/set-times.service.js';
import { PlatformsService } from '../platforms/platforms.service.js';
import { SharingService } from '../sharing/sharing.service.js';
import { PeopleService } from '../people/people.service.js';
import { BRIEF, KEY_RULES, keyBook, startBook, TITLE } from './demo-exercise.js';
import { DemoClass, PASSWORD } from './demo-class.js';
import { led, nextChapter } from './demo-led.js';
import { DemoPractice } from './demo-practice.js';
import { DemoSite } from './demo-site.js';
import { drafts, placing } from './demo-workshop.js';

/** The platform that `npm run platform` starts. */
const STAND_IN = {
  ...{ name: 'Hillside', issuer: 'http://localhost:4000' },
  ...{ clientId: 'gleddo-at-hillside', deployment: 'hillside-1' },
  ...{ signInUrl: 'http://localhost:4000/auth', tokenUrl: 'http://localhost:4000/token' },
  keysUrl: 'http://localhost:4000/keys',
};

const A_DAY = 86_400_000;
const AN_HOUR = 3_600_000;
const TEST_IN_DAYS = 9;
const TEST = 'lamps-errors';

/** The demo world: four companies, a class group, exercises of every kind with tries in every state. */
@Injectable()
export class DemoWorld {
  constructor(
    private readonly people: PeopleService,
    private readonly companies: CompaniesService,
    private readonly groups: GroupsService,
    private readonly exercises: ExercisesService,
    private readonly files: ExerciseFilesService,
    private readonly handOuts: HandOutsService,
    private readonly times: SetTimesService,
    private readonly students: DemoClass,
    private readonly practice: DemoPractice,
    private readonly site: DemoSite,
    private readonly sharing: SharingService,
    private readonly platforms: PlatformsService,
  ) {}

  /** Lays the world out in an empty database, once; one whose making was cut off is made again. */
  async layOut(): Promise<void> {
    if (!(await this.site.begin())) return;
    const ruth = await this.people.addFirst({
      name: 'Ruth Marsh',
      login: 'ruth.marsh',
      password: PASSWORD,
    });
    for (const book of [nurseryYear(), juniperLane(), pollardRow(), ternIsland()])
      await this.companies.add(ruth, book);
    const group = await this.groups.create(ruth, 'Bookkeeping, spring term');
    await this.handOutTest(ruth, group.id);
    for (const draft of drafts()) await this.exercises.add(ruth, draft);
    const spring = led();
    const ledId = await this.exercises.add(ruth, spring);
    const nextId = await this.exercises.add(ruth, {
      ...nextChapter(),
      series: { continues: ledId, ownWork: false },
    });
    const placed = placing();
    const placingId = await this.exercises.add(ruth, placed);
    const quarterId = await this.exercises.add(ruth, {
      title: TITLE,
      brief: BRIEF,
      key: keyBook(),
      start: startBook(),
      keyRules: KEY_RULES,
    });
    for (const id of [placingId, quarterId, ledId, nextId])
      await this.handOuts.handOut(ruth, id, group.id);
    await this.giveTimes(ruth, group.id, [placingId, nextId]);
    await this.students.work(group.id, quarterId, { id: placingId, made: placed });
    await this.practice.layOut(ledId, spring, ruth.id);
    await this.share(ruth, { groupId: group.id, exerciseId: placingId });
    await this.platforms.add(ruth, STAND_IN);
    await this.site.finish();
  }

  /** A colleague who assists in the class, and has a company and an exercise to look at. */
  private async share(ruth: Me, of: { readonly groupId: string; readonly exerciseId: string }) {
    const { id: personId } = await this.people.add({
      ...{ name: 'Odile Fenn', login: 'odile.fenn', password: PASSWORD },
      role: 'instructor',
    });
    const [company] = await this.companies.list(ruth);
    const group = { kind: 'groups', id: of.groupId };
    await this.sharing.share(ruth, group, { personId, how: 'assist' });
    const exercise = { kind: 'exercises', id: of.exerciseId };
    await this.sharing.share(ruth, exercise, { personId, how: 'look' });
    if (company)
      await this.sharing.share(
        ruth,
        { kind: 'companies', id: company.id },
        { personId, how: 'look' },
      );
  }

  /** A test out of the shelf, of two hours, on a day to come. */
  private async handOutTest(ruth: Me, groupId: string): Promise<void> {
    const ready = fromShelf(TEST);
    if (!ready) return;
    const test = { ...ready, rules: { ...ready.rules, ...RULE_SETS.test } };
    const { id } = await this.files.take(ruth, Buffer.from(writeExercise(test)), TEST);
    await this.handOuts.handOut(ruth, id, groupId);
    const begins = new Date();
    begins.setHours(10, 0, 0, 0);
    const at = (hours: number) =>
      new Date(begins.getTime() + TEST_IN_DAYS * A_DAY + hours * AN_HOUR).toISOString();
    await this.times.forClass(ruth, id, {
      ...{ groupId, opensAt: at(0), closesAt: at(2), late: 'refused' },
    });
  }

  /** One closes at the end of the week, late work told; the next of a series opens when it is over. */
  private async giveTimes(ruth: Me, groupId: string, [closing, opening]: readonly string[]) {
    const evening = new Date();
    evening.setHours(18, 0, 0, 0);
    const inDays = (days: number) => new Date(evening.getTime() + days * A_DAY).toISOString();
    await this.times.forClass(ruth, closing ?? '', {
      ...{ groupId, opensAt: null, closesAt: inDays(4), late: 'told', lateOff: 10 },
    });
    await this.times.forClass(ruth, opening ?? '', {
      ...{ groupId, opensAt: inDays(5), closesAt: inDays(12), late: 'refused' },
    });
  }
}
