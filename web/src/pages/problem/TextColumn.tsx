import type { Problem, Standing } from './use-problem';
import styles from './problem.module.css';

const CLASSES: Readonly<Record<Standing, string>> = {
  right: '',
  'to-look-at': '',
  'to-do': 'to-do',
  left: 'left',
};

interface TextColumnProps {
  readonly problem: Problem;
  readonly current: number;
  onChoose(at: number): void;
}

/** The text, sentence by sentence, beside what each does to the books. */
export function TextColumn({ problem, current, onChoose }: TextColumnProps) {
  const { proposal, standings } = problem;
  if (!proposal) return null;
  return (
    <section className={`paper ${styles['column'] ?? ''}`} aria-label="The text">
      <h2>The text</h2>
      {proposal.about.length > 0 && <p className="quiet">{proposal.about.join(' ')}</p>}
      <ol className={styles['sentences']}>
        {proposal.sentences.map(({ text }, at) => {
          const kind = styles[CLASSES[standings[at] ?? 'right']] ?? '';
          return (
            <li key={at} className={at === current ? (styles['current'] ?? '') : kind}>
              <button
                type="button"
                data-sentence={at}
                aria-current={at === current}
                onClick={() => onChoose(at)}
              >
                <span className={styles['number']}>{at + 1}</span>
                <span>{text}</span>
              </button>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
