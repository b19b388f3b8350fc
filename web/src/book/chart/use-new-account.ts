import { accountAt, accountLabel, draftAt, type Refusal } from '@gleddo/core';
import { useMemo, useState } from 'react';
import { useBookStore } from '../open-book/open-book';
import { tell } from '../../platform/shell/tell';
import { useKept } from '../../platform/kept/use-kept';
import { useChartState } from '../chart-state/chart-state';
import { emptyRow } from '../chart-state/chart-order';

export interface TypedAccount {
  readonly name: string;
  readonly number: string;
}

const NOTHING: TypedAccount = { name: '', number: '' };

/** The account that is being typed in the empty line of a section: kept through a refresh, until it is added. */
export function useNewAccount(section: string) {
  const chartState = useChartState();
  const { book, picked, selected, help } = chartState;
  const { answer } = useBookStore().snapshot();
  const [kept, setTyped, forget] = useKept<TypedAccount>(`${answer.id}.${section}`, NOTHING);
  const [refusals, setRefusals] = useState<readonly Refusal[]>([]);
  const pickedHere = picked?.section === section ? picked.number : '';
  const typed = { ...kept, number: kept.number || pickedHere };
  const isEmpty = typed.name === '' && typed.number === '';
  const isOpen = selected === emptyRow(section) || !isEmpty;
  const draft = useMemo(
    () => (isOpen ? draftAt(book, section, { name: typed.name }) : null),
    [book, section, typed.name, isOpen],
  );
  const clear = () => {
    setRefusals([]);
    forget();
    if (pickedHere !== '') chartState.pick(null);
  };
  const change = (next: Partial<TypedAccount>) => {
    setRefusals([]);
    setTyped({ ...typed, ...next });
  };
  /** Adds it at its place; false where it is refused, and stays as it was typed. */
  const add = (): boolean => {
    const number = typed.number.trim() === '' ? null : typed.number.trim();
    const proposed = accountAt(book, section, { name: typed.name, number });
    const account = help.bands ? proposed : { ...proposed, number };
    const found = chartState.perform({ kind: 'add-account', account });
    if (found.length === 0) {
      tell('new-account', `${accountLabel(account)} added.`);
      clear();
    }
    setRefusals(found);
    return found.length === 0;
  };
  return { typed, isEmpty, isOpen, draft, refusals, change, clear, add };
}
