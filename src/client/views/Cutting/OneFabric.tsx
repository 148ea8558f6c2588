import { useState } from 'react';
import { Link } from 'react-router';
import type { Drawing, Units } from '../../api/types';
import { useDrawer } from '../../app/drawer';
import { DrawingView } from '../../drawing/DrawingView';
import { useWidth } from '../../drawing/useWidth';
import { lookOf } from '../../parts/ask/FromDrawer';
import { Facts } from '../../parts/Facts';
import { TakePaper } from '../../parts/GuidePaper';
import { Measure } from '../../parts/Measure';
import { CutIt } from './CutIt';
import { InOrder } from './InOrder';
import { asItCame, useLayout, type Fabric } from './useLayout';
import { Pinned } from './Pinned';
import { usePins } from './usePins';
import { LayoutWays } from './LayoutWays';

type Props = { project: string; first: Fabric; units: Units };

/** One fabric of the project with all that is cut from it, its remnants first. */
export function OneFabric({ project, first, units }: Props) {
  const [way, setWay] = useState(asItCame);
  const { fabric, wanted, isLooking, isStopped, stop, lookOn, tryPins } = useLayout(
    project,
    first,
    units,
    way,
  );
  const pinning = usePins(fabric, way.pins, async (pins) => {
    await tryPins(pins);
    setWay((now) => ({ ...now, pins }));
  });
  const [ref, width] = useWidth<HTMLDivElement>();
  const [lit, setLit] = useState<string | null>(null);
  const thing = useDrawer().data?.things.find((t) => t.id === fabric.thing);
  const { layout } = fabric;
  const usesNone = layout.used.mm === 0;
  const name = fabric.name || 'Fabric not entered';
  const parts = [...new Map(fabric.pieces.map((p) => [p.part, p.partName]))];
  return (
    <section aria-label={name} className="grid gap-7 lg:grid-cols-[minmax(0,1fr)_322px]">
      <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4" ref={ref}>
        <h2 className="fig flex flex-wrap items-baseline justify-between gap-x-4 text-2xl">
          {name}
          <span className="text-[1.1rem] lg:hidden" aria-hidden>
            {usesNone ? 'remnants are enough' : <Measure text={`uses ${layout.used.text}`} />}
          </span>
        </h2>
        <div className="flex flex-wrap gap-x-8 gap-y-4">
          {fabric.sheets.map((sheet) => (
            <DrawingView
              key={sheet.on}
              drawing={sheet.drawing as unknown as Drawing}
              cloth={thing && lookOf(thing)}
              units={units}
              width={width}
              maxHeight={sheet.on === 0 ? 380 : 220}
              moment={lit ? { lit: [`part-${lit.replaceAll('-', '')}`] } : undefined}
              move={pinning.on(sheet.on, units, setLit)}
            />
          ))}
          <div className="min-w-0 flex-1 basis-80">
            <table className="w-full text-[0.95rem]" aria-label={`What is cut from ${name}`}>
              <thead className="text-left text-soft">
                <tr>
                  {['', 'Cut', 'Piece', 'Part'].map((head) => (
                    <th key={head} scope="col" className="pr-4 font-semibold">
                      {head || <span className="sr-only">Mark</span>}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {fabric.pieces.map((piece) => (
                  <tr
                    key={piece.mark}
                    className={`border-t border-rule align-top ${lit === piece.part ? 'bg-paper' : ''}`}
                    onPointerEnter={() => setLit(piece.part)}
                    onPointerLeave={() => setLit(null)}
                  >
                    <th scope="row" className="fig py-1.5 pr-4 text-left">
                      {piece.mark}
                    </th>
                    <td className="py-1.5 pr-4 font-bold whitespace-nowrap">
                      {piece.count > 1 && `${piece.count} of `}
                      <Measure text={piece.size} />
                    </td>
                    <td className="py-1.5 pr-4">{piece.name}</td>
                    <td className="py-1.5">
                      <Link
                        to={`/parts/${piece.part}/cut`}
                        onFocus={() => setLit(piece.part)}
                        onBlur={() => setLit(null)}
                      >
                        {piece.partName}
                      </Link>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </div>
        {fabric.tooLarge.length > 0 && (
          <p className="noted">
            Too large for this fabric, and not laid out:{' '}
            {fabric.tooLarge.map((p) => `${p.name} of ${p.partName}, ${p.size}`).join('; ')}.
          </p>
        )}
        {fabric.unmatched.length > 0 && (
          <p className="noted">
            The pattern does not go on across the joins of {fabric.unmatched.join(', ')}: the strips are as
            long as the fabric is wide. Cut along the selvedge they can be matched.
          </p>
        )}
        <InOrder fabric={fabric} isDouble={way.double} />
      </div>
      <aside className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4 lg:sticky lg:top-4 lg:self-start">
        <section className="tacked" aria-label={`How much of ${name}`}>
          <h3 className="font-bold text-soft">Uses</h3>
          <p className="fig text-[2.6rem] leading-tight">
            {usesNone ? 'nothing' : <Measure text={layout.used.text} />}
          </p>
          <p role="status">
            {usesNone ? (
              <b className="text-moss">✓ Its remnants are enough.</b>
            ) : layout.isProven ? (
              <b className="text-moss">✓ Less cannot do.</b>
            ) : (
              <>
                Less than{' '}
                <b>
                  <Measure text={layout.atLeast.text} />
                </b>{' '}
                cannot do.
              </>
            )}
          </p>
          <Facts
            className="mt-3"
            of={[
              { name: 'Fabric width', text: fabric.width.text },
              ...(fabric.left ? [{ name: 'You have', text: fabric.left.text }] : []),
              { name: 'Cut part by part', text: fabric.partByPart.text },
              ...(fabric.saved ? [{ name: 'Saved together', text: fabric.saved.text }] : []),
              ...(fabric.forCertainty
                ? [{ name: 'Of it, to be sure it is long enough', text: fabric.forCertainty.text }]
                : []),
            ]}
          />
          {fabric.short && (
            <p className="mt-3 rounded bg-chalk px-3 py-2 font-bold text-on-chalk">
              <Measure text={fabric.short.text} /> short.
            </p>
          )}
          {!layout.isProven && (
            <p className="no-print mt-3 text-[0.92rem] text-soft">
              {isLooking ? 'Looking for a better layout… ' : 'The best that was found. '}
              {isLooking ? (
                <button type="button" className="btn bare" onClick={stop}>
                  Stop
                </button>
              ) : (
                isStopped && (
                  <button type="button" className="btn bare" onClick={lookOn}>
                    Look on
                  </button>
                )
              )}
            </p>
          )}
          <div className="no-print mt-4 grid gap-3">
            <LayoutWays fabric={fabric} way={way} set={(more) => setWay({ ...way, ...more })} />
            {way.edgeToEdge && !layout.cuts && (
              <p className="noted">As it is pinned it does not come apart by cuts right across.</p>
            )}
            <Pinned pins={pinning} />
            <CutIt project={project} fabric={fabric} wanted={wanted} parts={parts.map(([, part]) => part)} />
            <button type="button" className="btn quiet justify-self-start" onClick={() => window.print()}>
              Print
            </button>
          </div>
        </section>
        {fabric.remnants.length > 0 && (
          <section className="sheet" aria-label={`Left of ${name}`}>
            <h3 className="font-bold">Left over as remnants</h3>
            <ul className="mt-1">
              {fabric.remnants.map((size, i) => (
                <li key={i} className="fig">
                  <Measure text={size} />
                </li>
              ))}
            </ul>
          </section>
        )}
        <details className="sheet no-print">
          <summary className="min-h-11 content-center font-bold">Full-size layout</summary>
          {fabric.sheets.map((sheet) => (
            <div key={sheet.on} className="mt-2 grid gap-2">
              {fabric.sheets.length > 1 && <b>{sheet.name}</b>}
              <TakePaper
                address={(query) =>
                  `/api/projects/${project}/cutting/paper?${new URLSearchParams({
                    ...query,
                    units,
                    ...Object.fromEntries(Object.entries(wanted).map(([k, v]) => [k, String(v)])),
                    on: String(sheet.on),
                  })}`
                }
              />
            </div>
          ))}
        </details>
        {fabric.buying.length > 0 && (
          <details className="sheet no-print">
            <summary className="min-h-11 content-center font-bold">If you buy it</summary>
            <Facts
              of={fabric.buying.map((b) => ({
                name: `${b.width.text} wide`,
                text: b.leaves ? `${b.buy}; leaves ${b.leaves}` : b.buy,
              }))}
              className="mt-2"
            />
          </details>
        )}
      </aside>
    </section>
  );
}
