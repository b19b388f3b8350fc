import type { Told } from '../check/told.js';

interface ToldFault {
  readonly told: Told;
}

/** The rule that a note gives; those that give none belong to no other. */
const ruleOf = ({ told }: ToldFault): string | null => (told.why === '' ? null : told.why);

/** Faults that go against one rule stand together, where the first of them does: one thing was misunderstood, not several. */
export function together<F extends ToldFault>(faults: readonly F[]): readonly (readonly F[])[] {
  const byRule = new Map<string | F, F[]>();
  for (const fault of faults) {
    const rule = ruleOf(fault) ?? fault;
    byRule.set(rule, [...(byRule.get(rule) ?? []), fault]);
  }
  return [...byRule.values()];
}

/** The same in one row. */
export const gathered = <F extends ToldFault>(faults: readonly F[]): readonly F[] =>
  together(faults).flat();
