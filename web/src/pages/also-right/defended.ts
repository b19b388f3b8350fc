import { typeOf, type AcceptedFile, type Scheme } from '@gleddo/core';

interface Also {
  readonly now: Partial<AcceptedFile>;
  /** The type that is right, too. */
  readonly also: string;
}

/** What is said when an account may stand on a second type that can be defended. */
export function defended(
  scheme: Scheme,
  type: string | null,
  { now, also }: Also,
): Partial<AcceptedFile> {
  const [here, there] = [type, also].map((id) => typeOf(scheme, id)?.name);
  const reason = now.reason || `${here} or ${there}: both can be defended.`;
  return { types: [...(now.types ?? []), also], reason };
}
