import type { ClassId } from '../scheme/scheme.js';
import type { PlainName } from './names.js';

interface Reading {
  /** Words that stand for others on an account of the class. */
  readonly as: Readonly<Record<string, string>>;
  /** Words that say no more than the class does: left out where others are left. */
  readonly plain: readonly string[];
  /** Words that nothing of the class is called by. */
  readonly never: readonly string[];
}

/**
 * What words of the trade mean on an account of a class: *paid in advance* is an asset on an asset and deferred income on a
 * liability; what is *earned* is receivable among assets and simply income among income.
 */
const READ: Readonly<Record<ClassId, Reading>> = {
  asset: {
    as: {
      ...{ accrued: 'receivable', earned: 'receivable', owed: 'receivable', owing: 'receivable' },
      ...{ due: 'receivable', deferred: 'prepaid' },
    },
    plain: ['income', 'revenue', 'asset', 'cost'],
    never: ['payable', 'accumulated', 'allowance', 'depreciation', 'amortisation'],
  },
  liability: {
    as: {
      ...{ prepaid: 'deferred', accrued: 'payable', owed: 'payable', owing: 'payable' },
      ...{ due: 'payable' },
    },
    plain: ['expense', 'liability', 'income', 'revenue'],
    never: ['receivable'],
  },
  equity: { as: {}, plain: [], never: [] },
  income: {
    as: {},
    plain: ['income', 'revenue', 'earned', 'received'],
    never: [
      ...['payable', 'prepaid', 'deferred', 'accrued', 'accumulated', 'expense'],
      ...['paid', 'made', 'spent'],
    ],
  },
  expense: {
    as: {},
    plain: ['expense', 'charge', 'cost', 'paid', 'incurred'],
    never: [
      ...['receivable', 'payable', 'prepaid', 'deferred', 'accrued', 'accumulated', 'allowance'],
      ...['income', 'revenue', 'received', 'earned'],
    ],
  },
};

/** What leads a name of profit and loss: *Repairs to equipment* is no equipment, *Interest on the loan* no loan. */
const FLOWS: ReadonlySet<string> = new Set([
  ...[
    'repair',
    'maintenance',
    'upkeep',
    'rent',
    'hire',
    'interest',
    'depreciation',
    'wage',
    'salary',
  ],
  ...['advertising', 'charge', 'expense', 'fuel', 'sale', 'revenue', 'income', 'purchase', 'gain'],
  ...['loss', 'dividend'],
]);
/** With these something happened: *Commission paid*, *Timber used*. */
const HAPPENED: ReadonlySet<string> = new Set(['paid', 'used', 'made', 'incurred', 'spent']);
/** Words that make a thing of it that stands on the balance sheet. */
const STANDS: ReadonlySet<string> = new Set([
  ...[
    'payable',
    'receivable',
    'prepaid',
    'deferred',
    'accrued',
    'owed',
    'owing',
    'due',
    'accumulated',
  ],
  ...['allowance', 'provision', 'liability', 'unearned', 'earned', 'held', 'deposit', 'reserve'],
  ...['advance', 'ahead', 'unused'],
]);

/** Whether a name names what flows in a period, and nothing that stands at a day. */
function namesFlow(name: PlainName): boolean {
  const isFlow = FLOWS.has(name.lead) || HAPPENED.has(name.lead);
  const isYet = /\bnot\b|\bun\w+/.test(name.written);
  return isFlow && !isYet && !name.words.some((word) => STANDS.has(word));
}

/** What is called *payable* or *receivable* in profit and loss, too, where it is not yet paid. */
const CAPTIONS: Readonly<
  Partial<Record<ClassId, { readonly of: readonly string[]; word: string }>>
> = {
  income: {
    of: ['interest', 'rent', 'commission', 'royalty', 'dividend', 'fee'],
    word: 'receivable',
  },
  expense: { of: ['interest', 'rent'], word: 'payable' },
};

const read = new WeakMap<PlainName, Map<ClassId, PlainName>>();

/** The word that is no more than a caption there; null: none is. */
function captionOf({ words }: PlainName, on: ClassId): string | null {
  const caption = CAPTIONS[on];
  return caption && words.some((word) => caption.of.includes(word)) ? caption.word : null;
}

function readAnew(name: PlainName, on: ClassId): PlainName {
  const { as, plain } = READ[on];
  const caption = captionOf(name, on);
  const meant = name.words.map((word) => (Object.hasOwn(as, word) ? (as[word] ?? word) : word));
  const telling = meant.filter((word) => !plain.includes(word) && word !== caption);
  const words = [...new Set(telling.length > 0 ? telling : meant)].sort();
  return { ...name, text: words.join(' '), words };
}

/** A name as it is meant on an account of a class. */
export function readOn(name: PlainName, on: ClassId): PlainName {
  const known = read.get(name) ?? new Map<ClassId, PlainName>();
  read.set(name, known);
  const found = known.get(on) ?? readAnew(name, on);
  known.set(on, found);
  return found;
}

/** Who owes whom: *owed to* somebody is a debt, *a loan to* somebody is to come back. */
const DIRECTION: Readonly<Partial<Record<ClassId, RegExp>>> = {
  asset:
    /\b(?:loans? from|deposits? from|(?:owed|owing|due) to(?! (?:us|me|the (?:firm|company|business))))\b/,
  liability: /\b(?:(?:loans?|advances?) to|deposits? with|(?:owed|owing|due) (?:by|from))\b/,
};

/** Whether a name says that it is owed the other way than what stands in a class. */
export const isTurned = (name: PlainName, on: ClassId): boolean =>
  DIRECTION[on]?.test(name.written) === true;

/** Whether a name has a word by which nothing of a class is called, and which the right name has not. */
export function isOfOtherClass(name: PlainName, right: PlainName, on: ClassId): boolean {
  const { never } = READ[on];
  const caption = captionOf(name, on);
  const written = name.written.split(' ');
  // A tax on income is not an income.
  const spared = [caption, ...(name.words.includes('tax') ? ['income'] : [])];
  const meant = [...readOn(name, on).words, ...written].filter((word) => !spared.includes(word));
  if (
    never.some(
      (word) =>
        meant.includes(word) && ![...right.words, ...right.written.split(' ')].includes(word),
    )
  )
    return true;
  const stands = on === 'asset' || on === 'liability';
  return stands && namesFlow(name) && !namesFlow(right);
}
