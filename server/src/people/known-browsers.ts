import { createHmac, randomBytes, timingSafeEqual } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import { eq } from 'drizzle-orm';
import type { Database } from '../database/open-database.js';
import { house } from '../database/schema/index.js';
import { DATABASE } from '../http/tokens.js';

const SECRET = 'secret';

/** Tells browsers with which an account was signed in to before: who guesses passwords has none of them. */
@Injectable()
export class KnownBrowsers {
  private secret: string | null = null;

  constructor(@Inject(DATABASE) private readonly db: Database) {}

  async markOf(personId: string): Promise<string> {
    const signed = createHmac('sha256', await this.ownSecret()).update(personId);
    return `${personId}.${signed.digest('base64url')}`;
  }

  async isKnown(mark: string | undefined, personId: string): Promise<boolean> {
    if (mark === undefined) return false;
    const own = Buffer.from(await this.markOf(personId));
    const shown = Buffer.from(mark);
    return own.length === shown.length && timingSafeEqual(own, shown);
  }

  /** Made once for the house, whichever of its servers asks first. */
  private async ownSecret(): Promise<string> {
    if (this.secret !== null) return this.secret;
    const value = randomBytes(32).toString('base64url');
    await this.db.insert(house).values({ name: SECRET, value }).onConflictDoNothing();
    const [kept] = await this.db.select().from(house).where(eq(house.name, SECRET));
    return (this.secret = kept?.value ?? value);
  }
}
