import { useState } from 'react';
import type { Answer, Ask, Length, Step, Units } from '../api/types';
import { useReckoning } from '../app/useReckoning';
import type { EditedWorking } from '../app/useWorking';
import { Findings } from './Findings';
import { Measure } from './Measure';
import { MeasureField } from './MeasureField';
import { FromPhoto } from './photo/FromPhoto';

type Props = {
  /** What is measured at this step, and which form takes it. */
  measure: NonNullable<Step['measure']>;
  working: EditedWorking;
  units: Units;
};

/** A measure on the way: type what it is, and hear whether it is on course and what to do when it is not. */
export function HalfWay({ measure, working, units }: Props) {
  const kept = keptOf(measure, working);
  const [typed, setTyped] = useState(kept.typed);
  const parts = readings(typed);
  const check = useReckoning<Answer & { should?: Length; measured?: Length }>(
    parts.length ? `workings/${working.id}/reckon/${measure.form}` : null,
    { ...working.ask, ...measure.with, [measure.field]: measure.into ? typed : parts },
    units,
    '',
  );
  const { answer } = check;
  return (
    <div className="grid gap-3">
      <MeasureField
        label={measure.question}
        typed={typed}
        units={units}
        error={check.errors[measure.field]}
        hint={measure.into ? undefined : 'several parts: put ; between them'}
        className="max-w-96"
        onType={(text) => {
          setTyped(text);
          kept.keep(text);
        }}
      />
      <FromPhoto
        label={measure.question.replace(/\?$/, '')}
        put={(text) => {
          const all = measure.into ? text : [...parts, text].join('; ');
          setTyped(all);
          kept.keep(all);
        }}
      />
      {parts.length > 0 && answer && (
        <div aria-live="polite">
          {answer.measured && answer.should && (
            <p className="mb-2">
              <span className="fig text-2xl">
                <Measure text={answer.measured.text} />
              </span>{' '}
              measured, <Measure text={answer.should.text} /> wanted
            </p>
          )}
          <Findings findings={answer.findings} />
        </div>
      )}
    </div>
  );
}

/** Where a reading is kept: with the progress, or in the plan itself, which then goes by it. */
function keptOf({ field, into, with: told }: Props['measure'], working: EditedWorking) {
  if (!into)
    return {
      typed: (working.progress.measured ?? []).join('; '),
      keep: (text: string) =>
        working.change({ progress: { ...working.progress, measured: readings(text) } }, 'pause'),
    };
  const rows = (working.ask[into] as Ask[] | undefined) ?? [];
  const isThis = (row: Ask) => Object.entries(told).every(([name, is]) => row[name] === is);
  return {
    typed: String(rows.find(isThis)?.[field] ?? ''),
    keep: (text: string) => {
      const others = rows.filter((row) => !isThis(row));
      const all = text.trim() ? [...others, { ...told, [field]: text }] : others;
      working.set(into, all.length ? all : '');
    },
  };
}

const readings = (text: string) =>
  text
    .split(';')
    .map((t) => t.trim())
    .filter(Boolean);
