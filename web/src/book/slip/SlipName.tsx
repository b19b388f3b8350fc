import type { Account } from '@gleddo/core';
import { useEffect, useRef } from 'react';
import { isComposing } from '../../platform/keyboard/composing';
import { useFollowing } from '../../platform/kept/use-following';
import styles from './slip.module.css';

interface SlipNameProps {
  readonly account: Account;
  readonly readOnly: boolean;
  onChange(name: string): boolean;
}

/** The account's name at the head of the slip, to be written over. */
export function SlipName({ account, readOnly, onChange }: SlipNameProps) {
  const [name, setName] = useFollowing(account.name);
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => field.current?.focus({ preventScroll: true }), []);
  const keep = () => {
    if (name !== account.name) onChange(name);
  };
  return (
    <div className={styles['head']}>
      <input
        ref={field}
        aria-label="Name of the account"
        data-kept={name === account.name ? '' : undefined}
        value={name}
        readOnly={readOnly}
        onChange={(event) => setName(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && !isComposing(event)) keep();
          if (event.key === 'Escape') setName(account.name);
        }}
      />
    </div>
  );
}
