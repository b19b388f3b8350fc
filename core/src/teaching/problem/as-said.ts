import type { Token } from './token.js';
import { OURS } from './words.js';

/** Another way to say something: the words as they would be told plainly; null: it is not said here. */
type Rewording = (tokens: readonly Token[]) => readonly Token[] | null;

interface Reworded {
  /** The word that is told as another. */
  readonly at: number;
  readonly as: string;
  readonly without: (i: number) => boolean;
}

/** The tokens with some left out and one told as another. */
const told = (tokens: readonly Token[], { at, as, without }: Reworded): readonly Token[] =>
  tokens.flatMap((each, i) => (without(i) ? [] : [i === at ? { ...each, word: as } : each]));

const isPause = ({ kind }: Token): boolean => kind === 'comma' || kind === 'stop';

/** Whether nobody else stands before a place: who does what is told there is the business, or is not said. */
const isByUs = (tokens: readonly Token[], at: number): boolean =>
  tokens
    .slice(0, at)
    .filter(({ kind, word: each }) => kind === 'word' && each !== 'on' && each !== 'and')
    .every(({ word: each }) => OURS.includes(each));

/** `Sent the council a bill for 780`: invoiced it. Who sends one to the business is another matter. */
const billSent: Rewording = (tokens) => {
  const at = tokens.findIndex(({ word }) => ['send', 'give', 'mail'].includes(word));
  const bill = tokens.findIndex(
    ({ word, said }, i) =>
      i > at + 1 && /^(?:bill|invoice)$/.test(said) && ['bill', 'invoice'].includes(word),
  );
  const between = tokens.slice(at + 1, Math.max(bill, 0));
  const isOne = tokens[bill - 1]?.word === 'a' || tokens[bill - 1]?.said === 'an';
  const isNear = bill - at < 8 && !between.some((each) => isPause(each) || each.word === 'for');
  if (at < 0 || bill < 0 || !isNear || !(isOne || tokens[bill]?.said === 'invoice')) return null;
  if (!isByUs(tokens, at) || between.some((each) => OURS.includes(each.word))) return null;
  const article = isOne ? bill - 1 : bill;
  return told(tokens, { at, as: 'invoice', without: (i) => i === bill || i === article });
};

/** Behind an amount of money no thing is named: `200 tiles` are none. */
const isMoneyAt = (tokens: readonly Token[], at: number): boolean => {
  const next = tokens[at + 1];
  const joins = ['on', 'for', 'by', 'in', 'as', 'to', 'from', 'at', 'and'];
  return tokens[at]?.kind === 'amount' && (next?.kind !== 'word' || joins.includes(next.word));
};

/** `Bit Barn was sent 1,000`: received it. */
const wasSent: Rewording = (tokens) => {
  const at = tokens.findIndex(
    ({ word }, i) => word === 'send' && tokens[i - 1]?.word === 'be' && isMoneyAt(tokens, i + 1),
  );
  return at < 2 ? null : told(tokens, { at, as: 'receive', without: (i) => i === at - 1 });
};

const MONEY: ReadonlySet<string> = new Set(
  'cash money cheque payment fees fee deposit donation grant loan refund credit invoice bill interest rent order'.split(
    ' ',
  ),
);

/** `Got two laptops on credit at 950 each`: bought them. */
const gotThings: Rewording = (tokens) => {
  const at = tokens.findIndex(({ said }) => /^(?:got|gets)$/i.test(said));
  const next = tokens[at + 1];
  const isThings = next?.kind === 'count' || next?.word === 'a' || next?.word === 'some';
  const object = tokens[at + 2];
  const words = tokens.map(({ word }) => word).join(' ');
  const isBought = /\bon (?:account|credit)\b|\beach\b|\bper\b/.test(words);
  const isGoods = object?.kind === 'word' && !MONEY.has(object.word);
  return at < 0 || !isByUs(tokens, at) || !isThings || !isBought || !isGoods
    ? null
    : told(tokens, { at, as: 'buy', without: () => false });
};

