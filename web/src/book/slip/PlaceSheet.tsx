import {
  normalSide,
  otherwiseSays,
  typesFound,
  type AccountType,
  type Moved,
  type Scheme,
} from '@gleddo/core';
import { Input, Modal } from 'antd';
import { counted } from '../../platform/figures/counted';
import { useMoney } from '../../platform/figures/money';
import { useChartState } from '../chart-state/chart-state';
import { useMemo, useState, type KeyboardEvent } from 'react';
import placeStyles from './place.module.css';
import { PlacePage } from './PlacePage';
import slipStyles from './slip.module.css';
import { usePlaceFolds, type PlaceFolds } from './use-place-folds';

interface PlaceSheetProps {
  readonly scheme: Scheme;
  /** What is asked at its head. */
  readonly question: string;
  readonly type: string | null;
  readonly explained: boolean;
  /** The normal side is asked of the student, so it is not said here. */
  readonly asksSide: boolean;
  /** The type that stands for a section where only sections are chosen; null: types are. */
  readonly bySection: ((section: string) => string | null) | null;
  /** What choosing a type would move on the statements. */
  moves(type: string): readonly Moved[];
  onChoose(type: string | null): void;
  onClose(): void;
}

function walk(event: KeyboardEvent<HTMLElement>): void {
  const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
  if (step === undefined) return;
  event.preventDefault();
  const all = [
    ...event.currentTarget.querySelectorAll<HTMLElement>(
      `.${placeStyles['type']}, .${placeStyles['sectionName']}`,
    ),
  ];
  const at = all.indexOf(document.activeElement as HTMLElement);
  all[Math.max(0, Math.min(all.length - 1, at + step))]?.focus();
}

/** Both pages with every type of account in its section: where does it belong? */
export function PlaceSheet(props: PlaceSheetProps) {
  const { scheme, question, type, explained, bySection, onChoose, onClose } = props;
  const [typed, setTyped] = useState('');
  const [pointed, setPointed] = useState<AccountType | null>(null);
  const shown = useMemo(() => typesFound(scheme, typed, explained), [scheme, typed, explained]);
  const searching = typed.trim() !== '';
  const found = (searching && shown[0]) || null;
  const folds = usePlaceFolds(scheme, type, searching);
  return (
    <Modal title={question} open onCancel={onClose} footer={null} width={940} style={{ top: 24 }}>
      <div onKeyDown={walk}>
        <FindPlace
          typed={typed}
          setTyped={(next) => {
            setTyped(next);
            // What was pointed at before is not what Enter takes now.
            setPointed(null);
          }}
          onEnter={() => {
            if (found) onChoose(found.id);
          }}
        />
        <div className={placeStyles['pages']}>
          {(['balance-sheet', 'profit-and-loss'] as const).map((statement) => (
            <PlacePage
              key={statement}
              {...{ scheme, statement, shown, chosen: type, bySection, folds, onChoose }}
              onPoint={setPointed}
              first={found?.id ?? null}
            />
          ))}
        </div>
        <div className={placeStyles['foot']}>
          <PlaceFoot {...props} {...{ folds }} type={pointed ?? found} />
        </div>
      </div>
    </Modal>
  );
}

type PlaceFootProps = Omit<PlaceSheetProps, 'type'> & {
  /** What is pointed at, or found. */
  readonly type: AccountType | null;
  readonly folds: PlaceFolds;
};

/** What is to be known of a type before it is chosen, and the ways on without one. */
function PlaceFoot({ scheme, type, folds, explained, asksSide, ...props }: PlaceFootProps) {
  const { bySection, moves, onChoose } = props;
  return (
    <>
      {explained && !bySection && <TypeSays {...{ scheme, asksSide, type }} />}
      <WhatMoves {...{ moves, type }} />
      <p className={placeStyles['ways']}>
        {!folds.isSearching && !bySection && (
          <button
            type="button"
            className="link-button"
            aria-expanded={folds.isAllOpen}
            onClick={folds.turnAll}
          >
            {folds.isAllOpen
              ? 'Show the sections alone'
              : `Show all ${counted(scheme.types.length, 'type')}`}
          </button>
        )}
        <button type="button" className="link-button quiet" onClick={() => onChoose(null)}>
          Leave it without a place
        </button>
      </p>
    </>
  );
}

interface WhatMovesProps {
  readonly type: AccountType | null;
  moves(type: string): readonly Moved[];
}

/** What both statements would tell otherwise, before it is done. */
function WhatMoves({ type, moves }: WhatMovesProps) {
  const money = useMoney(useChartState().book);
  const found = useMemo(() => (type ? moves(type.id) : []), [type, moves]);
  if (found.length === 0) return null;
  return (
    <p className="quiet">
      It would move:{' '}
      {found.map(({ name, was, is }) => `${name} ${money(was)} → ${money(is)}`).join(' · ')}
    </p>
  );
}

interface FindPlaceProps {
  readonly typed: string;
  setTyped(typed: string): void;
  onEnter(): void;
}

const FindPlace = ({ typed, setTyped, onEnter }: FindPlaceProps) => (
  <Input
    autoFocus
    aria-label="Find a place"
    placeholder="Type a part of its name or section, or open a section below"
    value={typed}
    onChange={(event) => setTyped(event.target.value)}
    onPressEnter={(event) => {
      // Else the same Enter would press the button that gets the focus back.
      event.preventDefault();
      onEnter();
    }}
  />
);

interface TypeSaysProps {
  readonly scheme: Scheme;
  readonly type: AccountType | null;
  readonly asksSide: boolean;
}

function TypeSays({ scheme, type, asksSide }: TypeSaysProps) {
  if (!type)
    return <p className={slipStyles['help']}>Point at a type to read what such an account is.</p>;
  return (
    <p className={slipStyles['help']} role="status">
      <strong>{type.name}</strong> — {type.says} Such as: {type.examples.join(', ')}.
      {!asksSide && ` Normal side: ${normalSide(scheme, type)}.`} {otherwiseSays(scheme, type)}
    </p>
  );
}
