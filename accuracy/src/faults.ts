import { account, typeOf, type Account, type Entry } from '@gleddo/core';
import type { Chance } from './chance.js';
import type { Making, Planted } from './work.js';

/** Plants one fault; null where the book has no place for it. */
type Plant = (making: Making, chance: Chance) => Omit<Planted, 'kind'> | null;

/** What beginners take each type for: never a thing that can be defended. */
const TAKEN_FOR: Readonly<Record<string, readonly string[]>> = {
  prepayment: ['insurance', 'premises'],
  'deferred-income': ['service-fees'],
  'accrued-expense': ['sundry-operating'],
  'wages-payable': ['staff'],
  'accumulated-depreciation': ['depreciation-charge', 'provision'],
  'allowance-doubtful-debts': ['bad-debts', 'provision'],
  drawings: ['staff', 'sundry-operating'],
  'long-term-loan': ['loan-within-year', 'sundry-income'],
  'loan-within-year': ['long-term-loan'],
  inventory: ['cost-of-goods-sold', 'plant-equipment'],
  supplies: ['inventory', 'sundry-operating'],
  'plant-equipment': ['repairs', 'inventory'],
  vehicles: ['vehicle-running'],
  'cost-of-goods-sold': ['sundry-operating'],
  'returns-given': ['sundry-operating'],
  'sales-tax': ['goods-sales', 'income-tax'],
  'income-tax-payable': ['income-tax'],
  'interest-paid': ['loan-within-year'],
  'share-capital': ['service-fees'],
  repairs: ['plant-equipment'],
  'trade-receivables': ['goods-sales'],
  'trade-payables': ['trade-receivables'],
};

const find = (
  making: Making,
  chance: Chance,
  fits: (account: Account) => boolean,
): Account | null =>
  chance
    .shuffled(making.accounts)
    .find((each) => making.stands.get(each.id)?.length === 1 && fits(each)) ?? null;

const isAlone = (making: Making, { id, parent, type }: Account): boolean =>
  parent === null &&
  type !== 'retained-earnings' &&
  !making.accounts.some((each) => each.parent === id);

const freeEntry = (
  making: Making,
  chance: Chance,
  fits: (entry: Entry) => boolean = () => true,
): Entry | null => {
  const entry = chance
    .shuffled(making.entries)
    .find(
      (each) =>
        each.id !== 'opened' &&
        !each.id.endsWith('-again') &&
        !making.touched.has(`entry ${each.id}`) &&
        each.kind !== 'closing' &&
        fits(each),
    );
  return entry && making.take(`entry ${entry.id}`) ? entry : null;
};

const wrongPlace: Plant = (making, chance) => {
  const found = find(
    making,
    chance,
    (each) =>
      isAlone(making, each) &&
      each.type !== null &&
      each.type in TAKEN_FOR &&
      !making.touched.has(`account ${each.id}`),
  );
  const type = found && chance.oneOf(TAKEN_FOR[found.type ?? ''] ?? []);
  if (!found || !type || !making.take(`account ${found.id}`)) return null;
  making.change(found.id, { type });
  const described = ['statement', 'section', 'contra', 'type'].map(
    (check) => `account.${check}:${found.id}`,
  );
  return { described, about: [found.id] };
};

/** An account that was not set up: what belongs there stands on one of another type. */
const missing: Plant = (making, chance) => {
  const found = find(
    making,
    chance,
    (each) =>
      isAlone(making, each) &&
      !making.touched.has(`account ${each.id}`) &&
      making.postingsOf(each.id).length > 0,
  );
  const entries = found ? making.postingsOf(found.id) : [];
  const standIn = find(
    making,
    chance,
    (each) =>
      each.id !== found?.id &&
      each.type !== found?.type &&
      !making.touched.has(`account ${each.id}`) &&
      isAlone(making, each) &&
      !entries.some(({ lines }) => lines.some((line) => line.account === each.id)),
  );
  if (!found || !standIn) return null;
  if (entries.some(({ id }) => making.touched.has(`entry ${id}`))) return null;
  if (!making.take(`account ${found.id}`, `account ${standIn.id}`)) return null;
  for (const { id } of entries) making.touched.add(`entry ${id}`);
  making.give(found.id, standIn.id);
  return {
    described: [`account.present:${found.id}`],
    about: [found.id, standIn.id, ...entries.map(({ id }) => id)],
  };
};

