import * as z from 'zod/mini';

const alternatives = new WeakMap<object, readonly z.ZodMiniType[]>();

/** The shapes among which a value chose: what its JSON Schema lists. */
export const alternativesOf = (shape: object): readonly z.ZodMiniType[] | undefined =>
  alternatives.get(shape);

type Payload = z.core.ParsePayload;

/**
 * A value that is of one shape or another, chosen by a look at it: so that what is wrong inside the one chosen is
 * told at its own place, rather than that neither fits.
 */
export function either(
  shapes: readonly z.ZodMiniType[],
  choose: (value: unknown) => z.ZodMiniType,
): z.ZodMiniType {
  const made = z.unknown().check((payload) => {
    const tried: Payload = { value: payload.value, issues: [] };
    choose(payload.value)._zod.run(tried, { async: false });
    payload.issues.push(...(tried.issues as typeof payload.issues));
  });
  alternatives.set(made, shapes);
  return made;
}
