import type { PencilLine } from '../api/types';
import { Measure } from './Measure';

/** The computation, folded, to be followed with a pencil. */
export function Pencil({ lines }: { lines: PencilLine[] | undefined }) {
  if (!lines?.length) return null;
  return (
    <details className="no-print border-t border-rule py-2 text-[0.9rem] text-soft">
      <summary className="flex min-h-11 items-center gap-2">
        <b className="text-ink">Show the calculation</b>
        <span className="min-w-0 truncate">
          <Measure text={lines[0]!.sum} />
        </span>
      </summary>
      <dl className="grid gap-x-6 gap-y-2 py-2 md:grid-cols-[10rem_1fr]">
        {lines.map((line, i) => (
          <div key={i} className="contents">
            <dt className="font-semibold text-ink">{line.title}</dt>
            <dd>
              <span className="font-semibold text-ink">
                <Measure text={line.sum} />
              </span>
              <span className="block">{line.because}</span>
            </dd>
          </div>
        ))}
      </dl>
    </details>
  );
}
