import { useEffect, useRef, useState } from 'react';
import type { Cloth, Drawing, Progress, Step } from '../../api/types';
import { useKeys } from '../../app/keys';
import { NearView } from '../../drawing/NearView';
import { useWidth } from '../../drawing/useWidth';
import { stopsOf, turnOf } from '../../parts/StopList';

type Props = {
  step: Step;
  drawings: Drawing[] | undefined;
  cloth: Cloth;
  progress: Progress;
  /** Keeps where she is; what is only counted is kept at the next pause. */
  keep: (progress: Progress, isCount: boolean) => void;
  /** When the last stop is behind. */
  done: () => void;
  /** When it is gone back from the first. */
  before: () => void;
};

/**
 * One stop at a time: how many stitches to it, on which side the needle has to be, how far to turn. The space bar or a pedal
 * counts a stitch; what is left to sew stands there as large as it can.
 */
export function StopByStop({ step, drawings, cloth, progress, keep, done, before }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>();
  const at = Math.min(progress.stop ?? 0, step.stops.length - 1);
  const stop = step.stops[at]!;
  const ticked = Math.min(progress.ticked ?? 0, stop.stitches);
  const left = stop.stitches - ticked;
  const drawing = drawings?.find((d) => d.name === step.picture?.drawing);
  const near = drawing?.nears[stop.near];

  const onward = () => {
    if (at === step.stops.length - 1) done();
    else keep({ ...progress, stop: at + 1, ticked: 0 }, false);
  };
  const tick = () => (left > 0 ? keep({ ...progress, ticked: ticked + 1 }, true) : onward());
  const arrive = () => (left > 0 ? keep({ ...progress, ticked: stop.stitches }, false) : onward());
  const back = () => {
    if (ticked > 0) keep({ ...progress, ticked: ticked - 1 }, true);
    else if (at > 0) keep({ ...progress, stop: at - 1, ticked: step.stops[at - 1]!.stitches }, false);
    else before();
  };
  useKeys([
    { keys: [' ', 'PageDown'], shown: 'space', says: 'one stitch', run: tick },
    { keys: ['ArrowRight', 'Enter'], shown: '→', says: 'jump to the stop', run: arrive },
    { keys: ['ArrowLeft', 'PageUp', 'Backspace'], shown: '←', says: 'back one', run: back },
  ]);
  const { stops, isStop, turns, counts } = stopsOf(step);
  return (
    <>
      <section
        className="grid content-start items-start gap-x-10 gap-y-[2vh] lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]"
        data-stop={at}
      >
        <div className="grid content-start gap-[2vh]">
          <h1 className="text-2xl sm:text-3xl">
            {step.title}
            <span className="ml-3 text-xl font-normal text-soft">
              {isStop(at) ? `${counts ? 'stop ' : ''}${at + 1} of ${stops}` : 'to the end'}
            </span>
          </h1>
          <button type="button" className="stop-count" onClick={tick}>
            {left > 0 ? (
              <>
                <b className="fig">{left}</b>
                <span>{left === 1 ? 'stitch' : 'stitches'} to go</span>
              </>
            ) : (
              <>
                <b className={`fig${counts ? '' : ' in-words'}`}>
                  {stop.turn
                    ? turnOf(stop)
                    : !counts
                      ? (near?.label ?? 'Next')
                      : isStop(at)
                        ? 'Stop'
                        : 'Stop here'}
                </b>
                <span>
                  {stop.turn
                    ? `needle down, ${stop.needle}`
                    : !counts
                      ? 'set, then sew'
                      : isStop(at)
                        ? 'needle down'
                        : 'end of the line'}
                </span>
              </>
            )}
          </button>
          <Said text={stop.says} isNow={left === 0} />
          <p className="hidden max-w-[44em] text-soft lg:block">{step.checks.join(' ')}</p>
        </div>
        <div ref={ref} className="min-w-0">
          {drawing && near && step.picture && width > 40 && (
            <NearView
              drawing={drawing}
              near={near}
              cloth={cloth}
              width={Math.min(width, 620)}
              height={Math.min(width, 430, Math.max(240, innerHeight - 330))}
            />
          )}
        </div>
      </section>
      <footer className="sticky bottom-0 grid grid-cols-[1fr_2fr] gap-3 bg-ground py-2">
        <button type="button" className="btn quiet min-h-16 text-xl" onClick={back}>
          One back
        </button>
        <button type="button" className="btn min-h-16 text-xl" onClick={arrive}>
          {left > 0
            ? 'I’ve reached the stop'
            : at === step.stops.length - 1
              ? 'Sewn'
              : turns
                ? 'Turned, continue'
                : 'Done, continue'}
        </button>
      </footer>
    </>
  );
}

/** What to do at the stop; it is read out when it is reached, and not at every stitch. */
function Said({ text, isNow }: { text: string; isNow: boolean }) {
  const [spoken, setSpoken] = useState('');
  const was = useRef(isNow);
  useEffect(() => {
    if (isNow && !was.current) setSpoken(text);
    was.current = isNow;
  }, [isNow, text]);
  return (
    <>
      <p
        className={`max-w-[34em] text-[clamp(1.15rem,2.2vw,1.6rem)] leading-snug ${isNow ? 'font-semibold' : ''}`}
      >
        {text}
      </p>
      <p className="sr-only" role="status">
        {spoken}
      </p>
    </>
  );
}
