import '@fontsource-variable/bricolage-grotesque/index.css';
import '@fontsource-variable/figtree/index.css';
import './styles.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { setNonce } from 'get-nonce';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider, type LoaderFunctionArgs } from 'react-router';
import { onLookAgain, Refused } from './api/http';
import { workingQuery } from './app/working';
import { workroomQuery } from './app/workroom';
import { Lost } from './app/Lost';
import { moved } from './app/moved';
import { fetchWords } from './app/help';
import { fetchLater } from './later';
import { notify } from './app/notice';
import { Shell } from './app/Shell';
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

// What a working needs is asked for while its view is still on the way; what cannot be had, the view says.
const askAhead = ({ params: { id = '' } }: LoaderFunctionArgs) => {
  void Promise.all([queries.fetchQuery(workroomQuery), queries.fetchQuery(workingQuery(id))])
    .then(([{ units }, { technique }]) => queries.prefetchQuery(techniqueQuery(technique, units as Units)))
    .catch(() => null);
  return null;
};

// Each view comes when it is first wanted; the others follow once the first stands, so that turning to one needs no wait.
const views = {
  bench: async () => ({ Component: (await import('./views/Bench/Bench')).Bench }),
  working: async () => ({ Component: (await import('./views/Working/Working')).Working }),
  machine: async () => ({ Component: (await import('./views/Machine/Machine')).Machine }),
  reckoner: async () => ({ Component: (await import('./views/Reckoner/Reckoner')).Reckoner }),
  drawer: async () => ({ Component: (await import('./views/Drawer/Drawer')).Drawer }),
  thing: async () => ({ Component: (await import('./views/Drawer/ThingPage')).ThingPage }),
  chart: async () => ({ Component: (await import('./views/Drawer/Chart')).Chart }),
  ask: async () => ({ Component: (await import('./views/Drawer/AskDrawer')).AskDrawer }),
  rules: async () => ({ Component: (await import('./views/Drawer/Rules')).Rules }),
  whichWay: async () => ({ Component: (await import('./views/Reckoner/WhichWay')).WhichWay }),
  book: async () => ({ Component: (await import('./views/SwatchBook/SwatchBook')).SwatchBook }),
  swatch: async () => ({ Component: (await import('./views/SwatchBook/SwatchPage')).SwatchPage }),
  practice: async () => ({ Component: (await import('./views/Practice/Practice')).Practice }),
  workroom: async () => ({ Component: (await import('./views/Workroom/Workroom')).Workroom }),
};

const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Lost />,
    HydrateFallback: () => null,
    children: [
      { path: '/', lazy: views.bench },
      { path: '/parts/:id', lazy: views.working, loader: askAhead, shouldRevalidate: () => false },
      { path: '/parts/:id/:stage', lazy: views.working, loader: askAhead, shouldRevalidate: () => false },
      { path: '/calculator', lazy: views.reckoner },
      { path: '/calculator/which-way', lazy: views.whichWay },
      { path: '/calculator/:technique', lazy: views.reckoner },
      { path: '/swatches', lazy: views.book },
      { path: '/swatches/:id', lazy: views.swatch },
      { path: '/supplies', lazy: views.drawer },
      { path: '/supplies/chart', lazy: views.chart },
      { path: '/supplies/settings', lazy: views.ask },
      { path: '/supplies/rules', lazy: views.rules },
      { path: '/supplies/thing/:id', lazy: views.thing },
      { path: '/supplies/:kind', lazy: views.drawer },
      { path: '/practice', lazy: views.practice },
      { path: '/practice/:exercise', lazy: views.practice },
      { path: '/settings', lazy: views.workroom },
      ...moved,
      { path: '*', element: <Lost /> },
    ],
  },
  {
    path: '/parts/:id/machine',
    lazy: views.machine,
    errorElement: <Lost />,
    HydrateFallback: () => null,
  },
]);

const fetchAhead = () => {
  Object.values(views).forEach((view) => void view());
  fetchLater();
  void fetchWords();
};
addEventListener('load', () => setTimeout(fetchAhead, 3000));

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  </StrictMode>,
);
