import { Inject, Injectable } from '@nestjs/common';
import type { Me, NewPlatformRequest, PlatformShown, PlatformsShown } from '@gleddo/contract';
import { and, asc, count, eq } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { AuditService } from '../audit/audit.service.js';
import type { Database } from '../database/open-database.js';
import { platformCourses, platformPeople, platforms } from '../database/schema/index.js';
import { isUniqueViolation } from '../database/unique.js';
import { notFound, refuse } from '../http/problem.js';
import { addressOf, type Settings } from '../http/settings.js';
import { DATABASE, SETTINGS } from '../http/tokens.js';

export type Platform = typeof platforms.$inferSelect;

const known = () =>
  refuse(
    'platform.known',
    'This platform, with this client id, is known already. Remove it first, or copy the other client id.',
    'clientId',
  );

/** The learning platforms of the school that may send people here. */
@Injectable()
export class PlatformsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    @Inject(SETTINGS) private readonly settings: Settings,
    private readonly audit: AuditService,
  ) {}

  /** What a platform has to know of this house. */
  get ours(): PlatformsShown['ours'] {
    const at = `${addressOf(this.settings)}/api/platform`;
    return { signIn: `${at}/sign-in`, launch: `${at}/launch`, keys: `${at}/keys` };
  }

  async shown(): Promise<PlatformsShown> {
    const rows = await this.db.select().from(platforms).orderBy(asc(platforms.addedAt));
    const people = await this.countOf(platformPeople);
    const courses = await this.countOf(platformCourses);
    const all: PlatformShown[] = rows.map(({ addedAt: _, ...row }) => ({
      ...{ ...row, people: people.get(row.id) ?? 0, courses: courses.get(row.id) ?? 0 },
    }));
    return { ours: this.ours, platforms: all };
  }

  private async countOf(table: typeof platformPeople | typeof platformCourses) {
    const rows = await this.db
      .select({ id: table.platformId, many: count() })
      .from(table)
      .groupBy(table.platformId);
    return new Map(rows.map(({ id, many }) => [id, many]));
  }

  async add(me: Me, request: NewPlatformRequest): Promise<PlatformsShown> {
    const id = nanoid();
    const { name, issuer, clientId, deployment } = request;
    const { signInUrl, tokenUrl, keysUrl } = request;
    try {
      await this.db.transaction(async (tx) => {
        await tx.insert(platforms).values({
          ...{ id, name: name.trim(), issuer: issuer.trim(), clientId: clientId.trim() },
          ...{ deployment: deployment.trim(), signInUrl, tokenUrl, keysUrl },
        });
        await this.audit.write('platform-added', me.id, { db: tx });
      });
    } catch (error) {
      throw isUniqueViolation(error) ? known() : error;
    }
    return this.shown();
  }

  /** Whoever came from it stays, with all that they did; only nobody comes from it any more, and no mark goes there. */
  async remove(me: Me, id: string): Promise<PlatformsShown> {
    await this.db.transaction(async (tx) => {
      const [gone] = await tx.delete(platforms).where(eq(platforms.id, id)).returning();
      if (!gone) throw notFound('This platform');
      await this.audit.write('platform-removed', me.id, { db: tx });
    });
    return this.shown();
  }

  /** Which platform begins to send somebody; where it does not say as which client, the only one of its issuer. */
  async of(issuer: string, clientId: string | null): Promise<Platform | null> {
    const found = await this.db
      .select()
      .from(platforms)
      .where(
        and(
          eq(platforms.issuer, issuer),
          clientId === null ? undefined : eq(platforms.clientId, clientId),
        ),
      );
    return found.length === 1 ? (found[0] ?? null) : null;
  }

  async byId(id: string): Promise<Platform | null> {
    const [found] = await this.db.select().from(platforms).where(eq(platforms.id, id));
    return found ?? null;
  }
}
