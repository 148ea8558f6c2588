import type { SwatchSays } from '../../api/types';
import { Measure } from '../Measure';

/** What a swatch came to, and what that means for the piece. */
export function SwatchVerdict({
  says,
  take,
}: {
  says: SwatchSays;
  /** Takes a figure into the plan; missing where there is none. */
  take?: (field: string, value: number) => void;
}) {
  return (
    <div className="rounded-md bg-ground p-3" aria-live="polite">
      <p className="flex flex-wrap items-baseline gap-x-2">
        <span className="fig text-[2.2rem]">
          <Measure text={says.headline.figure} />
        </span>
        <span className="text-soft">{says.headline.unit}</span>
      </p>
      {says.lines.map((line) => (
        <p key={line.says} className="text-[0.92rem]">
          <Measure text={line.says} />
        </p>
      ))}
      {take && says.takeOver && (
        <button
          type="button"
          className="btn bare !px-0"
          onClick={() => take(says.takeOver!.field, says.takeOver!.value)}
        >
          {says.takeOver.says}
        </button>
      )}
    </div>
  );
}
