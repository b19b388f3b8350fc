import {
  checkWork,
  sentenceOf,
  type AnswerKey,
  type Book,
  type Checked,
  type CheckResult,
} from '../src/index.js';

/** Which accounts were taken for which, how sure that is and why; what is plainly the same is left out. */
const pairsOf = ({ recognition }: Checked): string[] =>
  recognition.pairs.flatMap(({ keys, works, confidence, reasons }) => {
    const ids = (all: readonly { id: string }[]) => all.map(({ id }) => id).join('+');
    if (confidence === 1 && ids(keys) === ids(works)) return [];
    return [`${ids(keys)} = ${ids(works)} (${confidence}): ${reasons.join(', ')}`];
  });

function resultSays(result: CheckResult): string {
  const { ref, outcome, points, of, from, difference, causes } = result;
  const parts = causes?.map((each) => `${each.kind} ${each.of} ${each.id} ${each.share}`) ?? [];
  return [
    `${outcome} ${ref} ${points}/${of}`,
    from.length > 0 ? `from ${from.join(' ')}` : '',
    difference === undefined ? '' : `by ${difference} [${parts.join('; ')}]`,
    sentenceOf(result),
  ]
    .filter(Boolean)
    .join(' | ');
}

/** All that a check tells of a work, as lines: each pair, each result that is not plainly met, the points. */
export function described(key: AnswerKey, work: Book, start?: Book): string {
  const checked = checkWork(key, work, start ? { start } : {});
  const results = checked.results.filter(
    ({ outcome, points, of }) => outcome !== 'met' || points !== of,
  );
  return [
    `${checked.points} of ${checked.of}`,
    ...pairsOf(checked),
    ...results.map(resultSays),
  ].join('\n');
}
