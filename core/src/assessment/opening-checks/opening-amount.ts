import { openingOf, type Account } from '../../model/book/book.js';
import { sectionOfAccount } from '../../model/book/place.js';
import { sum, type Amount } from '../../model/money/amount.js';
import type { Check } from '../check/check.js';
import { refOf } from '../check/finding.js';
import { openingSide } from './opening-side.js';
import { eachAccount } from '../account-checks/each-account.js';
import { leftoversOf } from '../check/leftovers.js';
import type { Marking } from '../check/marking.js';
import { leftoverFaults, missingFaults } from '../account-checks/standing-in.js';
import {
  isTurnedRound,
  opensHere,
  openingFacts,
  openingsOf,
  type OpeningFacts,
  type Openings,
} from './opening-facts.js';
import { atEach } from '../check/worth.js';

/** Where just what a missing account opens with stands here, or what is missing here stands on one too many. */
function standInFor(marking: Marking, { wanted, found }: Openings): string[] {
  const more = found - wanted;
  const missing = [...marking.keyTraits.values()].find(
    ({ account, opening }) => opening === more && !marking.pairOf(account.id),
  );
  if (missing) return missingFaults(marking, [missing.account.id]);
  const left = leftoversOf(marking).find(
    ({ account }) => marking.workTraits.get(account.id)?.opening === -more,
  );
  return left ? leftoverFaults(marking, [left.account.id]) : [];
}

/**
 * In a list of balances one wrong entry shows on two accounts, as much more on the one as less on the other: it is one
 * fault. Of openings each is entered by itself.
 */
class Counterparts {
  private readonly waiting = new Map<Amount, string>();

  constructor(private readonly marking: Marking) {}

  /** The account that was found wrong by just the opposite before; null where there is none. */
  of(account: string, { wanted, found }: Openings): string | null {
    if (this.marking.entriesNotJudged.length === 0) return null;
    const more = found - wanted;
    const other = this.waiting.get(-more) ?? null;
    if (other === null) this.waiting.set(more, account);
    else this.waiting.delete(-more);
    return other;
  }
}

/** A fault of one opening that an account of the owners took up, so that the rest is in balance: one fault, not two. */
class TakenUp {
  private found: ReadonlyMap<string, Amount> | null = null;

  constructor(private readonly marking: Marking) {}

  private get differing(): ReadonlyMap<string, Amount> {
    return (this.found ??= new Map(
      this.marking.compared.recognition.pairs.flatMap(({ keys, works }) => {
        const [key] = keys;
        if (!key) return [];
        const { wanted, found } = openingsOf(this.marking, key, works);
        return wanted === found ? [] : [[key.id, found - wanted] as const];
      }),
    ));
  }

  /** The accounts whose faults it took up; none where it did not. */
  by(key: Account): string[] {
    const { marking, differing } = this;
    const own = differing.get(key.id) ?? 0;
    const others = [...differing].filter(([id]) => id !== key.id);
    const isEquity = (id: string) => {
      const account = marking.keyAccount(id);
      return account !== null && sectionOfAccount(marking.key.book, account)?.class === 'equity';
    };
    if (!isEquity(key.id) || others.length === 0 || others.some(([id]) => isEquity(id))) return [];
    return sum(others.map(([, amount]) => amount)) === -own ? others.map(([id]) => id) : [];
  }
}

type Found = OpeningFacts;

export const openingAmount: Check<'opening.amount', Found> = {
  id: 'opening.amount',
  title: 'Opening amount',
  fault: 'Opening amount not right',
  calls: ({ isClosing }) => (isClosing ? 'Balance not right' : null),
  compares: 'The opening balance is the key’s, by table or by entry; none where the key has none.',
  looksAt: { opening: ['balances'] },
  answersFor: 'opening',
  isFigure: true,
  undone: { isUndone: ({ id }, { work }) => openingOf(work, id) === 0 },
  aims: ['setting-up', 'books'],
  points: atEach(1),
  run(marking) {
    const counterparts = new Counterparts(marking);
    const takenUp = new TakenUp(marking);
    return eachAccount(marking, openingAmount, ({ key, works }) => {
      const openings = openingsOf(marking, key, works);
      if (!opensHere(marking, key, openings)) return null;
      const facts = () => openingFacts(marking, works[0]?.name ?? key.name, openings);
      const right = works.length > 0 && openings.found === openings.wanted;
      const turned = isTurnedRound(openings) ? marking.rootsOf(refOf(openingSide.id, key)) : [];
      const from = right || turned.length > 0 ? turned : standInFor(marking, openings);
      if (from.length > 0) return { outcome: 'follows', facts, from };
      if (right) return { outcome: 'met', facts };
      const other = works.length > 0 ? counterparts.of(key.id, openings) : null;
      const roots = other === null ? takenUp.by(key) : [other];
      return roots.length === 0
        ? { outcome: 'not-met', facts }
        : {
            ...{ outcome: 'follows', facts },
            from: roots.map((id) => refOf(openingAmount.id, { id })),
          };
    });
  },
  says(facts, outcome) {
    if (outcome === 'met')
      return facts.wantedSide === null
        ? `No ${facts.isClosing ? 'balance' : 'opening balance'}, as it should be.`
        : `${facts.isClosing ? 'Stands' : 'Opened'} at ${facts.wanted} in ${facts.wantedSide}.`;
    const [none, has, should] = facts.isClosing
      ? ['has no balance', 'stands at', 'it should stand at']
      : ['has no opening balance', 'opens at', 'it should open at'];
    const found = facts.foundSide === null ? none : `${has} ${facts.found} in ${facts.foundSide}`;
    const wanted =
      facts.wantedSide === null
        ? 'it should have none'
        : `${should} ${facts.wanted} in ${facts.wantedSide}`;
    return {
      there: `“${facts.name}” ${found}.`,
      belongs: `${wanted.charAt(0).toUpperCase()}${wanted.slice(1)}.`,
      ...(facts.isClosing ? {} : { now: 'Enter it as the last balance sheet has it.' }),
    };
  },
};
