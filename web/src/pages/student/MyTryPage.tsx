import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { MyTry, MyTryDetail, TimesShown } from '@gleddo/contract';
import { GRACE } from '@gleddo/core';
import { Suspense, type ReactNode } from 'react';
import { Navigate, useParams } from 'react-router';
import { untilThere } from '../../platform/api/try-again';
import { get, post } from '../../platform/api/client';
import { OpenBook } from '../../book/open-book/open-book';
import { momentText } from '../../platform/figures/days';
import {
  cameInSaid,
  isAhead,
  isShut,
  isSoon,
  timesIn,
  COUNTS_SAID,
  timesSaid,
} from '../../platform/times/times-said';
import { useNow } from '../../platform/times/use-now';
import { Asking } from '../../platform/shell/Asking';
import { BeginPaper } from '../../book/work/BeginPaper';
import { BesideBrief } from '../../book/work/BesideBrief';
import { BookSays, BookTools } from '../../book/work/BookTools';
import { Later } from '../../platform/shell/Later';
import { lazyView } from '../../platform/shell/lazy-view';
import { TRY_PARTS, TryTabs } from '../../book/work/WorkView';
import { ExerciseTitle } from '../put-right/ExerciseTitle';
import { useNoWishOnceIn } from './use-wish';
import { FirstMinute } from './FirstMinute';
import { HandIn } from './HandIn';
import { useWhereOneIs, whereOneWas } from './where-one-was';
import { returnedParts } from '../put-right/returned-parts';

const GIVEN_BACK = lazyView(() => import('./GivenBack').then((m) => m.GivenBack));
const ANOTHER = lazyView(() => import('./AnotherTry').then((m) => m.AnotherTry));
const EARLIER = lazyView(() => import('./AnotherTry').then((m) => m.EarlierGivenBack));
const BEFORE = lazyView(() => import('./AnotherTry').then((m) => m.EarlierTries));
const GUIDED = lazyView(() => import('../../exercise/guide/GuidedWork').then((m) => m.GuidedWork));
const HAND_IN_FILE = lazyView(() => import('./HandInFile').then((m) => m.HandInFile));
const INTERIM = lazyView(() => import('./InterimCheck').then((m) => m.InterimCheck));
const ASK = lazyView(() => import('../../exercise/words/MyWords').then((m) => m.AskButton));
const SAID = lazyView(() => import('../../exercise/words/MyWords').then((m) => m.SaidWords));
const PUT_RIGHT = lazyView(() => import('../put-right/PutRight').then((m) => m.PutRight));

const A_MOMENT = 6_000;
const LONGEST_WAIT = 86_400_000;

/** In how many milliseconds an exercise opens or closes, so that its page asks then how it stands; false: not soon. */
function untilNext(mine: MyTryDetail | undefined): number | false {
  if (mine?.state !== 'not-started' && mine?.state !== 'working') return false;
  const { opensAt, closesAt } = timesIn(mine.times);
  const now = Date.now();
  const left = [opensAt, closesAt === null ? null : closesAt + GRACE + A_MOMENT]
    .filter((at) => at !== null)
    .map((at) => at - now)
    .filter((wait) => wait > -GRACE && wait < LONGEST_WAIT);
  return left.length === 0 ? false : Math.max(A_MOMENT, Math.min(...left) + 1_000);
}

/** A student's own try: the brief, the work beside it, and the work when it comes back. */
export default function MyTryPage() {
  const { id = '', tab, part = '' } = useParams();
  const mine = useQuery({
    queryKey: ['mine', id],
    queryFn: () => get(`my-exercises/${id}`),
    staleTime: 0,
    refetchInterval: ({ state }) => untilNext(state.data),
  });
  if (!mine.data) return <Asking of={mine} what="The exercise" />;
  const { state, bookId } = mine.data;
  if (state === 'not-started' || bookId === null) return <Begin mine={mine.data} />;
  if (tab === undefined) {
    const first = state === 'given-back' ? 'given-back' : whereOneWas(id, 'chart');
    return <Navigate to={`/mine/${id}/${first}`} replace />;
  }
  if (tab === 'given-back' && state === 'given-back')
    return (
      <Suspense fallback={<div className="desk" aria-busy="true" />}>
        <GIVEN_BACK.View mine={mine.data}>
          <ANOTHER.View mine={mine.data} />
        </GIVEN_BACK.View>
      </Suspense>
    );
  if (tab === 'earlier')
    return (
      <Suspense fallback={<div className="desk" aria-busy="true" />}>
        <EARLIER.View mine={mine.data} number={part} />
      </Suspense>
    );
  if (tab === 'put-right' && mine.data.shows?.copy)
    return (
      <Suspense fallback={<div className="desk" aria-busy="true" />}>
        <PUT_RIGHT.View mine={mine.data} part={part} />
      </Suspense>
    );
  return <Work mine={mine.data} bookId={bookId} tab={tab} />;
}

