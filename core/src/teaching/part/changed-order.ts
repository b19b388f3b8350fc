/** A list’s names in their order, and what somebody made of it. */
interface Reordered {
  readonly was: readonly string[];
  readonly now: readonly string[];
}

function amongThose(names: readonly string[], others: readonly string[]): string[] {
  const known = new Set(others);
  return names.filter((name) => known.has(name));
}

const isSame = (one: readonly string[], other: readonly string[]): boolean =>
  one.length === other.length && one.every((name, i) => name === other[i]);

/** Whether those that were there before stand in another order. */
const isMoved = ({ was, now }: Reordered): boolean =>
  !isSame(amongThose(was, now), amongThose(now, was));

/** The names with some put in, each behind the one that it stands behind elsewhere; before all where it stands first. */
function withThose(names: readonly string[], as: readonly string[]): string[] {
  const known = new Set(names);
  const behind = new Map<string | null, string[]>();
  let before: string | null = null;
  for (const name of new Set(as))
    if (known.has(name)) before = name;
    else {
      const there = behind.get(before);
      if (there) there.push(name);
      else behind.set(before, [name]);
    }
  const putIn = (after: string | null) => behind.get(after) ?? [];
  return [...putIn(null), ...names.flatMap((name) => [name, ...putIn(name)])];
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
  const [before, after] = [new Set(added.was), new Set(added.now)];
  const kept = base.now.filter((name) => after.has(name) || !before.has(name));
  const known = new Set(kept);
  return withThose(
    kept,
    added.now.filter((name) => known.has(name) || !before.has(name)),
  );
}
