import { useKept } from './use-kept';

interface Typed<T> {
  readonly typed: T;
  /** The thing as it was when it was typed over. */
  readonly over: T;
}

const differs = (one: unknown, other: unknown): boolean =>
  JSON.stringify(one) !== JSON.stringify(other);

/** The thing as it is by now, with the fields that were changed as they were typed; left out: left out. */
function withTyped<T extends object>(outer: T, { typed, over }: Typed<T>): T {
  const fields = new Set([...Object.keys(outer), ...Object.keys(typed)]) as Set<keyof T>;
  const said = [...fields].map((field) => [
    field,
    differs(typed[field], over[field]) ? typed[field] : outer[field],
  ]);
  return Object.fromEntries(said.filter(([, value]) => value !== undefined)) as T;
}

/**
 * What is typed over a thing that exists, field by field: still there when one comes back, and fields that nobody has
 * touched follow the thing. `isChanged`: whether something would be changed; `forget` lets go of what was typed.
 */
export function useKeptFields<T extends object>(name: string, outer: T) {
  const [kept, keep, forget] = useKept<Typed<T> | null>(name, null);
  const value = kept === null ? outer : withTyped(outer, kept);
  const set = (typed: T) => keep({ typed, over: outer });
  return { value, set, forget, isChanged: differs(value, outer) };
}
