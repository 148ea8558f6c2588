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
export function WorkingRow({ working, around }: { working: Row; around: Row[] }) {
  const queries = useQueryClient();
  const turn = useTurn();
  const remove = async () => {
    await keeping(api.DELETE('/api/workings/{id}', { params: { path: { id: working.id } } }));
    await queries.invalidateQueries();
    notify({ says: `“${working.name}” deleted.`, action: { label: 'Undo', run: () => void turn('undo') } });
  };
  const { stages } = working;
  const joined = working.joined.flatMap((j) => around.filter((w) => w.id === j.working));
  const place = stages.findIndex((s) => s === working.nextStage);
  return (
    <li
      className={`relative flex items-center gap-3 border-t border-rule py-2 ${working.isAside ? 'opacity-65' : ''}`}
    >
      {joined.length > 0 && <Thread />}
      <Link
        className="grid min-w-0 flex-1 grid-cols-[72px_minmax(0,1fr)] items-center gap-x-4 gap-y-1 rounded-md text-inherit no-underline md:grid-cols-[110px_minmax(0,1fr)_170px]"
        to={`/parts/${working.id}/${working.nextStage}`}
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
            {working.changedBySwatches && (
              <>
                {' · swatches changed '}
                {working.changedBySwatches.name.toLowerCase()}{' '}
                <Measure text={working.changedBySwatches.text} />
              </>
            )}
            {working.isAside && ' · not chosen'}
            {joined.length > 0 && ` · sewn to “${joined.map((w) => w.name).join('” and “')}”`}
            {working.waitsFor && (
              <>
                {' · '}first needs: <Measure text={working.waitsFor} />
              </>
            )}
          </span>
        </span>
        <span className="col-span-2 flex items-center gap-2 md:col-span-1 md:justify-end">
          <Beads stages={stages} place={working.isDone ? stages.length : place} />
          <span className="w-14 text-sm text-soft">
            {working.isDone ? 'Finished' : inWords(working.nextStage)}
          </span>
        </span>
        {working.sinceCut && (
          <span
            className={`col-span-2 md:col-span-3 ${working.sinceCut.severity === 'note' ? 'noted' : 'care'}`}
          >
            <b>The plan has changed since it was cut.</b> <Measure text={working.sinceCut.says} />
          </span>
        )}
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

/** The thread that holds a piece to the one above it, whose edge it takes. */
function Thread() {
  return (
    <svg className="absolute -top-3 left-8" width={24} height={24} aria-hidden>
      <path d="M12 0V24" stroke="var(--tacking)" strokeWidth={2.5} strokeDasharray="6 4" />
      <circle cx={12} cy={3} r={3} fill="var(--tacking)" />
      <circle cx={12} cy={21} r={3} fill="var(--tacking)" />
    </svg>
  );
}

/** A stage as it is called on the screen. */
const inWords = (stage: string) =>
  ({ 'set-up': 'Machine settings', sample: 'Test swatch', keep: 'Finish' })[stage] ??
  stage[0]!.toUpperCase() + stage.slice(1);

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
