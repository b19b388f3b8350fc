import type { DrillFeedback } from '@gleddo/core';
import styles from './practice.module.css';

/** What is said of an answer: right or not, what is right, and the sentence that tells the two apart. */
export const Feedback = ({ isRight, right, says }: DrillFeedback) => (
  <div className={styles['told']} role="status">
    <strong className={isRight ? 'is-met' : 'is-missed'}>{isRight ? '✓ Right' : '× Not so'}</strong>{' '}
    {right}. <span>{says}</span>
  </div>
);
