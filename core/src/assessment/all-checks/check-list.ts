import { inOneText, toldOf, type Told } from '../check/told.js';
import { accountCashFlow } from '../account-checks/account-cash-flow.js';
import { accountContra } from '../account-checks/account-contra.js';
import { accountDuplicate } from '../account-checks/account-duplicate.js';
import { accountLeftover } from '../account-checks/account-leftover.js';
import { accountName } from '../account-checks/account-name.js';
import { accountNormalSide } from '../account-checks/account-normal-side.js';
import { accountNumber } from '../account-checks/account-number.js';
import { accountNumberInBand } from '../account-checks/account-number-in-band.js';
import { accountNumberUnique } from '../account-checks/account-number-unique.js';
import { accountParent } from '../account-checks/account-parent.js';
import { accountPresent } from '../account-checks/account-present.js';
import { accountRetired } from '../account-checks/account-retired.js';
import { accountSection } from '../account-checks/account-section.js';
import { accountStatement } from '../account-checks/account-statement.js';
import { accountType } from '../account-checks/account-type.js';
import { companySettings } from './company-settings.js';
import type { CauseKind } from '../cause/cause.js';
import type { Check } from '../check/check.js';
import type { CheckResult } from '../check/finding.js';
import { entryAmounts } from '../entry-checks/entry-amounts.js';
import { entryDate } from '../entry-checks/entry-date.js';
import { entryExtra } from '../entry-checks/entry-extra.js';
import { entryKind } from '../entry-checks/entry-kind.js';
import { entryPresent } from '../entry-checks/entry-present.js';
import type { Marking } from '../check/marking.js';
import { openingAmount } from '../opening-checks/opening-amount.js';
import { openingBalanced } from '../opening-checks/opening-balanced.js';
import { openingDate } from '../opening-checks/opening-date.js';
import { openingSide } from '../opening-checks/opening-side.js';
import { openingSuspenseEmpty } from '../opening-checks/opening-suspense-empty.js';
import { questionAnswer } from './question-answer.js';
import { statementBalances } from '../statement-checks/statement-balances.js';
import { statementLine } from '../statement-checks/statement-line.js';
import { statementTotal } from '../statement-checks/statement-total.js';

/** Every check, in the order in which they run: what can follow from another comes after it. */
const ALL = [
  companySettings,
  accountPresent,
  accountDuplicate,
  accountLeftover,
  accountName,
  accountStatement,
  accountSection,
  accountContra,
  accountType,
  accountNormalSide,
  accountCashFlow,
  accountNumberInBand,
  accountNumber,
  accountNumberUnique,
  accountParent,
  accountRetired,
  openingSide,
  openingAmount,
  openingDate,
  openingBalanced,
  openingSuspenseEmpty,
  entryPresent,
  entryAmounts,
  entryDate,
  entryKind,
  entryExtra,
  statementLine,
  statementTotal,
  statementBalances,
  questionAnswer,
] as const satisfies readonly Check[];

export const CHECKS: readonly Check[] = ALL;

/** The names of the checks that there are. */
export type CheckId = (typeof ALL)[number]['id'];

/** The checks whose faults answer for a kind of cause, in their order. */
export const answeringFor = (kind: CauseKind): readonly Check[] =>
  CHECKS.filter((check) => check.answersFor === kind);

export const checkById = (id: string): Check | null =>
  CHECKS.find((check) => check.id === id) ?? null;

/** Runs every check, in their order; what they find stands in the marking. */
export function runChecks(marking: Marking): Marking {
  for (const check of CHECKS) for (const found of check.run(marking)) marking.add(check, found);
  return marking;
}

type Faulty = Pick<CheckResult, 'check' | 'facts'>;

/** What is wrong, in a few words; the check's id for a check that is no more. */
export const faultOf = (result: Faulty): string =>
  checkById(result.check)?.misunderstood?.(result.facts) ?? kindOfFault(result);

/** What kind of fault it is: of what belongs there, nothing. */
export function kindOfFault({ check, facts }: Faulty): string {
  const found = checkById(check);
  const described = found?.undone?.described;
  if (described?.when(facts)) return described.fault;
  return found?.calls?.(facts) ?? found?.fault ?? check;
}

/** What a note is made from: a code, facts and what came of it. */
type Noted = {
  readonly check: string;
  readonly facts: Parameters<Check['says']>[0];
  readonly outcome: Parameters<Check['says']>[1];
};

/** The note of a result in its parts, made from its code and facts when it is shown. */
export const noteOf = ({ check, facts, outcome }: Noted): Told =>
  toldOf(checkById(check)?.says(facts, outcome) ?? '');

/** The note of a result as one text. */
export const sentenceOf = (result: Noted): string => inOneText(noteOf(result));
