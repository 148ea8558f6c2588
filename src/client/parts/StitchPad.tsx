import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';

type Props = {
  label: string;
  says: string;
  /** Path data in mm: along the row from 0, and across it from its middle. */
  value: string;
  set: (data: string | null) => void;
  /** One repeat, in mm. */
  length: number;
  /** From side to side, in mm. */
  width: number;
  error?: string;
};

type Place = [number, number];

const pixels = { wide: 320, high: 150, margin: 18 };

/** One repeat of a stitch, drawn by where the needle goes in: tap the places one after another, or lead a cross there with the arrow keys. */
export function StitchPad({ label, says, value, set, length, width, error }: Props) {
  const scale = Math.min(
    (pixels.wide - 2 * pixels.margin) / length,
    (pixels.high - 2 * pixels.margin) / Math.max(width, 1),
  );
  const step = length > 20 ? 1 : 0.5;
  const places = placesOf(value);
  const [at, setAt] = useState<Place>([0, 0]);
  const pad = useRef<SVGSVGElement>(null);
  const keep = (next: Place[]) =>
    set(next.length > 1 ? dataOf(next) : next.length === 1 ? dataOf([...next, ...next]) : null);
  const add = (place: Place) => {
    // A single place is kept as a line to itself until there is a second.
    const before = places.length === 2 && same(places[0]!, places[1]!) ? [places[0]!] : places;
    keep([...before, place]);
    setAt(place);
  };
  const tapped = (e: PointerEvent<SVGSVGElement>) => {
    const box = pad.current!.getBoundingClientRect();
    const [x, y] = [e.clientX - box.left - left, e.clientY - box.top - middle];
    add([
      within(nearest(x / scale, step), 0, length),
      within(nearest(y / scale, step), -width / 2, width / 2),
    ]);
  };
  const press = (e: KeyboardEvent) => {
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[e.key];
    if (by) {
      e.preventDefault();
      setAt(([x, y]) => [
        within(x + by[0]! * step, 0, length),
        within(y + by[1]! * step, -width / 2, width / 2),
      ]);
    } else if (e.key === 'Enter' || e.key === ' ') {
      e.preventDefault();
      add(at);
    } else if (e.key === 'Backspace' && places.length > 0) {
      e.preventDefault();
      keep(places.slice(0, -1));
    } else return;
    e.stopPropagation();
  };
  const left = (pixels.wide - length * scale) / 2;
  const middle = pixels.high / 2;
  const on = ([x, y]: Place) => `${left + x * scale} ${middle + y * scale}`;
  return (
    <div className="field">
      <span className="label">{label}</span>
      <svg
        ref={pad}
        width={pixels.wide}
        height={pixels.high}
        viewBox={`0 0 ${pixels.wide} ${pixels.high}`}
        className="block max-w-full touch-none rounded-md bg-paper shadow-[inset_0_0_0_1px_var(--rule)]"
        role="application"
        aria-label={`${label}: ${places.length} places. Arrow keys lead, Enter puts one, Backspace takes one back.`}
        tabIndex={0}
        onPointerDown={tapped}
        onKeyDown={press}
      >
        <rect
          x={left}
          y={middle - (width * scale) / 2}
          width={length * scale}
          height={Math.max(width * scale, 1)}
          fill="var(--ground)"
          stroke="var(--rule)"
        />
        <path d={`M${on([0, 0])}L${on([length, 0])}`} stroke="var(--slate)" strokeDasharray="3 4" />
        {places.length > 1 && (
          <path
            d={places.map((p, i) => `${i ? 'L' : 'M'}${on(p)}`).join('')}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={2}
            strokeLinejoin="round"
          />
        )}
        {places.map((p, i) => (
          <circle key={i} cx={left + p[0] * scale} cy={middle + p[1] * scale} r={3} fill="var(--ink)" />
        ))}
        <path
          d={`M${on(at)}m-7 0h14m-7 -7v14`}
          stroke="var(--ink)"
          strokeWidth={1.5}
          fill="none"
          opacity={0.7}
        />
      </svg>
      <p className={error ? 'wrong' : 'mt-1 text-[0.8rem]'}>
        {error ?? `${says} Tap where the needle goes in, one place after another.`}
      </p>
      {places.length > 0 && (
        <span className="flex gap-2">
          <button type="button" className="btn bare text-sm" onClick={() => keep(places.slice(0, -1))}>
            One back
          </button>
          <button type="button" className="btn bare text-sm" onClick={() => keep([])}>
            Reset the picture
          </button>
        </span>
      )}
    </div>
  );
}

/** The corners of path data; of a curve its ends. */
function placesOf(data: string): Place[] {
  return [...data.matchAll(/[MLC]?([^MLCZ]+)/gi)].flatMap(([, numbers]) => {
    const all = (numbers!.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);
    return all.length >= 2 ? [[all[all.length - 2]!, all[all.length - 1]!] as Place] : [];
  });
}

const dataOf = (places: Place[]) =>
  places.map(([x, y], i) => `${i ? 'L' : 'M'}${short(x)} ${short(y)}`).join('');
const short = (figure: number) => String(Math.round(figure * 1000) / 1000);
const nearest = (figure: number, step: number) => Math.round(figure / step) * step;
const within = (figure: number, least: number, most: number) => Math.min(most, Math.max(least, figure));
const same = (a: Place, b: Place) => a[0] === b[0] && a[1] === b[1];
