import type { Amount } from '../../../model/money/amount.js';
import type { Known, KnownAccount } from '../known.js';
import { Told } from '../told.js';
import { DOING } from '../words.js';
import { moneyOf } from '../paid.js';
import {
  credit,
  debit,
  does,
  phrase,
  thingAfter,
  thingFrom,
  titled,
  why,
  type Event,
  type Scene,
  type Understood,
} from '../scene.js';
import type { Token } from '../token.js';
import { boughtAs, expenseOf, isGoods, LASTING_TYPES } from '../things.js';

const OWNERS =
  'owner|partner|partners|proprietor|founder|shareholder|shareholders|stockholders|stockholder|she|he|owners';

const WHOEVER_OWNS = 'Capital, owner';

/** Of partners each has a capital of their own: whoever is named first. */
const nameOfCapital = ({ said, known }: Scene): string => {
  const [who] = said.tokens;
  return known.hasPartners && who?.isNamed && who.kind === 'word' && !DOING.has(who.word)
    ? `Capital, ${titled(who.said)}`
    : WHOEVER_OWNS;
};

const capitalOf = (scene: Scene): KnownAccount => {
  const { known, said } = scene;
  const isCompany = said.has('share|stock|shareholder|shareholders|stockholders');
  const given = known.ofType('owner-capital', 'share-capital');
  const own = given.find(({ name }) =>
    said.tokens.some((each) => each.isNamed && name.includes(each.said)),
  );
  if (own) return own;
  const type =
    isCompany || (given[0]?.type === 'share-capital' && given.length === 1)
      ? 'share-capital'
      : 'owner-capital';
  return known.account(type === 'share-capital' ? { type } : { type, name: nameOfCapital(scene) });
};

const FROM_THEIRS = /\bfrom (?:her|his|their|my) (?:private|personal|own)\b/i;
const AS_CAPITAL = /\binvest|\bcapital\b|\bcontribution\b/i;

const puts = ({ said, text }: Scene): boolean =>
  (said.has(OWNERS) && said.has('transfer|pay|put') && FROM_THEIRS.test(text)) ||
  (said.verb === 'receive' && said.has('from owner') && AS_CAPITAL.test(text)) ||
  (!said.has('of cash|of takings') && putsIn(said));

const putsIn = (said: Told): boolean =>
  said.has('invest') ||
  (said.has('pay|put|deposit|bring') && said.has('as capital|further capital|more capital')) ||
  (said.has('put|bring|deposit|pay|transfer') &&
    said.has(OWNERS) &&
    said.has(
      'into|pay in #amount|put in #amount|in business|in bank|capital|own money|to bank|savings|as capital',
    ) &&
    !said.has('pay owner|private')) ||
  (said.has('bring') &&
    !said.has('sell|takings|sales') &&
    (said.has(OWNERS) || said.tokens[0]?.isNamed === true)) ||
  (said.verb === 'put' &&
    said.tokens[0]?.isNamed === true &&
    said.tokens[0].word !== 'put' &&
    said.has('into bank|into a bank|into business')) ||
  (said.has('begin') &&
    said.has('business|books|with') &&
    said.first !== null &&
    !said.has('at begin|owe|pay')) ||
  (said.has('put|deposit') && said.has('capital|savings|own money|into business'));

const NO_THING =
  /^(?:own )?(?:books|accounts|trading|cash|money|capital|savings|business|fair|market|value|bank)\b/i;

/** What is put in besides money: `a van worth 5,000`. */
function thingPutIn({ said, known }: Scene): KnownAccount | null {
  const worth = said.has('worth|value|value at|market|fair');
  const at = said.indexOf('invest', 'put', 'bring', 'begin');
  const named = [
    phrase(thingFrom(said.tokens, at + 1)),
    thingAfter(said, 'and'),
    thingAfter(said, 'with'),
  ];
  const thing = named.find((each) => each !== '' && !NO_THING.test(each)) ?? '';
  const isThing = thing !== '';
  if (!isThing || (!worth && !said.tokens.slice(at, at + 3).some(({ word }) => word === 'a')))
    return null;
  if (isGoods(thing, known))
    return known.account({ type: known.isPerpetual ? 'inventory' : 'purchases' });
  return known.account(boughtAs(thing, known, true));
}

