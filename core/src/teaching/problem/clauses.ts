import { meansIn } from './payment.js';
import type { Token } from './token.js';
import { Told } from './told.js';
import { DOING } from './words.js';

const JOINS: ReadonlySet<string> = new Set(['and', ',', 'then', 'but']);

const isFinite = ({ word, said }: Token): boolean =>
  DOING.has(word) &&
  !said.toLowerCase().endsWith('ing') &&
  !/^(?:use|order|return|share|give|need|invoice|bill|payments?|receipts?)$/i.test(said);

const SMALL: ReadonlySet<string> = new Set(
  (
    'pay transfer receive invoice bill payable owe sign a an in into from by of to it ofit cash bank cheque card creditcard atonce now down rest balance remainder ' +
    'remaining charge company onaccount later note with immediately due next month monthof be will promise deposit #amount #share #percent ' +
    '#span #days #day half other at end and , on for promissory supplier customer them they owner loan new for within after day week year fall a ' +
    'he she we it they i month monthly instalment instalments'
  ).split(' '),
);

const PAUSE: Token = { kind: 'comma', word: ',', said: ',', value: 0 };

const paused = (token: Token): Token =>
  token.kind === 'stop' ? { ...token, kind: 'comma', word: ',' } : token;

/** Whether a part says only how something is paid that was told before it. */
const isOnlyPayment = (said: Told): boolean =>
  ['pay', 'receive', 'owe', 'sign', 'give', 'deposit', 'charge'].includes(said.verb) &&
  (meansIn(said) !== null || said.has('rest|balance|remainder')) &&
  said.tokens.every((token) => SMALL.has(token.word) || token.isNamed === true);

/** Where a new part begins: at a semicolon, or where something else is done. */
function beginnings({ tokens }: Told): number[] {
  const found: number[] = [];
  let hasVerb = false;
  for (const [at, token] of tokens.entries()) {
    const joins = JOINS.has(tokens[at - 1]?.word ?? '');
    if (token.kind === 'stop') {
      found.push(at);
      hasVerb = false;
    } else if (isFinite(token)) {
      const start = joins ? at : subjectBefore(tokens, at);
      if (hasVerb && start !== null) found.push(start);
      hasVerb = true;
    }
  }
  return found;
}

/** Where the one word begins that stands between what joins two parts and the verb: `and Rill brings`. */
function subjectBefore(tokens: readonly Token[], at: number): number | null {
  const subject = tokens[at - 1];
  const isOne =
    subject?.kind === 'word' && (subject.isNamed === true || SUBJECTS.has(subject.word));
  return isOne && JOINS.has(tokens[at - 2]?.word ?? '') ? at - 1 : null;
}

const SUBJECTS: ReadonlySet<string> = new Set(
  'it she he they we i customer supplier owner bank'.split(' '),
);

/** The parts of a sentence that tell of something each; how something is paid stays with it. */
export function clausesOf(said: Told): Told[] {
  const parts: Told[] = [];
  let from = 0;
  for (const at of [...beginnings(said), said.tokens.length]) {
    const tokens = said.tokens.slice(from, at).map(paused);
    const part = new Told(tokens);
    const before = parts.at(-1);
    if (before && belongsTo(before, part))
      parts[parts.length - 1] = new Told([...before.tokens, ...termsOf(part)]);
    else if (tokens.some(({ kind }) => kind !== 'comma')) parts.push(part);
    from = at;
  }
  return withEnds(parts);
}

/** Of a part that only says when a bill is paid that alone: whose it is names nothing that was done. */
function termsOf(part: Told): readonly Token[] {
  const at = part.indexOf('bill', 'invoice');
  if (!isOnlyTerms(part) || at < 0 || part.tokens[at - 1]?.word === 'no') return part.tokens;
  return [PAUSE, ...part.tokens.slice(at)];
}

/** `; the couple pay 450 at once`: whoever it is that pays. */
function withoutPayer(part: Told): Told {
  const at = part.indexOf('pay');
  const before = part.tokens.slice(0, Math.max(0, at)).filter(({ kind }) => kind === 'word');
  return at > 0 && before.length === 1 ? new Told(part.tokens.slice(at)) : part;
}

/** What came before was done for this much. */
const ITS_BILL =
  'credit of #amount|invoice for #amount|invoice of #amount|bill for #amount|bill of #amount|bill be #amount|invoice be #amount';

/** `They credited 90`: what went back is worth so much. */
const LETS_OFF = 'credit #amount|allow #amount|refund #amount';

