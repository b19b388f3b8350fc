import type { Me } from '@gleddo/contract';
import type { ComponentProps } from 'react';
import { initialsOf } from '../../platform/figures/initials';
import styles from './head.module.css';

/** The button that stands for who is signed in. */
export function Initials({ me, ...rest }: ComponentProps<'button'> & { readonly me: Me }) {
  return (
    <button
      {...rest}
      type="button"
      className={`${styles['initials']} ${rest.className ?? ''}`}
      aria-label={`${me.name}: password, sign out`}
    >
      {initialsOf(me.name)}
    </button>
  );
}
