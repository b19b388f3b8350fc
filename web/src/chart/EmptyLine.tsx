import { accountAt, draftAt, normalSide, typeOf, type Draft, type Refusal } from '@gleddo/core';
import { useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { useBookStore } from '../book/open-book';
import { isComposing } from '../keyboard/composing';
import { arrive } from '../keyboard/keep-focus';
import { useKept } from '../kept/use-kept';
import { useDesk } from './chart-desk';
import { accountOfRow, emptyRow } from './chart-order';

interface Typed {
  readonly name: string;
  readonly number: string;
}

const NOTHING: Typed = { name: '', number: '' };

/** The empty line at the end of a section: a name typed here becomes an account at this place. */
export function EmptyLine({ section, name: sectionName }: { section: string; name: string }) {
  const desk = useDesk();
  const { answer } = useBookStore().snapshot();
  const [kept, setTyped, forget] = useKept<Typed>(`${answer.id}.${section}`, NOTHING);
  const { picked, wantsFocus } = desk;
  const pickedHere = picked?.section === section ? picked.number : '';
  const typed = { ...kept, number: kept.number || pickedHere };
  const [refusals, setRefusals] = useState<readonly Refusal[]>([]);
  const nameField = useRef<HTMLInputElement>(null);
  const row = emptyRow(section);
  const isSelected = desk.selected === row;
  const isOpen = isSelected || typed.name !== '' || typed.number !== '';
  useEffect(() => {
    if (isSelected && wantsFocus()) nameField.current?.focus();
  }, [isSelected, wantsFocus]);
  const clear = () => {
    forget();
    if (pickedHere !== '') desk.pick(null);
  };
  const change = (next: Partial<Typed>) => {
    setRefusals([]);
    setTyped({ ...typed, ...next });
  };
  const keep = () => {
    const number = typed.number.trim();
    const given = number === '' ? null : number;
    const proposed = accountAt(desk.book, section, { name: typed.name, number: given });
    const account = desk.help.bands ? proposed : { ...proposed, number: given };
    const found = desk.perform({ kind: 'add-account', account });
    setRefusals(found);
    if (found.length > 0) return;
    clear();
    nameField.current?.focus();
  };
  const onKey = (event: KeyboardEvent) => {
    if (isComposing(event)) return;
    if (event.key === 'Enter' && (typed.name.trim() !== '' || typed.number !== '')) keep();
    else if (event.key === 'Escape') leave();
    else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') walk(event.key);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const leave = () => {
    setRefusals([]);
    if (typed.name === '' && typed.number === '') walk('ArrowUp');
    clear();
  };
  const walk = (key: 'ArrowUp' | 'ArrowDown') => {
    const all = [...desk.order.left, ...desk.order.right];
    const next = all[all.indexOf(row) + (key === 'ArrowUp' ? -1 : 1)];
    if (next !== undefined) desk.select(next);
    else arrive();
  };
  const numbered = desk.book.numberPlan !== null;
  const { book } = desk;
  const draft = useMemo(
    () => (isOpen ? draftAt(book, section, typed.name) : null),
    [book, section, typed.name, isOpen],
  );
  return (
    <>
      <div
        role="row"
        className={`row empty-line ${isOpen ? 'is-open' : ''}`}
        data-row={row}
        onKeyDown={onKey}
      >
        {numbered && (
          <span role="gridcell" className="no">
            <NumberInput {...{ section, typed, change, draft }} label={sectionName} />
          </span>
        )}
        <span role="gridcell" className="name">
          <input
            ref={nameField}
            className="name-field"
            aria-label={`New account in ${sectionName}`}
            placeholder={`Type a name to add to ${sectionName}`}
            tabIndex={desk.entrance === row ? 0 : -1}
            data-arrive={desk.entrance === row ? '' : undefined}
            value={typed.name}
            maxLength={200}
            onFocus={() => (isSelected ? undefined : desk.select(row))}
            onChange={(event) => change({ name: event.target.value })}
          />
        </span>
        <span role="gridcell" className="draft">
          {typed.name.trim() !== '' && <DraftSays draft={draft} />}
        </span>
        <span role="gridcell" className="draft figure">
          {typed.name.trim() !== '' && 'Enter keeps it'}
        </span>
      </div>
      {refusals.length > 0 && (
        <p className="refusal line-says" role="alert">
          {refusals.map((each) => each.says).join(' ')}
        </p>
      )}
    </>
  );
}

interface NumberInputProps {
  readonly section: string;
  readonly label: string;
  readonly typed: Typed;
  readonly draft: Draft | null;
  change(next: Partial<Typed>): void;
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
  const { book, help } = useDesk();
  const type = typeOf(book.scheme, draft?.type ?? null);
  if (!type || !help.types) return null;
  return (
    <>
      {type.name} · {normalSide(book.scheme, type)}
    </>
  );
}
