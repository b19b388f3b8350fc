import { Inject, Injectable } from '@nestjs/common';
import type { LeavingTerm } from '@gleddo/contract';
import { eq } from 'drizzle-orm';
import type { Database } from '../database/open-database.js';
import { house } from '../database/schema/index.js';
import { DATABASE } from '../http/tokens.js';

const NAME = 'leaving-term';
const USUAL: LeavingTerm = { days: 30, fate: 'deleted' };

/** How long whatever is deleted can be taken back, and what becomes of people: as the head of the house has set it. */
@Injectable()
export class LeavingTermService {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  async now(): Promise<LeavingTerm> {
    const [row] = await this.db.select().from(house).where(eq(house.name, NAME));
    return row ? (JSON.parse(row.value) as LeavingTerm) : USUAL;
  }

  async set({ days, fate }: LeavingTerm): Promise<LeavingTerm> {
    const value = JSON.stringify({ days, fate });
    await this.db
      .insert(house)
      .values({ name: NAME, value })
      .onConflictDoUpdate({ target: house.name, set: { value } });
    return { days, fate };
  }
}
