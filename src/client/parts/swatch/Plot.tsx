import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { useId, useState, type MouseEvent } from 'react';
import { useWidth } from '../../drawing/useWidth';
import { Segmented } from '../Segmented';
import { Legend, Mark } from './PlotMarks';
import { PlotTable } from './PlotTable';
import { ends, said, scaleOf } from './scale';
import type { Learnt, PlotPoint } from './usePlot';

type Props = {
  learnt: Learnt;
  /** The technique whose swatches they are, where that is not plain. */
  title?: string;
  setX: (x: string) => void;
  /** What the mark of the planned setting is called. */
  mark?: string;
  /** Opens a swatch that is chosen in the plot. */
  open?: (id: string) => void;
};

const height = 300;
const margin = { left: 44, right: 16, top: 14, bottom: 44 };

/** What is learnt against a setting: the band that is predicted, what is planned, and every swatch; read by pointer, by key and as a table. */
export function Plot({ learnt, title, setX, mark = 'as planned', open }: Props) {
  const [view, setView] = useState<'value' | 'off'>('value');
  const [at, setAt] = useState<number | null>(null);
  // Shown as chosen at once; the plot follows.
  const [x, chooseX] = useState(learnt.axis.name);
  const { quantity, axes } = learnt;
  const against = (name: string) => {
    chooseX(name);
    setX(name);
  };
  const points = [...learnt.points].sort((a, b) => a.x - b.x || a.value - b.value);
  const [apart, setApart] = useState<'cloth' | 'foot'>('cloth');
  const groups = [...new Set(points.map((p) => p[apart]))];
  const hasFeet = new Set(points.map((p) => p.foot)).size > 1;
  const here = at === null ? undefined : points[Math.min(at, points.length - 1)];
  const canBeOff = learnt.planned !== null && points.length > 0;
  return (
    <section className="sheet grid min-w-0 gap-3" aria-label="Plot">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <h2 className="basis-full">
          {view === 'off' ? 'How far each differs from the others' : quantity.title}
          {title && <span className="font-normal text-soft"> · {title}</span>}
        </h2>
        {axes.length > 1 && <Segmented label="Against" value={x} choices={axes} onChoose={against} />}
        {hasFeet && (
          <Segmented
            label="Marked by"
            value={apart}
            choices={[
              { name: 'cloth', label: 'fabric' },
              { name: 'foot', label: 'foot' },
            ]}
            onChoose={setApart}
          />
        )}
        {canBeOff && (
          <Segmented
            label="Show"
            value={view}
            choices={[
              { name: 'value', label: quantity.title.toLowerCase() },
              { name: 'off', label: 'unusual swatches' },
            ]}
            onChoose={setView}
          />
        )}
      </div>
      {points.length === 0 && learnt.band.length === 0 ? (
        <p className="text-soft">
          A swatch that is measured stands here as a point, beside what is predicted.
        </p>
      ) : (
        <>
          <Picture
            learnt={learnt}
            points={points}
            groupOf={(p) => groups.indexOf(p[apart])}
            isOff={view === 'off' && canBeOff}
            here={here}
            see={(p) => setAt(p ? points.indexOf(p) : null)}
            open={open}
          />
          <Legend
            learnt={learnt}
            groups={groups.map((g) => g || `${apart === 'foot' ? 'foot' : 'fabric'} not entered`)}
            isOff={view === 'off'}
            mark={mark}
          />
          {points.length > 0 && (
            <label className="field">
              Step through the swatches
              <input
                type="range"
                className="h-8 w-full"
                min={0}
                max={points.length - 1}
                step={1}
                value={at ?? 0}
                aria-valuetext={here ? tell(here, learnt) : 'none yet; arrow keys go from swatch to swatch'}
                onChange={(e) => setAt(Number(e.target.value))}
              />
            </label>
          )}
          <p className="min-h-12 text-[0.95rem]" aria-live="polite">
            {here ? (
              <>
                {tell(here, learnt)}
                {open && (
                  <button type="button" className="btn bare" onClick={() => open(here.id)}>
                    Open it
                  </button>
                )}
              </>
            ) : (
              <span className="text-soft">Point at a swatch, or use the arrow keys.</span>
            )}
          </p>
          <PlotTable learnt={learnt} points={points} />
        </>
      )}
    </section>
  );
}

/** A point in a sentence. */
function tell(p: PlotPoint, { quantity }: Learnt) {
  const off =
    p.expected == null
      ? ''
      : `; the others say ${said(p.expected, quantity)}, ${Math.abs(p.deviations!).toFixed(1)} standard deviations ${p.deviations! < 0 ? 'less' : 'more'}`;
  return `${said(p.value, quantity)} ${quantity.unit} at ${p.settings}${p.cloth ? `, ${p.cloth}` : ''}${p.foot ? `, ${p.foot}` : ''}${off}${p.isOdd ? ': unusual' : ''}${p.counts ? '' : '; not used'}${p.simulated ? '; simulated' : ''}.`;
}

type PictureProps = {
  learnt: Learnt;
  points: PlotPoint[];
  /** Which mark a swatch has. */
  groupOf: (p: PlotPoint) => number;
  isOff: boolean;
  here: PlotPoint | undefined;
  see: (p: PlotPoint | null) => void;
  open?: (id: string) => void;
};

