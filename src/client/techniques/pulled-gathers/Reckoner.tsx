import { useEffect, useMemo } from 'react';
import type { Technique, Units } from '../../api/types';
import { useAddress } from '../../app/address';
import { Pencil } from '../../parts/Pencil';
import { askIn } from '../askIn';
import { startOf } from '../useTechnique';
import { useReckoning } from '../useReckoning';
import { Measure } from '../../parts/Measure';
import { size, type Gathers } from './answer';
import { ClothAllowsLine } from './ClothAllowsLine';
import { Drawings } from '../shared/Drawings';
import { PlanFields } from './PlanFields';
import { ToCut } from './ToCut';

/** Pulled gathers at once, nothing saved: the address holds the figures. */
export function Reckoner({ technique, units }: { technique: Technique; units: Units }) {
  const { address, set } = useAddress();
  const ask = useMemo(() => ({ ...startOf(technique), ...askIn(technique, address) }), [technique, address]);
  const reckoning = useReckoning<Gathers>(
    `reckon/${technique.name}`,
    ask,
    units,
    'working,drawings,understood',
  );
  const { answer } = reckoning;

  useEffect(() => {
    document.title = answer
      ? `${answer.stripCount} × ${answer.stripLength.text} · Zephyr Reach`
      : 'Reckoner · Zephyr Reach';
    return () => {
      document.title = 'Zephyr Reach';
    };
  }, [answer]);

  return (
    <>
      <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_322px]">
        <div className="grid min-w-0 content-start gap-5">
          {answer && <AtAGlance answer={answer} isOld={reckoning.isOld} />}
          <PlanFields technique={technique} ask={ask} set={set} reckoning={reckoning} units={units} />
        </div>
        <aside className="row-span-2 grid content-start gap-4 lg:sticky lg:top-4 lg:self-start">
          {answer ? (
            <ToCut answer={answer} isOld={reckoning.isOld} there={ask.clothAtHand as string | undefined} />
          ) : (
            <p className="tacked text-lg">
              {reckoning.unreachable ?? 'Type how long the edge is: what to cut stands here at once.'}
            </p>
          )}
          <ClothAllowsLine ask={ask} units={units} use={set} />
        </aside>
        <div className="min-w-0">
          <Drawings answer={answer} cloth={undefined} units={units} />
        </div>
      </div>
      <div className="mt-4">
        <Pencil lines={answer?.working} />
      </div>
    </>
  );
}

/** What to cut, in one line that stays in sight while the fields below it are typed in with one thumb. */
function AtAGlance({ answer, isOld }: { answer: Gathers; isOld: boolean }) {
  const strip = size(answer.stripLength, answer.cutDepth);
  return (
    <p
      className={`sticky top-0 z-[4] -mx-4 bg-ink px-4 py-2 text-paper lg:hidden ${isOld ? 'opacity-80' : ''}`}
    >
      <span className="fig text-2xl">
        {answer.stripCount} × <Measure text={strip.figures} /> {strip.unit}
      </span>
      <span className="ml-3 text-sm">
        <Measure text={answer.clothToBuy.text} /> of cloth
      </span>
    </p>
  );
}
