import {
  accountLabel,
  CLASS_NAMES,
  movedSection,
  movedType,
  sectionById,
  typeOf,
  withoutSection,
  withoutType,
  type Account,
  type Scheme,
} from '@gleddo/core';
import { Button } from 'antd';
import type { SchemePartsProps } from './scheme-parts';
import { SectionFields } from './SectionFields';
import { TypeFields } from './TypeFields';
import styles from './scheme.module.css';

/** What is chosen, all of it: its words, what it means, what uses it; it can be moved and dropped. */
export function PartSheet(props: SchemePartsProps) {
  const { scheme, chosen } = props;
  const type = chosen?.kind === 'type' ? typeOf(scheme, chosen.id) : null;
  const section = chosen?.kind === 'section' ? sectionById(scheme, chosen.id) : null;
  if (!type && !section)
    return (
      <aside className={styles['sheet']}>
        <p className="quiet">
          A scheme says under which heading of which statement an account stands. Choose a section
          or a type to read what it means, and to change it. The figure beside a type says how many
          accounts of this book are of it.
        </p>
      </aside>
    );
  return (
    <aside className={styles['sheet']} aria-label={(type ?? section)?.name}>
      {type && <TypeFields {...props} type={type} />}
      {section && <SectionFields {...props} section={section} />}
      {section && <p className="quiet">{CLASS_NAMES[section.class]}</p>}
      <PartUse {...props} />
      {props.mayChange && <PartActions {...props} />}
    </aside>
  );
}

const SHOWN = 5;

function usersOf({ book, scheme, chosen }: SchemePartsProps): Account[] {
  const types = new Set(
    chosen?.kind === 'type'
      ? [chosen.id]
      : scheme.types.filter((type) => type.section === chosen?.id).map(({ id }) => id),
  );
  return book.accounts.filter(({ type }) => type !== null && types.has(type));
}

/** Which accounts would lose their place without it. */
function PartUse(props: SchemePartsProps) {
  const users = usersOf(props);
  if (users.length === 0) return <p className="quiet">No account of this book uses it.</p>;
  const more = users.length - SHOWN;
  return (
    <p>
      <strong>
        Used by {users.length} {users.length === 1 ? 'account' : 'accounts'}
      </strong>
      : {users.slice(0, SHOWN).map(accountLabel).join(', ')}
      {more > 0 && ` and ${more} more`}. Without it they would wait without a place.
    </p>
  );
}

function PartActions({ scheme, chosen, onChange, onChoose }: SchemePartsProps) {
  if (!chosen) return null;
  const isType = chosen.kind === 'type';
  const moved = (step: 1 | -1): Scheme =>
    (isType ? movedType : movedSection)(scheme, chosen.id, step);
  const drop = () => {
    onChange((isType ? withoutType : withoutSection)(scheme, chosen.id));
    onChoose(null);
  };
  return (
    <div className="slip-actions">
      <Button disabled={moved(-1) === scheme} onClick={() => onChange(moved(-1))} title="Alt ↑">
        Up
      </Button>
      <Button disabled={moved(1) === scheme} onClick={() => onChange(moved(1))} title="Alt ↓">
        Down
      </Button>
      <Button danger className="last" onClick={drop}>
        {isType ? 'Drop the type' : 'Drop the section and its types'}
      </Button>
    </div>
  );
}