/** Bank and till, in the order in which a sentence names them. */
function moneyIn({ said, known }: Scene): readonly [KnownAccount, KnownAccount] {
  known.moneyIn = 'both';
  const [bank, cash] = [known.money(false), known.money(true)];
  return said.indexOf('bank') < said.indexOf('cash', 'till') ? [bank, cash] : [cash, bank];
}

/** `Kai and Lou each contributed 8,000`: as many as are named before it. */
function eachPutIn(scene: Scene, amount: Amount): Understood | null {
  const { said, known } = scene;
  const at = said.indexOf('each');
  const names = said.tokens.slice(0, Math.max(0, at)).filter((each) => each.isNamed);
  if (names.length < 2 || names.length > 4) return null;
  known.hasPartners = true;
  const capitals = names.map((each) =>
    credit(known.account({ type: 'owner-capital', name: `Capital, ${each.said}` }), amount),
  );
  const all = debit(moneyOf(scene), amount * names.length);
  return does('Partners put in', [all, ...capitals], [amount]);
}

interface PutIn {
  readonly thing: KnownAccount | null;
  readonly capital: KnownAccount;
}

/** Two amounts that are put in: at the bank and in the till, or money and a thing. */
function twoPutIn(
  scene: Scene,
  [first, second]: readonly [Token, Token],
  { thing, capital }: PutIn,
): Understood {
  const { said } = scene;
  const at = said.tokens.indexOf(first);
  const bothIn = (one: KnownAccount, other: KnownAccount): Understood =>
    does('Owner puts in', [
      debit(one, first.value),
      debit(other, second.value),
      credit(capital, first.value + second.value),
    ]);
  if (!thing && said.has('in bank|at bank|into bank') && said.has('cash|till|hand'))
    return bothIn(...moneyIn(scene));
  const other = thing ?? thingPutIn({ ...scene, said: said.cut(at)[1] });
  if (!other) return why('what is put in beside the money isn’t said');
  const isMoneyFirst = !thing || said.indexOf('cash', 'bank') < at || at < 5;
  return isMoneyFirst ? bothIn(moneyOf(scene), other) : bothIn(other, moneyOf(scene));
}

const AND: ReadonlySet<string> = new Set(['and', ',']);
const PUT: Token = { kind: 'word', word: 'put', said: 'put', value: 0 };

/** `A kiln worth 9,000 and tools worth 1,500`: each of them with what it is worth. */
function thingsPutIn(scene: Scene, capital: KnownAccount): Understood | null {
  const { said } = scene;
  const from = said.indexOf('invest', 'put', 'bring', 'begin');
  const [, things] = said.cut(from + 1);
  const parts = things.split(AND).map(({ tokens }) => new Told([PUT, ...tokens]));
  const isEach = parts.every(
    (part) => part.amounts.length === 1 && part.has('worth|value at|value'),
  );
  if (parts.length < 2 || !isEach) return null;
  const lines = parts.flatMap((part) => {
    const account = thingPutIn({ ...scene, said: part });
    return account ? [debit(account, part.first ?? 0)] : [];
  });
  if (lines.length < parts.length) return null;
  const total = lines.reduce((sum, { amount }) => sum + amount, 0);
  for (const { account, amount } of lines) keepLasting(scene, account, amount);
  return does('Owner puts in', [...lines, credit(capital, total)]);
}

function keepLasting({ known, day }: Scene, account: KnownAccount, cost: Amount): void {
  if (LASTING_TYPES.includes(account.type))
    known.remembered.lasting.push({ account, cost, from: day, residual: 0, months: 0, count: 1 });
}

/** `The owner puts 12,000 into the bank`: money, or a thing, that owners put in. */
export const ownersPutIn: Event = (scene) => {
  const { said, known } = scene;
  if (!puts(scene) || (said.has('customer') && said.has('bring'))) return null;
  const [amount, second, ...more] = said.amounts;
  if (!amount) return why('how much is put in isn’t said');
  const together = eachPutIn(scene, amount.value);
  if (together && !second) return together;
  if (more.length > 0 || said.has('each|apiece'))
    return why('more is put in than can be told apart');
  const thing = thingPutIn(scene);
  const capital = capitalOf(scene);
  const things = second ? thingsPutIn(scene, capital) : null;
  if (things) return things;
  if (thing) keepLasting(scene, thing, (second ?? amount).value);
  if (second) return twoPutIn(scene, [amount, second], { thing, capital });
  const isSpent = said.has('own money|own pocket') || FROM_THEIRS.test(scene.text);
  const spent = isSpent ? expenseOf(thingAfter(said, 'for'), known) : null;
  return does('Owner puts in', [
    debit(thing ?? (spent ? known.account(spent) : moneyOf(scene)), amount.value),
    credit(capital, amount.value),
  ]);
};

