import { onDay } from '../../app/dates';
import { useEffect, useState } from 'react';
import { post } from '../../api/http';
import type { Finding, Units } from '../../api/types';
import { Findings } from '../Findings';
import type { EditedWorking } from '../../app/useWorking';
import { Measure } from '../Measure';
import { useCutLists } from './useCutLists';

type Compared = { differences: { title: string; was: string; isNow: string }[]; findings: Finding[] };

/** How the plan differs from what was last cut, and when that was; null where it does not. */
export function useSinceCut(working: EditedWorking, units: Units) {
  const last = useCutLists(working.id, units).lists?.[0];
  const [compared, setCompared] = useState<Compared | null>(null);
  const key = last ? JSON.stringify({ then: last.ask, now: working.ask }) : '';
  const { id, restsOn } = working;
  useEffect(() => {
    if (!key) {
      setCompared(null);
      return;
    }
    const abort = new AbortController();
    post<Compared>(`workings/${id}/compare`, JSON.parse(key), { units }, abort.signal).then(
      setCompared,
      () => {
        // While a figure is wrong there is nothing to compare; the plan says what is wrong.
      },
    );
    return () => abort.abort();
  }, [id, key, units, restsOn]);
  return last && compared?.differences.length ? { ...compared, cutAt: last.cutAt } : null;
}

/** How the plan differs from what was cut: in Cut, in Sew, at the machine. */
export function ChangedSinceCut({ working, units }: { working: EditedWorking; units: Units }) {
  return <SinceCut since={useSinceCut(working, units)} units={units} />;
}

/** The differences as a list, with what they mean for what was cut. */
export function SinceCut({ since, units }: { since: ReturnType<typeof useSinceCut>; units: Units }) {
  if (!since) return null;
  return (
    <section className="sheet" aria-label="Changed since it was cut">
      <h2>The plan has changed since it was cut on {onDay(since.cutAt, units)}</h2>
      <table className="my-3 w-full text-[0.95rem]">
        <thead className="text-left text-soft">
          <tr>
            <th scope="col">What</th>
            <th scope="col" className="text-right">
              as cut
            </th>
            <th scope="col" className="text-right">
              now
            </th>
          </tr>
        </thead>
        <tbody>
          {since.differences.map((d) => (
            <tr key={d.title} className="border-t border-rule">
              <th scope="row" className="py-1 text-left font-normal">
                {d.title}
              </th>
              <td className="text-right">
                <Measure text={d.was} />
              </td>
              <td className="text-right font-bold">
                <Measure text={d.isNow} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <Findings findings={since.findings} />
    </section>
  );
}
