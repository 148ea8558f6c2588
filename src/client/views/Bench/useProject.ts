import { useQueryClient } from '@tanstack/react-query';
import { api, ifMatch, value } from '../../api/http';
import type { components } from '../../api/schema';
import { fieldsWithout, useDraft, useVersion } from '../../app/useDraft';

export type Project = components['schemas']['BenchProject'];

type Draft = { name?: string; wantedBy?: string; notes?: string };

/** A project as it is being edited: what is kept, and over it what is typed. */
export function useProject(project: Project) {
  const { id } = project;
  const queries = useQueryClient();
  const version = useVersion(project.version);
  const { draft, errors, change } = useDraft<Draft>(id, {
    isReady: true,
    save: async (sent) => {
      const saved = await value(
        api.PATCH('/api/projects/{id}', {
          params: { path: { id } },
          headers: ifMatch(version.current),
          body: sent as never,
        }),
      );
      version.current = saved.version;
      // The bench shows it everywhere before the draft goes, so that nothing flickers back.
      await queries.invalidateQueries();
    },
    without: fieldsWithout,
    overtaken: (problem) => (version.current = problem.version ?? version.current),
  });
  return {
    name: draft.name ?? project.name,
    wantedBy: draft.wantedBy ?? project.wantedBy ?? '',
    notes: draft.notes ?? project.notes,
    errors,
    change: (parts: Draft) => change((now) => ({ ...now, ...parts })),
  };
}
