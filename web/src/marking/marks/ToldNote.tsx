import { inOneText, type Told } from '@gleddo/core';
import styles from '../../book/spread/margin.module.css';

export const textOf = (result: { readonly told: Told } | undefined): string =>
  result ? inOneText(result.told, ['there', 'belongs']) : '';

/** A note: what is there and what belongs there; why; what to do now. */
export function ToldNote({ told }: { readonly told: Told }) {
  const what = textOf({ told });
  return (
    <>
      {what !== '' && <p>{what}</p>}
      {told.why !== '' && <p className={styles['why']}>{told.why}</p>}
      {told.now !== '' && <p className={styles['now']}>{told.now}</p>}
    </>
  );
}
