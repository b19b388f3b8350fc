import { useQuery } from '@tanstack/react-query';
import { get } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';

const LOOK_EVERY = 10_000;

/** Which places at the school’s platform lead to an exercise, and how its marks got there. */
export function AtPlatform({ exerciseId }: { readonly exerciseId: string }) {
  const places = useQuery({
    queryKey: ['platform-marks', exerciseId],
    queryFn: () => get(`exercises/${exerciseId}/platform-marks`),
    refetchInterval: ({ state }) => ((state.data?.length ?? 0) > 0 ? LOOK_EVERY : false),
  });
  if (!places.data || places.data.length === 0) return null;
  return (
    <section className="paper" aria-label="At the school’s platform">
      <h2>At the school’s platform</h2>
      {places.data.map(({ platform, course, takesMarks, told, fault }) => (
        <div key={`${platform} ${course}`}>
          <p>
            “{course}” at {platform} leads here.{' '}
            {takesMarks ? `${counted(told, 'mark')} went there.` : 'It takes no marks.'}
          </p>
          {fault !== null && (
            <p className="refusal" role="alert">
              Some could not go: {fault} They are tried again by themselves.
            </p>
          )}
        </div>
      ))}
    </section>
  );
}
