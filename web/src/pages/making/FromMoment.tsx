import { useQuery } from '@tanstack/react-query';
import { Select } from 'antd';
import { get } from '../../platform/api/client';
import { BY_LABEL } from '../../platform/figures/by-label';

interface FromMomentProps {
  readonly bookId: string;
  readonly enabled: boolean;
  /** The revision of a named moment; null: as the book stands now. */
  readonly moment: number | null;
  onChoose(moment: number | null): void;
}

const NOW = -1;

/** As which book the exercise begins: the one that stands now, or that of a named moment. */
export function FromMoment({ bookId, enabled, moment, onChoose }: FromMomentProps) {
  const moments = useQuery({
    queryKey: ['moments', bookId],
    queryFn: () => get(`books/${bookId}/moments`),
    enabled,
  });
  const named = moments.data ?? [];
  return (
    <>
      <p>
        The book {named.length === 0 && 'as it stands '}becomes the answer key. It can be changed
        there at any time.
      </p>
      {named.length > 0 && (
        <div className="field">
          <label htmlFor="exercise-moment">The book</label>
          <Select
            id="exercise-moment"
            value={moment ?? NOW}
            showSearch={BY_LABEL}
            options={[
              { value: NOW, label: 'as it stands now' },
              ...named.map(({ revision, name }) => ({
                value: revision,
                label: `at the moment “${name}”`,
              })),
            ]}
            onChange={(value: number) => onChoose(value === NOW ? null : value)}
          />
        </div>
      )}
    </>
  );
}
