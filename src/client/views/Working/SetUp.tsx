import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import type { CardAnswer } from '../../api/types';
import { useChangeWorkroom, useWorkroom } from '../../app/workroom';
import { Findings } from '../../parts/Findings';
import { Measure } from '../../parts/Measure';
import { NumberField, numberOf } from '../../parts/NumberField';
import type { StageProps } from '../../techniques/registry';
import { useReckoning } from '../../techniques/useReckoning';

/** What a card asks of the working, whatever its technique. */
const cardFields = ['rows', 'fullness', 'clothWeight', 'stitchLength', 'tail', 'zigzagWidth'];

/** Set up: the settings card for this machine, each line with its reason, and the hand-wheel check. */
export function SetUp({ working, technique, reckoning, units }: StageProps) {
  const workroom = useWorkroom().data;
  const change = useChangeWorkroom();
  const [typed, setTyped] = useState<{ tension?: string; stitch?: string }>({});
  const tension = typed.tension ?? String(workroom?.normalTension ?? '');
  const stitch = typed.stitch ?? String(workroom?.longestStitchMm ?? '');
  const ask = {
    ...Object.fromEntries(
      cardFields.filter((f) => working.ask[f] !== undefined).map((f) => [f, working.ask[f]]),
    ),
    normalTension: numberOf(tension) ?? tension,
    longestStitch: numberOf(stitch) ?? stitch,
  };
  const card = useReckoning<CardAnswer>(workroom ? `card/${technique.name}` : null, ask, units, '');
  const { mutate } = change;
  const isRight = !card.isOld && card.answer !== null;
  useEffect(() => {
    if (!isRight || (typed.tension === undefined && typed.stitch === undefined)) return;
    const later = setTimeout(() => {
      mutate({
        normalTension: numberOf(tension) ?? undefined,
        longestStitchMm: numberOf(stitch) ?? undefined,
      });
      setTyped({});
    }, 700);
    return () => clearTimeout(later);
  }, [isRight, mutate, stitch, tension, typed]);

  const wheel = card.answer?.lines.find((l) => l.key === 'hand-wheel');
  return (
    <div className="grid gap-7 lg:grid-cols-[minmax(0,1fr)_322px]">
      <section className="tacked min-w-0" aria-label="The card">
        <h2 className="text-soft">The card: {technique.title}</h2>
        <dl>
          {card.answer?.lines
            .filter((l) => l.key !== 'hand-wheel')
            .map((line) => (
              <div
                key={line.key}
                className="grid items-baseline gap-x-5 border-b border-rule py-[5px] last:border-0 sm:grid-cols-[9rem_minmax(9rem,14rem)_1fr]"
              >
                <dt className="text-soft">{line.setting}</dt>
                <dd className="fig text-xl">
                  <Measure text={line.figure} />
                  {line.dial && (
                    <span className="ml-2 rounded bg-ground px-2 py-0.5 font-sans text-[0.95rem] font-bold tracking-normal">
                      {line.dial}
                    </span>
                  )}
                </dd>
                <dd className="text-[0.92rem] text-soft">{line.because}</dd>
              </div>
            ))}
        </dl>
      </section>
      <aside className="grid content-start gap-4">
        <section className="sheet" aria-label="This machine">
          <h2>This machine</h2>
          <p className="mb-2 text-sm text-soft">
            Dials differ. Say what yours shows when it sews an ordinary seam.
          </p>
          <div className="flex gap-4">
            <NumberField
              label="Normal tension"
              typed={tension}
              onType={(text) => setTyped({ ...typed, tension: text })}
              error={card.errors.normalTension}
              step={0.5}
            />
            <NumberField
              label="Longest stitch"
              suffix="mm"
              typed={stitch}
              onType={(text) => setTyped({ ...typed, stitch: text })}
              error={card.errors.longestStitch}
              step={0.5}
            />
          </div>
        </section>
        {wheel && (
          <div className="care">
            <b className="block text-lg">Hand wheel: {wheel.figure}</b>
            {wheel.because}
          </div>
        )}
        {card.answer && <Findings findings={card.answer.findings} />}
        {reckoning.answer?.cautions
          ?.filter((c) => c.code === 'needle')
          .map((c) => (
            <p key={c.code} className="noted">
              {c.says}
            </p>
          ))}
        <Link className="btn justify-self-start" to={`/workings/${working.id}/sample`}>
          Sew a swatch
        </Link>
      </aside>
    </div>
  );
}
