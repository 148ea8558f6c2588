import { useQueryClient, type QueryClient } from '@tanstack/react-query';
import { ChevronDown } from 'lucide-react';
import { useCallback } from 'react';
import { useNavigate } from 'react-router';
import { api, ifMatch, value } from '../../api/http';
import { newId } from '../../api/id';
import type { Units } from '../../api/types';
import { drawerQuery, isUsual } from '../../app/drawer';
import { keeping } from '../../app/kept';
import { lookOf, told } from '../../parts/ask/FromDrawer';
import { startOf, techniqueQuery, useTechniques } from '../../app/useTechnique';
import { useUnits } from '../../app/workroom';
import { TechniqueMenu } from '../../parts/TechniqueMenu';

type Props = {
  project: string;
  isFirst: boolean;
  /** Whether it is what is next, so that the keys are taken there. */
  isNext?: boolean;
};

/** Begins a working: one of the techniques, or first the question which way suits. */
export function BeginWorking({ project, isFirst, isNext }: Props) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const units = useUnits();
  const known = useTechniques().data;
  const isReady = Boolean(known);
  // Once, not with every letter that is typed afterwards.
  const takesKeys = useCallback(
    (button: HTMLButtonElement | null) => {
      if (isNext && isReady) button?.focus();
    },
    [isNext, isReady],
  );
  const begin = async (name: string) => {
    const id = await beginWorking(queries, project, name, units);
    await queries.invalidateQueries();
    await navigate(`/parts/${id}/plan`, { state: { begun: true } });
  };
  return (
    <TechniqueMenu
      choose={(name) => void begin(name)}
      unsure={() => void navigate(`/calculator/which-way?project=${project}`)}
    >
      <button
        type="button"
        ref={takesKeys}
        className={`btn justify-self-start ${isFirst ? '' : 'quiet'}`}
        disabled={!known}
      >
        Add a part <ChevronDown size={18} aria-hidden />
      </button>
    </TechniqueMenu>
  );
}

/** Begins a working of a technique, with what its fields begin with and what is known already. */
export async function beginWorking(
  queries: QueryClient,
  project: string,
  name: string,
  units: Units,
  known: Record<string, unknown> = {},
  /** Another working of which it is another way, and what is carried over from it. */
  like: {
    wayOf?: string;
    cloth?: unknown;
    name?: string;
    uses?: Record<string, string>;
    links?: object;
  } = {},
): Promise<string> {
  const technique = await queries.fetchQuery(techniqueQuery(name, units));
  const fields = technique.fields.map((f) => f.name);
  const id = newId();
  // What she sews with unless she says otherwise; another way of a piece is of what the first is.
  const { things } = await queries.fetchQuery(drawerQuery(units));
  const usual =
    like.wayOf || like.uses
      ? []
      : things.filter((t) => isUsual(t) && (t.kind === 'cloth' || technique.uses.includes(t.kind)));
  const cloth = usual.find((t) => t.kind === 'cloth');
  const row = await keeping(
    value(
      api.POST('/api/workings', {
        body: {
          id,
          projectId: project,
          technique: name,
          name: like.name ?? `New: ${technique.title}`,
          ask: {
            // Sewn again it begins with just what was set: what was cleared stays so.
            ...(like.uses ? {} : startOf(technique)),
            ...Object.assign({}, ...usual.map((t) => told(t, technique.fields))),
            ...Object.fromEntries(Object.entries(known).filter(([f]) => fields.includes(f))),
          },
          cloth: like.cloth ?? (cloth ? lookOf(cloth) : null),
          wayOf: like.wayOf ?? null,
        } as never,
      }),
    ),
  );
  if (Object.keys({ ...like.uses, ...like.links }).length > 0) {
    await keeping(
      value(
        api.PATCH('/api/workings/{id}', {
          params: { path: { id } },
          headers: ifMatch(row.version),
          body: { uses: like.uses, links: like.links } as never,
        }),
      ),
    );
  }
  return id;
}
