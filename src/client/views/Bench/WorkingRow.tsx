import { useQueryClient } from '@tanstack/react-query';
import { Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { api } from '../../api/http';
import type { components } from '../../api/schema';
import type { Cloth } from '../../api/types';
import { useTurn } from '../../app/history';
import { keeping } from '../../app/kept';
import { notify } from '../../app/notice';
import { Measure } from '../../parts/Measure';
import { stages } from '../Working/stages';
import { Portrait } from './Portrait';

type Row = components['schemas']['BenchWorking'];

/** A working on the bench: its picture, what is next, and how far it has come. */
export function WorkingRow({ working }: { working: Row }) {
  const queries = useQueryClient();
  const turn = useTurn();
  const remove = async () => {
    await keeping(api.DELETE('/api/workings/{id}', { params: { path: { id: working.id } } }));
    await queries.invalidateQueries();
    notify({ says: `“${working.name}” deleted.`, action: { label: 'Undo', run: () => void turn('undo') } });
  };
  const place = stages.findIndex((s) => s.name === working.nextStage);
  return (
    <li className="flex items-center gap-3 border-t border-rule py-2">
      <Link
        className="grid min-w-0 flex-1 grid-cols-[72px_minmax(0,1fr)] items-center gap-x-4 gap-y-1 rounded-md text-inherit no-underline md:grid-cols-[110px_minmax(0,1fr)_170px]"
        to={`/workings/${working.id}/${working.nextStage}`}
      >
        <Portrait slope={working.slope} cloth={working.cloth as Cloth} />
        <span className="min-w-0">
          <b className="block text-[1.08rem] break-words">{working.name}</b>
          <span className="block">
            <Measure text={working.isDone ? working.cameOut || working.next : working.next} />
          </span>
          <span className="block text-sm text-soft">
            {working.technique}
            {working.edge && (
              <>
                {' · '}
                <Measure text={working.edge} /> at {working.fullness.toFixed(2)}
              </>
            )}
            {working.waitsFor && (
              <>
                {' · '}waits for <Measure text={working.waitsFor} />
              </>
            )}
          </span>
        </span>
        <span className="col-span-2 flex items-center gap-2 md:col-span-1 md:justify-end">
          <Beads place={working.isDone ? stages.length : place} />
          <span className="w-14 text-sm text-soft">{working.isDone ? 'Kept' : stages[place]?.title}</span>
        </span>
      </Link>
      <button
        type="button"
        className="grid h-11 w-11 shrink-0 place-items-center rounded-lg"
        aria-label={`Delete ${working.name}`}
        onClick={() => void remove()}
      >
        <Trash2 size={18} aria-hidden />
      </button>
    </li>
  );
}

function Beads({ place }: { place: number }) {
  return (
    <svg width={92} height={16} aria-hidden>
      <path d="M2 8H90" stroke="var(--tacking)" strokeWidth={2} strokeDasharray="7 4" />
      {stages.map((stage, i) => (
        <circle
          key={stage.name}
          cx={8 + i * 15.2}
          cy={8}
          r={i === place ? 6 : 4.2}
          fill={i < place ? 'var(--slate)' : i === place ? 'var(--tacking)' : 'var(--paper)'}
          stroke={i === place ? 'var(--tacking)' : 'var(--slate)'}
          strokeWidth={2}
        />
      ))}
    </svg>
  );
}
