import {
  movedSection,
  movedType,
  statementName,
  statementOfClass,
  typesOfSection,
  withType,
  type Book,
  type Scheme,
  type Section,
  type StatementId,
} from '@gleddo/core';
import { useMemo, type KeyboardEvent } from 'react';
import { AddSection } from './AddSection';
import type { PartOfScheme, SchemePartsProps } from './scheme-parts';
import styles from './scheme.module.css';

/** How many accounts of the book are of each type. */
function useTypeCounts(book: Book): ReadonlyMap<string, number> {
  return useMemo(() => {
    const counts = new Map<string, number>();
    for (const { type } of book.accounts)
      if (type !== null) counts.set(type, (counts.get(type) ?? 0) + 1);
    return counts;
  }, [book.accounts]);
}

/** Both statements with their sections and types; an arrow walks, Alt and an arrow moves, Enter edits. */
export function SchemePages(props: SchemePartsProps) {
  const { scheme, chosen, mayChange, onChange } = props;
  const counts = useTypeCounts(props.book);
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    if (event.key === 'Enter' && isPart(event.target)) {
      event.preventDefault();
      document.querySelector<HTMLElement>(`.${styles['sheet']} input`)?.focus();
      return;
    }
    const step = ({ ArrowUp: -1, ArrowDown: 1 } as const)[event.key as 'ArrowUp' | 'ArrowDown'];
    if (step === undefined) return;
    event.preventDefault();
    if (!event.altKey) return walk(event.currentTarget, step);
    if (!chosen || !mayChange) return;
    const move = chosen.kind === 'type' ? movedType : movedSection;
    const next = move(scheme, chosen.id, step);
    if (next !== scheme) onChange(next);
  };
  return (
    <div className={styles['pages']} onKeyDown={onKeyDown}>
      {(['balance-sheet', 'profit-and-loss'] as const).map((statement) => (
        <SchemePage key={statement} {...props} statement={statement} counts={counts} />
      ))}
    </div>
  );
}

const isPart = (target: EventTarget): boolean =>
  target instanceof HTMLElement && target.matches(`.${styles['part']}`);

function walk(around: HTMLElement, step: number): void {
  const all = [...around.querySelectorAll<HTMLElement>(`.${styles['part']}`)];
  const at = all.indexOf(document.activeElement as HTMLElement);
  all[Math.max(0, Math.min(all.length - 1, at + step))]?.focus();
}

type PageProps = SchemePartsProps & {
  readonly statement: StatementId;
  readonly counts: ReadonlyMap<string, number>;
};

function SchemePage(props: PageProps) {
  const { scheme, statement, mayChange } = props;
  const sections = scheme.sections.filter((each) => statementOfClass(each.class) === statement);
  return (
    <section aria-label={statementName(scheme, statement)}>
      <h3>{statementName(scheme, statement)}</h3>
      {sections.map((section) => (
        <SchemeSection key={section.id} {...props} section={section} />
      ))}
      {mayChange && <AddSection {...props} statement={statement} />}
    </section>
  );
}

function SchemeSection(props: PageProps & { readonly section: Section }) {
  const { scheme, section, counts, mayChange, onChoose, onChange } = props;
  const addType = () => {
    const [next, id] = withType(scheme, section.id, freshName(scheme));
    onChange(next);
    onChoose({ kind: 'type', id });
  };
  return (
    <div role="group" aria-label={section.name} className={styles['section']}>
      <PartButton {...props} kind="section" id={section.id}>
        {section.name}
      </PartButton>
      {typesOfSection(scheme, section.id).map((type) => (
        <PartButton key={type.id} {...props} kind="type" id={type.id}>
          {type.name}
          {type.contra && <span className="mark-says"> contra</span>}
          {counts.has(type.id) && (
            <span className={styles['count']} title="Accounts of this type">
              {counts.get(type.id)}
            </span>
          )}
        </PartButton>
      ))}
      {mayChange && (
        <button type="button" className={`link-button quiet ${styles['add']}`} onClick={addType}>
          Add a type in {section.name}
        </button>
      )}
    </div>
  );
}

function freshName(scheme: Scheme): string {
  const taken = new Set(scheme.types.map((each) => each.name));
  for (let n = 1; ; n++) {
    const name = n === 1 ? 'New type' : `New type ${n}`;
    if (!taken.has(name)) return name;
  }
}

type PartButtonProps = PageProps & PartOfScheme & { readonly children: React.ReactNode };

/** Tab comes to the one that is chosen; the arrows go on from there. */
function PartButton({ kind, id, chosen, scheme, onChoose, children }: PartButtonProps) {
  const isChosen = chosen?.kind === kind && chosen.id === id;
  const isFirst = scheme.sections[0]?.id === id;
  return (
    <button
      type="button"
      className={`${styles['part']} of-${kind} ${isChosen ? 'is-chosen' : ''}`}
      aria-pressed={isChosen}
      tabIndex={isChosen || (!chosen && isFirst) ? 0 : -1}
      onClick={() => onChoose({ kind, id })}
      onFocus={() => onChoose({ kind, id })}
    >
      {children}
    </button>
  );
}
