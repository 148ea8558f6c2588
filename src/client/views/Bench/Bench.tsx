import { useEffect, useRef, useState } from 'react';
import { Link, useLocation } from 'react-router';
import { useBackups } from '../../app/backups';
import { PageHead } from '../../app/PageHead';
import { NewProject } from './NewProject';
import { ProjectSheet } from './ProjectSheet';
import { RunsShort } from './RunsShort';
import { useBench } from './useBench';

/** The projects in hand, each with what is next and what it waits for. */
export function Bench() {
  const [isBeginning, setBeginning] = useState(false);
  const [begun, setBegun] = useState<string>();
  const opener = useRef<HTMLButtonElement>(null);
  const { hash } = useLocation();
  const { bench, projects, more } = useBench(hash.slice(1));
  const loaded = bench.isSuccess;
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
        {loaded && projects.length === 0 && !isBeginning && (
          <section className="tacked max-w-2xl">
            <h2 className="fig mb-1 text-2xl">No projects yet</h2>
            <p className="mb-4 text-soft">
              A project is something you are making. Each frill, row of tucks or mend in it is a part, and
              Zephyr Reach plans that part with you: fabric, machine settings, test swatch, cutting, sewing.
            </p>
            <button ref={opener} type="button" className="btn" onClick={() => setBeginning(true)}>
              New project
            </button>
          </section>
        )}
        {projects.length > 0 && !isBeginning && (
          <button
            ref={opener}
            type="button"
            className="btn quiet justify-self-start"
            onClick={() => setBeginning(true)}
          >
            New project
          </button>
        )}
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
            <b>There has been no backup for three days.</b> <Link to="/workroom">Export everything</Link> into
            a file in the meantime, and see whether the disk has room.
          </p>
        )}
        <RunsShort />
        {projects.map((project) => (
          <ProjectSheet key={project.id} project={project} isNew={project.id === begun} />
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
