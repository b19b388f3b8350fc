import type { WorksWaiting } from '@gleddo/contract';
import { counted } from '../../platform/figures/counted';

/** What waits of an exercise, in a line: for whom it was handed out, and how many works wait for what. */
export function waitsSays({ groups, toMark, failed, checking, asked }: WorksWaiting): string {
  return [
    groups.join(', '),
    asked > 0 && `${counted(asked, 'question')} to answer`,
    toMark > 0 && `${toMark} to mark`,
    failed > 0 && `${counted(failed, 'work')} can’t be checked`,
    checking > 0 && `${checking} being checked`,
  ]
    .filter(Boolean)
    .join(' · ');
}

/** Where it leads, and what one does there. */
export function leadsTo({ exerciseId, toMark, failed, asked }: WorksWaiting): {
  readonly to: string;
  readonly name: string;
} {
  const to = `/results/${exerciseId}`;
  if (asked > 0) return { to: `${to}?by=now`, name: 'Answer' };
  if (toMark > 0) return { to, name: 'Mark' };
  return { to: `${to}?by=student`, name: failed > 0 ? 'Look' : 'See' };
}
