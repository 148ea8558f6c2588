import { Redo2, Search, Undo2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { useOutletContext } from 'react-router';
import { saysOfStep, useHistory, useTurn } from './history';
import { openHelp } from './help';
import { useKept } from './kept';
import type { ShellContext } from './Shell';
import { useChangeWorkroom, useUnits } from './workroom';

/** The head of a view: its name, where it belongs, and whether all is kept. */
export function PageHead({ title, crumb }: { title: ReactNode; crumb?: ReactNode }) {
  const shell = useOutletContext<ShellContext>();
  const units = useUnits();
  const change = useChangeWorkroom();
  const history = useHistory().data;
  const turn = useTurn();
  return (
    <header className="flex flex-wrap items-center gap-x-4 gap-y-1">
      <div className="flex min-w-0 flex-1 basis-72 flex-wrap items-baseline gap-x-4">
        <h1 className="min-w-0 text-[1.8rem] break-words max-sm:text-[1.45rem]">{title}</h1>
        {crumb && <p className="text-soft">{crumb}</p>}
      </div>
      <div className="no-print flex items-center gap-1">
        <KeptSign />
        <Tool
          label={history?.undo ? `Undo: ${saysOfStep(history.undo)}` : 'Nothing to undo'}
          off={!history?.undo}
          run={() => void turn('undo')}
        >
          <Undo2 size={19} aria-hidden />
        </Tool>
        <Tool
          label={history?.redo ? `Redo: ${saysOfStep(history.redo)}` : 'Nothing to redo'}
          off={!history?.redo}
          run={() => void turn('redo')}
        >
          <Redo2 size={19} aria-hidden />
        </Tool>
        <Tool label="Search" run={shell.find}>
          <Search size={19} aria-hidden />
        </Tool>
        <button
          type="button"
          className="min-h-11 rounded-lg bg-paper px-3 font-semibold"
          onClick={() => change.mutate({ units: units === 'metric' ? 'imperial' : 'metric' })}
          aria-label={units === 'metric' ? 'Centimetres; change to inches' : 'Inches; change to centimetres'}
        >
          {units === 'metric' ? 'cm' : 'in'} <kbd aria-hidden>u</kbd>
        </button>
        <Tool label="Help" run={() => openHelp()}>
          <span aria-hidden className="font-bold">
            ?
          </span>
        </Tool>
      </div>
    </header>
  );
}

function Tool({
  label,
  off,
  run,
  children,
}: {
  label: string;
  off?: boolean;
  run: () => void;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      className="grid h-11 w-11 place-items-center rounded-lg aria-disabled:opacity-45"
      aria-label={label}
      title={label}
      aria-disabled={off}
      onClick={() => !off && run()}
    >
      {children}
    </button>
  );
}

function KeptSign() {
  const kept = useKept();
  return (
    <p
      role="status"
      className={`mr-1 text-sm font-semibold ${kept.state === 'waiting' ? 'rounded bg-chalk px-2 py-1 text-on-chalk' : 'text-moss'}`}
    >
      {kept.state === 'kept' ? '✓ ' : ''}
      {kept.says}
    </p>
  );
}
