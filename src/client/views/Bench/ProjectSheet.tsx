import { useQueryClient } from '@tanstack/react-query';
import { Trash2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { api, ifMatch, value } from '../../api/http';
import type { components } from '../../api/schema';
import { useTurn } from '../../app/history';
import { keeping } from '../../app/kept';
import { notify } from '../../app/notice';
import { BeginWorking } from './BeginWorking';
import { daysUntil, sayDay } from './days';
import { WorkingRow } from './WorkingRow';

type Project = components['schemas']['BenchProject'];

/** A project with its workings, and what is next for each. */
export function ProjectSheet({ project }: { project: Project }) {
  const queries = useQueryClient();
  const turn = useTurn();
  const [name, setName] = useState<string | null>(null);
  const [notes, setNotes] = useState<string | null>(null);

  const change = async (parts: { name?: string; wantedBy?: string; notes?: string }) => {
    await keeping(
      value(
        api.PATCH('/api/projects/{id}', {
          params: { path: { id: project.id } },
          headers: ifMatch(project.version),
          body: parts as never,
        }),
      ),
    );
    setName(null);
    setNotes(null);
    await queries.invalidateQueries();
  };
  const remove = async () => {
    await keeping(api.DELETE('/api/projects/{id}', { params: { path: { id: project.id } } }));
    await queries.invalidateQueries();
    notify({ says: `“${project.name}” deleted.`, action: { label: 'Undo', run: () => void turn('undo') } });
  };
  // A name that was typed is kept when the bench is left in any way.
  useEffect(() => {
    if (name === null || !name.trim() || name === project.name) return;
    const later = setTimeout(() => void change({ name: name.trim() }), 600);
    return () => clearTimeout(later);
  });
  useEffect(() => {
    if (notes === null || notes === project.notes) return;
    const later = setTimeout(() => void change({ notes }), 600);
    return () => clearTimeout(later);
  });
  const days = daysUntil(project.wantedBy);
  return (
    <section className="sheet grid gap-2" id={project.id} aria-label={project.name}>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <h2 className="name min-w-0 flex-1 basis-56 !text-[1.45rem]">
          <input
            aria-label="Name of the project"
            className="w-full min-w-0 rounded bg-transparent hover:bg-ground focus:bg-ground"
            value={name ?? project.name}
            maxLength={200}
            onChange={(e) => setName(e.target.value)}
          />
        </h2>
        <label className="flex items-center gap-2 text-soft">
          <span
            className={
              days !== null && days <= 14 ? 'rounded bg-chalk px-1.5 font-semibold text-on-chalk' : ''
            }
          >
            {days === null ? 'wanted by' : sayDay(days)}
          </span>
          <input
            type="date"
            className="min-h-11 rounded bg-transparent text-ink"
            value={project.wantedBy ?? ''}
            onChange={(e) => void change({ wantedBy: e.target.value })}
          />
        </label>
        <button
          type="button"
          className="grid h-11 w-11 place-items-center rounded-lg"
          aria-label={`Delete ${project.name}`}
          onClick={() => void remove()}
        >
          <Trash2 size={18} aria-hidden />
        </button>
      </div>
      <input
        aria-label="Notes on the project"
        className="min-h-9 w-full rounded bg-transparent text-soft hover:bg-ground focus:bg-ground"
        placeholder="A note"
        value={notes ?? project.notes}
        maxLength={10000}
        onChange={(e) => setNotes(e.target.value)}
      />
      <ul className="grid">
        {project.workings.map((working) => (
          <WorkingRow key={working.id} working={working} />
        ))}
      </ul>
      {project.workings.length === 0 && (
        <p className="text-soft">
          A working is one technique at one place: the frill on the awning, the tier of a skirt.
        </p>
      )}
      <BeginWorking project={project.id} isFirst={project.workings.length === 0} />
    </section>
  );
}
