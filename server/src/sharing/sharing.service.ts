import { Inject, Injectable } from '@nestjs/common';
import {
  SHARED_KINDS,
  WAYS_TO_SHARE,
  type Me,
  type SharedKind,
  type ShareRequest,
  type Sharing,
} from '@gleddo/contract';
import { and, asc, eq, ne } from 'drizzle-orm';
import { AuditService } from '../audit/audit.service.js';
import { BookAccess } from '../books/book-access.js';
import type { Database } from '../database/open-database.js';
import { companies, exercises, groups, people, shares } from '../database/schema/index.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';

/** What is shared, by its kind, as it stands in the address. */
interface Thing {
  readonly kind: string;
  readonly id: string;
}

const TABLES = {
  companies: {
    table: companies,
    owner: companies.ownerId,
    column: shares.companyId,
    of: 'companyId',
    name: 'This company',
  },
  exercises: {
    table: exercises,
    owner: exercises.ownerId,
    column: shares.exerciseId,
    of: 'exerciseId',
    name: 'This exercise',
  },
  groups: {
    table: groups,
    owner: groups.ownerId,
    column: shares.groupId,
    of: 'groupId',
    name: 'This class group',
  },
  'note-stocks': {
    table: people,
    owner: people.id,
    column: shares.stockOfId,
    of: 'stockOfId',
    name: 'This stock of notes',
  },
} as const satisfies Readonly<Record<SharedKind, object>>;

const notWithOneself = () =>
  refuse('sharing.oneself', 'It is yours already. Choose a colleague.', 'personId');

const notThisWay = () =>
  refuse('sharing.way', 'This can’t be shared in that way. Choose one of those offered.', 'how');

/** With whom somebody shares what is theirs: only its owner says so; whoever it is shared with may give it up. */
@Injectable()
export class SharingService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly access: BookAccess,
    private readonly audit: AuditService,
  ) {}

  async of(me: Me, thing: Thing): Promise<Sharing> {
    const { column } = await this.owned(me, thing);
    return this.shown(me, column, thing.id);
  }

  async share(me: Me, thing: Thing, { personId, how }: ShareRequest): Promise<Sharing> {
    const { kind, column, of } = await this.owned(me, thing);
    if (personId === me.id) throw notWithOneself();
    if (!WAYS_TO_SHARE[kind].some((way) => way === how)) throw notThisWay();
    const [colleague] = await this.db
      .select({ id: people.id })
      .from(people)
      .where(and(eq(people.id, personId), eq(people.role, 'instructor')));
    if (!colleague) throw notFound('This colleague');
    await this.db.transaction(async (tx) => {
      await tx
        .insert(shares)
        .values({ [of]: thing.id, personId, how })
        .onConflictDoUpdate({ target: [column, shares.personId], set: { how } });
      await this.audit.write('shared', me.id, { aboutId: personId, db: tx });
    });
    this.access.forget();
    return this.shown(me, column, thing.id);
  }

  async end(me: Me, thing: Thing, personId: string): Promise<Sharing> {
    const { column } = personId === me.id ? known(thing.kind) : await this.owned(me, thing);
    await this.db.transaction(async (tx) => {
      const [gone] = await tx
        .delete(shares)
        .where(and(eq(column, thing.id), eq(shares.personId, personId)))
        .returning({ id: shares.id });
      if (gone) await this.audit.write('shared-no-more', me.id, { aboutId: personId, db: tx });
    });
    this.access.forget();
    return personId === me.id ? { with: [], others: [] } : this.shown(me, column, thing.id);
  }

  private async owned(me: Me, { kind, id }: Thing) {
    const found = known(kind);
    const { table, owner, name } = found;
    const [row] = await this.db
      .select({ id: table.id })
      .from(table)
      .where(and(eq(table.id, id), eq(owner, me.id)));
    if (!row) throw notFound(name);
    return found;
  }

  private async shown(
    me: Me,
    column: ReturnType<typeof known>['column'],
    id: string,
  ): Promise<Sharing> {
    const shared = await this.db
      .select({ id: people.id, name: people.name, how: shares.how })
      .from(shares)
      .innerJoin(people, eq(people.id, shares.personId))
      .where(eq(column, id))
      .orderBy(asc(people.name));
    const colleagues = await this.db
      .select({ id: people.id, name: people.name })
      .from(people)
      .where(and(eq(people.role, 'instructor'), ne(people.id, me.id)))
      .orderBy(asc(people.name));
    const ids = new Set(shared.map((each) => each.id));
    return { with: shared, others: colleagues.filter((each) => !ids.has(each.id)) };
  }
}

function known(kind: string) {
  const found = SHARED_KINDS.find((each) => each === kind);
  if (!found) throw notFound('What is to be shared');
  return { kind: found, ...TABLES[found] };
}