const SHAREHOLDERS = 'shareholder|shareholders|stockholder|stockholders|founder|founders';

/** The nominal value of a share: beside its word, or the first amount. */
const nominalIn = (said: Told, first: Amount): Amount => {
  const at = said.indexOf('nominal', 'par');
  const beside = [at - 1, at - 2, at + 1, at + 2, at + 3].find(
    (i) => said.tokens[i]?.kind === 'amount',
  );
  return at < 0 || beside === undefined ? first : (said.tokens[beside]?.value ?? first);
};

/** How many, and at what: `20,000 £1 shares` are so many, too. */
function sharesIn(said: Told): { count?: Token; first?: Token; second?: Token } {
  const [count] = said.of('count');
  const [first, second, third] = said.amounts;
  const isCounted =
    first && second && !count && /^\d/.test(first.said) && /^\p{Sc}/u.test(second.said);
  if (isCounted)
    return {
      count: { ...first, value: first.value / 100 },
      first: second,
      ...(third && { second: third }),
    };
  return { ...(count && { count }), ...(first && { first }), ...(second && { second }) };
}

/** `Raised 80,000 by issuing 40,000 shares at 2 each`: what they bring in all is said before. */
function withoutWhole(said: Told): Told {
  const at = said.tokens.findIndex(({ kind }) => kind === 'amount');
  const isWhole =
    said.of('count').length > 0 && said.indexOf('issue') > at && said.amounts.length > 1;
  return isWhole ? new Told(said.tokens.filter((_, i) => i !== at)) : said;
}

/** `Issues 1,000 shares of 1 at 1.50`: shares for money, at their nominal value and above it. */
export const sharesIssued: Event = (scene) => {
  const { said, known } = scene;
  const isTaken =
    said.has('subscribe') ||
    (said.has('pay|invest') && said.has('for share')) ||
    (said.has('buy|take') && said.has(SHAREHOLDERS));
  if (!said.has('share') || !(said.has('issue|sell') || isTaken) || said.has('dividend'))
    return null;
  const { count, first, second } = sharesIn(withoutWhole(said));
  if (!first) return why('what the shares bring in isn’t said');
  const isNominal = said.has('nominal|par|of #amount at #amount|of #amount at a price of #amount');
  const nominal = isNominal ? nominalIn(said, first.value) : null;
  const paid = second && nominal === first.value ? second.value : first.value;
  const isEach = said.has('each|apiece|per|at|@|of #amount|nominal|par');
  const times = isEach ? (count?.value ?? 1) : 1;
  const isInAll = nominal !== null && paid !== nominal && paid >= nominal * times;
  const total = isInAll ? paid : paid * times;
  const capital = (nominal ?? paid) * times;
  const above = total - capital;
  if (above < 0) return why('shares are not issued below their nominal value');
  const premium = above === 0 ? [] : [credit(known.account({ type: 'share-premium' }), above)];
  const lines = [
    debit(moneyOf(scene), total),
    credit(known.account({ type: 'share-capital' }), capital),
    ...premium,
  ];
  return does(
    'Shares issued',
    lines,
    said.amounts.map(({ value }) => value),
  );
};

