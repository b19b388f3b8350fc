import type { ExerciseAnswer } from '@gleddo/contract';
import { Input } from 'antd';
import { Brief } from '../../book/words/Brief';
import { ExerciseChanges } from '../parts/ExerciseChanges';
import { KeepParts } from '../parts/KeepParts';
import { useParts } from '../parts/use-parts';
import styles from '../making/exercises.module.css';

/** The brief in Markdown beside what students will see. */
export function BriefView({ exercise }: { exercise: ExerciseAnswer }) {
  const parts = useParts(exercise, 'brief');
  const { now, change } = parts;
  const { title, brief } = now;
  return (
    <main className="desk">
      <div className="columns stretch">
        <section className={`paper ${styles['brief-editor']}`} aria-label="The brief, written">
          <label htmlFor="brief-title">Title</label>
          <Input
            id="brief-title"
            value={title}
            maxLength={120}
            onChange={(event) => change({ ...now, title: event.target.value })}
          />
          <label htmlFor="brief-text">
            Brief <span className="quiet">(Markdown: **bold**, - lists, | tables |)</span>
          </label>
          <Input.TextArea
            id="brief-text"
            value={brief}
            onChange={(event) => change({ ...now, brief: event.target.value })}
          />
          <KeepParts label="Save the brief" of={parts} />
          <details>
            <summary>What was changed of this exercise</summary>
            <ExerciseChanges exerciseId={exercise.id} />
          </details>
        </section>
        <section className="paper" aria-label="The brief, as students see it" tabIndex={0}>
          <p className="mark-says">as students see it</p>
          <h2>{title}</h2>
          <Brief text={brief} />
        </section>
      </div>
    </main>
  );
}
