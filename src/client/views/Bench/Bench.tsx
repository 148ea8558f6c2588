import { useEffect, useRef, useState } from 'react';
import { Link, useLocation } from 'react-router';
import { useBackups } from '../../app/backups';
import { PageHead } from '../../app/PageHead';
import { NewProject } from './NewProject';
import { ProjectSheet } from './ProjectSheet';
import { RunsShort } from './RunsShort';
import { useExample, useRemoveExample } from '../../app/example';
import { useTour } from '../../app/tour';
import { useBench } from './useBench';
import { Welcome } from './Welcome';
import { WhichMachine } from './WhichMachine';

/** The projects in hand, each with what is next and what it waits for. */
export function Bench() {
  const [isBeginning, setBeginning] = useState(false);
  const [begun, setBegun] = useState<string>();
  const opener = useRef<HTMLButtonElement>(null);
  const { hash } = useLocation();
  const { bench, projects, more } = useBench(hash.slice(1));
  const example = useExample();
  const removeExample = useRemoveExample();
  const tour = useTour();
  const loaded = bench.isSuccess && example;
  const isExample = (id: string) => Boolean(example?.projects.includes(id));
  // Until there is something of her own.
  const isNew = projects.every((p) => isExample(p.id));
  const plan = (label: string, quiet: boolean) => (
    <button
      ref={opener}
      type="button"
      className={`btn justify-self-start ${quiet ? 'quiet' : ''}`}
      onClick={() => setBeginning(true)}
    >
      {label}
    </button>
  );
  const isLate = useBackups()?.isLate;
  const isHere = projects.some((p) => p.id === hash.slice(1));
  useEffect(() => {
    if (isHere) document.getElementById(hash.slice(1))?.scrollIntoView();
  }, [hash, isHere]);
  return (
    <>
      <PageHead title="Projects" crumb="your projects and the next thing to do" />
      <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-5">
        {bench.error && (
          <p className="care">
            <b>Your projects can’t be shown: {bench.error.message}</b> They will reappear when the program
            responds.
          </p>
        )}
        {bench.isPending && <p className="p-8 text-soft">Loading…</p>}
        {loaded && isNew && !isBeginning && (
          <Welcome
            plan={plan('Plan something', false)}
            tour={example.projects.length > 0 ? () => void tour() : undefined}
          />
        )}
        {loaded && !isNew && !isBeginning && plan('New project', true)}
        {loaded && !isNew && <WhichMachine />}
        {isBeginning && (
          <NewProject
            close={(id) => {
              setBeginning(false);
              setBegun(id);
              // Put away, the keys go on from where it was opened.
              if (!id) setTimeout(() => opener.current?.focus());
            }}
          />
        )}
        {isLate && (
          <p className="care">
            <b>There has been no backup for three days.</b> <Link to="/settings">Export everything</Link> into
            a file in the meantime, and see whether the disk has room.
          </p>
        )}
        <RunsShort />
        {example && example.projects.length > 0 && (
          <p className="no-print -mb-2 flex flex-wrap items-center gap-x-4 text-soft">
            Projects marked <b className="example">example</b> show how it works.
            <button type="button" className="btn bare" onClick={() => void removeExample()}>
              Remove the example
            </button>
          </p>
        )}
        {projects.map((project) => (
          <ProjectSheet
            key={project.id}
            project={project}
            isNew={project.id === begun}
            isExample={isExample(project.id)}
          />
        ))}
        {more && (
          <p ref={more} className="p-8 text-soft">
            More projects…
          </p>
        )}
      </div>
    </>
  );
}
