import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { Suspense } from 'react';
import { get, Problem } from './api/client';
import { untilThere } from './api/try-again';
import { Asking } from './shell/Asking';
import { Mended } from './shell/Mended';
import { SignIn } from './shell/SignIn';
import { lazyView } from './shell/lazy-view';

/** What lies behind the door is fetched by who comes in. */
const INSIDE = lazyView(() => import('./inside').then(({ Inside }) => Inside));

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      retry: untilThere,
      staleTime: 5_000,
    },
  },
});

export function App() {
  return (
    <QueryClientProvider client={queries}>
      <Mended what="all">
        <Suspense fallback={<div className="desk" aria-busy="true" />}>
          <Doorway />
        </Suspense>
      </Mended>
    </QueryClientProvider>
  );
}

function Doorway() {
  const me = useQuery({ queryKey: ['me'], queryFn: () => get('me'), staleTime: Infinity });
  if (me.error instanceof Problem && me.error.status === 401 && !me.data)
    return <SignIn onEntering={() => void INSIDE.ahead()} />;
  if (!me.data) return <Asking of={me} what="The application" />;
  return <INSIDE.View me={me.data} />;
}
