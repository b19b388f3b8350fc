import { z } from 'zod';

const alternatives = new WeakMap<object, readonly z.ZodType[]>();

/** The shapes among which a value chose: what its JSON Schema lists. */
export const alternativesOf = (shape: object): readonly z.ZodType[] | undefined =>
  alternatives.get(shape);

type Payload = z.core.ParsePayload;

/**
 * A value that is of one shape or another, chosen by a look at it: so that what is wrong inside the one chosen is
 * told at its own place, rather than that neither fits.
 */
export function either(
  shapes: readonly z.ZodType[],
  choose: (value: unknown) => z.ZodType,
): z.ZodType {
  const made = z.unknown().check((payload) => {
    const tried: Payload = { value: payload.value, issues: [] };
    choose(payload.value)._zod.run(tried, { async: false });
    payload.issues.push(...(tried.issues as typeof payload.issues));
  });
  alternatives.set(made, shapes);
  return made;
}
