import { ENTRY_KINDS, EVERY_ENTRY, isDay, MADE_BY, type EntriesWanted } from '@gleddo/core';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';

const NAMES = {
  text: 'find',
  kind: 'kind',
  account: 'of',
  madeBy: 'by',
  party: 'with',
  from: 'from',
  to: 'to',
  id: 'entry',
} as const satisfies Partial<Record<keyof EntriesWanted, string>>;

type Wanted = Pick<EntriesWanted, keyof typeof NAMES>;

/** A day that the address says; null where it says none that there is. */
function dayIn(address: URLSearchParams, name: string): string | null {
  const said = address.get(name);
  return said !== null && isDay(said) ? said : null;
}

/** Which entries are looked at stands in the address, so that a link leads to one, and back leads back. */
export function useEntriesWanted() {
  const [params, setParams] = useSearchParams();
  const address = params.toString();
  const wanted = useMemo((): EntriesWanted => {
    const read = new URLSearchParams(address);
    return {
      ...EVERY_ENTRY,
      text: read.get(NAMES.text) ?? '',
      kind: ENTRY_KINDS.find((kind) => kind === read.get(NAMES.kind)) ?? null,
      account: read.get(NAMES.account),
      madeBy: MADE_BY.find((each) => each === read.get(NAMES.madeBy)) ?? null,
      party: read.get(NAMES.party),
      from: dayIn(read, NAMES.from),
      to: dayIn(read, NAMES.to),
      id: read.get(NAMES.id),
    };
  }, [address]);
  const want = (changed: Partial<Wanted>) => {
    const next = new URLSearchParams(params);
    for (const [key, value] of Object.entries({ id: null, ...changed }) as [
      keyof Wanted,
      string | null,
    ][])
      if (value) next.set(NAMES[key], value);
      else next.delete(NAMES[key]);
    setParams(next, { replace: true });
  };
  const showAll = () =>
    want({ text: '', kind: null, account: null, madeBy: null, party: null, from: null, to: null });
  return { wanted, want, showAll, isEverything: address === '' };
}
