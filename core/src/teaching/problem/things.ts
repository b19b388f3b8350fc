import { wordsSpeakFor } from '../../model/naming/type-stems.js';
import type { Known, Wanted } from './known.js';
import { titled } from './scene.js';
import { lemmaOf } from './words.js';

const LASTING = [
  ...['land', 'buildings', 'plant-equipment', 'vehicles', 'furniture-fittings', 'computers'],
  ...['intangible', 'long-term-investment'],
];
export const LASTING_TYPES: readonly string[] = LASTING;

const EXPENSE_TYPES: readonly string[] = [
  ...['staff', 'premises', 'vehicle-running', 'selling', 'carriage-out', 'carriage-in', 'office'],
  ...['insurance', 'repairs', 'professional-fees', 'sundry-operating', 'interest-paid'],
  ...['direct-labour', 'income-tax', 'other-direct-cost', 'bad-debts', 'sundry-expense'],
];

interface Best {
  readonly type: string;
  readonly weight: number;
  /** Whether another type is nearly as near. */
  readonly isClose: boolean;
}

/** Of some types the one that the words of a thing speak for most; null: for none. */
export function bestOf(thing: string, types: readonly string[]): Best | null {
  const found = types
    .map((type) => ({ type, weight: wordsSpeakFor(thing, type) }))
    .filter(({ weight }) => weight > 0)
    .sort((a, b) => b.weight - a.weight);
  const [first, second] = found;
  return first ? { ...first, isClose: (second?.weight ?? 0) > 0.8 * first.weight } : null;
}

const GOODS: ReadonlySet<string> = new Set(['goods', 'resale', 'sale', 'product', 'products']);

/** Whether a thing is what the business sells. */
export const isGoods = (thing: string, { goods }: Known): boolean =>
  thing
    .split(/[^\p{L}]+/u)
    .map(lemmaOf)
    .some((word) => GOODS.has(word) || goods.has(word) || goods.has(word.replace(/s$/, '')));

/** What an expense is called: as it was said, short; where that says nothing, as its type is called. */
const nameOf = (thing: string): string | undefined => {
  const [plain = ''] = thing.split(/ (?:of|for|from|in|on|at|by|with)(?: |$)/);
  const named = (plain === '' ? thing : plain).replace(
    /^(?:months?|years?|weeks?|days?|quarter) /i,
    '',
  );
  const words = named.split(' ').slice(0, 4);
  return thing === '' || words.length === 0 ? undefined : titled(words.join(' '));
};

/** Words by which expenses are known whatever stands beside, their type, what they are called then, and whether it is a guess. */
const PLAIN = `
rent rented rental lease | premises | Rent
rates | premises | Rates
wage part-time full-time temp helper helpers hand hands crew mechanic driver cook waiter waitress clerk gardener labourer labourers staff apprentice employee employees teacher teachers trainer trainers instructor instructors assistant worker workers secretary secretaries receptionist cleaners waiters | staff | Wages
electricity electric power | premises | Electricity
heating gas light water utilities utility | premises | Heat and light
insurance premium premiums | insurance | Insurance
advertising advertisement advertisements advert adverts ad ads campaign radio spots commercials publicity promotion leaflets flyers brochures posters marketing | selling | Advertising
ship shipping | carriage-out | Carriage out
packaging packing wrapping | sundry-operating | Packaging
bag bags | sundry-operating | Packaging | guess
telephone phone internet broadband | office | Telephone
stationery postage stamps | office | Postage and stationery
fuel petrol diesel gasoline | vehicle-running | Fuel
repair repairs repairing repaired replaced overhauled overhaul serviced mended maintenance servicing mending | repairs | Repairs
tyres tires brakes | repairs | Repairs | guess
accountant lawyer solicitor attorney audit legal | professional-fees | Professional fees
cleaning cleaner cleaned | premises | Cleaning
train taxi bus flight fare fares travel parking toll tolls | sundry-operating | Travel
licence license licences permit permits | sundry-operating | Licences
printing programmes | office | Printing
interest | interest-paid | Interest
`
  .trim()
  .split('\n')
  .map((row) => {
    const [words = '', type = '', name = '', guess] = row.split(' | ');
    const wanted = { type, name, ...(guess !== undefined && { isGuess: true }) };
    return { words: words.split(' '), wanted };
  });

/** Who sends a bill is no employee. */
const plainIn = (words: ReadonlySet<string>): Wanted | undefined =>
  PLAIN.find(
    (each) =>
      each.words.some((word) => words.has(word)) &&
      !(each.wanted.type === 'staff' && (words.has('bill') || words.has('invoice'))),
  )?.wanted;

const wordsIn = (thing: string): ReadonlySet<string> =>
  new Set(thing.split(/[^\p{L}-]+/u).map(lemmaOf));

/** The expense that is known by one of its words, whatever stands beside. */
export const plainExpense = (thing: string): Wanted | null => plainIn(wordsIn(thing)) ?? null;

/** Words of how something is paid, and by whom: no name of a cost. */
const SAYS_NOTHING: ReadonlySet<string> = new Set(
  'account accounts bank business use used using owner balance due pay cash cheque a of for by to in from merchant'.split(
    ' ',
  ),
);

/** The expense that words speak of: under the name of an account that is there, where there is one; null: none. */
export function expenseOf(thing: string, known: Known): Wanted | null {
  const words = wordsIn(thing);
  const plain = plainIn(words);
  if (plain === undefined && words.size > 0 && [...words].every((word) => SAYS_NOTHING.has(word)))
    return null;
  if (words.has('bank') && ['charge', 'fee', 'fees'].some((word) => words.has(word)))
    return { type: 'office', name: 'Bank charges' };
  const given = known.spokenOf(thing, plain ? [plain.type] : EXPENSE_TYPES);
  if (given) return { type: given.type, name: given.name };
  if (plain) return plain;
  const best = bestOf(thing, EXPENSE_TYPES);
  return best && { type: best.type, name: nameOf(thing), isGuess: best.isClose };
}

const BOUGHT = [...LASTING, 'supplies', 'inventory'];

/** What a thing that is bought becomes. `isOne`: one of it, as `a kiln`. */
export function boughtAs(thing: string, known: Known, isOne: boolean): Wanted {
  const goods = known.isPerpetual ? 'inventory' : 'purchases';
  if (isGoods(thing, known)) return { type: goods };
  const given = known.spokenOf(thing, [...BOUGHT, 'purchases', 'short-term-investment']);
  if (given?.isGiven) return { type: given.type, name: given.name };
  if (!isOne && /\b(?:plants|seedlings|bulbs|saplings)\b/i.test(thing))
    return { type: goods, isGuess: true };
  const best = bestOf(thing, BOUGHT);
  const expense = isOne ? null : expenseOf(thing, known);
  const name = nameOf(thing);
  const [stock, ...others] = known.ofType('inventory', 'supplies').filter((each) => each.isGiven);
  if (!best && !expense && !isOne && stock && others.length === 0)
    return { type: stock.type, name: stock.name, isGuess: true };
  if (!best)
    return expense ?? { type: isOne ? 'plant-equipment' : 'supplies', name, isGuess: true };
  if (LASTING.includes(best.type)) return { type: best.type, name, isGuess: best.isClose };
  if (best.type === 'supplies') return { type: 'supplies', name: undefined };
  const isUsed =
    (known.goods.size > 0 ||
      (known.isService && !known.isPerpetual && known.ofType('inventory').length === 0)) &&
    !known.recordsPurchases;
  return { type: isUsed ? 'supplies' : goods, isGuess: true };
}
