import { useQuery } from '@tanstack/react-query';
import type { MyTry, TryState } from '@gleddo/contract';
import { get } from '../../platform/api/client';
import { momentText } from '../../platform/figures/days';
import { counted } from '../../platform/figures/counted';
import { ordinal } from '../../platform/figures/ordinal';
import { cameInSaid, timesSaid } from '../../platform/times/times-said';
import { useNow } from '../../platform/times/use-now';
import { ListPage } from '../../platform/shell/ListPage';
import { OwnTerm } from './OwnTerm';
import { usePreloadedWork } from '../../book/work/preload';

const SAYS: Readonly<Record<TryState, string>> = {
  'not-started': 'not begun',
  working: 'you are working on it',
  'handed-in': 'handed in',
  'given-back': 'given back',
};

function standsOf(mine: MyTry, now: number): string {
  const { state, handedInAt, points, of, times, cameIn, unseen, earlier } = mine;
  const which = earlier.length === 0 ? '' : `${ordinal(earlier.length + 1)} try`;
  const counts = mine.counted === null ? '' : `counts ${mine.counted.points} of ${mine.counted.of}`;
  const said = unseen === 0 ? '' : counted(unseen, 'word to you', 'words to you');
  const when = handedInAt === null ? '' : ` ${momentText(handedInAt)}`;
  const mark = points === null ? '' : `${points} of ${of}`;
  const isOpen = state === 'not-started' || state === 'working';
  const until = isOpen ? timesSaid(times, now) : cameInSaid(cameIn);
  return [which, SAYS[state] + when, until, mark, counts, said].filter(Boolean).join(' · ');
}

/** What is to be done first stands first: what closes soonest, then the rest as it came. */
function firstToDo(all: readonly MyTry[]): MyTry[] {
  const closes = ({ state, times }: MyTry) =>
    (state === 'working' || state === 'not-started') && times.closesAt !== null
      ? Date.parse(times.closesAt)
      : Infinity;
  return [...all].sort((a, b) => (closes(a) === closes(b) ? 0 : closes(a) - closes(b)));
}

/** What a student has to do, and what has come back. */
const tryPage = () => import('./MyTryPage');

export default function MyExercisesPage() {
  usePreloadedWork(tryPage);
  const now = useNow();
  const mine = useQuery({
    queryKey: ['mine'],
    queryFn: () => get('my-exercises'),
    staleTime: 0,
  });
  return (
    <ListPage
      title="My exercises"
      of={mine}
      rows={
        mine.data &&
        firstToDo(mine.data).map((each) => ({
          key: each.exerciseId,
          to: `/mine/${each.exerciseId}`,
          name: each.title,
          about: each.company,
          stands: standsOf(each, now),
        }))
      }
      empty="Nothing has been handed out to you yet. It will stand here as soon as it is."
    >
      <OwnTerm />
    </ListPage>
  );
}
