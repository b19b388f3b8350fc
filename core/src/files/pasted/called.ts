import { accountLabel, type Account, type Book } from '../../model/book/book.js';
import { plainName, similarity } from '../../model/naming/names.js';

/** Near enough that nothing else is meant. */
const SAME = 0.92;

interface Names<T> {
  /** Whatever it is called by, word for word. */
  readonly exactly: (thing: T) => readonly string[];
  /** Its name, whose spelling is free. */
  readonly name: (thing: T) => string;
}

/** Things by what a row calls them: by a number, a name, or both. */
export class Called<T> {
  private readonly known = new Map<string, T>();
  private readonly plain;
  private readonly found = new Map<string, T | null>();

  constructor(things: readonly T[], { exactly, name }: Names<T>) {
    for (const thing of [...things].reverse())
      for (const each of exactly(thing)) this.known.set(each.toLowerCase(), thing);
    this.plain = things.map((thing) => ({ thing, name: plainName(name(thing)) }));
  }

  /** One of a name is looked for once, however often it stands there. */
  find(name: string, number = ''): T | null {
    const called = JSON.stringify([number, name]);
    const before = this.found.get(called);
    if (before !== undefined) return before;
    const thing = this.look(name, number);
    this.found.set(called, thing);
    return thing;
  }

  private look(name: string, number: string): T | null {
    const said = [number, name].filter(Boolean).join(' ').toLowerCase();
    const exact =
      this.known.get(said) ??
      this.known.get(name.toLowerCase()) ??
      this.known.get(number.toLowerCase());
    if (exact !== undefined || name === '') return exact ?? null;
    const wanted = plainName(name);
    const like = this.plain
      .map(({ thing, name: own }) => ({ thing, likeness: similarity(own, wanted) }))
      .filter(({ likeness }) => likeness >= SAME)
      .sort((a, b) => b.likeness - a.likeness);
    const [first, second] = like;
    return first && (!second || second.likeness < first.likeness) ? first.thing : null;
  }
}

/** The accounts of a book: by their number, their name, both. */
export const accountsCalled = ({ accounts }: Book): Called<Account> =>
  new Called(accounts, {
    exactly: (account) => [
      account.name,
      accountLabel(account),
      ...(account.number === null ? [] : [account.number]),
    ],
    name: ({ name }) => name,
  });

/** Whatever else has a name: parties, items. */
export const named = <T extends { readonly name: string }>(things: readonly T[]): Called<T> =>
  new Called(things, { exactly: ({ name }) => [name], name: ({ name }) => name });