/** `Pays her own phone bill`: what is not the business’s; but out of their own money is nothing that the business paid. */
const isTheirOwn = (text: string): boolean =>
  /(?:\b(?:his|her|their)|[’']s) own\b/i.test(text) &&
  !/\bown (?:money|pocket|funds|savings)\b/i.test(text);

/** `For private use`, and no private trip that is sold. */
const isPrivate = (said: Told, text: string): boolean =>
  said.tokens.some((each) => each.word === 'private' && each.said.toLowerCase() !== 'private') ||
  /\bfor private\b|\bprivate(?:ly)? (?:use|purposes?|expens\w*|bills?|electricity|phone|insurance|spending|account|purchases?|consumption|needs?|rent|household)\b/i.test(
    text,
  );

const AT_THEIR_HOME =
  /\b(?:at|for|of|in|on) (?:her|his|their|my) (?:own |private )?(?:apartment|house|home|flat)\b/i;

const THEIR_HOME =
  /\b(?:her|his|their|my) (?:own |private )?(?:apartment|house|home|flat|personal|rent)\b/i;

/** `Received 2,500 for plans to be drawn`: nobody takes anything out. */
const isOfOthers = (said: Told): boolean => ['receive', 'invoice', 'sell'].includes(said.verb);

const takesOut = ({ said, text }: Scene): boolean =>
  (said.has('withdraw') && !said.has('wage|petty|rent') && !isOfOthers(said)) ||
  (said.has('withdraw') && THEIR_HOME.test(text)) ||
  isPrivate(said, text) ||
  (said.has('pay') && AT_THEIR_HOME.test(text)) ||
  said.has('home|drawings|for her self|himself|herself|themselves|household') ||
  (said.has('take') && said.has('owner|out|for own|partner|she|he') && !said.has('sell')) ||
  (said.has('buy|pay') &&
    (said.has('owner|she|he') || THEIR_FAMILY.test(text)) &&
    said.tokens.some(({ word, isNamed }) => !isNamed && FAMILY.has(word))) ||
  (said.has('pay') && isTheirOwn(text));

const THEIR_FAMILY =
  /\b(?:my|his|her|their) (?:\w+ )?(?:sister|brother|mother|father|wife|husband|daughter|son|family|children)\b/i;

const FAMILY: ReadonlySet<string> = new Set(
  'sister brother mother father wife husband daughter son family holiday children'.split(' '),
);

const drawingsOf = (known: Known, { said }: Scene): KnownAccount => {
  const given = known.ofType('drawings');
  const own = given.find(({ name }) =>
    said.tokens.some((each) => each.isNamed && name.includes(each.said)),
  );
  const [who] = said.tokens;
  const isTheirs = known.hasPartners && who?.isNamed && known.owners.has(who.said);
  return (
    own ?? known.account({ type: 'drawings', name: isTheirs ? `Drawings, ${who.said}` : undefined })
  );
};

/** `200 were withdrawn that morning`: cash from the bank, and nobody is named who keeps it. */
const isForNobody = ({ said, text }: Scene): boolean =>
  said.has('be withdraw|cash withdraw from bank') &&
  !isPrivate(said, text) &&
  !said.has('owner|partner|partners|she|he|by|home|household|own|drawings');

/** `Takes 250 home`: money, or goods at their cost, for private use. */
export const ownersTakeOut: Event = (scene) => {
  const { said, known } = scene;
  if (
    !takesOut(scene) ||
    said.has('insurance|policy|till from bank|for till|into till|loan|mortgage')
  )
    return null;
  if (said.first === null) return why('how much is taken out isn’t said');
  if (isForNobody(scene)) return why('for whom, or for what, it is withdrawn isn’t said');
  if (said.has('each partner|each owner|each of them|both partners'))
    return eachTakesOut(scene, said.first);
  const thing = thingFrom(said.tokens, said.indexOf('withdraw', 'take', 'use', 'keep') + 1);
  const isThing =
    thing.length > 0 && (isGoods(phrase(thing), known) || said.has('goods|cost|worth'));
  const goods = known.isPerpetual ? 'inventory' : 'purchases';
  const from = isThing ? known.account({ type: goods }) : moneyOf(scene);
  return does('Taken out', [debit(drawingsOf(known, scene), said.first), credit(from, said.first)]);
};

/** `Each partner withdraws 500`: as many as have put something in under their names. */
function eachTakesOut(scene: Scene, amount: Amount): Understood {
  const { known } = scene;
  const capitals = known.ofType('owner-capital').filter(({ name }) => name !== WHOEVER_OWNS);
  if (capitals.length < 2) return why('who the partners are isn’t said');
  const drawings = capitals.map(({ name }) =>
    debit(
      known.account({ type: 'drawings', name: name.replace(/^capital,?/i, 'Drawings,') }),
      amount,
    ),
  );
  const all = credit(moneyOf(scene), amount * drawings.length);
  return does('Partners take out', [...drawings, all], [amount]);
}

/** Dividends are granted: owed from then on. */
export const dividendGranted: Event = ({ said, known }) => {
  if (!said.has('dividend|dividends') || !said.has('declare') || said.first === null) return null;
  const lines = [
    debit(known.account({ type: 'dividends' }), said.first),
    credit(known.account({ type: 'dividends-payable' }), said.first),
  ];
  return does('Dividend granted', lines);
};
