import { createHash } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import type { AskWordRequest, Me, OpenQuestion, SayWordRequest, Word } from '@gleddo/contract';
import { and, asc, eq, inArray, isNull, ne, sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { Database } from '../database/open-database.js';
import { exercises, people, tries, words } from '../database/schema/index.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { seesTry } from '../reach/reach.js';
import { NoteRefs } from '../results/note-refs.js';
import { SameNotes } from './same-notes.js';

/** So many questions of one student wait at once: more of them nobody answers. */
const MOST_OPEN = 20;

const notBegun = () =>
  refuse('words.not-begun', 'You can ask once you have begun the exercise. Begin it first.');

const noNote = () =>
  refuse(
    'words.no-note',
    'This note is not in your work any more. Open the work again and look.',
    'ref',
  );

const tooMany = () =>
  refuse(
    'words.too-many',
    `${MOST_OPEN} of your questions wait for an answer. Wait for one before you ask the next.`,
    'text',
  );

const WORD = {
  ...{ id: words.id, by: people.name, text: words.text, about: words.about, ref: words.ref },
  ...{ answers: words.answers, at: words.at, seenAt: words.seenAt },
  isAsked: sql<boolean>`${words.byId} = ${tries.personId}`,
};

/** The same request about the same work has the same name: it is done once. */
const nameOf = (token: string, tryId: string): string =>
  createHash('sha256').update(`${token} ${tryId}`).digest('base64url');

type Row = Omit<Word, 'at' | 'isSeen'> & { readonly at: Date; readonly seenAt: Date | null };

const shown = ({ at, seenAt, ...row }: Row): Word => ({
  ...row,
  at: at.toISOString(),
  isSeen: seenAt !== null,
});

/** What students and their instructor say to each other about works. */
@Injectable()
export class WordsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly refs: NoteRefs,
    private readonly same: SameNotes,
  ) {}

  private async tryOf(me: Me, exerciseId: string) {
    const [mine] = await this.db
      .select()
      .from(tries)
      .where(and(eq(tries.exerciseId, exerciseId), eq(tries.personId, me.id)));
    return mine ?? null;
  }

  /** What was said about one’s own work, the oldest first. */
  async mine(me: Me, exerciseId: string): Promise<Word[]> {
    const work = await this.tryOf(me, exerciseId);
    if (!work) return [];
    const rows = await this.db
      .select(WORD)
      .from(words)
      .innerJoin(tries, eq(tries.id, words.tryId))
      .innerJoin(people, eq(people.id, words.byId))
      .where(eq(words.tryId, work.id))
      .orderBy(asc(words.at));
    return (await this.refs.shown(work, rows)).map(shown);
  }

  async ask(
    me: Me,
    exerciseId: string,
    { text, about, ref, token = nanoid() }: AskWordRequest,
  ): Promise<Word[]> {
    const mine = await this.tryOf(me, exerciseId);
    if (!mine) throw notBegun();
    const id = nameOf(token, mine.id);
    const at = ref === undefined ? null : await this.refs.named(mine, ref);
    if (ref !== undefined && at === null) throw noNote();
    const open = and(
      ...[eq(words.tryId, mine.id), eq(words.byId, me.id)],
      ...[isNull(words.seenAt), ne(words.id, id)],
    );
    if ((await this.db.$count(words, open)) >= MOST_OPEN) throw tooMany();
    await this.db
      .insert(words)
      .values({
        ...{ id, tryId: mine.id, byId: me.id, text: text.trim(), about: about.trim() },
        ref: at,
      })
      .onConflictDoNothing();
    return this.mine(me, exerciseId);
  }

  /** These were said to one, and have been read. */
  async seen(me: Me, exerciseId: string, read: readonly string[]): Promise<Word[]> {
    const mine = await this.tryOf(me, exerciseId);
    if (mine)
      await this.db
        .update(words)
        .set({ seenAt: new Date() })
        .where(
          and(
            ...[eq(words.tryId, mine.id), ne(words.byId, me.id), isNull(words.seenAt)],
            inArray(words.id, [...read, '']),
          ),
        );
    return this.mine(me, exerciseId);
  }

  /** Says something to the students of some works; an answer goes to each who asked the same. */
  async say(
    me: Me,
    exerciseId: string,
    { tries: to, text, answers, token = nanoid() }: SayWordRequest,
  ): Promise<void> {
    const known = await this.db
      .select({ id: tries.id })
      .from(tries)
      .innerJoin(exercises, eq(exercises.id, tries.exerciseId))
      .where(and(eq(tries.exerciseId, exerciseId), inArray(tries.id, [...to, '']), seesTry(me.id)));
    if (known.length < new Set(to).size) throw notFound('One of these works');
    const ids = known.map(({ id }) => nameOf(token, id));
    const isSaid = (await this.db.$count(words, inArray(words.id, [...ids, '']))) > 0;
    if (known.length === 0 || isSaid) return;
    const asked = answers === undefined ? [] : await this.alikeTo(me, exerciseId, answers);
    const [question] = asked;
    await this.db.transaction(async (tx) => {
      await tx
        .insert(words)
        .values(
          known.map(({ id: tryId }) => {
            const own = asked.find((each) => each.tryId === tryId);
            return {
              ...{ id: nameOf(token, tryId), tryId, byId: me.id, text: text.trim() },
              ...{ about: own?.about ?? question?.about ?? '', ref: question?.ref ?? null },
              answers: own?.id ?? null,
            };
          }),
        )
        .onConflictDoNothing();
      const done = asked.filter(({ tryId }) => to.includes(tryId)).map(({ id }) => id);
      await tx
        .update(words)
        .set({ seenAt: new Date() })
        .where(inArray(words.id, [...done, '']));
    });
  }

  /** The question, and those that wait and ask the same. */
  private async alikeTo(me: Me, exerciseId: string, id: string) {
    const rows = await this.waiting(me, exerciseId);
    const question = rows.find((each) => each.id === id);
    if (!question) throw notFound('This question, which may have been answered meanwhile,');
    const same = ({ ref, about }: Row) => ref === question.ref && about === question.about;
    return [question, ...rows.filter((each) => each !== question && isAt(each) && same(each))];
  }

  /** Questions about works that somebody sees. */
  private waiting(me: Me, exerciseId: string) {
    return this.db
      .select({ ...WORD, tryId: words.tryId, bookId: tries.bookId })
      .from(words)
      .innerJoin(tries, eq(tries.id, words.tryId))
      .innerJoin(people, eq(people.id, words.byId))
      .innerJoin(exercises, eq(exercises.id, tries.exerciseId))
      .where(
        and(
          ...[eq(tries.exerciseId, exerciseId), eq(words.byId, tries.personId)],
          ...[isNull(words.seenAt), seesTry(me.id)],
        ),
      )
      .orderBy(asc(words.at));
  }

  /** Questions that nobody has answered, the oldest first. */
  async open(me: Me, exerciseId: string): Promise<OpenQuestion[]> {
    const rows = await this.waiting(me, exerciseId);
    const refs = rows.flatMap(({ ref }) => ref ?? []);
    const noted = await this.same.at(me, exerciseId, refs);
    return rows.map(({ bookId: _, ...row }) => ({
      ...{ ...shown(row), tryId: row.tryId, student: row.by },
      alike: [
        ...new Set(
          [
            ...rows.filter(
              (each) => isAt(each) && each.ref === row.ref && each.about === row.about,
            ),
            ...(noted.get(row.ref ?? '') ?? []).map((tryId) => ({ tryId })),
          ].map(({ tryId }) => tryId),
        ),
      ].filter((tryId) => tryId !== row.tryId),
    }));
  }

  async putAway(me: Me, exerciseId: string, id: string): Promise<void> {
    await this.alikeTo(me, exerciseId, id);
    await this.db.update(words).set({ seenAt: new Date() }).where(eq(words.id, id));
  }

  /** How many words to somebody, about any of their works, they have not seen: by exercise. */
  async unseenBy(me: Me): Promise<Map<string, number>> {
    const rows = await this.db
      .select({ exerciseId: tries.exerciseId, n: sql<number>`count(*)`.mapWith(Number) })
      .from(words)
      .innerJoin(tries, eq(tries.id, words.tryId))
      .where(and(eq(tries.personId, me.id), ne(words.byId, me.id), isNull(words.seenAt)))
      .groupBy(tries.exerciseId);
    return new Map(rows.map(({ exerciseId, n }) => [exerciseId, n]));
  }

  /** To how many words each work’s student has not listened yet. */
  async unseen(exerciseId: string): Promise<Map<string, number>> {
    const rows = await this.db
      .select({ tryId: words.tryId, n: sql<number>`count(*)`.mapWith(Number) })
      .from(words)
      .innerJoin(tries, eq(tries.id, words.tryId))
      .where(
        and(eq(tries.exerciseId, exerciseId), ne(words.byId, tries.personId), isNull(words.seenAt)),
      )
      .groupBy(words.tryId);
    return new Map(rows.map(({ tryId, n }) => [tryId, n]));
  }
}

/** Whether it was asked at some place, so that others may ask the same. */
const isAt = ({ ref, about }: { readonly ref: string | null; readonly about: string }): boolean =>
  ref !== null || about !== '';
