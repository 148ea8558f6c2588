import { useQueryClient } from '@tanstack/react-query';
import { Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { api } from '../../api/http';
import type { components } from '../../api/schema';
import type { Cloth, Drawing } from '../../api/types';
import { useTurn } from '../../app/history';
import { keeping } from '../../app/kept';
import { notify } from '../../app/notice';
import { Portrait } from '../../drawing/Portrait';
import { Measure } from '../../parts/Measure';

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
  const { stages } = working;
  const place = stages.findIndex((s) => s === working.nextStage);
  return (
    <li className="flex items-center gap-3 border-t border-rule py-2">
      <Link
        className="grid min-w-0 flex-1 grid-cols-[72px_minmax(0,1fr)] items-center gap-x-4 gap-y-1 rounded-md text-inherit no-underline md:grid-cols-[110px_minmax(0,1fr)_170px]"
        to={`/workings/${working.id}/${working.nextStage}`}
      >
        {working.picture ? (
          <Portrait drawing={working.picture as unknown as Drawing} cloth={working.cloth as Cloth} />
        ) : (
          <span />
        )}
        <span className="min-w-0">
          <b className="block text-[1.08rem] break-words">{working.name}</b>
          <span className="block">
            <Measure text={working.isDone ? working.cameOut || working.next : working.next} />
          </span>
          <span className="block text-sm text-soft">
            {working.technique}
            {working.summary && (
              <>
                {' · '}
                <Measure text={working.summary} />
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
          <Beads stages={stages} place={working.isDone ? stages.length : place} />
          <span className="w-14 text-sm text-soft">
            {working.isDone ? 'Kept' : inWords(working.nextStage)}
          </span>
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

/** A stage as it is called on the screen. */
const inWords = (stage: string) => stage[0]!.toUpperCase() + stage.slice(1).replace('-', ' ');

function Beads({ stages, place }: { stages: string[]; place: number }) {
  return (
    <svg width={92} height={16} aria-hidden>
      <path
        d={`M2 8H${14 + (stages.length - 1) * 15.2}`}
        stroke="var(--tacking)"
        strokeWidth={2}
        strokeDasharray="7 4"
      />
      {stages.map((stage, i) => (
        <circle
          key={stage}
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
