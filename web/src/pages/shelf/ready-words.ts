import type { ReadyShown } from '@gleddo/contract';
import type { Distinction } from '@gleddo/core';
import { counted } from '../../platform/figures/counted';

/** How much there is to do, in a line. */
export function sizeOf({ accounts, openings, entries, questions }: ReadyShown): string {
  const parts = [
    accounts > 0 ? counted(accounts, 'account') : '',
    openings > 0 ? counted(openings, 'opening balance') : '',
    entries > 0 ? counted(entries, 'entry', 'entries') : '',
    counted(questions, 'question'),
  ];
  return parts.filter((part) => part !== '').join(' · ');
}

interface Wanted {
  readonly typed: string;
  readonly distinction: Distinction | null;
}

const textOf = ({ subject, title, says, company, trade, legalForm }: ReadyShown): string =>
  [subject, title, says, company, trade, legalForm.replace('-', ' ')].join(' ').toLowerCase();

/** Of how many accounts of it one in a hundred asks for the distinction. */
const shareOf = ({ asks, accounts, entries }: ReadyShown, distinction: Distinction): number =>
  (asks[distinction] ?? 0) / Math.max(1, accounts + entries);

/** Those with every word that is typed; where a distinction is asked for, those that ask for it, the most first. */
export function found(all: readonly ReadyShown[], { typed, distinction }: Wanted): ReadyShown[] {
  const words = typed
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== '');
  const fitting = all.filter((each) => words.every((word) => textOf(each).includes(word)));
  if (distinction === null) return fitting;
  return fitting
    .filter(({ asks }) => (asks[distinction] ?? 0) > 0)
    .sort((a, b) => shareOf(b, distinction) - shareOf(a, distinction));
}
