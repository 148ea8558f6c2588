import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, value } from '../../api/http';
import type { Answer, Ask, Drawing, Field } from '../../api/types';
import { useAddress } from '../../app/address';
import { PageHead } from '../../app/PageHead';
import { askIn } from '../../app/askIn';
import { useReckoning } from '../../app/useReckoning';
import { startOf, useTechniques } from '../../app/useTechnique';
import { useUnits } from '../../app/workroom';
import { Portrait } from '../../drawing/Portrait';
import { Measure } from '../../parts/Measure';
import { Findings } from '../../parts/Findings';
import { Segmented } from '../../parts/Segmented';
import { useAskFields } from '../../parts/ask/useAskFields';
import { beginWorking } from '../Bench/BeginWorking';
import { knownOf, Take, type Way } from './TakeWay';

const example = { metric: '2.6 m', imperial: '102 in' };

/** Which way of making an edge fuller suits it: the ways side by side, the best for the purpose first. */
export function WhichWay() {
  const units = useUnits();
  const { address, set } = useAddress();
  const described = useQuery({
    queryKey: ['question', 'which-way', units],
    staleTime: Infinity,
    placeholderData: (last) => last,
    queryFn: async () => {
      const path = { question: 'which-way' };
      const query = { units };
      return (await value(api.GET('/api/questions/{question}', { params: { path, query } }))) as unknown as {
        fields: Field[];
      };
    },
  }).data;
  // Until a length is typed one is worked, so that the ways are seen side by side at once.
  const isExample = !address.has('finishedEdge');
  const ask = useMemo<Ask>(
    () => ({
      // What a plan begins with, so that a way takes the cloth here that it takes there.
      ...(described ? { ...startOf(described), ...askIn(described, address) } : {}),
      ...(isExample ? { finishedEdge: example[units] } : {}),
    }),
    [described, address, isExample, units],
  );
  const reckoning = useReckoning<Answer & { ways: Way[] }>(
    described ? 'drawer/reckon/which-way' : null,
    ask,
    units,
    'understood,drawings',
  );
  const fields = useAskFields({
    fields: described?.fields ?? [],
    ask,
    set,
    reckoning,
    units,
  });
  if (!described) return <p className="p-8 text-soft">Opening…</p>;
  const purposes = fields.choices('purpose');
  return (
    <>
      <PageHead
        title="Compare the methods"
        crumb="one edge, each method with what it takes; nothing is saved"
      />
      <div className="mt-4 grid gap-5">
        <div className="flex flex-wrap gap-x-4 gap-y-2">
          {fields.measure('finishedEdge', {
            className: 'flex-1 basis-44',
          })}
          {fields.number('fullness', { className: 'w-24' })}
          {fields.measure('finishedDepth', { className: 'w-28' })}
          {fields.number('clothWeight', { className: 'w-32' })}
          {fields.measure('clothWidth', { className: 'w-32' })}
          {fields.either('closed')}
        </div>
        {isExample && (
          <p className="noted">
            An example: a valance {example[units]} long. Type the length of your own edge, and everything
            follows.
          </p>
        )}
        <Segmented
          label="Most important"
          value={String(ask.purpose)}
          choices={purposes}
          onChoose={(name) => set('purpose', name)}
          hint={purposes.find((p) => p.name === ask.purpose)?.follows}
        />
        {reckoning.answer ? (
          <Ways
            answer={reckoning.answer}
            isOld={reckoning.isOld}
            ask={ask}
            project={address.get('project')}
            wayOf={address.get('wayOf')}
          />
        ) : (
          <p className="tacked max-w-xl text-lg">
            {reckoning.unreachable ?? 'Enter the finished length to compare the methods.'}
          </p>
        )}
      </div>
    </>
  );
}

