import '@fontsource-variable/bricolage-grotesque/index.css';
import '@fontsource-variable/figtree/index.css';
import './styles.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { setNonce } from 'get-nonce';
import { StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, matchPath } from 'react-router';
import { onLookAgain, Refused } from './api/http';
import { workingQuery } from './app/working';
import { workroomQuery } from './app/workroom';
import { fetchWords } from './app/help';
import { fetchLater } from './later';
import { notify } from './app/notice';
import { fetchView, Routed } from './Routed';
import type { Units } from './api/types';
import { techniqueQuery } from './app/useTechnique';

// What dialogs lay down as style carries the nonce of this page; nothing else may.
setNonce(document.querySelector<HTMLMetaElement>('meta[property=csp-nonce]')?.nonce ?? '');

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      // What is not there is not there a second later either; only a failure is tried again.
      retry: (failures, why) => failures < 1 && !(why instanceof Refused && why.problem.status < 500),
      refetchOnWindowFocus: true,
      staleTime: 1000,
    },
  },
});

// Whatever could not be kept and has no place of its own to say so, says so at the foot of the page.
addEventListener('unhandledrejection', (event) => {
  if (event.reason instanceof Refused) notify({ says: event.reason.problem.title });
});

onLookAgain(() => {
  void queries.invalidateQueries();
  notify({ says: 'The program answers again: what you see is what was saved.' });
});

// What a part needs is asked for while its view is still on the way; what cannot be had, the view says.
const opened = matchPath('/parts/:id/*', location.pathname)?.params.id;
if (opened)
  Promise.all([queries.fetchQuery(workroomQuery), queries.fetchQuery(workingQuery(opened))])
    .then(([{ units }, { technique }]) => queries.prefetchQuery(techniqueQuery(technique, units as Units)))
    .catch(() => null);

const fetchAhead = () => {
  fetchLater();
  void fetchWords();
};
addEventListener('load', () => setTimeout(fetchAhead, 3000));

// What cannot be had is tried again as it is drawn, and said there.
await fetchView(location.pathname).catch(() => null);
createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <Suspense>
          <Routed />
        </Suspense>
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
