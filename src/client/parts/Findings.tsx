import type { Finding } from '../api/types';
import { Measure } from './Measure';

/** What the program noticed: what, why, and what to do. A note is folded to its first line. */
export function Findings({ findings }: { findings: Finding[] }) {
  if (findings.length === 0) return null;
  return (
    <ul className="grid gap-2" aria-label="Findings">
      {findings.map((finding) => (
        <li key={finding.code} className={finding.severity === 'note' ? 'noted' : finding.severity}>
          {finding.severity === 'note' ? (
            <details>
              <summary className="flex min-h-11 items-center gap-1">
                <span>
                  <Measure text={finding.says} />
                </span>
              </summary>
              <Measure text={finding.because} /> <Measure text={finding.remedy} />
            </details>
          ) : (
            <>
              <b className="block">
                {finding.severity === 'stop' ? 'Stop: ' : 'Take care: '}
                <Measure text={finding.says} />
              </b>
              <Measure text={finding.because} /> <Measure text={finding.remedy} />
            </>
          )}
        </li>
      ))}
    </ul>
  );
}
