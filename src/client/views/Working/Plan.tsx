import { Suspense, useState } from 'react';
import { Link } from 'react-router';
import type { Answer, Ask, Plan as PlanAnswer } from '../../api/types';
import { useCard } from '../../app/useCard';
import { later } from '../../later';
import type { Reckoning } from '../../app/useReckoning';
import { Drawings, DrawnFirst } from '../../drawing/Drawings';
import { AskFields, AskFolds } from '../../parts/ask/AskFields';
import { ClothLookFields } from '../../parts/ask/ClothFields';
import { FromDrawer, useChoose } from '../../parts/ask/FromDrawer';
import { onDrawing } from '../../parts/ask/onDrawing';
import { InSight } from '../../parts/cut/InSight';
import { RunsShortHere } from '../../parts/cut/RunsShortHere';
import { ToCut } from '../../parts/cut/ToCut';
import { Stops } from '../../parts/SetOnCard';
import { Pencil } from '../../parts/Pencil';
import { TakenFrom } from '../../parts/together/TakenFrom';
import { Ways } from '../../parts/together/Ways';
import { LikelyRange } from '../../parts/swatch/LikelyRange';
import { usePlot } from '../../parts/swatch/usePlot';
import { stillToSay } from '../../parts/ask/asked';
import { leavesOf } from '../../techniques/leaves';
import type { StageProps } from './stage';

// The menu of ways is seldom opened here, and comes once the plan stands.
const AnotherWay = later(async () => (await import('./AnotherWay')).AnotherWay);
// What lies below the answer comes once the answer stands.
const Allows = later(async () => (await import('../../parts/ask/Allows')).Allows);

/** Plan: say the piece and what is set, see what it comes to, and what to cut for that. */
export function Plan({ working, technique, reckoning, units }: StageProps) {
  const answer = reckoning.answer as PlanAnswer | null;
  const { first, swatch } = technique;
  const plot = usePlot(swatch.learns ? working : null).data;
  const [leaves] = useState(() => leavesOf(technique.name));
  const asked = {
    technique,
    ask: withTaken(working.ask, working.links, reckoning),
    set: working.set,
    reckoning,
    units,
    leaves: leaves.fields,
  };
  const { plan: Beside } = leaves;
  const choose = useChoose(working, technique.fields);
  const card = useCard(working, answer && technique.name, units, answer);
  return (
    <>
      <div className="grid gap-7 lg:grid-cols-[minmax(0,1fr)_322px]">
        <div className="relative z-1 grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-5">
          <DrawnFirst
            answer={answer}
            cloth={working.cloth}
            units={units}
            ask={onDrawing(asked)}
            instead={
              <div className="sheet text-soft">
                <p className="fig mb-1 text-2xl text-ink">{stillToSay(technique, reckoning.missing)}</p>
                <p>{first.says}</p>
              </div>
            }
          >
            <AskFields {...asked} when={['first', 'machine']} />
            <TakenFrom working={working} technique={technique} reckoning={reckoning} />
            <AskFolds
              {...asked}
              clothName={working.cloth.name}
              cloth={
                <>
                  <FromDrawer
                    working={working}
                    fields={technique.fields}
                    kind="cloth"
                    label="From my supplies"
                    none="that is not there"
                  />
                  <ClothLookFields
                    cloth={working.cloth}
                    change={(cloth) => working.change({ cloth }, 'pause')}
                  />
                </>
              }
            />
          </DrawnFirst>
          <Drawings answer={answer} cloth={working.cloth} units={units} ask={onDrawing(asked)} from={1} />
        </div>
        <aside className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4 lg:sticky lg:top-4 lg:self-start">
          {answer && (
            <ToCut answer={answer} technique={technique} isOld={reckoning.isOld} use={choose}>
              <RunsShortHere name={working.name} />
              <Stops card={card.answer} use={choose} />
              <div className="no-print mt-4 flex flex-wrap gap-2">
                <Link className="btn" to={`/parts/${working.id}/set-up`}>
                  Set up the machine
                </Link>
              </div>
            </ToCut>
          )}
          {answer?.expected && (
            <LikelyRange
              expected={answer.expected}
              measured={plot?.learnt?.points.filter((p) => p.isSame && p.counts)}
            />
          )}
          <Suspense>
            {Beside && <Beside answer={answer} ask={working.ask} cloth={working.cloth} set={working.set} />}

            <Allows
              path={`workings/${working.id}/reckon`}
              technique={technique}
              ask={working.ask}
              units={units}
              use={(field, value) =>
                value === '' ? working.set(field, '') : choose({ field, value: String(value) })
              }
            />
          </Suspense>
        </aside>
      </div>
      <div className="mt-5 empty:hidden">
        <Ways
          of={working.id}
          here={working.id}
          another={
            <Suspense fallback={null}>
              <AnotherWay working={working} />
            </Suspense>
          }
        />
      </div>
      <InSight answer={answer} isOld={reckoning.isOld} />
      <div className="mt-5">
        <Pencil lines={answer?.working} />
      </div>
    </>
  );
}

/** The ask as it is shown: an edge that another piece gives stands in it as it was understood. */
function withTaken(ask: Ask, links: Record<string, unknown>, reckoning: Reckoning<Answer>): Ask {
  const taken = Object.keys(links).filter((f) => links[f] && reckoning.understood[f]);
  return { ...ask, ...Object.fromEntries(taken.map((f) => [f, reckoning.understood[f]!.text])) };
}
