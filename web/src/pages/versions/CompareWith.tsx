import { useQuery } from '@tanstack/react-query';
import type { ExerciseAnswer, ExerciseChange } from '@gleddo/contract';
import { Select } from 'antd';
import { get } from '../../platform/api/client';
import { momentText } from '../../platform/figures/days';
import styles from './versions.module.css';
import { saidWith, withOf, type With } from './use-other-version';

interface CompareWithProps {
  readonly exercise: ExerciseAnswer;
  readonly chosen: With | null;
  onChoose(of: With): void;
}

const ORIGIN = { value: saidWith({ kind: 'origin' }), label: 'the exercise of which it is a copy' };

const before = ({ revision, at, what }: ExerciseChange) => ({
  value: saidWith({ kind: 'before', revision }),
  label: `before ${momentText(at)}: ${what.join(', ')}`,
});

/** Chosen from one list: itself earlier, its origin, one's other exercises. */
export function CompareWith({ exercise, chosen, onChoose }: CompareWithProps) {
  const { id, isCopy } = exercise;
  const changes = useQuery({
    queryKey: ['exercise-changes', id],
    queryFn: () => get(`exercises/${id}/changes`),
    staleTime: 0,
  });
  const all = useQuery({ queryKey: ['exercises'], queryFn: () => get('exercises') });
  const others = (all.data ?? [])
    .filter((each) => each.id !== id && !each.putAway)
    .map((each) => ({
      value: saidWith({ kind: 'other', id: each.id }),
      label: `${each.title}${each.by === null ? '' : ` (${each.by})`}`,
    }));
  return (
    <label className={styles['with']}>
      Compare with
      <Select
        showSearch
        optionFilterProp="label"
        aria-label="Compare with"
        placeholder="choose one"
        style={{ minWidth: '22rem', maxWidth: '100%' }}
        popupMatchSelectWidth={false}
        {...(chosen && { value: saidWith(chosen) })}
        onChange={(said: string) => {
          const of = withOf(said);
          if (of) onChoose(of);
        }}
        options={[
          ...(isCopy ? [{ label: 'Where it is from', options: [ORIGIN] }] : []),
          { label: 'Itself, earlier', options: (changes.data ?? []).map(before) },
          { label: 'Another exercise', options: others },
        ].filter(({ options }) => options.length > 0)}
      />
    </label>
  );
}
