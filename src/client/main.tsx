import '@fontsource-variable/bricolage-grotesque/index.css';
import '@fontsource-variable/figtree/index.css';
import './styles.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { Refused } from './api/http';
import { Lost } from './app/Lost';
import { notify } from './app/notice';
import { Shell } from './app/Shell';
import { Bench } from './views/Bench/Bench';
import { Machine } from './views/Machine/Machine';
import { Reckoner } from './views/Reckoner/Reckoner';
import { Working } from './views/Working/Working';
import { Workroom } from './views/Workroom/Workroom';

const queries = new QueryClient({
  defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: true, staleTime: 1000 } },
});

// Whatever could not be kept and has no place of its own to say so, says so at the foot of the page.
addEventListener('unhandledrejection', (event) => {
  if (event.reason instanceof Refused) notify({ says: event.reason.problem.title });
});

const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Lost />,
    children: [
      { path: '/', element: <Bench /> },
      { path: '/workings/:id', element: <Working /> },
      { path: '/workings/:id/:stage', element: <Working /> },
      { path: '/reckoner', element: <Reckoner /> },
      { path: '/reckoner/:technique', element: <Reckoner /> },
      { path: '/workroom', element: <Workroom /> },
      { path: '*', element: <Lost /> },
    ],
  },
  { path: '/workings/:id/machine', element: <Machine />, errorElement: <Lost /> },
]);

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  </StrictMode>,
);
