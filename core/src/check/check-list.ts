import { accountCashFlow } from './account-cash-flow.js';
import { accountContra } from './account-contra.js';
import { accountDuplicate } from './account-duplicate.js';
import { accountLeftover } from './account-leftover.js';
import { accountName } from './account-name.js';
import { accountNormalSide } from './account-normal-side.js';
import { accountNumber } from './account-number.js';
import { accountNumberInBand } from './account-number-in-band.js';
import { accountNumberUnique } from './account-number-unique.js';
import { accountParent } from './account-parent.js';
import { accountPresent } from './account-present.js';
import { accountRetired } from './account-retired.js';
import { accountSection } from './account-section.js';
import { accountStatement } from './account-statement.js';
import { accountType } from './account-type.js';
import { companySettings } from './company-settings.js';
import type { CauseKind } from '../cause/cause.js';
import type { Check } from './check.js';
import type { CheckResult } from './finding.js';
import { entryAmounts } from './entry-amounts.js';
import { entryDate } from './entry-date.js';
import { entryExtra } from './entry-extra.js';
import { entryKind } from './entry-kind.js';
import { entryPresent } from './entry-present.js';
import type { Marking } from './marking.js';
import { openingAmount } from './opening-amount.js';
import { openingBalanced } from './opening-balanced.js';
import { openingDate } from './opening-date.js';
import { openingSide } from './opening-side.js';
import { openingSuspenseEmpty } from './opening-suspense-empty.js';
import { questionAnswer } from './question-answer.js';
import { statementBalances } from './statement-balances.js';
import { statementLine } from './statement-line.js';
import { statementTotal } from './statement-total.js';

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

/** What is wrong, in a few words; the check's id for a check that is no more. */
export function faultOf({ check, facts }: Pick<CheckResult, 'check' | 'facts'>): string {
  const found = checkById(check);
  const told = found?.undone?.told;
  if (told?.when(facts)) return told.fault;
  return found?.calls?.(facts) ?? found?.fault ?? check;
}

/** The sentence of a result, made from its code and facts when it is shown. */
export function sentenceOf(result: {
  readonly check: string;
  readonly facts: Parameters<Check['says']>[0];
  readonly outcome: Parameters<Check['says']>[1];
}): string {
  return checkById(result.check)?.says(result.facts, result.outcome) ?? '';
}
