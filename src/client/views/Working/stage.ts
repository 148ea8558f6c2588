import type { Answer, Technique, Units } from '../../api/types';
import type { Reckoning } from '../../app/useReckoning';
import type { EditedWorking } from '../../app/useWorking';

/** What a stage of a working is given. */
export type StageProps = {
  working: EditedWorking;
  technique: Technique;
  reckoning: Reckoning<Answer>;
  units: Units;
};

/** The stage that follows another in a technique; the last has none. */
export function after({ stages }: Technique, stage: string) {
  return stages[stages.findIndex((s) => s.name === stage) + 1];
}
