import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { Causes } from './Causes';
import { SymptomPicker } from './SymptomPicker';
import { TryFirst } from './TryFirst';
import {
  useSymptoms,
  useTrace,
  type Asked,
  type Cured,
  type Found,
  type Result,
  type Symptom,
} from '../../app/faults';
import { WhatIsSet } from './WhatIsSet';

type Props = {
  /** The technique, where it is known: what can be met with it comes first. */
  technique?: string;
  title?: string;
  find: (body: Asked) => Promise<Found>;
  /** Keeps what cured it; missing where there is no part to keep it with. */
  keep?: (cured: Cured) => void;
  back?: ReactNode;
  /** What was cured in this part before. */
  before?: { try: string; says?: string | null; symptoms: string[] }[];
};

/** What do you see? What to try first, and what it did. */
export function Finder({ technique, title, find, keep, back, before }: Props) {
  const { seen, tried, see, setTried } = useTrace();
  const [setUp, setSetUp] = useState<Asked['setUp']>({});
  const [gone, setGone] = useState<string | null>(null);
  const all = useSymptoms();
  const mine = useSymptoms(technique);
  const hasElastic = Boolean(technique && mine?.some((s) => s.name === 'elastic-loose'));
  const asked = { symptoms: seen, setUp, tried };
  const query = useQuery({
    queryKey: ['faults', technique, asked],
    queryFn: () => find(asked),
    enabled: seen.length > 0,
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
  const found = seen.length > 0 ? query.data : undefined;
  const answered = async (attempt: string, says: string, result: Result) => {
    const made = [...tried, { try: attempt, result }];
    if (result !== 'gone') return setTried(made);
    setGone(says);
    if (!keep) return;
    const { causes } = await find({ ...asked, tried: made });
    keep({
      symptoms: seen,
      try: attempt,
      says,
      causes: single(causes),
      on: new Date().toISOString().slice(0, 10),
    });
  };
  if (gone)
    return (
      <section className="tacked mt-4 max-w-2xl" aria-live="polite">
        <h2 className="fig text-2xl">Gone</h2>
        <p className="mt-1 text-lg">{gone}</p>
        <p className="mt-2 text-soft">
          {keep
            ? 'It is kept with this part, and thought of sooner on this machine the next time.'
            : 'It is not kept: no part is open.'}
        </p>
        <div className="mt-4 flex flex-wrap gap-3">
          {back}
          <button
            type="button"
            className="btn quiet"
            onClick={() => {
              setGone(null);
              setTried([]);
              see([]);
            }}
          >
            Look for something else
          </button>
        </div>
      </section>
    );
  const picker = all && mine && (
    <SymptomPicker mine={mine} all={all} seen={seen} see={see} title={title} isFound={Boolean(found)} />
  );
  if (!found)
    return (
      <div className="mt-4 grid gap-4">
        {query.error && <p className="wrong">Can’t reach the program. Is it still running?</p>}
        {picker || <p className="text-soft">Opening…</p>}
        {back && <div>{back}</div>}
        <Before cured={before} all={all} />
      </div>
    );
  return (
    <div className="mt-4 grid gap-x-6 gap-y-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,26rem)]">
      <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4 lg:col-start-1 lg:row-start-1">
        <TryFirst found={found} answered={(a, s, r) => void answered(a, s, r)} />
        <Causes found={found} tried={tried} setTried={setTried} />
      </div>
      <aside className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4 max-lg:order-first lg:col-start-2 lg:row-start-1">
        {picker}
        <div className="grid gap-4 max-lg:hidden">
          <WhatIsSet setUp={setUp} set={setSetUp} hasElastic={hasElastic} />
          <Before cured={before} all={all} />
          {back && <div>{back}</div>}
        </div>
      </aside>
      <div className="grid gap-4 lg:hidden">
        <WhatIsSet setUp={setUp} set={setSetUp} hasElastic={hasElastic} />
        {back && <div>{back}</div>}
      </div>
    </div>
  );
}

/** What was cured in this part before. */
function Before({ cured, all }: { cured: Props['before']; all?: Symptom[] }) {
  if (!cured?.length) return null;
  return (
    <section aria-label="What cured it before">
      <h2 className="font-bold">What cured it before</h2>
      <ul className="mt-1 list-disc pl-5">
        {cured.slice(-5).map((b, i) => (
          <li key={i}>
            {b.symptoms.map((s) => all?.find((a) => a.name === s)?.says ?? s).join(', ')}:{' '}
            {b.says ?? b.try.replaceAll('-', ' ')}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** How likely each single cause is: what was suspected together counts for both. */
function single(causes: Found['causes']) {
  const of: Record<string, number> = {};
  for (const { cause, probability } of causes)
    if (cause !== 'other') for (const one of cause.split('+')) of[one] = (of[one] ?? 0) + probability;
  return Object.fromEntries(
    Object.entries(of)
      .filter(([, p]) => p > 0.02)
      .slice(0, 12),
  );
}
