import { Inject, Injectable } from '@nestjs/common';
import type { LettersShown, Me, OwnLetters, OwnLettersRequest } from '@gleddo/contract';
import { and, desc, eq, gt, isNotNull } from 'drizzle-orm';
import type { Database } from '../database/open-database.js';
import { letters, people } from '../database/schema/index.js';
import { notFound, refuse } from '../http/problem.js';
import type { Settings } from '../http/settings.js';
import { DATABASE, SETTINGS } from '../http/tokens.js';
import { isToGo } from './waiting-letters.js';
import { LetterBox } from './letter-box.js';

const ASK_WHO_TEACHES =
  'A student’s e-mail stands in the list of their class. Ask whoever teaches you to change it there.';

const A_WEEK = 7 * 86_400_000;

/** What is told of letters: to who gets them, and to the head of the house. */
@Injectable()
export class OwnLettersService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    @Inject(SETTINGS) private readonly settings: Settings,
    private readonly box: LetterBox,
  ) {}

  async of(me: Me): Promise<OwnLetters> {
    const [found] = await this.db
      .select({ email: people.email, isWanted: people.wantsLetters })
      .from(people)
      .where(eq(people.id, me.id));
    if (!found) throw notFound('This person');
    return found;
  }

  async want(me: Me, { isWanted, email }: OwnLettersRequest): Promise<OwnLetters> {
    if (email !== undefined && me.role !== 'instructor')
      throw refuse('letters.not-yours', ASK_WHO_TEACHES);
    const change = {
      ...(isWanted === undefined ? {} : { wantsLetters: isWanted }),
      ...(email === undefined ? {} : { email: email.trim() }),
    };
    if (Object.keys(change).length > 0)
      await this.db.update(people).set(change).where(eq(people.id, me.id));
    return this.of(me);
  }

  async shown(now = Date.now()): Promise<LettersShown> {
    const { outbox, hour } = this.settings.letters;
    const [failed] = await this.db
      .select({ fault: letters.fault })
      .from(letters)
      .where(and(isToGo, isNotNull(letters.fault)))
      .orderBy(desc(letters.madeAt))
      .limit(1);
    const { goesTo } = this.box;
    return {
      ...{ goesTo, folder: goesTo === 'folder' ? outbox : null, hour },
      sent: await this.db.$count(letters, gt(letters.sentAt, new Date(now - A_WEEK))),
      waiting: await this.db.$count(letters, isToGo),
      fault: failed?.fault ?? null,
    };
  }
}
