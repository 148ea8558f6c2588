import { useState } from 'react';
import type { Answer, Ask, Length, Step, Units } from '../api/types';
import { useReckoning } from '../app/useReckoning';
import { Findings } from './Findings';
import { Measure } from './Measure';
import { MeasureField } from './MeasureField';

type Props = {
  /** What is measured at this step, and which form takes it. */
  measure: NonNullable<Step['measure']>;
  /** Where the straight form is asked. */
  path: string;
  ask: Ask;
  units: Units;
  measured: string[];
  keep: (measured: string[]) => void;
};

/** A measure on the way: type what it is, and hear whether it is on course and what to do when it is not. */
export function HalfWay({ measure, path, ask, units, measured, keep }: Props) {
  const [typed, setTyped] = useState(measured.join('; '));
  const parts = readings(typed);
  const check = useReckoning<Answer & { should?: Length; measured?: Length }>(
    parts.length ? `${path}/${measure.form}` : null,
    { ...ask, [measure.field]: parts },
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
        hint="several parts: put ; between them"
        className="max-w-96"
        onType={(text) => {
          setTyped(text);
          keep(readings(text));
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

const readings = (text: string) =>
  text
    .split(';')
    .map((t) => t.trim())
    .filter(Boolean);
