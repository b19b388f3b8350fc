import { useState } from 'react';
import styles from './plain.module.css';

interface PlainFieldProps {
  readonly id: string;
  readonly label: string;
  readonly value: string;
  readonly autoComplete: string;
  onType(value: string): void;
}

/** A field of the door: what stands before it is not fetched until one comes in. */
export function PlainField({ id, label, value, autoComplete, onType }: PlainFieldProps) {
  return (
    <>
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        className={styles['field']}
        autoComplete={autoComplete}
        value={value}
        onChange={(event) => onType(event.target.value)}
      />
    </>
  );
}

/** The same for a password, which can be looked at while it is typed. */
export function PasswordField({ id, label, value, autoComplete, onType }: PlainFieldProps) {
  const [isShown, setShown] = useState(false);
  return (
    <>
      <label htmlFor={id}>{label}</label>
      <span className={styles['password']}>
        <input
          id={id}
          className={styles['field']}
          type={isShown ? 'text' : 'password'}
          autoComplete={autoComplete}
          value={value}
          onChange={(event) => onType(event.target.value)}
        />
        <button
          type="button"
          className="link-button quiet"
          aria-pressed={isShown}
          onClick={() => setShown(!isShown)}
        >
          {isShown ? 'hide' : 'show'}
        </button>
      </span>
    </>
  );
}
