/** A list’s names in their order, and what somebody made of it. */
interface Reordered {
  readonly was: readonly string[];
  readonly now: readonly string[];
}

const amongThose = (names: readonly string[], others: readonly string[]): string[] =>
  names.filter((name) => others.includes(name));

const isSame = (one: readonly string[], other: readonly string[]): boolean =>
  one.length === other.length && one.every((name, i) => name === other[i]);

/** Whether those that were there before stand in another order. */
const isMoved = ({ was, now }: Reordered): boolean =>
  !isSame(amongThose(was, now), amongThose(now, was));

/** The names with some put in, each behind the one that it stands behind elsewhere. */
function withThose(names: readonly string[], as: readonly string[]): string[] {
  const made = [...names];
  as.forEach((name, i) => {
    if (made.includes(name)) return;
    const before = as.slice(0, i).findLast((each) => made.includes(each));
    made.splice(before === undefined ? 0 : made.indexOf(before) + 1, 0, name);
  });
  return made;
}

/**
 * An order that two have changed, from the same beginning: what either put in, took out or moved. Null when both moved:
 * then somebody has to say.
 */
export function changedOrder(mine: Reordered, theirs: readonly string[]): readonly string[] | null {
  const others = { was: mine.was, now: theirs };
  const isMine = isMoved(mine);
  if (isMine && isMoved(others)) return isSame(mine.now, theirs) ? theirs : null;
  const [base, added] = isMine ? [mine, others] : [others, mine];
  const gone = added.was.filter((name) => !added.now.includes(name));
  const kept = base.now.filter((name) => !gone.includes(name));
  const fresh = added.now.filter((name) => kept.includes(name) || !added.was.includes(name));
  return withThose(kept, fresh);
}
