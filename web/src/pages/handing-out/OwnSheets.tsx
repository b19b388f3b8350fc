import { useQuery } from '@tanstack/react-query';
import type { ExerciseAnswer } from '@gleddo/contract';
import { ownKey, paperSheets, proposedGuide, type Guide, type Handout } from '@gleddo/core';
import { get } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';
import { SheetsOnRequest } from '../../book/handouts/SheetsOnRequest';
import { useMadeKey } from './use-made-key';

/** The papers to copy from, printed or saved: where figures are drawn, a set for each student. */
export function OwnSheets({ exercise }: { exercise: ExerciseAnswer }) {
  const known = useMadeKey(exercise);
  const seeds = useQuery({
    queryKey: ['seeds', exercise.id],
    queryFn: () => get(`exercises/${exercise.id}/seeds`),
  });
  if (!known || !seeds.data) return null;
  const { made, start } = known;
  const written = exercise.guide as Guide;
  const guide = written.sheets?.length ? written : proposedGuide(made, start);
  if (!guide.sheets?.length) return null;
  const isDrawn = exercise.keyRules.figures !== undefined;
  const make = (): Handout[] =>
    isDrawn
      ? (seeds.data ?? []).flatMap(({ student, seed }) =>
          paperSheets(ownKey(made, { seed, student }), guide, student),
        )
      : paperSheets(made, guide, exercise.title);
  return (
    <section className="paper" aria-label="Papers to hand out">
      <h2>Papers to hand out</h2>
      <p className="quiet">
        {isDrawn
          ? `The papers with the figures of ${counted(seeds.data.length, 'student')}, one set for each.`
          : 'The papers that lie beside the work.'}
      </p>
      <SheetsOnRequest make={make} name={exercise.title} />
    </section>
  );
}
