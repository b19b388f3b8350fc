import type { ReactNode } from 'react';
import styles from './sign-in.module.css';

/** What stands before the door, whichever way one comes: what this is, and beside it how one comes in. */
export const Cover = ({ children }: { readonly children: ReactNode }) => (
  <div className={styles['page']}>
    <section className={styles['cover']}>
      <h1>
        Gleddo<span>.</span>
      </h1>
      <p>
        Practice companies, exercises on the chart of accounts, and marks that say to the cent what
        caused each difference.
      </p>
    </section>
    <main className={styles['door']}>{children}</main>
  </div>
);