/** `Two months’ worth of the insurance`: two months of it. */
const worthOf: Rewording = (tokens) => {
  const at = tokens.findIndex(
    ({ word }, i) =>
      word === 'worth' && tokens[i - 1]?.kind === 'span' && tokens[i + 1]?.word === 'of',
  );
  return at < 0 ? null : told(tokens, { at, as: 'worth', without: (i) => i === at });
};

/** `Went straight back to Larch & Co`: was returned to them. */
const wentBack: Rewording = (tokens) => {
  const at = tokens.findIndex(({ word }) => word === 'go');
  const back = tokens.findIndex(({ word }, i) => i > at && word === 'back');
  const isNear = at >= 0 && back > at && back - at <= 2 && tokens[back + 1]?.word === 'to';
  return isNear ? told(tokens, { at, as: 'return', without: (i) => i > at && i <= back }) : null;
};

/** `The instructor he took on in May`: hired; a loan that is taken on is a loan. */
const tookOn: Rewording = (tokens) => {
  const at = tokens.findIndex(({ word }, i) => word === 'take' && tokens[i + 1]?.word === 'on');
  const isDebt = tokens
    .slice(at)
    .some(({ word }) => /^(?:loan|debt|mortgage|lease|credit)$/.test(word));
  return at < 0 || isDebt ? null : told(tokens, { at, as: 'joined', without: (i) => i === at + 1 });
};

const word = (said: string): Token => ({ kind: 'word', word: said, said, value: 0 });

/** What is not paid yet, or is not the business’s. */
const NOT_PAID =
  /^(?:will|not|no|due|owe|unpaid|payable|later|next|customer|supplier|private|home|own|quote[ds]?)$/;

/** `He insured it for a year; the premium of 900 left the bank`: paid 900 for insurance of a year. */
const insured: Rewording = (tokens) => {
  const isSaid = tokens.some(({ said }) => /^insure[sd]$/i.test(said));
  const amounts = tokens.filter(({ kind }) => kind === 'amount');
  const spans = tokens.filter(({ kind }) => kind === 'span');
  const [amount, span] = [amounts[0], spans[0]];
  const isPaid = !tokens.some((each) => NOT_PAID.test(each.word));
  const isPlain = isSaid && isPaid && amounts.length === 1 && spans.length < 2;
  if (!isPlain || !amount || !tokens.some((each) => each.word === 'premium')) return null;
  const days = tokens.filter(({ kind }) => kind === 'day');
  const how = tokens.filter((each) => ['cash', 'bank', 'card', 'cheque'].includes(each.word));
  return [
    ...days,
    ...[word('pay'), amount, word('for'), word('insurance')],
    ...(span ? [word('for'), span] : []),
    ...how.slice(0, 1).flatMap((each) => [word('from'), each]),
  ];
};

/** `Nine learners took lessons and paid 405 in cash`: customers paid 405 in cash for lessons. */
const tookAndPaid: Rewording = (tokens) => {
  const who = tokens.findIndex(
    (each, i) => each.word === 'customer' && tokens[i + 1]?.word === 'take',
  );
  const pays = tokens.findIndex((each, i) => i > who && each.word === 'pay');
  const isSaid =
    who >= 0 && tokens[pays - 1]?.word === 'and' && tokens[pays + 1]?.kind === 'amount';
  if (!isSaid) return null;
  const days = tokens.slice(0, who).filter(({ kind }) => kind === 'day');
  const taken = tokens.slice(who + 2, pays - 1);
  return [...days, tokens[who] as Token, ...tokens.slice(pays), word('for'), ...taken];
};

const REWORDINGS: readonly Rewording[] = [
  billSent,
  wasSent,
  gotThings,
  worthOf,
  wentBack,
  tookOn,
  insured,
  tookAndPaid,
];

/** What is said in a roundabout way, said plainly. */
export const plainly = (tokens: readonly Token[]): readonly Token[] =>
  REWORDINGS.reduce((at, reword) => reword(at) ?? at, tokens);