function Begin({ mine }: { mine: MyTryDetail }) {
  const queries = useQueryClient();
  const now = useNow();
  const begin = useMutation({
    mutationFn: () => post(`my-exercises/${mine.exerciseId}/begin`),
    retry: untilThere,
    onSuccess: (begun) => queries.setQueryData(['mine', mine.exerciseId], begun),
  });
  return (
    <>
      <div className="sheet-head">
        <ExerciseTitle of={mine} />
      </div>
      {isAhead(mine.times, now) || isShut(mine.times, now) ? (
        <NotNow says={timesSaid(mine.times, now)} isOver={isShut(mine.times, now)} />
      ) : (
        <BeginPaper
          brief={mine.brief}
          says={`You get a book of your own. It is saved as you go; hand it in when you are ready. ${sentence(timesSaid(mine.times, now))} ${lasts(mine.times)}`}
          begin={begin}
          after={
            isNew(queries.getQueryData<readonly MyTry[]>(['mine'])) && <FirstMinute mine={mine} />
          }
          {...(mine.mayFile ? { besides: <FileInstead mine={mine} /> } : {})}
        />
      )}
    </>
  );
}

/** Whether somebody has never begun anything here, as far as their list was looked at. */
const isNew = (list: readonly MyTry[] | undefined): boolean =>
  list?.every(({ state }) => state === 'not-started') ?? false;

const sentence = (says: string): string =>
  says === '' ? '' : `It ${says.replace('closed', 'has closed')}.`;

/** How long one has, and how often, where that is said: before one begins. */
const lasts = ({ minutes, tries, counts }: TimesShown): string =>
  [
    minutes === null
      ? ''
      : `You have ${String(minutes)} minutes from when you begin; then it is handed in as it stands.`,
    tries === 1 ? '' : `You have ${String(tries)} tries; ${COUNTS_SAID[counts]}.`,
  ]
    .filter(Boolean)
    .join(' ');

/** What stands in the place of an exercise that can’t be begun now. */
const NotNow = ({ says, isOver }: { readonly says: string; readonly isOver: boolean }) => (
  <main className="desk">
    <section className="paper narrow">
      <h2>{isOver ? 'It has closed' : 'It is not open yet'}</h2>
      <p>{sentence(says)}</p>
      <p className="quiet">
        {isOver
          ? 'You had not begun it. Ask your instructor whether you may have more time.'
          : 'Come back then: this page shows it as soon as it opens.'}
      </p>
    </section>
  </main>
);

/** What is asked and said comes once the work is there. */
const WordsLater = ({ children }: { readonly children: ReactNode }) => (
  <Later>
    <Suspense>{children}</Suspense>
  </Later>
);

function Work({ mine, bookId, tab }: { mine: MyTryDetail; bookId: string; tab: string }) {
  const base = `/mine/${mine.exerciseId}`;
  useNoWishOnceIn(mine, bookId);
  useWhereOneIs(mine.exerciseId, tab);
  if (!TRY_PARTS.some(([part]) => part === tab)) return <Navigate to={`${base}/chart`} replace />;
  const parts = mine.state === 'given-back' ? returnedParts(mine) : TRY_PARTS;
  return (
    <OpenBook id={bookId} key={`${bookId} ${mine.state}`}>
      <div className="sheet-head">
        <ExerciseTitle of={mine} />
        <TryTabs base={base} parts={parts} />
        <div className="actions">
          <BookTools />
          <WordsLater>
            <ASK.View exerciseId={mine.exerciseId} bookId={bookId} />
          </WordsLater>
          <Acts mine={mine} />
        </div>
      </div>
      <BookSays />
      <WordsLater>
        <SAID.View exerciseId={mine.exerciseId} />
      </WordsLater>
      <WorkOf base={base} mine={mine} part={tab} />
    </OpenBook>
  );
}

/** What can be done with the work now; or when it was handed in. */
function Acts({ mine }: { readonly mine: MyTryDetail }) {
  if (mine.state !== 'working')
    return <span className="quiet">{mine.handedInAt && handedInSays(mine, mine.handedInAt)}</span>;
  return (
    <>
      {mine.checkWhileWorking && (
        <Suspense>
          <INTERIM.View exerciseId={mine.exerciseId} asks={mine.asks} />
        </Suspense>
      )}
      {mine.mayFile && <FileInstead mine={mine} />}
      {mine.earlier.length > 0 && (
        <Suspense>
          <BEFORE.View mine={mine} isShort />
        </Suspense>
      )}
      <Until mine={mine} />
      <HandIn mine={mine} />
    </>
  );
}

const handedInSays = ({ cameIn }: MyTryDetail, at: string): string =>
  [`Handed in ${momentText(at)}`, cameInSaid(cameIn)].filter(Boolean).join(', ');

/** Until when the work is open; it is told in another colour when that is soon. */
function Until({ mine: { times } }: { readonly mine: MyTryDetail }) {
  const now = useNow();
  return <span className={isSoon(times, now) ? 'notice' : 'quiet'}>{timesSaid(times, now)}</span>;
}

/** Led through by its steps where it has any; else beside its brief. */
const WorkOf = ({ base, mine, part }: { base: string; mine: MyTryDetail; part: string }) =>
  mine.isGuided ? (
    <Suspense fallback={<div className="desk" aria-busy="true" />}>
      <GUIDED.View base={base} part={part} brief={mine.brief} />
    </Suspense>
  ) : (
    <BesideBrief brief={mine.brief} part={part} />
  );

/** What reads files is fetched only where one may be handed in. */
const FileInstead = ({ mine }: { mine: MyTryDetail }) => (
  <Suspense fallback={null}>
    <HAND_IN_FILE.View mine={mine} />
  </Suspense>
);
