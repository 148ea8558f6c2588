import { useState } from 'react';
import type { Answer, Ask, Length, Units } from '../../api/types';
import { Findings } from '../../parts/Findings';
import { Measure } from '../../parts/Measure';
import { MeasureField } from '../../parts/MeasureField';
import { useReckoning } from '../../techniques/useReckoning';

type HalfWayAnswer = Answer & { should: Length; measured: Length; parts: number; partsLeft: number };

type Props = {
  /** Where the straight form is asked. */
  path: string;
  technique: string;
  ask: Ask;
  units: Units;
  measured: string[];
  keep: (measured: string[]) => void;
};

const questions: Record<string, string> = {
  'pulled-gathers': 'What does a pulled part measure, mark to mark?',
  shirring: 'How wide is the panel now, at rest?',
};

/** The half-way check: type what a part measures, and hear whether it is on course and what to do when it is not. */
export function HalfWay({ path, technique, ask, units, measured, keep }: Props) {
  const [typed, setTyped] = useState(measured.join('; '));
  const parts = typed
    .split(';')
    .map((t) => t.trim())
    .filter(Boolean);
  const check = useReckoning<HalfWayAnswer>(
    parts.length ? `${path}/half-way` : null,
    { ...ask, measured: parts },
    units,
    '',
  );
  return (
    <div className="grid gap-3">
      <MeasureField
        label={questions[technique] ?? 'What did the first third become, mark to mark?'}
        typed={typed}
        units={units}
        error={check.errors.measured}
        hint="several parts: put ; between them"
        className="max-w-96"
        onType={(text) => {
          setTyped(text);
          keep(
            text
              .split(';')
              .map((t) => t.trim())
              .filter(Boolean),
          );
        }}
      />
      {parts.length > 0 && check.answer && (
        <div aria-live="polite">
          <p className="mb-2">
            <span className="fig text-2xl">
              <Measure text={check.answer.measured.text} />
            </span>{' '}
            measured, <Measure text={check.answer.should.text} /> wanted
          </p>
          <Findings findings={check.answer.findings} />
        </div>
      )}
    </div>
  );
}
