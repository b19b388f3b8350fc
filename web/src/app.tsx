import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { Suspense, useEffect } from 'react';
import { get, Problem } from './platform/api/client';
import { untilThere } from './platform/api/try-again';
import { areOf, forgetAnswers } from './platform/offline/kept-answers';
import { Asking } from './platform/shell/Asking';
import { ChooseByLink, linkInAddress } from './platform/shell/ChooseByLink';
import { ChooseFirst } from './platform/shell/ChooseFirst';
import { refusalInAddress } from './platform/shell/refusal-in-address';
import { Recovering } from './platform/shell/Recovering';
import { SignIn } from './platform/shell/SignIn';
import { lazyView } from './platform/shell/lazy-view';

/** What lies behind the door is fetched by who comes in. */
const INSIDE = lazyView(() => import('./inside').then(({ Inside }) => Inside));

/** Why somebody is not let in whom the school’s platform sends. */
const REFUSED = lazyView(() =>
  import('./platform/shell/RefusedArrival').then(({ RefusedArrival }) => RefusedArrival),
);

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      retry: untilThere,
      staleTime: 5_000,
      // What was kept answers where there is no line; and what fails says so.
      networkMode: 'always',
    },
    mutations: { networkMode: 'always' },
  },
});

export function App() {
  return (
    <QueryClientProvider client={queries}>
      <Recovering what="all">
        <Suspense fallback={<div className="desk" aria-busy="true" />}>
          <Doorway />
        </Suspense>
      </Recovering>
    </QueryClientProvider>
  );
}

function Doorway() {
  const refused = refusalInAddress();
  if (refused !== null) return <REFUSED.View why={refused} />;
  const link = linkInAddress();
  return link === null ? <AtDoor /> : <AtLink token={link} />;
}

/** Whoever is in goes on; until then the link is what they came for. */
function AtLink({ token }: { readonly token: string }) {
  const me = useQuery({ queryKey: ['me'], queryFn: () => get('me'), enabled: false });
  return me.data ? <INSIDE.View me={me.data} /> : <ChooseByLink token={token} />;
}

function AtDoor() {
  const me = useQuery({ queryKey: ['me'], queryFn: () => get('me'), staleTime: Infinity });
  const isOut = me.error instanceof Problem && me.error.status === 401 && !me.data;
  // Signed out elsewhere, too: nothing of theirs is left here.
  useEffect(() => {
    if (isOut) void forgetAnswers();
  }, [isOut]);
  // Whom the school’s platform brings in comes by no door of ours.
  const who = me.data?.id;
  useEffect(() => {
    if (who !== undefined) void areOf(who);
  }, [who]);
  if (isOut) return <SignIn onEntering={() => void INSIDE.ahead()} />;
  if (!me.data) return <Asking of={me} what="The application" />;
  if (me.data.isFirstPassword) return <ChooseFirst me={me.data} />;
  return <INSIDE.View me={me.data} />;
}
