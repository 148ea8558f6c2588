import { Link2, Unlink } from 'lucide-react';
import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { Answer, Ask, Technique } from '../../api/types';
import { workingQuery } from '../../app/working';
import type { Reckoning } from '../../app/useReckoning';
import type { EditedWorking } from '../../app/useWorking';
import { Measure } from '../Measure';
import { useAround } from './useAround';

type Props = { working: EditedWorking; technique: Technique; reckoning: Reckoning<Answer> };

/** An edge that takes its length from another piece of the project: chosen here, told here, let go of here. */
export function TakenFrom({ working, technique, reckoning }: Props) {
  const queries = useQueryClient();
  const around = useAround(working.row!.projectId);
  const field = technique.fields.find((f) => f.isEdge);
  if (!field) return null;
  const link = working.links[field.name];
  const others = around
    .filter(
      (w) => w.id !== working.id && w.piece !== working.row!.piece && !hangsOn(w.id, working.id, around),
    )
    .flatMap((w) => w.edges.map((edge) => ({ ...edge, working: w })));
  if (link) {
    const from = around.find((w) => w.id === link.working);
    return (
      <p className="no-print flex flex-wrap items-center gap-x-3 gap-y-1">
        <Link2 size={18} className="text-tacking" aria-hidden />
        <span>
          {field.label}:{' '}
          <b>
            <Measure text={reckoning.understood[field.name]?.text ?? ''} />
          </b>
          , the {from?.edges.find((e) => e.key === link.edge)?.name ?? 'edge'} of{' '}
          {from ? <Link to={`/parts/${from.id}`}>{from.name}</Link> : 'a deleted part'}
        </span>
        <button
          type="button"
          className="btn bare"
          onClick={() =>
            working.change({
              links: { [field.name]: null },
              // What it was stays, as a figure of its own.
              ask: { [field.name]: reckoning.understood[field.name]?.text ?? null },
            })
          }
        >
          <Unlink size={16} aria-hidden /> Unlink
        </button>
      </p>
    );
  }
  if (others.length === 0) return null;
  const take = async (key: string) => {
    const edge = others.find((o) => `${o.working.id} ${o.key}` === key);
    if (!edge) return;
    const from = await queries.fetchQuery(workingQuery(edge.working.id));
    const theirs = from.ask as Ask;
    const along = technique.fields.filter(
      (f) => (f.comesAlong || f.from.startsWith('cloth.')) && theirs[f.name] !== undefined,
    );
    working.change({
      links: { [field.name]: { working: edge.working.id, edge: edge.key } },
      ask: Object.fromEntries(along.map(({ name }) => [name, theirs[name]])),
      cloth: from.cloth as never,
      ...((from.uses as Record<string, string>).cloth
        ? { uses: { cloth: (from.uses as Record<string, string>).cloth! } }
        : {}),
    });
  };
  return (
    <label className="take-from no-print">
      <Link2 size={16} aria-hidden /> {field.label} from another part
      <select value="" onChange={(e) => void take(e.target.value)}>
        <option value="">enter it here</option>
        {others.map((o) => (
          <option key={o.working.id + o.key} value={`${o.working.id} ${o.key}`}>
            {o.working.name}: {o.name}, {o.length}
          </option>
        ))}
      </select>
    </label>
  );
}

/** Whether a piece takes an edge, over whichever others, from another. */
function hangsOn(
  from: string,
  to: string,
  around: ReturnType<typeof useAround>,
  seen = new Set<string>(),
): boolean {
  if (seen.has(from)) return false;
  seen.add(from);
  return (around.find((w) => w.id === from)?.joined ?? []).some(
    (j) => j.working === to || hangsOn(j.working, to, around, seen),
  );
}
