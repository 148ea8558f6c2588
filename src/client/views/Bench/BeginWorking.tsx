import { useQueryClient, type QueryClient } from '@tanstack/react-query';
import { ChevronDown } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useEffect, useRef } from 'react';
import { useNavigate } from 'react-router';
import { api, value } from '../../api/http';
import { newId } from '../../api/id';
import type { Drawing, Units } from '../../api/types';
import { keeping } from '../../app/kept';
import { startOf, techniqueQuery, useTechniques } from '../../app/useTechnique';
import { useUnits } from '../../app/workroom';
import { Portrait } from '../../drawing/Portrait';

/** What the kin of techniques are called. */
const kins = {
  fullness: 'To make an edge fuller',
  tucks: 'To fold cloth into tucks',
  rows: 'To sew rows',
  edges: 'To finish or join edges',
  lines: 'To lay lines on cloth',
  shapes: 'To apply shapes',
  mending: 'To mend',
  freeMotion: 'To stitch free-motion',
};

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
  const trigger = useRef<HTMLButtonElement>(null);
  const isReady = Boolean(known);
  // Once, not with every letter that is typed afterwards.
  useEffect(() => {
    if (isNext && isReady) trigger.current?.focus();
  }, [isNext, isReady]);
  const begin = async (name: string) => {
    const id = await beginWorking(queries, project, name, units);
    await queries.invalidateQueries();
    await navigate(`/workings/${id}/plan`, { state: { begun: true } });
  };
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        ref={trigger}
        className={`btn justify-self-start ${isFirst ? '' : 'quiet'}`}
        disabled={!known}
      >
        Begin a working <ChevronDown size={18} aria-hidden />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          sideOffset={6}
          collisionPadding={12}
          className="z-20 grid max-h-[min(34rem,var(--radix-dropdown-menu-content-available-height))] max-w-[min(32rem,92vw)] overflow-y-auto rounded-lg bg-paper p-2 shadow-xl ring-1 ring-rule"
        >
          {[...new Set(known?.map((t) => t.kin))].map((kin) => (
            <DropdownMenu.Group key={kin} className="grid">
              <DropdownMenu.Label className="px-3 pt-2 text-[0.8rem] font-semibold text-soft">
                {kins[kin]}
              </DropdownMenu.Label>
              {known
                ?.filter((t) => t.kin === kin)
                .map((t) => (
                  <DropdownMenu.Item
                    key={t.name}
                    className="grid min-h-11 cursor-pointer grid-cols-[72px_minmax(0,1fr)] items-center gap-x-3 rounded-md px-3 py-1.5 outline-none data-highlighted:bg-ground"
                    onSelect={() => void begin(t.name)}
                  >
                    <Portrait drawing={t.mark as unknown as Drawing} />
                    <span>
                      <b className="block">{t.begin}</b>
                      <span className="text-[0.9rem] leading-tight text-soft">{t.says}</span>
                    </span>
                  </DropdownMenu.Item>
                ))}
            </DropdownMenu.Group>
          ))}
          <DropdownMenu.Separator className="my-1 border-t border-rule" />
          <DropdownMenu.Item
            className="grid min-h-11 cursor-pointer rounded-md px-3 py-2 outline-none data-highlighted:bg-ground"
            onSelect={() => void navigate(`/reckoner/which-way?project=${project}`)}
          >
            <b>Not sure: which way suits?</b>
            <span className="text-[0.9rem] text-soft">
              The ways side by side: cloth, time, evenness, what they need.
            </span>
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

/** Begins a working of a technique, with what its fields begin with and what is known already. */
export async function beginWorking(
  queries: QueryClient,
  project: string,
  name: string,
  units: Units,
  known: Record<string, unknown> = {},
): Promise<string> {
  const technique = await queries.fetchQuery(techniqueQuery(name, units));
  const fields = technique.fields.map((f) => f.name);
  const id = newId();
  await keeping(
    value(
      api.POST('/api/workings', {
        body: {
          id,
          projectId: project,
          technique: name,
          name: `New: ${technique.title}`,
          ask: {
            ...startOf(technique),
            ...Object.fromEntries(Object.entries(known).filter(([f]) => fields.includes(f))),
          },
          cloth: null,
        } as never,
      }),
    ),
  );
  return id;
}