function Ways({
  answer,
  isOld,
  ask,
  project,
  wayOf,
}: {
  answer: Answer & { ways: Way[] };
  isOld: boolean;
  ask: Ask;
  project: string | null;
  wayOf: string | null;
}) {
  const most = Math.max(...answer.ways.map((w) => w.cloth.mm));
  const longest = Math.max(...answer.ways.map((w) => w.minutes));
  const navigate = useNavigate();
  const queries = useQueryClient();
  const units = useUnits();
  const techniques = useTechniques().data;
  const [chosen, setChosen] = useState<string[]>([]);
  const taken = answer.ways.filter((w) => chosen.includes(w.title));
  /** Starts each as a part; several are options of one piece. */
  const begin = async (ways: Way[]) => {
    const ids: string[] = [];
    for (const way of ways) {
      const first = techniques?.find((t) => t.name === way.technique)?.firstField;
      const of = wayOf ?? ids[0];
      if (first)
        ids.push(
          await beginWorking(
            queries,
            project!,
            way.technique,
            units,
            knownOf(way, ask, first),
            of ? { wayOf: of } : {},
          ),
        );
    }
    await queries.invalidateQueries();
    await navigate(`/parts/${ids[0]}/plan`);
  };
  return (
    <div className={`grid gap-4 ${isOld ? 'opacity-85' : ''}`}>
      <Findings findings={answer.findings} />
      {taken.length > 1 && (
        <button type="button" className="btn justify-self-start" onClick={() => void begin(taken)}>
          Start these {taken.length} as options of one part
        </button>
      )}
      <ol className="grid gap-3">
        {answer.ways.map((way, i) => (
          <li key={way.technique + way.scheme} className={i === 0 ? 'tacked' : 'sheet'}>
            <div className="grid items-start gap-x-6 gap-y-3 lg:grid-cols-[minmax(0,5fr)_minmax(0,6fr)_auto]">
              <div className="min-w-0">
                <MadeSo drawing={answer.drawings?.find((d) => d.name === way.technique + way.scheme)} />
                {i === 0 && <p className="text-[0.84rem] font-semibold text-soft">Best choice</p>}
                <h2 className={`name ${i === 0 ? '!text-[1.5rem]' : '!text-[1.15rem]'}`}>{way.title}</h2>
                <p className="text-[0.95rem]">{way.why}</p>
                <p className="text-[0.88rem] text-soft">
                  {way.reaches ? '✓ ' : '✗ '}
                  {way.reachSays}.
                </p>
              </div>
              <dl className="grid grid-cols-[5.2rem_minmax(0,1fr)] items-center gap-x-3 gap-y-1 text-[0.92rem]">
                <dt className="text-soft">Fabric</dt>
                <dd>
                  <Share of={way.cloth.mm / most}>
                    <Measure text={way.cloth.text} />
                  </Share>
                </dd>
                <dt className="text-soft">Time to gather it</dt>
                <dd>
                  <Share of={way.minutes / longest}>{inWords(way.minutes)}</Share>
                </dd>
                <dt className="text-soft">Evenness</dt>
                <dd className="font-semibold">{way.evenness}</dd>
                <dt className="text-soft">Adjustable later?</dt>
                <dd className="font-semibold">
                  {way.adjustable ? 'adjustable' : 'cannot be changed; cut longer and trim'}
                </dd>
                <dt className="text-soft">Needs</dt>
                <dd className="font-semibold">
                  {way.needs || 'nothing special'}
                  {way.has === true && ' ✓ in your supplies'}
                  {way.has === false && ' ✗ not in your supplies'}
                </dd>
              </dl>
              <div className="grid content-start gap-2">
                <Take
                  way={way}
                  ask={ask}
                  begin={project ? begin : undefined}
                  isOption={wayOf !== null}
                  isFirst={i === 0}
                />
                {project && (
                  <label className="flex min-h-11 items-center gap-2">
                    <input
                      type="checkbox"
                      className="size-5"
                      checked={chosen.includes(way.title)}
                      onChange={(e) =>
                        setChosen((now) =>
                          e.target.checked ? [...now, way.title] : now.filter((t) => t !== way.title),
                        )
                      }
                    />
                    Try it beside others
                  </label>
                )}
              </div>
            </div>
          </li>
        ))}
      </ol>
    </div>
  );
}

/** Ten centimetres of the edge made one way; all ways are drawn to one scale. */
function MadeSo({ drawing }: { drawing?: Drawing }) {
  return (
    drawing && (
      <div className="float-right ml-3 [&_svg]:overflow-visible" style={{ width: drawing.width * 1.1 }}>
        <Portrait drawing={drawing} />
      </div>
    )
  );
}

/** A figure with a bar that shows it against the largest of its column. */
function Share({ of, children }: { of: number; children: React.ReactNode }) {
  return (
    <span className="flex items-center gap-3">
      <b className="w-24 shrink-0">{children}</b>
      <i
        className="block h-2.5 rounded-sm bg-slate"
        style={{ width: `calc((100% - 7rem) * ${Math.max(0.03, of)})` }}
        aria-hidden
      />
    </span>
  );
}

function inWords(minutes: number) {
  return minutes < 90 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${minutes % 60} min`;
}
