import { accountOf, openingOf, type Book, type Entry } from '../../model/book/book.js';
import { typeOf } from '../../model/scheme/scheme.js';
import type { Amount } from '../../model/money/amount.js';
import { figuresIn, type ToldFigures } from './told-figures.js';
import { formsOf, plainText } from './day-forms.js';
import type { SaidOfIt } from './reckoned.js';

/** Whether amounts of an account say something of each other: not of money, where everything comes together. */
const isKept = (book: Book, id: string): boolean =>
  typeOf(book.scheme, accountOf(book, id)?.type ?? null)?.role !== 'cash';

const SHORTEST = 4;
/** More is a list, and says nothing of one of them. */
const FEW = 3;

const lastWord = (name: string): string => name.split(/[^\p{L}]+/u).at(-1) ?? '';

/** `Pays Coral Press`: who is named in an entry’s words, as a name behind the first. */
const partiesIn = (text: string): string[] =>
  (text.match(/(?<= )\p{Lu}\p{L}+(?: \p{Lu}\p{L}+){0,3}/gu) ?? []).map(plainText);

/** A function that is asked the same more than once, and reckons it once. */
function once<K, V>(reckon: (of: K) => V): (of: K) => V {
  const known = new Map<K, V>();
  return (of) => {
    let value = known.get(of);
    if (value === undefined) known.set(of, (value = reckon(of)));
    return value;
  };
}

interface NamedAccount {
  readonly id: string;
  readonly name: string;
  readonly last: string;
  readonly isKept: boolean;
}

/** All that is said, block by block (a sentence, a row of a list or of a paper), and what it says of single entries. */
export class WhatIsSaid {
  private readonly accounts: readonly NamedAccount[];
  /** The days on which an account is moved. */
  private readonly daysOf = new Map<string, string[]>();

  /** `ofAccount`: amounts that are told anywhere and that the book has on an account. */
  constructor(
    private readonly book: Book,
    private readonly blocks: readonly string[],
    private readonly ofAccount: ReadonlyMap<string, ReadonlySet<Amount>>,
  ) {
    this.accounts = book.accounts.map(({ id, name: written }) => {
      const name = plainText(written);
      return { id, name, last: lastWord(name), isKept: isKept(book, id) };
    });
    for (const { date, lines } of book.entries)
      for (const { account } of lines)
        this.daysOf.set(account, [...(this.daysOf.get(account) ?? []), date]);
  }

  private readonly blocksWith = once((word: string): readonly string[] =>
    word === '' ? [] : this.blocks.filter((block) => block.includes(word)),
  );

  private readonly figuresOf = once((block: string): ToldFigures => figuresIn([block], this.book));

  private blocksOf(words: readonly string[]): readonly string[] {
    return [...new Set(words.flatMap(this.blocksWith))];
  }

  /** Accounts of which a block speaks: by their name, or by its last word. */
  private readonly spokenIn = once((block: string): readonly string[] => {
    const words = new Set(block.split(/[^\p{L}]+/u));
    const spoken = this.accounts.filter(
      (each) =>
        each.isKept &&
        ((each.last.length >= SHORTEST && words.has(each.last)) || block.includes(each.name)),
    );
    return spoken.length > FEW ? [] : spoken.map(({ id }) => id);
  });

  /** What is said where a name stands. */
  ofName(name: string): SaidOfIt {
    return this.together(this.blocksOf([plainText(name)]), []);
  }

  private together(about: readonly string[], own: readonly Amount[]): SaidOfIt {
    const all = about.map(this.figuresOf);
    return {
      words: about.join('\n'),
      figures: {
        amounts: new Set([...all.flatMap(({ amounts }) => [...amounts]), ...own]),
        numbers: new Set(all.flatMap(({ numbers }) => [...numbers])),
        percents: new Set(all.flatMap(({ percents }) => [...percents])),
      },
    };
  }

  /** The other days on which accounts were moved, where that was seldom: what was said of the loan when it was taken. */
  private otherDaysOf(accounts: readonly string[], day: string): string[] {
    return accounts.flatMap((id) => {
      const days = this.daysOf.get(id) ?? [];
      return days.length > FEW ? [] : days.filter((each) => each !== day).flatMap(formsOf);
    });
  }

  /** The accounts of an entry that are kept, and those whose names stand in theirs: the van, in its depreciation. */
  private kinOf(kept: ReadonlySet<string>): string[] {
    const names = this.accounts.filter(({ id }) => kept.has(id)).map(({ name }) => name);
    const within = this.accounts.filter(({ name }) =>
      names.some((each) => each !== name && each.includes(name)),
    );
    return [...kept, ...within.map(({ id }) => id)];
  }

  /**
   * What is said of an entry: where its accounts are named; and that together with each single thing that is said of its
   * day, with what is known of the accounts of which that speaks.
   */
  ofEntry(entry: Entry): SaidOfIt[] {
    const ids = entry.lines.map(({ account }) => account);
    const kept = new Set(ids.filter((id) => isKept(this.book, id)));
    const names = this.accounts.filter(({ id }) => kept.has(id)).map(({ name }) => name);
    const kin = this.kinOf(kept);
    const named = this.blocksOf([plainText(entry.text), ...partiesIn(entry.text), ...names]);
    const isNamed = new Set(named);
    const ofDay = this.blocksOf(formsOf(entry.date)).filter((block) => !isNamed.has(block));
    const before = new KnownBefore(this.book, entry);
    // `All but 35`: where money is only moved, whoever moves it sees how much there is.
    const held = kept.size === 0 ? ids.map((id) => Math.abs(before.heldOn(id))) : [];
    const of = (about: readonly string[], accounts: readonly string[]) =>
      this.together(about, [
        ...accounts.flatMap((id) => [...(this.ofAccount.get(id) ?? []), ...before.of(id)]),
        ...held,
      ]);
    const withBlock = (block: string): SaidOfIt => {
      const spoken = this.spokenIn(block);
      const earlier = this.blocksOf(this.otherDaysOf(spoken, entry.date));
      const about = new Set([...named, block, ...earlier]);
      return of([...about], [...new Set([...kin, ...spoken])]);
    };
    return [of(named, kin), ...[...named, ...ofDay].map(withBlock)];
  }
}

/** What stands on accounts before an entry, and what they hold: whoever kept the books so far knows it. */
class KnownBefore {
  private readonly moved = new Map<string, Amount[]>();

  constructor(
    private readonly book: Book,
    entry: Entry,
  ) {
    const at = book.entries.indexOf(entry);
    for (const [i, { date, lines }] of book.entries.entries()) {
      if (date > entry.date || (date === entry.date && i >= at)) continue;
      for (const { account, amount } of lines) {
        const own = this.moved.get(account);
        if (own) own.push(amount);
        else this.moved.set(account, [amount]);
      }
    }
  }

  heldOn(account: string): Amount {
    const moved = this.moved.get(account) ?? [];
    return moved.reduce((sum, amount) => sum + amount, openingOf(this.book, account));
  }

  of(account: string): Amount[] {
    return [this.heldOn(account), ...(this.moved.get(account) ?? [])]
      .map(Math.abs)
      .filter((amount) => amount !== 0);
  }
}