function Picture({ learnt, points, groupOf, isOff, here, see, open }: PictureProps) {
  const [ref, width] = useWidth<HTMLDivElement>();
  const id = useId();
  const { axis, quantity, planned } = learnt;
  const right = Math.max(margin.left + 60, width - margin.right);
  const bottom = height - margin.bottom;
  const px = scaleLinear([axis.from, axis.to], [margin.left, right]);
  const py = isOff
    ? offScale(points)
    : scaleOf(quantity, [...points.map((p) => p.value), ...ends(learnt.band)]);
  py.range([bottom, margin.top]);
  const band = area<Learnt['band'][number]>(
    (b) => px(b.x),
    (b) => py(b.low),
    (b) => py(b.high),
  );
  const mid = line<Learnt['band'][number]>(
    (b) => px(b.x),
    (b) => py(b.mid),
  );
  const y = (p: PlotPoint) => py(isOff ? (p.deviations ?? 0) : p.value);
  const nearest = (e: MouseEvent<SVGSVGElement>) => {
    const box = e.currentTarget.getBoundingClientRect();
    const [mx, my] = [e.clientX - box.left, e.clientY - box.top];
    let best: PlotPoint | null = null;
    let least = 26;
    for (const p of points) {
      const far = Math.hypot(px(p.x) - mx, y(p) - my);
      if (far < least) [best, least] = [p, far];
    }
    return best;
  };
  return (
    <div ref={ref} className="min-w-0">
      {width > 0 && (
        <svg
          width={width}
          height={height}
          viewBox={`0 0 ${width} ${height}`}
          className="block max-w-full touch-pan-y"
          role="img"
          aria-label={`${isOff ? 'Deviations' : quantity.title} of ${points.length} swatches against ${axis.label}. The table below says the same.`}
          onPointerMove={(e) => {
            const p = nearest(e);
            if (p) see(p);
          }}
          onClick={(e) => {
            const p = nearest(e);
            if (p) open?.(p.id);
          }}
        >
          <defs>
            <clipPath id={id}>
              <rect x={margin.left} y={margin.top} width={right - margin.left} height={bottom - margin.top} />
            </clipPath>
          </defs>
          {py.ticks(6).map((t) => (
            <g key={t}>
              <path d={`M${margin.left} ${py(t)}H${right}`} stroke="var(--rule)" />
              <text x={margin.left - 8} y={py(t) + 4} textAnchor="end" className="plot-figure">
                {t}
              </text>
            </g>
          ))}
          {ticksOf(axis).map((t) => (
            <g key={t}>
              <path d={`M${px(t)} ${bottom}v5`} stroke="var(--slate)" />
              <text x={px(t)} y={bottom + 18} textAnchor="middle" className="plot-figure">
                {t}
              </text>
            </g>
          ))}
          <text x={(margin.left + right) / 2} y={height - 6} textAnchor="middle" className="plot-figure">
            {axis.label}
            {axis.unit && `, ${axis.unit}`}
          </text>
          <g clipPath={`url(#${id})`}>
            {!isOff && (
              <>
                <path d={band(learnt.band) ?? ''} fill="var(--chalk)" opacity={0.55} />
                <path d={mid(learnt.band) ?? ''} fill="none" stroke="var(--ink)" strokeWidth={1.8} />
              </>
            )}
            {isOff &&
              [-3, 3].map((t) => (
                <path
                  key={t}
                  d={`M${margin.left} ${py(t)}H${right}`}
                  stroke="var(--ink)"
                  strokeDasharray="6 4"
                />
              ))}
          </g>
          {!isOff && planned && (
            <g transform={`translate(${px(planned.x)} 0)`}>
              <path d={`M0 ${margin.top}V${bottom}`} stroke="var(--ink)" strokeDasharray="2 5" />
              <path
                d={`M0 ${py(planned.range.low)}V${py(planned.range.high)}`}
                stroke="var(--ink)"
                strokeWidth={3.5}
              />
              <path d={`M-7 ${margin.top}h14l-7 10z`} fill="var(--ink)" />
            </g>
          )}
          {points.map((p) => (
            <Mark key={p.id} x={px(p.x)} y={y(p)} which={groupOf(p)} point={p} isHere={p.id === here?.id} />
          ))}
        </svg>
      )}
    </div>
  );
}

/** The ticks of an axis, no more than can be read. */
function ticksOf({ from, to, step }: Learnt['axis']) {
  const wide = (to - from) / step > 9 ? step * 2 : step;
  const first = Math.ceil(from / wide - 1e-9);
  const count = Math.max(0, Math.floor(to / wide + 1e-9) - first + 1);
  return Array.from({ length: count }, (_, i) => Math.round((first + i) * wide * 1e6) / 1e6);
}

function offScale(points: PlotPoint[]) {
  const most = Math.min(12, Math.max(3.6, ...points.map((p) => Math.abs(p.deviations ?? 0) + 0.6)));
  return scaleLinear([-most, most], [0, 1]).clamp(true);
}
