import { Suspense, useEffect, useState } from 'react';
import { Link, Outlet, useLocation, useNavigate } from 'react-router';
import { useTurn } from './history';
import { closeHelp, openHelp, useHelp } from './help';
import { useKeys } from './keys';
import { lastWorking } from './lastWorking';
import { later } from '../later';
import { useNotice, notify } from './notice';
import { SkipLinks, useAnnounced } from './reach';
import { TourBox } from './tour';
import { useChangeWorkroom, useUnits } from './workroom';

const FindDialog = later(async () => (await import('./FindDialog')).FindDialog);
const HelpDialog = later(async () => (await import('./HelpDialog')).HelpDialog);

const views = [
  { name: 'Projects', to: '/', dot: 'var(--clay)' },
  { name: 'This part', to: '/parts', dot: 'var(--tacking)' },
  { name: 'Swatches', to: '/swatches', dot: 'var(--teal)' },
  { name: 'Supplies', to: '/supplies', dot: 'var(--plum)' },
  { name: 'Calculator', to: '/calculator', dot: 'var(--indigo)' },
  { name: 'Practice', to: '/practice', dot: 'var(--chalk)' },
  { name: 'Settings', to: '/settings', dot: 'var(--moss)' },
];

/** What is round every view: the selvedge, the keys that work everywhere, and the line at the foot. */
export function Shell() {
  const [isFinding, setFinding] = useState(false);
  const help = useHelp();
  const navigate = useNavigate();
  const units = useUnits();
  const change = useChangeWorkroom();
  const turn = useTurn();
  const { pathname } = useLocation();

  // In braces, because newer browsers answer a scroll with a promise, which is no clean-up.
  useEffect(() => {
    window.scrollTo(0, 0);
  }, [pathname]);

  const announced = useAnnounced(pathname);

  useKeys([
    { keys: ['?'], shown: '?', says: 'help', run: () => openHelp() },
    { keys: ['/', 'Ctrl+k'], shown: '/', says: 'search', run: () => setFinding(true) },
    {
      keys: ['u'],
      shown: 'u',
      says: units === 'metric' ? 'show inches' : 'show centimetres',
      run: () => change.mutate({ units: units === 'metric' ? 'imperial' : 'metric' }),
    },
    { keys: ['Ctrl+z'], shown: 'Ctrl Z', says: 'undo', run: () => void turn('undo') },
    {
      keys: ['Ctrl+Shift+z', 'Ctrl+y'],
      shown: 'Ctrl Shift Z',
      says: 'redo',
      run: () => void turn('redo'),
    },
    { keys: ['b'], shown: 'b', says: 'go to Projects', run: () => void navigate('/') },
    { keys: ['d'], shown: 'd', says: 'go to Supplies', run: () => void navigate('/supplies') },
    { keys: ['s'], shown: 's', says: 'go to Swatches', run: () => void navigate('/swatches') },
    {
      keys: ['a'],
      shown: 'a',
      says: 'find settings for a technique',
      run: () => void navigate('/supplies/settings'),
    },
  ]);

  return (
    <div className="shell">
      <SkipLinks />
      <p role="status" className="sr-only">
        {announced}
      </p>
      <nav className="selvedge" aria-label="Main menu">
        {views.map((view) => (
          <ViewLink key={view.name} {...view} pathname={pathname} />
        ))}
        <p className="house" aria-hidden>
          ZEPHYR
          <br />
          REACH
        </p>
      </nav>
      <main className="page" id="page" tabIndex={-1}>
        <Outlet context={{ find: () => setFinding(true) } satisfies ShellContext} />
      </main>
      <TourBox />
      <NoticeLine />
      {isFinding && <Finding close={() => setFinding(false)} />}
      <Suspense>{help && <HelpDialog at={help} close={closeHelp} />}</Suspense>
    </div>
  );
}

/** The find dialog; what is typed before it has come goes into it. */
function Finding({ close }: { close: () => void }) {
  const [early, setEarly] = useState('');
  const [back] = useState(() => document.activeElement);
  return (
    <Suspense
      fallback={
        <input
          aria-label="Search"
          className="sr-only"
          // eslint-disable-next-line jsx-a11y/no-autofocus -- her key asked for it
          autoFocus
          value={early}
          onChange={(e) => setEarly(e.target.value)}
        />
      }
    >
      <FindDialog begun={early} close={close} back={back} />
    </Suspense>
  );
}

export type ShellContext = { find: () => void };

function ViewLink({ name, to, dot, pathname }: { name: string; to: string; dot: string; pathname: string }) {
  const isHere = to === '/' ? /^\/($|projects\/)/.test(pathname) : pathname.startsWith(to);
  const last = lastWorking();
  if (name === 'This part' && !isHere && !last) return null;
  const target = name === 'This part' ? (isHere ? pathname : `/parts/${last}`) : to;
  return (
    <Link
      to={target}
      aria-current={isHere ? 'page' : undefined}
      style={{ '--dot': dot } as React.CSSProperties}
    >
      <i aria-hidden />
      {name}
    </Link>
  );
}

function NoticeLine() {
  const notice = useNotice();
  return (
    <div
      role="status"
      className="no-print fixed bottom-20 left-1/2 z-10 w-max max-w-[92vw] -translate-x-1/2 md:bottom-6"
    >
      {notice && (
        <p className="flex items-center gap-3 rounded-lg bg-ink py-1 pr-2 pl-5 text-paper shadow-lg">
          <span className="py-2">{notice.says}</span>
          {notice.leads && (
            <Link
              className="min-h-11 content-center rounded-md px-3 font-bold underline underline-offset-4"
              to={notice.leads.to}
              onClick={() => notify(null)}
            >
              {notice.leads.label}
            </Link>
          )}
          {notice.action && (
            <button
              type="button"
              className="min-h-11 rounded-md px-3 font-bold underline underline-offset-4"
              onClick={() => {
                notice.action!.run();
                notify(null);
              }}
            >
              {notice.action.label}
            </button>
          )}
        </p>
      )}
    </div>
  );
}
