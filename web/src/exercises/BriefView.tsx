import type { ExerciseAnswer } from '@gleddo/contract';
import { Input } from 'antd';
import { useKept } from '../kept/use-kept';
import { Brief } from './Brief';
import { KeepRow } from './KeepRow';
import { useChangeExercise } from './use-exercise';
import styles from './exercises.module.css';

/** The brief in Markdown beside what students will see. */
export function BriefView({ exercise }: { exercise: ExerciseAnswer }) {
  const kept = { title: exercise.title, brief: exercise.brief };
  const [typed, setTyped, clear] = useKept<typeof kept | null>(`brief.${exercise.id}`, null);
  const change = useChangeExercise(exercise.id);
  const { title, brief } = typed ?? kept;
  const isChanged = title !== kept.title || brief !== kept.brief;
  const keep = () => change.mutate({ title, brief }, { onSuccess: clear });
  return (
    <main className="desk">
      <div className="columns stretch">
        <section className={`paper ${styles['brief-editor']}`} aria-label="The brief, written">
          <label htmlFor="brief-title">Title</label>
          <Input
            id="brief-title"
            value={title}
            maxLength={120}
            onChange={(event) => setTyped({ title: event.target.value, brief })}
          />
          <label htmlFor="brief-text">
            Brief <span className="quiet">(Markdown: **bold**, - lists, | tables |)</span>
          </label>
          <Input.TextArea
            id="brief-text"
            value={brief}
            onChange={(event) => setTyped({ title, brief: event.target.value })}
          />
          <KeepRow label="Save the brief" changed={isChanged} of={change} onKeep={keep}>
            <span className="saved">{isChanged ? 'Not saved yet' : 'Saved'}</span>
          </KeepRow>
        </section>
        <section className="paper" aria-label="The brief, as students see it">
          <p className="mark-says">as students see it</p>
          <h2>{title}</h2>
          <Brief text={brief} />
        </section>
      </div>
    </main>
  );
}
