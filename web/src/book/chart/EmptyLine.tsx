import { normalSide, typeOf, type Draft } from '@gleddo/core';
import { useEffect, useRef, type KeyboardEvent } from 'react';
import { isComposing } from '../../platform/keyboard/composing';
import { arrive } from '../../platform/keyboard/keep-focus';
import { Refusal } from '../../platform/shell/Refusal';
import { useDesk } from '../chart-state/chart-desk';
import { accountOfRow, emptyRow } from '../chart-state/chart-order';
import { FullBand } from './FullBand';
import { useNewAccount, type TypedAccount } from './use-new-account';

interface EmptyLineProps {
  readonly section: string;
  readonly name: string;
}

/** The empty line at the end of a section: a name typed here becomes an account at this place. */
export function EmptyLine({ section, name: sectionName }: EmptyLineProps) {
  const desk = useDesk();
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
        {desk.numbered && (
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
      {isNamed && desk.numbered && desk.help.bands && typed.number === '' && draft?.full && (
        <FullBand section={section} says={draft.full} />
      )}
      <Refusal className="line-says" says={refusals.map(({ says }) => says).join(' ')} />
    </>
  );
}

/** Enter keeps it, Esc leaves it, the arrows walk on. */
function useLineKeys(row: string, { isEmpty, add, clear }: ReturnType<typeof useNewAccount>) {
  const desk = useDesk();
  const walk = (step: 1 | -1) => {
    const all = [...desk.order.left, ...desk.order.right];
    const next = all[all.indexOf(row) + step];
    if (next !== undefined) desk.select(next);
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
  const desk = useDesk();
  const { wantsFocus } = desk;
  const field = useRef<HTMLInputElement>(null);
  const isSelected = desk.selected === row;
  const isEntrance = desk.entrance === row;
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
      onFocus={() => (isSelected ? undefined : desk.select(row))}
      onChange={(event) => change({ name: event.target.value })}
    />
  );
}

interface NumberInputProps extends InputProps {
  readonly section: string;
  readonly draft: Draft | null;
}

function NumberInput({ section, label, typed, draft, change }: NumberInputProps) {
  const desk = useDesk();
  const isOpen = desk.selected === emptyRow(section) || typed.name !== '';
  const free = desk.help.bands ? (draft?.number ?? 'full') : '';
  return (
    <input
      aria-label={`Number of the new account in ${label}`}
      placeholder={isOpen ? free : '+'}
      tabIndex={isOpen && accountOfRow(desk.selected) === null ? 0 : -1}
      value={typed.number}
      maxLength={20}
      onFocus={() => (isOpen ? undefined : desk.select(emptyRow(section)))}
      onChange={(event) => change({ number: event.target.value })}
    />
  );
}

/** What the account will be, before it is kept. */
function DraftSays({ draft }: { draft: Draft | null }) {
  const { book, help, keptBack } = useDesk();
  const type = typeOf(book.scheme, draft?.type ?? null);
  if (!type || !help.types || keptBack.has('types')) return null;
  return (
    <>
      {type.name} · {normalSide(book.scheme, type)}
    </>
  );
}
