import {
  normalSide,
  otherwiseSays,
  sectionOfType,
  statementName,
  statementOfClass,
  typesFound,
  typesOfSection,
  type AccountType,
  type Moved,
  type Scheme,
  type Section,
  type StatementId,
} from '@gleddo/core';
import { Input, Modal } from 'antd';
import { useMoney } from '../../platform/figures/money';
import { useChartState } from '../chart-state/chart-state';
import { useMemo, useState, type KeyboardEvent } from 'react';
import placeStyles from './place.module.css';
import slipStyles from './slip.module.css';

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
  const all = [...event.currentTarget.querySelectorAll<HTMLElement>(`.${placeStyles['type']}`)];
  const at = all.indexOf(document.activeElement as HTMLElement);
  all[Math.max(0, Math.min(all.length - 1, at + step))]?.focus();
}

/** Both pages with every type of account in its section: where does it belong? */
export function PlaceSheet(props: PlaceSheetProps) {
  const { scheme, question, type, explained, asksSide, bySection, moves, onChoose, onClose } =
    props;
  const [typed, setTyped] = useState('');
  const [pointed, setPointed] = useState<AccountType | null>(null);
  const shown = useMemo(() => typesFound(scheme, typed, explained), [scheme, typed, explained]);
  const found = (typed.trim() !== '' && shown[0]) || null;
  return (
    <Modal title={question} open onCancel={onClose} footer={null} width={940} style={{ top: 24 }}>
      <div onKeyDown={walk}>
        <FindPlace
          {...{ typed, setTyped }}
          onEnter={() => {
            if (found) onChoose(found.id);
          }}
        />
        <div className={placeStyles['pages']}>
          {(['balance-sheet', 'profit-and-loss'] as const).map((statement) => (
            <PlacePage
              key={statement}
              {...{ scheme, statement, shown, chosen: type, bySection, onChoose }}
              onPoint={setPointed}
              first={found?.id ?? null}
            />
          ))}
        </div>
        <div className={placeStyles['foot']}>
          {explained && !bySection && (
            <TypeSays {...{ scheme, asksSide }} type={pointed ?? found} />
          )}
          <WhatMoves moves={moves} type={pointed ?? found} />
          <button type="button" className="link-button quiet" onClick={() => onChoose(null)}>
            Leave it without a place
          </button>
        </div>
      </div>
    </Modal>
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
    placeholder="Type a part of its name or section, or choose below"
    value={typed}
    onChange={(event) => setTyped(event.target.value)}
    onPressEnter={(event) => {
      // Else the same Enter would press the button that gets the focus back.
      event.preventDefault();
      onEnter();
    }}
  />
);

interface PlacePageProps extends Pick<PlaceSheetProps, 'bySection'> {
  readonly scheme: Scheme;
  readonly statement: StatementId;
  readonly shown: readonly AccountType[];
  readonly chosen: string | null;
  /** The one that Enter chooses. */
  readonly first: string | null;
  onChoose(type: string): void;
  onPoint(type: AccountType | null): void;
}

function PlacePage(props: PlacePageProps) {
  const { scheme, statement, shown, bySection } = props;
  const sections = scheme.sections.filter((each) => statementOfClass(each.class) === statement);
  return (
    <section aria-label={statementName(scheme, statement)}>
      <h3>{statementName(scheme, statement)}</h3>
      {sections.map((section) => {
        const types = typesOfSection(scheme, section.id).filter((type) => shown.includes(type));
        if (types.length === 0) return null;
        return (
          <div
            key={section.id}
            role="group"
            aria-label={section.name}
            className={placeStyles['section']}
          >
            {bySection ? (
              <SectionAlone {...props} bySection={bySection} section={section} />
            ) : (
              <>
                <div className="place-section-name">{section.name}</div>
                {types.map((type) => (
                  <TypeChoice key={type.id} {...props} type={type} />
                ))}
              </>
            )}
          </div>
        );
      })}
    </section>
  );
}

interface SectionAloneProps extends PlacePageProps {
  readonly section: Section;
  bySection(section: string): string | null;
}

/** A section to be chosen whole: which type it becomes is told later. */
function SectionAlone({ scheme, section, chosen, bySection, onChoose }: SectionAloneProps) {
  const isChosen = sectionOfType(scheme, chosen)?.id === section.id;
  const choose = () => {
    const type = bySection(section.id);
    if (type !== null) onChoose(type);
  };
  return (
    <button
      type="button"
      className={`${placeStyles['type']} ${isChosen ? 'is-chosen' : ''}`}
      aria-pressed={isChosen}
      onClick={choose}
    >
      {section.name}
    </button>
  );
}

function TypeChoice(props: PlacePageProps & { readonly type: AccountType }) {
  const { type, chosen, first, onChoose, onPoint } = props;
  return (
    <button
      type="button"
      className={`${placeStyles['type']} ${type.id === chosen ? 'is-chosen' : ''} ${type.id === first ? 'is-first' : ''}`}
      aria-pressed={type.id === chosen}
      onMouseEnter={() => onPoint(type)}
      onFocus={() => onPoint(type)}
      onClick={() => onChoose(type.id)}
    >
      {type.name}
      {type.contra && <span className="mark-says"> contra</span>}
      {type.id === first && <span className="mark-says"> Enter takes it</span>}
    </button>
  );
}

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
