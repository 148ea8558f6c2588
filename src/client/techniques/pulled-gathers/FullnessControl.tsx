import { useId } from 'react';
import type { Drawing } from '../../api/types';
import type { FieldLeaf } from '../../parts/ask/AskFields';
import { NumberField, numberOf } from '../../parts/NumberField';

type Suggested = { low: number; high: number };

const least = 1;
const most = 4;

/** How full: a figure, and a wave from scant to lavish to choose it on by eye. */
export const FullnessControl: FieldLeaf = ({ field, technique, ask, answer, set: put, error }) => {
  const id = useId();
  const typed = String(ask[field.name] ?? '');
  const now = numberOf(typed);
  const set = (value: unknown) => put(field.name, value);
  const suggested = (answer as { suggested?: Suggested } | null)?.suggested;
  return (
    <div className="flex min-w-0 flex-1 basis-80 items-start gap-4">
      <NumberField
        label={field.label}
        about={field.says}
        className="min-w-20 shrink-0"
        typed={typed}
        onType={(text) => set(numberOf(text) ?? text)}
        error={error}
        step={0.05}
      />
      <div className="min-w-0 flex-1 text-[0.84rem] text-soft">
        <span id={id}>
          {suggested ? `usual for this: ${suggested.low}–${suggested.high}` : 'from sparse to very full'}
        </span>
        <div className="fullness-wave">
          {technique.scale && <ScaleWave scale={technique.scale} suggested={suggested} />}
          <input
            type="range"
            min={least}
            max={most}
            step={0.05}
            value={Math.min(most, Math.max(least, now ?? least))}
            aria-labelledby={id}
            aria-valuetext={now === null ? 'not entered' : `${now} times`}
            onChange={(e) => set(Number(e.target.value))}
          />
        </div>
      </div>
    </div>
  );
};

/** The wave that grows with the scale, and the part of it that is usual for this cloth. */
function ScaleWave({ scale, suggested }: { scale: Drawing; suggested?: Suggested }) {
  const at = (fullness: number) => ((fullness - least) / (most - least)) * scale.width;
  const tall = scale.height;
  let d = `M0 ${tall / 2}`;
  const words = [];
  for (const shape of scale.shapes) {
    if (shape.kind === 'gathered') {
      for (let i = 1; i <= 16; i++) {
        const x = shape.hem.from[0] + (shape.hem.span * i) / 16;
        d += `L${x.toFixed(2)} ${(tall / 2 + shape.hem.amplitude * Math.sin((2 * Math.PI * i) / 16)).toFixed(2)}`;
      }
    } else if (shape.kind === 'words') words.push(shape);
  }
  return (
    <>
      <svg
        className="absolute inset-x-0 top-0 h-8 w-full"
        viewBox={`0 -2 ${scale.width} ${tall + 4}`}
        preserveAspectRatio="none"
        aria-hidden
      >
        {suggested && (
          <rect
            x={at(suggested.low)}
            y={-2}
            width={at(suggested.high) - at(suggested.low)}
            height={tall + 4}
            fill="var(--chalk)"
            opacity={0.75}
          />
        )}
        <path d={d} fill="none" stroke="var(--ink)" strokeWidth={1.5} vectorEffect="non-scaling-stroke" />
      </svg>
      {words.map((word) => (
        <span
          key={word.text}
          className="absolute bottom-0 -translate-x-1/2 text-[0.72rem] font-semibold text-ink"
          style={{ left: `${(word.at[0] / scale.width) * 100}%` }}
        >
          {word.text}
        </span>
      ))}
    </>
  );
}
