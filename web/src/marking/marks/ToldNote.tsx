import { inOneText, type Told } from '@gleddo/core';
import styles from '../../book/spread/margin.module.css';

/** A note: what is there and what belongs there; why; what to do now. */
export function ToldNote({ told }: { readonly told: Told }) {
  const what = inOneText(told, ['there', 'belongs']);
  return (
    <>
      {what !== '' && <p>{what}</p>}
      {told.why !== '' && <p className={styles['why']}>{told.why}</p>}
      {told.now !== '' && <p className={styles['now']}>{told.now}</p>}
    </>
  );
}
