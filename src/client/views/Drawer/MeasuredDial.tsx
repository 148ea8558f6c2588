import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, value } from '../../api/http';
import type { Answer, Ask, Length, ThingKind } from '../../api/types';
import type { Thing } from '../../app/drawer';
import { takeDraft, writeDraft } from '../../app/drafts';
import { useReckoning } from '../../app/useReckoning';
import { startOf } from '../../app/useTechnique';
import { useUnits } from '../../app/workroom';
import { Groups } from '../../parts/ask/Groups';
import { useAskFields } from '../../parts/ask/useAskFields';
import { Findings } from '../../parts/Findings';
import { Measure } from '../../parts/Measure';

type DialAnswer = Answer & {
  factor: number;
  low: number;
  high: number;
  set: Length;
  comesTo: Length;
  restsOn: string;
};

type Props = {
  thing: Thing;
  kind: ThingKind;
  measured: ThingKind['measured'][number];
  set: (field: string, typed: unknown) => void;
};

/** What a dial really gives: stitches that were measured, and what to set for a stitch that is wanted. */
export function MeasuredDial({ thing, kind, measured, set }: Props) {
  const units = useUnits();
  const field = kind.fields.find((f) => f.name === measured.field)!;
  const kept = (thing.properties as Record<string, unknown>)[field.name] as Ask[] | undefined;
  // A row that is still being typed is no measure yet; it waits in the browser until it is whole.
  const draft = `${thing.id}.${field.name}`;
  const [typed, setTyped] = useState<Ask[] | null>(() => takeDraft<{ rows: Ask[] }>(draft).rows ?? null);
  const [asked, setAsked] = useState<Ask>({ wanted: '3 mm' });
  const rows = typed ?? kept ?? [];
  const isWhole = (row: Ask) => (field.fields ?? []).every((f) => row[f.name] !== undefined);
  const put = (next: Ask[]) => {
    setTyped(next);
    if (next.every(isWhole)) {
      writeDraft(draft, {});
      set(field.name, next.length ? next : null);
    } else writeDraft(draft, { rows: next });
  };
  const question = useQuery({
    queryKey: ['question', measured.question, units],
    staleTime: Infinity,
    queryFn: () =>
      value(
        api.GET('/api/questions/{question}', {
          params: { path: { question: measured.question }, query: { units } },
        }),
      ),
  }).data;
  const fields = (question?.fields ?? []).filter((f) => f.kind !== 'groups');
  const ask = {
    ...startOf({ fields }),
    ...asked,
    samples: rows.filter(isWhole),
  };
  const reckoning = useReckoning<DialAnswer>(
    question ? `reckon/${measured.question}` : null,
    ask,
    units,
    'understood',
  );
  const shown = useAskFields({
    fields,
    ask,
    set: (name, to) => setAsked((now) => ({ ...now, [name]: to })),
    reckoning,
    units,
  });
  const { answer } = reckoning;
  return (
    <section className="sheet grid gap-4" aria-label={measured.title}>
      <h2>{measured.title}</h2>
      <Groups
        field={field}
        value={rows}
        set={put}
        errors={Object.fromEntries(
          Object.entries(reckoning.errors).map(([path, says]) => [
            path.replace(/^samples/, field.name),
            says,
          ]),
        )}
        units={units}
      />
      <div className="flex flex-wrap items-start gap-x-4 gap-y-2">
        {fields.map((f) => shown.measure(f.name, { className: 'w-24' }))}
      </div>
      {answer && (
        <div aria-live="polite">
          <p>
            Set{' '}
            <b className="fig text-[1.9rem]">
              <Measure text={answer.set.text} />
            </b>
            to sew{' '}
            <b>
              <Measure text={answer.comesTo.text} />
            </b>
            .
          </p>
          <p className="text-[0.92rem] text-soft">
            It gives {answer.factor.toFixed(3)} of what is dialled, 9 times out of 10 between{' '}
            {answer.low.toFixed(3)} and {answer.high.toFixed(3)}. {answer.restsOn}
          </p>
          <Findings findings={answer.findings} />
        </div>
      )}
    </section>
  );
}
