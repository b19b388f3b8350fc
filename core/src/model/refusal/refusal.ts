/** Typed facts of a refusal or a check's message: what its sentence is made from. */
export type Facts = Readonly<Record<string, string | number | boolean | readonly string[] | null>>;

/**
 * Why something was not done. An expected failure is a value, never an exception.
 * `at` is the place: a JSON path in a file, a field of an operation, or empty for the whole.
 */
export interface Refusal {
  readonly code: string;
  readonly at: string;
  readonly facts: Facts;
  readonly says: string;
}

export type Result<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly refusals: readonly Refusal[] };

export const done = <T>(value: T): Result<T> => ({ ok: true, value });

export const refused = (...refusals: Refusal[]): { ok: false; refusals: readonly Refusal[] } => ({
  ok: false,
  refusals,
});

/** What is longer is no word and no sentence: its beginning stands for it. */
const LONGEST_FACT = 600;
const BEGINNING = 120;

const brief = (fact: Facts[string]): Facts[string] =>
  typeof fact === 'string' && fact.length > LONGEST_FACT ? `${fact.slice(0, BEGINNING)}…` : fact;

const briefly = <F extends Facts>(facts: F): F =>
  Object.values(facts).some((fact) => brief(fact) !== fact)
    ? (Object.fromEntries(Object.entries(facts).map(([name, fact]) => [name, brief(fact)])) as F)
    : facts;

/** Declares a refusal: its code and, beside it, its sentence as a function of the facts. */
export function refusal<F extends Facts>(code: string, sentence: (facts: F) => string) {
  return (given: F, at = ''): Refusal => {
    const facts = briefly(given);
    return { code, at, facts, says: sentence(facts) };
  };
}
