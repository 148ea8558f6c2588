import type { Step } from '../api/types';
import { Measure } from './Measure';

/** Of several pieces, each with what is told of it. */
export function StepTable({ step, big }: { step: Step; big?: boolean }) {
  if (step.table.length === 0) return null;
  return (
    <dl className={`facts w-max max-w-full gap-x-8 ${big ? 'text-[1.5rem]' : ''}`}>
      {step.table.map(({ name, text }) => (
        <div key={name} className="contents">
          <dt>{name}</dt>
          <dd className="font-bold">
            <Measure text={text} />
          </dd>
        </div>
      ))}
    </dl>
  );
}
