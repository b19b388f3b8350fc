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

/** Declares a refusal: its code and, beside it, its sentence as a function of the facts. */
export function refusal<F extends Facts>(code: string, sentence: (facts: F) => string) {
  return (facts: F, at = ''): Refusal => ({ code, at, facts, says: sentence(facts) });
}
