import {
  type Moved,
  sectionOfType,
  statementName,
  statementOfClass,
  typeOf,
  type Scheme,
} from '@gleddo/core';
import { useEffect, useRef, useState, type RefObject } from 'react';
import { GuessMark } from '../../platform/figures/GuessMark';
import { PlaceSheet } from './PlaceSheet';
import styles from './place.module.css';

interface PlacePickerProps {
  readonly id: string;
  readonly scheme: Scheme;
  readonly name: string;
  readonly type: string | null;
  /** Whether it was taken from the name: to choose the same is to say so. */
  readonly guessed: boolean;
  readonly disabled: boolean;
  /** Whether the sentences on the types are shown. */
  readonly explained: boolean;
  readonly asksSide: boolean;
  /** As `PlaceSheet` has them. */
  readonly bySection: ((section: string) => string | null) | null;
  readonly moves: (type: string) => readonly Moved[];
  onChange(type: string | null): void;
}

function pathOf(scheme: Scheme, type: string | null, withType: boolean): string {
  const section = sectionOfType(scheme, type);
  if (!section) return 'Not placed';
  const statement = statementName(scheme, statementOfClass(section.class));
  const names = [statement, section.name];
  return (withType ? [...names, typeOf(scheme, type)?.name] : names).join(' › ');
}

/** The place of an account, as a path; a click opens both pages to choose another. */
export function PlacePicker(props: PlacePickerProps) {
  const { id, scheme, name, type, guessed, disabled, explained, asksSide, bySection } = props;
  const { moves, onChange } = props;
  const [open, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  useFocusBack(button, open);
  const close = () => setOpen(false);
  const text = pathOf(scheme, type, bySection === null);
  return (
    <>
      <button
        ref={button}
        id={id}
        type="button"
        className={styles['button']}
        disabled={disabled}
        title={text}
        onClick={() => setOpen(true)}
      >
        {text}
        {guessed && bySection === null && <GuessMark />}
      </button>
      {open && (
        <PlaceSheet
          scheme={scheme}
          question={`Where does “${name}” belong?`}
          type={type}
          explained={explained}
          asksSide={asksSide}
          {...{ bySection, moves }}
          onClose={close}
          onChoose={(chosen) => {
            close();
            if (chosen !== type || guessed) onChange(chosen);
          }}
        />
      )}
    </>
  );
}

/** What opened a sheet has the focus again when it closes. */
function useFocusBack(opener: RefObject<HTMLElement | null>, open: boolean): void {
  const wasOpen = useRef(false);
  useEffect(() => {
    if (wasOpen.current && !open) opener.current?.focus();
    wasOpen.current = open;
  }, [open, opener]);
}