/** An account that nobody asked for, with what belongs elsewhere. */
const tooMany: Plant = (making, chance) => {
  const entry = freeEntry(making, chance, ({ lines }) =>
    lines.some(
      ({ account: id }) => making.postingsOf(id).length > 2 && !making.touched.has(`account ${id}`),
    ),
  );
  const line = entry?.lines.find(({ account: id }) => making.postingsOf(id).length > 2);
  if (!entry || !line) return null;
  const id = 'too-many';
  if (making.accounts.some((each) => each.id === id)) return null;
  const name = chance.oneOf(['Sundries', 'Various', 'Other items', 'Clearing']) ?? 'Sundries';
  making.accounts = [
    ...making.accounts,
    account(id, name, { type: 'sundry-expense', number: '8990' }),
  ];
  making.stands.set(id, []);
  making.changeEntry(entry.id, (each) => [
    {
      ...each,
      lines: each.lines.map((other) => (other === line ? { ...other, account: id } : other)),
    },
  ]);
  return { described: [`account.leftover:${id}`], about: [id, entry.id] };
};

const outsideBand: Plant = (making, chance) => {
  const found = find(
    making,
    chance,
    (each) => each.number !== null && !making.touched.has(`account ${each.id}`),
  );
  if (!found || !making.take(`account ${found.id}`)) return null;
  making.change(found.id, { number: found.number?.startsWith('9') ? '1001' : '9991' });
  return { described: [`account.number-in-band:${found.id}`], about: [found.id] };
};

const namesCrossed: Plant = (making, chance) => {
  const fits = (each: Account) =>
    !making.touched.has(`account ${each.id}`) &&
    making.postingsOf(each.id).length > 0 &&
    each.parent === null;
  const one = find(making, chance, fits);
  const section = one && typeOf(making.key.book.scheme, one.type)?.section;
  const other = find(
    making,
    chance,
    (each) =>
      fits(each) &&
      each.id !== one?.id &&
      typeOf(making.key.book.scheme, each.type)?.section === section,
  );
  if (!one || !other || !making.take(`account ${one.id}`, `account ${other.id}`)) return null;
  making.change(one.id, { name: other.name });
  making.change(other.id, { name: one.name });
  return {
    described: [`account.name:${one.id}`, `account.name:${other.id}`],
    about: [one.id, other.id],
  };
};

const opened = (making: Making, chance: Chance) =>
  find(
    making,
    chance,
    (each) => making.balances[each.id] !== undefined && !making.touched.has(`account ${each.id}`),
  );

/** The student's own account for what is missing, or the program's. */
function ownSuspense(making: Making, chance: Chance): void {
  const difference = Object.values(making.balances).reduce((sum, each) => sum + each, 0);
  if (difference === 0 || !chance.happens(0.5)) return;
  const id = 'own-suspense';
  if (!making.accounts.some((each) => each.id === id)) {
    making.accounts = [
      ...making.accounts,
      account(id, 'Suspense', { type: 'suspense', number: null }),
    ];
    making.stands.set(id, []);
  }
  making.balances[id] = (making.balances[id] ?? 0) - difference;
  if (making.balances[id] === 0) delete making.balances[id];
}

const openingAmount: Plant = (making, chance) => {
  const found = opened(making, chance);
  if (!found || !making.take(`account ${found.id}`)) return null;
  making.balances[found.id] =
    (making.balances[found.id] ?? 0) + (chance.oneOf([900, -4500, 12_000, 100]) ?? 900);
  ownSuspense(making, chance);
  return { described: [`opening.amount:${found.id}`], about: [found.id, 'own-suspense'] };
};

const openingSide: Plant = (making, chance) => {
  const found = opened(making, chance);
  if (!found || !making.take(`account ${found.id}`)) return null;
  making.balances[found.id] = -(making.balances[found.id] ?? 0);
  ownSuspense(making, chance);
  return { described: [`opening.side:${found.id}`], about: [found.id, 'own-suspense'] };
};

const openingMissing: Plant = (making, chance) => {
  const found = opened(making, chance);
  if (!found || !making.take(`account ${found.id}`)) return null;
  delete making.balances[found.id];
  ownSuspense(making, chance);
  return {
    described: [`opening.amount:${found.id}`, `opening.side:${found.id}`],
    about: [found.id, 'own-suspense'],
  };
};

const entryMissing: Plant = (making, chance) => {
  const found = freeEntry(making, chance);
  if (!found) return null;
  making.changeEntry(found.id, () => []);
  return { described: [`entry.present:${found.id}`], about: [found.id] };
};

const entryChanged =
  (change: (entry: Entry, making: Making, chance: Chance) => Entry | null, check: string): Plant =>
  (making, chance) => {
    const found = freeEntry(making, chance);
    const next = found && change(found, making, chance);
    if (!found || !next) return null;
    making.changeEntry(found.id, () => [next]);
    return { described: [`${check}:${found.id}`], about: [found.id] };
  };

