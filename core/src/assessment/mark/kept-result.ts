import type { CauseShare, CheckResult, Outcome, Subject } from '../all-checks/index.js';
import type { StatementDate } from '../key/answer-key.js';
import type { Facts } from '../../model/refusal/refusal.js';
import type { Checked } from './check-work.js';

/** A result as it is kept: codes and facts, plain data; its sentence is made when it is shown. */
export interface KeptResult {
  readonly check: string;
  readonly subject: Subject;
  readonly ref: string;
  readonly outcome: Outcome;
  readonly points: number;
  readonly of: number;
  readonly facts: Facts;
  readonly from: readonly string[];
  readonly difference: number | null;
  readonly causes: readonly CauseShare[];
  readonly date: StatementDate | null;
}

/** Who was recognised as whom, by ids. */
export interface KeptPair {
  readonly keys: readonly string[];
  readonly works: readonly string[];
  readonly confidence: number;
  readonly reasons: readonly string[];
}

const kept = (result: CheckResult): KeptResult => ({
  check: result.check,
  subject: result.subject,
  ref: result.ref,
  outcome: result.outcome,
  points: result.points,
  of: result.of,
  facts: result.facts,
  from: result.from,
  difference: result.difference ?? null,
  causes: result.causes ?? [],
  date: result.date ?? null,
});

export const keptResults = ({ results }: Checked): KeptResult[] => results.map(kept);

export const keptPairs = ({ recognition }: Checked): KeptPair[] =>
  recognition.pairs.map(({ keys, works, confidence, reasons }) => ({
    keys: keys.map(({ id }) => id),
    works: works.map(({ id }) => id),
    confidence,
    reasons,
  }));
