import { useQuery } from '@tanstack/react-query';
import { percentOfTenths } from '@gleddo/core';
import { get } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';

/** What one’s own course comes to so far, class by class; nothing before the first mark. */
export function OwnTerm() {
  const term = useQuery({
    queryKey: ['mine', 'term'],
    queryFn: () => get('my-exercises/term'),
    staleTime: 0,
  });
  const begun = (term.data ?? []).filter(({ tenths }) => tenths !== null);
  if (begun.length === 0) return null;
  return (
    <section aria-label="Over the term">
      <h2>Over the term</h2>
      {begun.map(({ group, marks, tenths }) => {
        const count = marks.filter(({ counts }) => counts === 'counts' || counts === 'missing');
        return (
          <p key={group}>
            <strong>{percentOfTenths(tenths)}</strong> in {group}{' '}
            <span className="quiet">from {counted(count.length, 'exercise')} so far</span>
          </p>
        );
      })}
    </section>
  );
}
