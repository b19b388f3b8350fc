import { Inject, Injectable } from '@nestjs/common';
import { and, eq } from 'drizzle-orm';
import type { Database } from '../database/open-database.js';
import { tries } from '../database/schema/index.js';
import { DATABASE } from '../http/tokens.js';
import { addUp } from '../points/add-up.js';
import { chargeLate, offOf } from '../points/late-charge.js';
import { TimesService } from './times.service.js';

/** Once times have changed, what came late takes off is reckoned anew; a mark given back stays as it was given. */
@Injectable()
export class LateAgainService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly times: TimesService,
  ) {}

  async of(exerciseId: string): Promise<void> {
    const timesOf = await this.times.ofExercise(exerciseId);
    const works = await this.db
      .select()
      .from(tries)
      .where(and(eq(tries.exerciseId, exerciseId), eq(tries.state, 'handed-in')));
    for (const work of works) {
      if (work.outOf === null) continue;
      const late = { times: timesOf(work.personId, work), of: work.outOf };
      if (work.lateChargedFor === null && offOf(work, late) === 0) continue;
      await this.db.transaction(async (tx) => {
        // It may have been given back, or checked, meanwhile.
        const [now] = await tx
          .select()
          .from(tries)
          .where(and(eq(tries.id, work.id), eq(tries.state, 'handed-in')))
          .for('update');
        if (!now || now.outOf === null) return;
        await chargeLate(tx, now, { ...late, of: now.outOf });
        await addUp(tx, now.id);
      });
    }
  }
}
