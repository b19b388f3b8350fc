import type { Big } from 'big.js';
import { linesOfStatement } from '../../accounting/statement/lines.js';
import type { AnswerBeside } from './answer-beside.js';

/** A figure that many know, and what is said of whoever answers with it. */
type Known = readonly [says: string, sentence: string];

/** What the figure of an account is mistaken for. */
const ofAccount = (id: string): Known[] => [
  [`opening(${id})`, 'That is the opening balance.'],
  [`movement(${id})`, 'That leaves out the opening balance.'],
  [`balance(${id})`, 'That is the balance at the end.'],
];

const ACCOUNT = /\b(?:balance|opening|movement)\(("[^"]*"|'[^']*')/g;

function candidates({ question, key }: AnswerBeside): Known[] {
  const says = question.kind === 'figure' ? question.right : '';
  const named = [...says.matchAll(ACCOUNT)].flatMap(([, id]) => ofAccount(id ?? ''));
  const lines = (['profit-and-loss', 'balance-sheet'] as const).flatMap((statement) =>
    linesOfStatement(key.scheme, statement),
  );
  return [
    ...named,
    ...lines.map(({ id, name }): Known => [`total("${id}")`, `That is “${name}”.`]),
    ['debits()', 'That is the total of the opening debits.'],
    ['trial()', 'That is the total of the trial balance.'],
  ];
}

/** What a wrong figure is known as: another figure of the same books, or the right one turned round. Empty: nothing known. */
export function knownFigure(beside: AnswerBeside, right: Big, given: Big): string {
  if (given.eq(0)) return '';
  if (given.eq(right.neg())) return 'The amount is right; its sign is turned round.';
  const found = candidates(beside).find(([says]) => {
    const figure = beside.figure(says);
    return figure !== null && figure.eq(given) && !figure.eq(right);
  });
  if (found) return found[1];
  const isShifted = given.eq(right.times(1000)) || given.times(1000).eq(right);
  return isShifted ? 'The digits are right; it is in thousands, or not.' : '';
}
