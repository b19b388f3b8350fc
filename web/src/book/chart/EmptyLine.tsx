import { normalSide, typeOf, type Draft } from '@gleddo/core';
import { useEffect, useRef, type KeyboardEvent } from 'react';
import { isComposing } from '../../platform/keyboard/composing';
import { arrive } from '../../platform/keyboard/keep-focus';
import { tell } from '../../platform/shell/tell';
import { Refusal } from '../../platform/shell/Refusal';
import { useChartState } from '../chart-state/chart-state';
import { accountOfRow, emptyRow } from '../chart-state/chart-order';
import { FullBand } from './FullBand';
import { useNewAccount, type TypedAccount } from './use-new-account';

interface EmptyLineProps {
  readonly section: string;
  readonly name: string;
}

/** The empty line at the end of a section: a name typed here becomes an account at this place. */
export function EmptyLine({ section, name: sectionName }: EmptyLineProps) {
  const chartState = useChartState();
  const account = useNewAccount(section);
  const { typed, isOpen, draft, refusals, change } = account;
  const row = emptyRow(section);
  const isNamed = typed.name.trim() !== '';
  return (
    <>
      <div
        role="row"
        className={`row empty-line ${isOpen ? 'is-open' : ''}`}
        data-row={row}
        onKeyDown={useLineKeys(row, account)}
      >
        {chartState.numbered && (
          <span role="gridcell" className="no">
            <NumberInput {...{ section, typed, change, draft }} label={sectionName} />
          </span>
        )}
        <span role="gridcell" className="name">
          <NameInput {...{ row, typed, change }} label={sectionName} />
        </span>
        <span role="gridcell" className="draft">
          {isNamed && <DraftSays draft={draft} />}
        </span>
        <span role="gridcell" className="draft figure">
          {isNamed && 'Enter keeps it'}
        </span>
      </div>
      {isNamed &&
        chartState.numbered &&
        chartState.help.bands &&
        typed.number === '' &&
        draft?.full && <FullBand section={section} says={draft.full} />}
      <Refusal className="line-says" says={refusals.map(({ says }) => says).join(' ')} />
    </>
  );
}

/** Enter keeps it, Esc leaves it, the arrows walk on. */
function useLineKeys(row: string, { isEmpty, add, clear }: ReturnType<typeof useNewAccount>) {
  const chartState = useChartState();
  const walk = (step: 1 | -1) => {
    const all = [...chartState.order.left, ...chartState.order.right];
    const next = all[all.indexOf(row) + step];
    if (next !== undefined) chartState.select(next);
    else arrive();
  };
  const keep = (line: HTMLElement) => {
    if (add()) line.querySelector<HTMLElement>('.name-field')?.focus();
  };
  const leave = () => {
    if (isEmpty) walk(-1);
    clear();
  };
  return (event: KeyboardEvent<HTMLElement>) => {
    if (isComposing(event)) return;
    if (event.key === 'Enter' && !isEmpty) keep(event.currentTarget);
    else if (event.key === 'Escape') leave();
    else if (event.key === 'ArrowUp') walk(-1);
    else if (event.key === 'ArrowDown') walk(1);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
}

interface InputProps {
  readonly label: string;
  readonly typed: TypedAccount;
  change(next: Partial<TypedAccount>): void;
}

function NameInput({ row, label, typed, change }: InputProps & { readonly row: string }) {
  const chartState = useChartState();
  const { wantsFocus } = chartState;
  const field = useRef<HTMLInputElement>(null);
  const isSelected = chartState.selected === row;
  const isEntrance = chartState.entrance === row;
  useEffect(() => {
    if (isSelected && wantsFocus()) field.current?.focus();
  }, [isSelected, wantsFocus]);
  return (
    <input
      ref={field}
      className="name-field"
      aria-label={`New account in ${label}`}
      placeholder={`Type a name to add to ${label}`}
      tabIndex={isEntrance ? 0 : -1}
      data-arrive={isEntrance ? '' : undefined}
      value={typed.name}
      maxLength={200}
      onFocus={() => (isSelected ? undefined : chartState.select(row))}
      onChange={(event) => change({ name: event.target.value })}
    />
  );
}

interface NumberInputProps extends InputProps {
  readonly section: string;
  readonly draft: Draft | null;
}

function NumberInput({ section, label, typed, draft, change }: NumberInputProps) {
  const chartState = useChartState();
  const isOpen = chartState.selected === emptyRow(section) || typed.name !== '';
  const free = chartState.help.bands ? (draft?.number ?? 'full') : '';
  return (
    <input
      aria-label={`Number of the new account in ${label}`}
      placeholder={isOpen ? free : '+'}
      tabIndex={isOpen && accountOfRow(chartState.selected) === null ? 0 : -1}
      value={typed.number}
      maxLength={20}
      onFocus={() => (isOpen ? undefined : chartState.select(emptyRow(section)))}
      onChange={(event) => change({ number: event.target.value })}
    />
  );
}

/** What the account will be, before it is kept. */
function DraftSays({ draft }: { draft: Draft | null }) {
  const { book, help, withheld } = useChartState();
  const type = typeOf(book.scheme, draft?.type ?? null);
  const isHeld = !type || !help.types || withheld.has('types');
  const says = isHeld ? '' : `${type.name} · ${normalSide(book.scheme, type)}`;
  useEffect(() => {
    if (says !== '') tell('new-account', `It will be: ${says.replace(' · ', ', normally in ')}.`);
  }, [says]);
  return says;
}
