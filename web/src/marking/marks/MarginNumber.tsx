import styles from '../../book/spread/margin.module.css';
/** A note's number on a row, or the hook that says: follows from another. */
export function MarginNumber({ of }: { of: number | 'follows' | 'met' }) {
  if (of === 'follows')
    return (
      <span className={`${styles['number']} follows`} title="follows from another note">
        ↳<span className="sr-only"> follows from another note</span>
      </span>
    );
  if (of === 'met') return <span className={`${styles['number']} met`}>✓</span>;
  return (
    <span className={styles['number']}>
      <span className="sr-only">note </span>
      {of}
    </span>
  );
}
