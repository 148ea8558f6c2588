import { Suspense, useEffect, useMemo, useState } from 'react';
import type { Plan, Technique, Units } from '../../api/types';
import { useAddress } from '../../app/address';
import { askIn } from '../../app/askIn';
import { later } from '../../later';
import { useReckoning } from '../../app/useReckoning';
import { startOf } from '../../app/useTechnique';
import { Drawings, DrawnFirst } from '../../drawing/Drawings';
import { AskFields, AskFolds } from '../../parts/ask/AskFields';
import { onDrawing } from '../../parts/ask/onDrawing';
import { InSight } from '../../parts/cut/InSight';
import { ToCut } from '../../parts/cut/ToCut';
import { Pencil } from '../../parts/Pencil';
import { LikelyRange } from '../../parts/swatch/LikelyRange';
import { stillToSay } from '../../parts/ask/asked';
import { leavesOf } from '../../techniques/leaves';

// What lies below the answer comes once the answer stands.
const Allows = later(async () => (await import('../../parts/ask/Allows')).Allows);

/** A piece at once, nothing saved: the address holds the figures. */
export function Reckon({ technique, units }: { technique: Technique; units: Units }) {
  const { address, set } = useAddress();
  const ask = useMemo(() => {
    const said = askIn(technique, address);
    // Of two figures for one thing only one is said.
    const isSaid = technique.either.some((f) => f in said);
    const start = Object.fromEntries(
      Object.entries(startOf(technique)).filter(([f]) => !isSaid || !technique.either.includes(f)),
    );
    // That nothing was measured is known too: a guess is never surer than a swatch.
    return { ...start, ...(technique.swatch?.learns && { samples: [] }), ...said };
  }, [technique, address]);
  const path = `reckon/${technique.name}`;
  const reckoning = useReckoning<Plan>(path, ask, units, 'working,drawings,understood');
  const { answer } = reckoning;
  const piece = answer?.pieces[0];
  const [leaves] = useState(() => leavesOf(technique.name));
  const { plan: Beside } = leaves;
  const asked = {
    technique,
    ask,
    set,
    reckoning,
    units,
    leaves: leaves.fields,
  };

  useEffect(() => {
    document.title = piece
      ? `${piece.count} × ${piece.length.text} · Zephyr Reach`
      : 'Calculator · Zephyr Reach';
    return () => {
      document.title = 'Zephyr Reach';
    };
  }, [piece]);

  return (
    <>
      <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_322px]">
        <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-5">
          <DrawnFirst
            answer={answer}
            cloth={undefined}
            units={units}
            ask={onDrawing(asked)}
            instead={<p className="sheet text-soft">{technique.first.says}</p>}
          >
            <AskFields {...asked} when={['first', 'machine']} />
            <AskFolds {...asked} />
          </DrawnFirst>
          <Drawings answer={answer} cloth={undefined} units={units} ask={onDrawing(asked)} from={1} />
        </div>
        <aside className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4 lg:sticky lg:top-4 lg:self-start">
          {answer ? (
            <>
              <ToCut
                answer={answer}
                technique={technique}
                isOld={reckoning.isOld}
                use={(cure) => set(cure.field, cure.value)}
              />
              {answer.expected && <LikelyRange expected={answer.expected} />}
            </>
          ) : (
            <p className="tacked text-lg">
              {reckoning.unreachable ??
                `${stillToSay(technique, reckoning.missing)} Your cutting list appears here as you type.`}
            </p>
          )}
          <Suspense>
            {Beside && <Beside answer={answer} ask={ask} cloth={{}} set={set} />}
            <Allows path={path} technique={technique} ask={ask} units={units} use={set} />
          </Suspense>
        </aside>
      </div>
      <InSight answer={answer} isOld={reckoning.isOld} />
      <div className="mt-4">
        <Pencil lines={answer?.working} />
      </div>
    </>
  );
}
