import { onDay } from '../../app/dates';
import { useEffect, useState } from 'react';
import { post } from '../../api/http';
import type { Ask, Finding, Units } from '../../api/types';
import { Findings } from '../Findings';
import type { EditedWorking } from '../../app/useWorking';
import { Measure } from '../Measure';
import { useCutLists } from './useCutLists';

type Compared = { differences: { title: string; was: string; isNow: string }[]; findings: Finding[] };

/** The same for a working whose cut lists are not at hand: in Sew, at the machine, on paper. */
export function ChangedSinceCut({ working, units }: { working: EditedWorking; units: Units }) {
  const last = useCutLists(working.id, units).lists?.[0];
  if (!last) return null;
  return (
    <SinceCut
      working={working.id}
      then={last.ask as Ask}
      now={working.ask}
      units={units}
      cutAt={last.cutAt}
    />
  );
}

/** How the plan differs from what was cut. */
export function SinceCut({
  working,
  then,
  now,
  units,
  cutAt,
}: {
  /** Its id: what its swatches say now belongs to the plan as it is now. */
  working: string;
  then: Ask;
  now: Ask;
  units: Units;
  cutAt: string;
}) {
  const [compared, setCompared] = useState<Compared | null>(null);
  const key = JSON.stringify({ then, now });
  useEffect(() => {
    const abort = new AbortController();
    post<Compared>(`workings/${working}/compare`, JSON.parse(key), { units }, abort.signal).then(
      setCompared,
      () => {
        // While a figure is wrong there is nothing to compare; the plan says what is wrong.
      },
    );
    return () => abort.abort();
  }, [working, key, units]);
  if (!compared || compared.differences.length === 0) return null;
  return (
    <section className="sheet" aria-label="Changed since it was cut">
      <h2>The plan has changed since it was cut on {onDay(cutAt, units)}</h2>
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
          {compared.differences.map((d) => (
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
      <Findings findings={compared.findings} />
    </section>
  );
}
