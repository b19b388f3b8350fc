/** What a strict platform does not take, and why. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    why: string,
  ) {
    super(why);
  }
}

export function need(holds: unknown, why: string, status = 400): asserts holds {
  if (!holds) throw new Refusal(status, why);
}
