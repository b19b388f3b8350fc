import { faultOf, noteOf, type CheckResult } from '../all-checks/index.js';
import { minorDigits } from '../../model/money/amount.js';
import { formatDecimal } from '../../model/money/format-amount.js';
import type { Checked } from './check-work.js';

/** A checked work as the document that `gleddo check --json` prints; amounts as decimals. */
export function checkedToJson(work: string, checked: Checked, currency: string): object {
  const digits = minorDigits(currency);
  return {
    work,
    points: checked.points,
    of: checked.of,
    pairs: checked.recognition.pairs.flatMap((pair) =>
      pair.keys.flatMap((key) =>
        pair.works.map((account) => ({
          key: key.id,
          work: account.id,
          confidence: pair.confidence,
        })),
      ),
    ),
    results: checked.results.map((result) => resultToJson(result, digits)),
  };
}

/** A note in its parts where something is wrong; what is there always. */
function noteJson(result: CheckResult): object {
  const { there, belongs, why, now } = noteOf(result);
  return {
    says: there === '' ? `${faultOf(result)}.` : there,
    ...(belongs === '' ? {} : { belongs }),
    ...(why === '' ? {} : { why }),
    ...(now === '' ? {} : { now }),
  };
}

function resultToJson(result: CheckResult, digits: number): object {
  const { subject, date, difference, causes } = result;
  const subjectKey = {
    account: 'account',
    entry: 'entry',
    line: 'line',
    book: null,
    question: 'question',
    setting: 'setting',
  }[subject.kind];
  const differs = difference !== undefined && (difference !== 0 || causes?.length);
  return {
    check: result.check,
    ...(subjectKey === null ? {} : { [subjectKey]: subject.id }),
    ...(date ?? {}),
    outcome: result.outcome,
    ...(result.from.length > 0 ? { from: result.from } : {}),
    points: result.points,
    of: result.of,
    ...noteJson(result),
    ...(differs
      ? {
          difference: formatDecimal(difference, digits),
          causes: causes?.map((cause) => ({
            kind: cause.kind,
            [cause.kind === 'entry' ? 'entry' : 'account']: cause.id,
            of: cause.of,
            share: formatDecimal(cause.share, digits),
          })),
        }
      : {}),
  };
}
