import { checkWork, type Checked } from '@gleddo/core';
import type { Made, Planted } from './work.js';

type Result = Checked['results'][number];

/** What the checker made of one work, held against what was planted. */
export interface Verdict {
  readonly accounts: number;
  /** Accounts of the work that were taken for others than they stand for, in words. */
  readonly misread: readonly string[];
  readonly planted: number;
  readonly notFound: readonly string[];
  readonly falseAlarms: readonly string[];
  readonly twice: readonly string[];
}

const lostBy = (result: Result): number =>
  result.outcome === 'not-met' ? result.of - result.points : 0;

const tells = (result: Result, { described }: Planted): boolean => described.includes(result.ref);

const isAbout = (result: Result, { about, described }: Planted): boolean =>
  described.includes(result.ref) || about.includes(result.subject.id);

/** Of two accounts set up alike nobody can say which is one too many. */
const isTwin = ({ book, planted }: Made, name: string): boolean =>
  planted.some(({ kind }) => kind === 'account twice') &&
  book.accounts.some(
    (each) => each.id === 'twice' && each.name.trim().toLowerCase() === name.trim().toLowerCase(),
  );

function misreadOf(made: Made, { recognition }: Checked): string[] {
  return made.book.accounts.flatMap(({ id, name }) => {
    const wanted = [...(made.stands.get(id) ?? [])].sort().join();
    const found = (recognition.byWork.get(id)?.keys ?? [])
      .map((each) => each.id)
      .sort()
      .join();
    return wanted === found || isTwin(made, name)
      ? []
      : [`${name} stands for ${wanted || 'nothing'}, taken for ${found || 'nothing'}`];
  });
}

/** Checks a work and judges the checker. */
export function verdictOn(made: Made): Verdict {
  const checked = checkWork(made.key, made.book);
  const faults = checked.results.filter((each) => lostBy(each) > 0);
  const says = (result: Result) =>
    `${result.ref} (−${lostBy(result)}) ${JSON.stringify(result.facts)}`;
  return {
    accounts: made.book.accounts.length,
    misread: misreadOf(made, checked),
    planted: made.planted.length,
    notFound: made.planted
      .filter(
        (each) =>
          !checked.results.some((result) => result.outcome === 'not-met' && tells(result, each)),
      )
      .map(({ kind, described }) => `${kind}: ${described.join(' or ')}`),
    falseAlarms: faults
      .filter((result) => !made.planted.some((each) => isAbout(result, each)))
      .map(says),
    twice: made.planted.flatMap((each) => {
      const marked = faults.filter((result) => isAbout(result, each));
      const allowed = each.kind === 'names crossed' ? 2 : 1;
      return marked.length > allowed
        ? [`${each.kind}: ${marked.map(({ ref }) => ref).join(', ')}`]
        : [];
    }),
  };
}
