import type { ReactElement } from 'react';
import { matchRoutes, useLocation, useRoutes, type RouteObject } from 'react-router';
import { later } from './later';
import { Broken } from './app/Broken';
import { Lost } from './app/Lost';
import { moved } from './app/moved';
import { Shell } from './app/Shell';

// Each view comes when it is first wanted; the others follow once the first stands, so that turning to one needs no wait.
const Bench = later(async () => (await import('./views/Bench/Bench')).Bench);
const Working = later(async () => (await import('./views/Working/Working')).Working);
const Machine = later(async () => (await import('./views/Machine/Machine')).Machine);
const Reckoner = later(async () => (await import('./views/Reckoner/Reckoner')).Reckoner);
const WhichWay = later(async () => (await import('./views/Reckoner/WhichWay')).WhichWay);
const SwatchBook = later(async () => (await import('./views/SwatchBook/SwatchBook')).SwatchBook);
const SwatchPage = later(async () => (await import('./views/SwatchBook/SwatchPage')).SwatchPage);
const Drawer = later(async () => (await import('./views/Drawer/Drawer')).Drawer);
const ThingPage = later(async () => (await import('./views/Drawer/ThingPage')).ThingPage);
const Chart = later(async () => (await import('./views/Drawer/Chart')).Chart);
const AskDrawer = later(async () => (await import('./views/Drawer/AskDrawer')).AskDrawer);
const Rules = later(async () => (await import('./views/Drawer/Rules')).Rules);
const Cutting = later(async () => (await import('./views/Cutting/Cutting')).Cutting);
const Faults = later(async () => (await import('./views/Faults/Faults')).Faults);
const Practice = later(async () => (await import('./views/Practice/Practice')).Practice);
const Workroom = later(async () => (await import('./views/Workroom/Workroom')).Workroom);

const routes: RouteObject[] = [
  {
    element: <Shell />,
    children: [
      { path: '/', element: <Bench /> },
      { path: '/parts/:id', element: <Working /> },
      { path: '/parts/:id/:stage', element: <Working /> },
      { path: '/projects/:id/cutting', element: <Cutting /> },
      { path: '/calculator', element: <Reckoner /> },
      { path: '/calculator/which-way', element: <WhichWay /> },
      { path: '/calculator/:technique', element: <Reckoner /> },
      { path: '/swatches', element: <SwatchBook /> },
      { path: '/swatches/:id', element: <SwatchPage /> },
      { path: '/supplies', element: <Drawer /> },
      { path: '/supplies/chart', element: <Chart /> },
      { path: '/supplies/settings', element: <AskDrawer /> },
      { path: '/supplies/rules', element: <Rules /> },
      { path: '/supplies/thing/:id', element: <ThingPage /> },
      { path: '/supplies/:kind', element: <Drawer /> },
      { path: '/faults', element: <Faults /> },
      { path: '/practice', element: <Practice /> },
      { path: '/practice/:exercise', element: <Practice /> },
      { path: '/settings', element: <Workroom /> },
      ...moved,
      { path: '*', element: <Lost /> },
    ],
  },
  { path: '/parts/:id/machine', element: <Machine /> },
];

/** Asks for the view that an address opens, so that it stands with the first thing that is drawn. */
export async function fetchView(pathname: string) {
  const view = matchRoutes(routes, pathname)?.at(-1)?.route.element as ReactElement | undefined;
  const { fetch } = (view?.type ?? {}) as { fetch?: () => Promise<unknown> };
  await fetch?.();
}

/** The view that the address opens; the one before stays until it has come. */
export function Routed() {
  const { pathname } = useLocation();
  return <Broken at={pathname}>{useRoutes(routes)}</Broken>;
}
