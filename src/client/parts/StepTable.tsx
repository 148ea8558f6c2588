import type { Step } from '../api/types';
import { Facts } from './Facts';

/** Of several pieces, each with what is told of it. */
export function StepTable({ step, big }: { step: Step; big?: boolean }) {
  if (step.table.length === 0) return null;
  return <Facts of={step.table} className={`w-max max-w-full ${big ? 'text-[1.5rem]' : ''}`} />;
}
