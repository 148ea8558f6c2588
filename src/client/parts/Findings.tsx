import type { Cure, Finding } from '../api/types';
import { Measure } from './Measure';

/**
 * What the program noticed: what, why, and what to do. A note is folded to its first line.
 * @param use Does what a remedy says, with one press, where it names what to change.
 */
export function Findings({ findings, use }: { findings: Finding[]; use?: (cure: Cure) => void }) {
  if (findings.length === 0) return null;
  return (
    <ul className="grid gap-2" aria-label="Notes and warnings">
      {findings.map((finding) => (
        <li key={finding.code} className={finding.severity === 'note' ? 'noted' : finding.severity}>
          {finding.severity === 'note' ? (
            <details>
              <summary className="flex min-h-11 items-center gap-1">
                <span>
                  <Measure text={finding.says} />
                </span>
              </summary>
              <Measure text={finding.because} /> <Remedy finding={finding} use={use} />
            </details>
          ) : (
            <>
              <b className="block">
                {finding.severity === 'stop' ? 'Stop: ' : 'Take care: '}
                <Measure text={finding.says} />
              </b>
              <Measure text={finding.because} /> <Remedy finding={finding} use={use} />
            </>
          )}
        </li>
      ))}
    </ul>
  );
}

function Remedy({ finding: { remedy, cure }, use }: { finding: Finding; use?: (cure: Cure) => void }) {
  return (
    <>
      <Measure text={remedy} />
      {cure && use && (
        <button
          type="button"
          className="btn bare no-print ml-2"
          aria-label={`Use this: ${remedy}`}
          onClick={() => use(cure)}
        >
          Use this
        </button>
      )}
    </>
  );
}
