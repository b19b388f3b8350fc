/** Answers of the server that are kept here for when it can’t be reached. */
export const KEPT_ANSWERS = 'gleddo-answers';

const KEPT = [
  /^\/api\/me$/,
  /^\/api\/my-exercises(\/[^/]+(\/words)?)?$/,
  /^\/api\/books\/[^/]+(\/history|\/guide)?$/,
];

/** Whether what a path answers is kept: who one is, one’s own exercises, the books that were open. */
export const isKept = (path: string): boolean => KEPT.some((each) => each.test(path));

const cachesHere = (): CacheStorage | null => ('caches' in globalThis ? globalThis.caches : null);

/** Puts answers among those that are kept, as the server would give them now; where none are kept, none are made. */
export async function keepAnswers(make: () => ReadonlyMap<string, object>): Promise<void> {
  try {
    const caches = cachesHere();
    if (!caches || !(await caches.has(KEPT_ANSWERS))) return;
    const kept = await caches.open(KEPT_ANSWERS);
    await Promise.all(
      [...make()].map(([path, answer]) => kept.put(`/api/${path}`, Response.json(answer))),
    );
  } catch {
    // Then what was kept before stands there.
  }
}

const WHOSE = 'gleddo.whose-answers';

/** Says whose answers are kept from now on: of whoever was here before nothing is left. */
export async function areOf(who: string): Promise<void> {
  try {
    const before = localStorage.getItem(WHOSE);
    localStorage.setItem(WHOSE, who);
    if (before !== null && before !== who) await forgetAnswers();
  } catch {
    // Where nothing is kept, nothing of anybody is.
  }
}

/** Lets go of all that is kept of whoever was here. */
export async function forgetAnswers(): Promise<void> {
  try {
    await cachesHere()?.delete(KEPT_ANSWERS);
  } catch {
    // There is nothing to let go of.
  }
}
