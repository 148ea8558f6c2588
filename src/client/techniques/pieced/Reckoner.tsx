import { useEffect, useMemo } from 'react';
import type { Technique, Units } from '../../api/types';
import { useAddress } from '../../app/address';
import { Measure } from '../../parts/Measure';
import { Pencil } from '../../parts/Pencil';
import { askIn } from '../askIn';
import { Drawings } from '../shared/Drawings';
import { useReckoning } from '../useReckoning';
import { startOf } from '../useTechnique';
import { isPredicted, type Pieced } from './answer';
import { layouts } from './layouts';
import { PieceFields, PieceFolds } from './PieceFields';
import { RangeBar } from './RangeBar';
import { ToCut } from './ToCut';
import { TurnedLine } from './TurnedLine';

/** A piece at once, nothing saved: the address holds the figures. */
export function Reckoner({ technique, units }: { technique: Technique; units: Units }) {
  const { address, set } = useAddress();
  const layout = layouts[technique.name]!;
  const ask = useMemo(() => {
    const said = askIn(technique, address);
    // Of two figures for one thing only one is said.
    const isSaid = layout.either?.some((f) => f in said);
    const start = Object.fromEntries(
      Object.entries(startOf(technique)).filter(([f]) => !isSaid || !layout.either!.includes(f)),
    );
    return { ...start, ...said };
  }, [technique, address, layout]);
  const path = `reckon/${technique.name}`;
  const reckoning = useReckoning<Pieced>(path, ask, units, 'working,drawings,understood');
  const { answer } = reckoning;
  const piece = answer?.pieces[0];

  useEffect(() => {
    document.title = piece
      ? `${piece.count} × ${piece.length.text} · Zephyr Reach`
      : 'Reckoner · Zephyr Reach';
    return () => {
      document.title = 'Zephyr Reach';
    };
  }, [piece]);

  return (
    <>
      <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_322px]">
        <div className="grid min-w-0 content-start gap-5">
          {piece && (
            <p
              className={`sticky top-0 z-[4] -mx-4 bg-ink px-4 py-2 text-paper lg:hidden ${reckoning.isOld ? 'opacity-80' : ''}`}
            >
              <span className="fig text-2xl">
                {piece.count} × <Measure text={piece.length.text} />
                {piece.depth && (
                  <>
                    {' × '}
                    <Measure text={piece.depth.text} />
                  </>
                )}
              </span>
            </p>
          )}
          <PieceFields
            technique={technique}
            layout={layout}
            ask={ask}
            set={set}
            reckoning={reckoning}
            units={units}
          />
        </div>
        <aside className="row-span-2 grid content-start gap-4 lg:sticky lg:top-4 lg:self-start">
          {answer ? (
            <>
              <ToCut answer={answer} isOld={reckoning.isOld} />
              {isPredicted(answer) && <RangeBar range={answer.fullness} restsOn={answer.restsOn} />}
            </>
          ) : (
            <p className="tacked text-lg">
              {reckoning.unreachable ?? `${layout.first.question} What to cut stands here at once.`}
            </p>
          )}
          <TurnedLine path={path} layout={layout} ask={ask} units={units} use={set} />
        </aside>
        <div className="min-w-0">
          <Drawings answer={answer} cloth={undefined} units={units} />
          <div className="mt-5">
            <PieceFolds
              technique={technique}
              layout={layout}
              ask={ask}
              set={set}
              reckoning={reckoning}
              units={units}
            />
          </div>
        </div>
      </div>
      <div className="mt-4">
        <Pencil lines={answer?.working} />
      </div>
    </>
  );
}
