import {
  sectionOfType,
  statementName,
  statementOfClass,
  typesOfSection,
  type AccountType,
  type Scheme,
  type Section,
  type StatementId,
} from '@gleddo/core';
import { counted } from '../../platform/figures/counted';
import placeStyles from './place.module.css';
import type { PlaceFolds } from './use-place-folds';

interface PlacePageProps {
  readonly scheme: Scheme;
  readonly statement: StatementId;
  readonly shown: readonly AccountType[];
  readonly chosen: string | null;
  /** The one that Enter chooses. */
  readonly first: string | null;
  /** As `PlaceSheet` has it. */
  readonly bySection: ((section: string) => string | null) | null;
  readonly folds: PlaceFolds;
  onChoose(type: string): void;
  onPoint(type: AccountType | null): void;
}

/** One of both pages: its sections, those that are open with their types. */
export function PlacePage(props: PlacePageProps) {
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
              <TypesOfSection {...props} section={section} types={types} />
            )}
          </div>
        );
      })}
    </section>
  );
}

interface TypesOfSectionProps extends PlacePageProps {
  readonly section: Section;
  readonly types: readonly AccountType[];
}

function TypesOfSection({ section, types, ...props }: TypesOfSectionProps) {
  const { folds } = props;
  const isOpen = folds.isOpen(section.id);
  return (
    <>
      {folds.isSearching ? (
        <div className={placeStyles['found']}>{section.name}</div>
      ) : (
        <button
          type="button"
          className={placeStyles['sectionName']}
          aria-expanded={isOpen}
          onClick={() => folds.turn(section.id)}
        >
          {section.name}
          {!isOpen && <span className="quiet"> {counted(types.length, 'type')}</span>}
        </button>
      )}
      {isOpen && types.map((type) => <TypeChoice key={type.id} {...props} type={type} />)}
    </>
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
