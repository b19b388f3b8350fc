import { Inject, Injectable, type MessageEvent, type OnModuleInit } from '@nestjs/common';
import type { BookEvent, Me } from '@gleddo/contract';
import {
  concatMap,
  defer,
  filter,
  interval,
  map,
  merge,
  Observable,
  Subject,
  switchMap,
  takeUntil,
} from 'rxjs';
import type { OpenDatabase } from '../database/open-database.js';
import { LISTEN } from '../http/tokens.js';
import { SessionsService } from '../people/sessions.service.js';
import { BookAccess } from './book-access.js';
import { CHANGED } from './book-writing.js';

/** So often something is sent whether or not there is news, so that a connection that is gone is noticed. */
const SIGN_OF_LIFE = 20_000;
/** How soon a browser that lost the connection tries again, in milliseconds. */
const TRY_AGAIN_AFTER = 1_000;
/** So many books one person can have open at once, in all windows together: the first of more is let go. */
const MOST_OPEN = 24;

interface Change extends BookEvent {
  readonly id: string;
}

/** Tells those who have a book open that it was changed, by whichever server. */
@Injectable()
export class BookEvents implements OnModuleInit {
  private readonly changed = new Subject<Change>();
  /** Something may have been missed: all look again. */
  private readonly missed = new Subject<void>();
  private readonly open = new Map<string, Set<() => void>>();

  constructor(
    @Inject(LISTEN) private readonly listen: OpenDatabase['listen'],
    private readonly access: BookAccess,
    private readonly sessions: SessionsService,
  ) {}

  async onModuleInit(): Promise<void> {
    const hear = (described: string) => {
      const [id = '', revision] = described.split(' ');
      this.changed.next({ id, revision: Number(revision) });
    };
    await this.listen(CHANGED, hear, () => this.missed.next());
  }

  /** The revision that a book is at: at once, after each change, and when something may have been missed. */
  async of(id: string, me: Me, token: string): Promise<Observable<MessageEvent>> {
    await this.access.rightsOf(id, me);
    const now = () => this.access.rightsOf(id, me);
    // What is changed while one begins to listen is heard: the revision is asked for once one does.
    const news = merge(
      this.changed.pipe(filter((change) => change.id === id)),
      defer(now),
      this.missed.pipe(switchMap(now)),
    ).pipe(
      map((described): MessageEvent => ({
        ...ofRevision(described.revision),
        retry: TRY_AGAIN_AFTER,
      })),
    );
    const life = interval(SIGN_OF_LIFE).pipe(map((): MessageEvent => ({ type: 'here', data: '' })));
    return this.counted(me.id, merge(news, life).pipe(takeUntil(this.signedOut(me, token))));
  }

  /** When the session over which somebody listens has ended. */
  private signedOut(me: Me, token: string): Observable<unknown> {
    return this.sessions.ended.pipe(
      filter((personId) => personId === null || personId === me.id),
      concatMap(() => this.sessions.personOf(token).catch(() => undefined)),
      filter((person) => person === null),
    );
  }

  /** As long as somebody listens; who opens too many at once has the first of them ended. */
  private counted<T>(personId: string, inner: Observable<T>): Observable<T> {
    return new Observable<T>((to) => {
      const end = () => to.complete();
      const mine = this.open.get(personId) ?? new Set();
      this.open.set(personId, mine.add(end));
      const [first] = mine;
      if (mine.size > MOST_OPEN) first?.();
      const heard = inner.subscribe(to);
      return () => {
        heard.unsubscribe();
        mine.delete(end);
        if (mine.size === 0) this.open.delete(personId);
      };
    });
  }
}

const ofRevision = (revision: number): { data: BookEvent } => ({ data: { revision } });
