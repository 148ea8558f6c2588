import { Suspense, useEffect, useState } from 'react';
import { Link, Outlet, useLocation, useNavigate } from 'react-router';
import { useTurn } from './history';
import { useKeys } from './keys';
import { lastWorking } from './lastWorking';
import { later } from '../later';
import { useNotice, notify } from './notice';
import { useChangeWorkroom, useUnits } from './workroom';

const FindDialog = later(async () => (await import('./FindDialog')).FindDialog);
const KeysDialog = later(async () => (await import('./KeysDialog')).KeysDialog);

const views = [
  { name: 'Projects', to: '/', dot: 'var(--clay)' },
  { name: 'This part', to: '/workings', dot: 'var(--tacking)' },
  { name: 'Swatches', to: '/swatches', dot: 'var(--teal)' },
  { name: 'Supplies', to: '/drawer', dot: 'var(--plum)' },
  { name: 'Calculator', to: '/reckoner', dot: 'var(--indigo)' },
  { name: 'Practice', to: '/practice', dot: 'var(--chalk)' },
  { name: 'Settings', to: '/workroom', dot: 'var(--moss)' },
];

/** What is round every view: the selvedge, the keys that work everywhere, and the line at the foot. */
export function Shell() {
  const [open, setOpen] = useState<'find' | 'keys' | null>(null);
  const navigate = useNavigate();
  const units = useUnits();
  const change = useChangeWorkroom();
  const turn = useTurn();
  const { pathname } = useLocation();

  // In braces, because newer browsers answer a scroll with a promise, which is no clean-up.
  useEffect(() => {
    window.scrollTo(0, 0);
  }, [pathname]);

  useKeys([
    { keys: ['?'], shown: '?', says: 'show this list', run: () => setOpen('keys') },
    { keys: ['/', 'Ctrl+k'], shown: '/', says: 'search', run: () => setOpen('find') },
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
    { keys: ['d'], shown: 'd', says: 'go to Supplies', run: () => void navigate('/drawer') },
    { keys: ['s'], shown: 's', says: 'go to Swatches', run: () => void navigate('/swatches') },
    {
      keys: ['a'],
      shown: 'a',
      says: 'find settings for a technique',
      run: () => void navigate('/drawer/ask'),
    },
  ]);

  return (
    <div className="shell">
      <a
        href="#page"
        className="sr-only focus:not-sr-only focus:absolute focus:z-20 focus:bg-paper focus:p-3"
      >
        Skip to content
      </a>
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
        <Outlet context={{ open: setOpen } satisfies ShellContext} />
      </main>
      <NoticeLine />
      {open === 'find' && <Finding close={() => setOpen(null)} />}
      <Suspense>{open === 'keys' && <KeysDialog close={() => setOpen(null)} />}</Suspense>
    </div>
  );
}

/** The find dialog; what is typed before it has come goes into it. */
function Finding({ close }: { close: () => void }) {
  const [early, setEarly] = useState('');
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
      <FindDialog begun={early} close={close} />
    </Suspense>
  );
}

export type ShellContext = { open: (what: 'find' | 'keys') => void };

function ViewLink({ name, to, dot, pathname }: { name: string; to: string; dot: string; pathname: string }) {
  const isHere = to === '/' ? pathname === '/' : pathname.startsWith(to);
  const last = lastWorking();
  if (name === 'This part' && !isHere && !last) return null;
  const target = name === 'This part' ? (isHere ? pathname : `/workings/${last}`) : to;
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