const entryAmount = entryChanged((entry, _, chance) => {
  const factor = chance.oneOf([1.1, 0.9, 10, 0.1, 2]) ?? 2;
  return {
    ...entry,
    lines: entry.lines.map((line) => ({ ...line, amount: Math.round(line.amount * factor) })),
  };
}, 'entry.amounts');

const entryElsewhere = entryChanged((entry, making, chance) => {
  const line = chance.oneOf(entry.lines);
  const other = find(
    making,
    chance,
    (each) => isAlone(making, each) && !entry.lines.some(({ account: id }) => id === each.id),
  );
  if (!line || !other) return null;
  const own = typeOf(
    making.key.book.scheme,
    making.accounts.find(({ id }) => id === line.account)?.type ?? null,
  );
  if (own?.id === other.type) return null;
  return {
    ...entry,
    lines: entry.lines.map((each) => (each === line ? { ...each, account: other.id } : each)),
  };
}, 'entry.amounts');

const entryTurned = entryChanged(
  (entry) => ({ ...entry, lines: entry.lines.map((line) => ({ ...line, amount: -line.amount })) }),
  'entry.amounts',
);

const entryDay = entryChanged((entry, making, chance) => {
  const days = ['2027-11-17', '2027-09-03', '2026-12-14', making.key.book.opening.date];
  const date = chance.oneOf(days.filter((each) => each !== entry.date));
  return date === null ? null : { ...entry, date };
}, 'entry.date');

const entryTwice: Plant = (making, chance) => {
  const found = freeEntry(making, chance);
  if (!found) return null;
  const id = `${found.id}-again`;
  making.changeEntry(found.id, (entry) => [entry, { ...entry, id }]);
  return { described: [`entry.extra:${found.id}`, `entry.extra:${id}`], about: [found.id, id] };
};

const closingAsGeneral: Plant = (making) => {
  const found = making.entries.find(({ kind }) => kind === 'closing');
  if (!found || !making.take(`entry ${found.id}`)) return null;
  making.changeEntry(found.id, (entry) => [{ ...entry, kind: 'general' }]);
  return { described: [`entry.kind:${found.id}`], about: [found.id] };
};

const parentLost: Plant = (making, chance) => {
  const found = find(
    making,
    chance,
    (each) => each.parent !== null && !making.touched.has(`account ${each.id}`),
  );
  if (!found || !making.take(`account ${found.id}`)) return null;
  making.change(found.id, { parent: null });
  return { described: [`account.parent:${found.id}`], about: [found.id] };
};

const numberTwice: Plant = (making, chance) => {
  const one = find(
    making,
    chance,
    (each) => each.number !== null && !making.touched.has(`account ${each.id}`),
  );
  const other = find(
    making,
    chance,
    (each) =>
      each.number !== null &&
      each.type === one?.type &&
      each.id !== one.id &&
      !making.touched.has(`account ${each.id}`),
  );
  if (!one || !other || !making.take(`account ${one.id}`, `account ${other.id}`)) return null;
  making.change(one.id, { number: other.number });
  return {
    described: [`account.number-unique:${one.id}`, `account.number-unique:${other.id}`],
    about: [one.id, other.id],
  };
};

const retired: Plant = (making, chance) => {
  const found = find(
    making,
    chance,
    (each) => isAlone(making, each) && !making.touched.has(`account ${each.id}`),
  );
  if (!found || !making.take(`account ${found.id}`)) return null;
  making.change(found.id, { retired: true });
  return { described: [`account.retired:${found.id}`], about: [found.id] };
};

const twice: Plant = (making, chance) => {
  const found = find(
    making,
    chance,
    (each) =>
      isAlone(making, each) && each.number !== null && !making.touched.has(`account ${each.id}`),
  );
  const id = 'twice';
  if (
    !found ||
    making.accounts.some((each) => each.id === id) ||
    !making.take(`account ${found.id}`)
  )
    return null;
  making.accounts = [
    ...making.accounts,
    { ...found, id, number: String(Number(found.number) + 2) },
  ];
  making.stands.set(id, []);
  return {
    described: [`account.duplicate:${id}`, `account.duplicate:${found.id}`],
    about: [id, found.id],
  };
};

export const PLANTS: Readonly<Record<string, Plant>> = {
  'wrong place': wrongPlace,
  'account missing': missing,
  'account too many': tooMany,
  'account twice': twice,
  'number outside its band': outsideBand,
  'number twice': numberTwice,
  'names crossed': namesCrossed,
  'parent lost': parentLost,
  retired,
  'opening amount': openingAmount,
  'opening side': openingSide,
  'opening missing': openingMissing,
  'entry missing': entryMissing,
  'entry amount': entryAmount,
  'entry on another account': entryElsewhere,
  'entry turned round': entryTurned,
  'entry on another day': entryDay,
  'entry twice': entryTwice,
  'closing as general': closingAsGeneral,
};
