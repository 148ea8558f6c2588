import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Download, Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { api } from '../../api/http';
import { useTurn } from '../../app/history';
import { keeping } from '../../app/kept';
import { notify } from '../../app/notice';
import { useUnits } from '../../app/workroom';
import { DayField } from '../../parts/DayField';
import { Ways } from '../../parts/together/Ways';
import { BeginWorking } from './BeginWorking';
import { daysUntil, sayDay } from './days';
import { type Project, useProject } from './useProject';
import { ProjectTotal } from './ProjectTotal';
import { WorkingRow } from './WorkingRow';

type Props = {
  project: Project;
  /** Whether it was begun just now: what is next is to begin a working in it. */
  isNew?: boolean;
  /** Whether it came with the program. */
  isExample?: boolean;
};

/** A project with its workings, and what is next for each. */
export function ProjectSheet({ project, isNew, isExample }: Props) {
  const queries = useQueryClient();
  const turn = useTurn();
  const { name, wantedBy, notes, errors, change } = useProject(project);
  const remove = async () => {
    await keeping(api.DELETE('/api/projects/{id}', { params: { path: { id: project.id } } }));
    await queries.invalidateQueries();
    notify({ says: `“${project.name}” deleted.`, action: { label: 'Undo', run: () => void turn('undo') } });
  };
  const units = useUnits();
  const days = daysUntil(wantedBy || null);
  return (
    <section
      className="sheet grid grid-cols-[minmax(0,1fr)] gap-2 [contain-intrinsic-size:auto_24rem] [content-visibility:auto]"
      id={project.id}
      aria-label={project.name}
    >
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <h2 className="name min-w-0 flex-1 basis-48 sm:basis-56 !text-[1.45rem]">
          <input
            aria-label="Name of the project"
            className="w-full min-w-0 rounded bg-transparent hover:bg-ground focus:bg-ground"
            value={name}
            maxLength={200}
            aria-invalid={Boolean(errors.name)}
            onChange={(e) => change({ name: e.target.value })}
          />
        </h2>
        {isExample && <span className="example">example</span>}
        <label className="order-1 flex basis-full items-center gap-2 text-soft sm:order-none sm:basis-auto">
          <span
            className={
              days !== null && days <= 14 ? 'rounded bg-chalk px-1.5 font-semibold text-on-chalk' : ''
            }
          >
            {days === null ? 'needed by' : sayDay(days)}
          </span>
          <DayField label="Needed by" day={wantedBy} set={(day) => change({ wantedBy: day })} units={units} />
        </label>
        <a
          className="grid h-11 w-11 place-items-center rounded-lg text-inherit"
          href={`/api/archive?project=${project.id}`}
          download
          onClick={() => notify({ says: `“${project.name}” exported: look among your downloads.` })}
          aria-label={`Export ${project.name} as a file`}
          title="Export as a file"
        >
          <Download size={18} aria-hidden />
        </a>
        <button
          type="button"
          className="grid h-11 w-11 place-items-center rounded-lg"
          aria-label={`Delete ${project.name}`}
          onClick={() => void remove()}
        >
          <Trash2 size={18} aria-hidden />
        </button>
      </div>
      <textarea
        aria-label="Notes on the project"
        className="field-sizing-content min-h-9 w-full resize-none rounded bg-transparent text-soft hover:bg-ground focus:bg-ground"
        rows={1}
        placeholder="Add a note"
        value={notes}
        maxLength={10000}
        onChange={(e) => change({ notes: e.target.value })}
      />
      <ul className="grid grid-cols-[minmax(0,1fr)]">
        {pieces(project.workings).map((ways) =>
          ways.length === 1 ? (
            <WorkingRow key={ways[0]!.id} working={ways[0]!} around={project.workings} />
          ) : (
            <li key={ways[0]!.piece} className="my-1 rounded-lg border border-dashed border-rule px-3 pb-1">
              <p className="pt-2 text-sm font-semibold text-soft">{ways.length} options for one part</p>
              <ul>
                {ways.map((working) => (
                  <WorkingRow key={working.id} working={working} around={project.workings} />
                ))}
              </ul>
              <Compared of={ways[0]!.id} />
            </li>
          ),
        )}
      </ul>
      {project.workings.length === 0 && (
        <p className="text-soft">
          A part is one piece of sewing in the project: the frill on the awning, the tier of a skirt.
        </p>
      )}
      {project.workings.length > 0 && <ProjectTotal project={project.id} name={project.name} />}
      <div className="flex flex-wrap items-center gap-3">
        <BeginWorking project={project.id} isFirst={project.workings.length === 0} isNext={isNew} />
        {project.workings.length > 0 && (
          <Link className="btn bare" to={`/projects/${project.id}/cutting`}>
            Cutting table
          </Link>
        )}
      </div>
    </section>
  );
}

/** The workings piece by piece, ways of the same piece together, in their order. */
function pieces(workings: Project['workings']) {
  const by = new Map<string, Project['workings']>();
  for (const working of workings) by.set(working.piece, [...(by.get(working.piece) ?? []), working]);
  return [...by.values()];
}

function Compared({ of }: { of: string }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <details onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="inline-flex min-h-11 items-center font-semibold">Compare options</summary>
      {isOpen && <Ways of={of} />}
    </details>
  );
}
