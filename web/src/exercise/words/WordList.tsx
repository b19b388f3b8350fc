import type { Word } from '@gleddo/contract';
import { momentText } from '../../platform/figures/days';
import styles from './my-words.module.css';

interface WordListProps {
  readonly words: readonly Word[];
  /** Among which the question stands that a word answers. */
  readonly all: readonly Word[];
}

const whereSays = ({ about }: Word): string => (about === '' ? '' : `, at ${about}`);

/** What was asked and said, the oldest first; an answer says what it answers. */
export function WordList({ words, all }: WordListProps) {
  if (words.length === 0) return null;
  const questionOf = ({ answers }: Word) => all.find(({ id }) => id === answers)?.text;
  return (
    <ul className={styles['words']}>
      {words.map((word) => (
        <li key={word.id}>
          <span className="quiet">
            {word.isAsked ? 'You' : word.by}, {momentText(word.at)}
            {whereSays(word)}
            {word.isAsked && !word.isSeen && ', waits for an answer'}
          </span>
          {questionOf(word) !== undefined && !word.isAsked && (
            <span className="quiet"> to “{questionOf(word)}”</span>
          )}
          <p>{word.text}</p>
        </li>
      ))}
    </ul>
  );
}
