import type { ShownResult } from '@gleddo/contract';

/** What all have in common; null where they don’t. */
const shared = (texts: readonly string[]): string | null =>
  new Set(texts).size === 1 ? (texts[0] ?? null) : null;

/** What several faults against one rule have in common. */
interface Rule {
  /** What they are called, and in how many places: *Of another type, in 3 places*. */
  readonly name: string;
  readonly why: string;
  /** What to do where it is the same for all; empty where each has its own. */
  readonly now: string;
}

/** The rule that several faults go against; null: it is one fault, or none. */
export function ruleOf(faults: readonly ShownResult[]): Rule | null {
  const [first] = faults;
  if (!first || faults.length === 1) return null;
  const name = shared(faults.map(({ fault }) => fault)) ?? 'One rule';
  return {
    name: `${name}, in ${faults.length} places`,
    why: first.told.why,
    now: shared(faults.map(({ told }) => told.now)) ?? '',
  };
}

/** A fault of several against one rule, without what stands above them all. */
export function underRule(fault: ShownResult, faults: readonly ShownResult[]): ShownResult {
  const rule = ruleOf(faults);
  if (!rule) return fault;
  return { ...fault, told: { ...fault.told, why: '', now: rule.now === '' ? fault.told.now : '' } };
}
