import styles from './guess-mark.module.css';

/** Stands beside a type, or an account, whose type was taken from a name alone. */
export const GuessMark = () => (
  <>
    {' '}
    <span className={styles['guess']} title="Its type was guessed from its name">
      type?
    </span>
  </>
);