/** Whether a part only says more of what is told before it. */
const belongsTo = (before: Told, part: Told): boolean =>
  isHistory(before, part) ||
  isTimeGone(before, part) ||
  (before.amounts.length === 0 && part.has(ITS_BILL)) ||
  (before.verb === 'perform' &&
    before.amounts.length === 0 &&
    ['receive', 'invoice'].includes(part.verb)) ||
  (before.amounts.length === 0 && part.verb === '' && part.has('price #amount|price be #amount')) ||
  (before.has('takings') && part.verb === 'put' && part.amounts.length === 0) ||
  (before.verb === 'take' && before.amounts.length === 0 && part.has('cost #amount')) ||
  (before.has('sign') && before.amounts.length === 0 && part.verb === 'receive') ||
  (before.amounts.length === 0 && before.has('return') && part.has(LETS_OFF)) ||
  (before.has('interest') && before.amounts.length === 0 && part.has('interest')) ||
  (before.has('endure') && before.amounts.length === 0 && part.has('worth|residual')) ||
  ((tells(before) || before.has('be')) && isOnlyPayment(withoutPayer(part))) ||
  (before.verb === '' && before.amounts.length === 0 && isOnlyPayment(part)) ||
  (before.amounts.length > 0 && isStillOpen(part)) ||
  isFinanced(before, part) ||
  (before.has('sell') &&
    part.verb === 'receive' &&
    part.has('advance') &&
    part.amounts.length === 0) ||
  (before.has('owe') && part.has('writeoff') && part.amounts.length === 0) ||
  (before.verb === 'order' && part.has('charge|pay') && part.has('creditcard|card')) ||
  (before.verb === 'order' && part.has('pay') && part.has('advance|deposit|downpayment')) ||
  (before.amounts.length > 0 && isOnlyTerms(part));

/** `; a finance company lends 30,000 towards them`, `; the remainder comes out of the bank`, `; a note of 900 is signed`. */
const isFinanced = (before: Told, part: Told): boolean =>
  before.has('buy') &&
  !part.has('buy|sell|customer|repay') &&
  ((part.has('lend|loan') && part.has('towards|for it|for them|of it|of price')) ||
    (part.has('rest|balance|remainder') && part.amounts.length === 0) ||
    (part.has('pay #amount') && part.has('rest') && part.amounts.length === 1) ||
    (part.has('#days credit|give #days|allow #days|#days to pay|give #span') &&
      part.amounts.length === 0) ||
    (before.amounts.length === 0 && part.has('note') && part.amounts.length === 1));

/** `; it has not been paid`: of what is told before it. */
const isStillOpen = (part: Told): boolean =>
  part.amounts.length === 0 &&
  part.of('word').length < 6 &&
  part.has('notyet pay|notyet be pay|remain unpaid|be unpaid|remain owe|not be pay');

/** What a thing had cost that was sold, or that money goes back for it: told behind, and part of it. */
const isHistory = (before: Told, part: Told): boolean => {
  const isPast =
    before.has('sell|sales|return|scrap|scraps|dispose') && part.has('cost|depreciate|accumulated');
  const isRefund = before.has('return') && part.verb === 'refund' && part.amounts.length === 0;
  return isRefund || (isPast && !part.has('pay|buy|receive'));
};

/** `The rent was paid for six months; three have gone by`: how much of what was told is used. */
const isTimeGone = (before: Told, part: Told): boolean =>
  [before, part].every((each) => each.of('span').length > 0 && each.amounts.length === 0) &&
  part.has('use');

const tells = (said: Told): boolean =>
  ['buy', 'sell', 'perform', 'invoice', 'deliver', 'cost', 'issue'].some((verb) => said.has(verb));

/** `; the wholesaler’s invoice is due at the end of the month`: when what came before is paid. */
const isOnlyTerms = (said: Told): boolean =>
  said.amounts.length === 0 &&
  said.has('bill|invoice|payment|pay') &&
  said.has(
    'be due|follow|follows|be payable|payable|come|arrive|will be pay|be pay in|be pay next',
  );

/** What joins two parts is no part of either. */
const withEnds = (parts: readonly Told[]): Told[] =>
  parts.map(({ tokens }) => {
    const isJoint = (token: Token | undefined) => token !== undefined && JOINS.has(token.word);
    let [from, to] = [0, tokens.length];
    while (isJoint(tokens[from])) from++;
    while (to > from && isJoint(tokens[to - 1])) to--;
    return new Told(tokens.slice(from, to));
  });
