import type { ExerciseAnswer } from '@gleddo/contract';
import { Button, Input } from 'antd';
import { useKept } from '../kept/use-kept';
import { Brief } from './Brief';
import { useChangeExercise } from './use-exercise';

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
        <section className="paper brief-editor" aria-label="The brief, written">
          <label htmlFor="brief-title">Title</label>
          <Input
            id="brief-title"
            value={title}
            maxLength={200}
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
          <div className="slip-actions">
            <span className="saved">{isChanged ? 'Not kept yet' : 'Saved'}</span>
            {change.error && (
              <p className="refusal" role="alert">
                {change.error.message}
              </p>
            )}
            <Button
              type="primary"
              className="last"
              disabled={!isChanged}
              loading={change.isPending}
              onClick={keep}
            >
              Keep the brief
            </Button>
          </div>
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
