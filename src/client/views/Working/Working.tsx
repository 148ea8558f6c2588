import { useQuery } from '@tanstack/react-query';
import { Suspense, useEffect, useRef } from 'react';
import { Link, useLocation, useNavigate, useParams } from 'react-router';
import { api, Refused, value } from '../../api/http';
import type { Stage, Technique } from '../../api/types';
import { canKeepHere } from '../../app/drafts';
import { useKeys } from '../../app/keys';
import { rememberWorking } from '../../app/lastWorking';
import { later } from '../../later';
import { PageHead } from '../../app/PageHead';
import { useReckoning } from '../../app/useReckoning';
import { useTechnique } from '../../app/useTechnique';
import { useWorking } from '../../app/useWorking';
import { useUnits } from '../../app/workroom';
import { useAround } from '../../parts/together/useAround';
import { useLearnt } from '../../parts/swatch/useLearnt';
import { Plan } from './Plan';
import { StageThread } from './StageThread';

const Sample = later(async () => (await import('./Sample')).Sample);
const Cut = later(async () => (await import('./Cut')).Cut);
const SetUp = later(async () => (await import('./SetUp')).SetUp);
const Sew = later(async () => (await import('./Sew')).Sew);
const Keep = later(async () => (await import('./Keep')).Keep);

/** One technique at one place in a project, through its six stages. */
export function Working() {
  const { id = '' } = useParams();
  return <Opened key={id} id={id} />;
}

function Opened({ id }: { id: string }) {
  const working = useWorking(id);
  const missing = working.failed instanceof Refused && working.failed.problem.status === 404;
  useEffect(() => {
    if (missing) rememberWorking(null);
    else if (working.row) rememberWorking(id);
  }, [id, missing, working.row]);
  if (missing) {
    return (
      <div className="tacked mx-auto mt-16 max-w-lg">
        <h1 className="text-2xl">This part no longer exists</h1>
        <p className="my-3">
          It was deleted, perhaps on another device. Undo brings it back with its swatches.
        </p>
        <Link className="btn" to="/">
          Back to Projects
        </Link>
      </div>
    );
  }
  if (!working.row) return <p className="p-8 text-soft">Opening…</p>;
  return <Staged working={working} />;
}

function Staged({ working }: { working: ReturnType<typeof useWorking> }) {
  const { id } = working;
  const { stage: asked } = useParams();
  const row = working.row!;
  const units = useUnits();
  const technique = useTechnique(row.technique).data;
  const stages = technique?.stages ?? [];
  const stage = stages.some((s) => s.name === asked) ? (asked as Stage) : working.stage;
  const learnt = useLearnt(working, technique);
  const reckoning = useReckoning(
    `workings/${id}/reckon`,
    working.ask,
    units,
    'working,drawings,steps,understood,swatches',
    `${learnt} ${working.restsOn}`,
  );
  const project = useQuery({
    queryKey: ['project', row.projectId],
    queryFn: () => value(api.GET('/api/projects/{id}', { params: { path: { id: row.projectId } } })),
  }).data;
  useStageKeys(id, row.projectId, stages);

  const isOpen = Boolean(technique);
  const begun = (useLocation().state as { begun?: boolean } | null)?.begun;
  const rooms = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // A working that was just begun waits for its first figure.
    if (begun && isOpen) rooms.current?.querySelector<HTMLInputElement>('input.entry')?.focus();
  }, [begun, isOpen]);

  const { change } = working;
  useEffect(() => {
    if (isOpen && working.stage !== stage) change({ stage });
    // The stage follows the address, not the other way round.
  }, [isOpen, stage, change, working.stage]);

  if (!technique) return <p className="p-8 text-soft">Opening…</p>;
  const shared = { working, technique, reckoning, units };
  return (
    <>
      <PageHead
        title={<NameField name={working.name} rename={(name) => working.change({ name }, 'pause')} />}
        crumb={
          <>
            <Link to={`/#${row.projectId}`}>{project?.name ?? ''}</Link> · {technique.title}
          </>
        }
      />
      <StageThread id={id} now={stage} stages={stages} />
      {reckoning.unreachable && (
        <p className="care mb-3">
          {reckoning.unreachable}{' '}
          {canKeepHere()
            ? 'What you type is saved in this browser until then.'
            : 'This browser has no room to keep what you type: leave the page open.'}
        </p>
      )}
      <div ref={rooms} className="min-w-0">
        <Suspense>
          {stage === 'plan' && <Plan {...shared} />}
          {stage === 'set-up' && <SetUp {...shared} />}
          {stage === 'sample' && <Sample {...shared} />}
          {stage === 'cut' && <Cut {...shared} />}
          {stage === 'sew' && <Sew {...shared} />}
          {stage === 'keep' && <Keep {...shared} />}
        </Suspense>
      </div>
    </>
  );
}

function NameField({ name, rename }: { name: string; rename: (name: string) => void }) {
  return (
    <input
      aria-label="Name of this part"
      className="field-sizing-content max-w-full min-w-40 text-ellipsis rounded bg-transparent hover:bg-paper focus:bg-paper"
      value={name}
      maxLength={200}
      onChange={(e) => e.target.value.trim() && rename(e.target.value)}
    />
  );
}

/** The figures go to a stage, [ and ] to the neighbouring working. */
function useStageKeys(id: string, projectId: string, stages: Technique['stages']) {
  const navigate = useNavigate();
  const here = useAround(projectId);
  const go = (by: number) => {
    const place = here.findIndex((w) => w.id === id);
    const next = here[(place + by + here.length) % here.length];
    if (next) void navigate(`/parts/${next.id}`);
  };
  useKeys([
    ...stages.map((stage, i) => ({
      keys: [`${i + 1}`],
      shown: `${i + 1}`,
      says: stage.title,
      run: () => void navigate(`/parts/${id}/${stage.name}`),
    })),
    { keys: ['['], shown: '[', says: 'previous part', run: () => go(-1) },
    { keys: [']'], shown: ']', says: 'next part', run: () => go(1) },
    { keys: ['m'], shown: 'm', says: 'sewing machine', run: () => void navigate(`/parts/${id}/machine`) },
  ]);
}
