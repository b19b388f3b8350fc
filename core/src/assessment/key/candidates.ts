import type { Traits } from './account-traits.js';
import type { Side } from './side.js';

/** Up to here every account is looked at beside every other. */
const FEW = 40_000;
/** Otherwise beside so many that have something in common with it, of each kind. */
const MOST_ALIKE = 24;

/** Which of the work's free accounts each of the key's is looked at beside: all, or those that share something. */
export function candidatesOf(keys: Side, works: Side): Map<number, Iterable<number>> {
  const found = new Map<number, Iterable<number>>();
  if (keys.free.size * works.free.size <= FEW) {
    for (const k of keys.free) found.set(k, works.free);
    return found;
  }
  const alike = new Alike(works);
  for (const k of keys.free) found.set(k, alike.with(keys, k));
  return found;
}

/** What two accounts can have in common, each as a text. */
function* marksOf(side: Side, i: number): Generator<string> {
  const { account, name, number, type, opening }: Traits = side.at(i);
  if (number !== null) yield `number ${number}`;
  yield `name ${name.text}`;
  if (opening !== 0) yield `opening ${opening}`;
  let postings = 0;
  for (const posting of side.postings(account.id).keys()) {
    yield `posting ${posting}`;
    if (++postings >= MOST_ALIKE) break;
  }
  for (const word of name.words) yield `word ${word}`;
  yield `type ${type ?? ''}`;
}

class Alike {
  private readonly byMark = new Map<string, number[]>();

  constructor(works: Side) {
    for (const w of works.free)
      for (const mark of marksOf(works, w)) {
        const list = this.byMark.get(mark);
        if (list) list.push(w);
        else this.byMark.set(mark, [w]);
      }
  }

  /** Of each mark those that stand nearest in the list. */
  with(keys: Side, k: number): Iterable<number> {
    const found = new Set<number>();
    for (const mark of marksOf(keys, k)) for (const w of this.around(mark, k)) found.add(w);
    return found;
  }

  private around(mark: string, k: number): readonly number[] {
    const list = this.byMark.get(mark) ?? [];
    if (list.length <= MOST_ALIKE) return list;
    const after = list.findIndex((w) => w >= k);
    const at = after < 0 ? list.length : after;
    const from = Math.max(0, Math.min(list.length - MOST_ALIKE, at - MOST_ALIKE / 2));
    return list.slice(from, from + MOST_ALIKE);
  }
}
