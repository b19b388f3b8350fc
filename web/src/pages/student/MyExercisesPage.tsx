import { useQuery } from '@tanstack/react-query';
import type { MyTry, TryState } from '@gleddo/contract';
import { get } from '../../platform/api/client';
import { momentText } from '../../platform/figures/days';
import { ListPage } from '../../platform/shell/ListPage';
import { usePreloadedWork } from '../../book/work/preload';

const SAYS: Readonly<Record<TryState, string>> = {
  'not-started': 'not begun',
  working: 'you are working on it',
  'handed-in': 'handed in',
  'given-back': 'given back',
};

function standsOf({ state, handedInAt, points, of }: MyTry): string {
  const when = handedInAt === null ? '' : ` ${momentText(handedInAt)}`;
  return `${SAYS[state]}${when}${points === null ? '' : ` · ${points} of ${of}`}`;
}

/** What a student has to do, and what has come back. */
const tryPage = () => import('./MyTryPage');

export default function MyExercisesPage() {
  usePreloadedWork(tryPage);
  const mine = useQuery({
    queryKey: ['mine'],
    queryFn: () => get('my-exercises'),
    staleTime: 0,
  });
  return (
    <ListPage
      title="My exercises"
      of={mine}
      rows={mine.data?.map((each) => ({
        key: each.exerciseId,
        to: `/mine/${each.exerciseId}`,
        name: each.title,
        about: each.company,
        stands: standsOf(each),
      }))}
      empty="Nothing has been handed out to you yet. It will stand here as soon as it is."
    />
  );
}
