import type { Progress, Step } from '../api/types';

/** Whether every check of a step is ticked. */
export const allTicked = (step: Step, progress: Progress) =>
  step.checks.every((_, i) => progress.checked?.includes(`${step.key}:${i}`));

/** The progress at another step. Going on says that all of the step before is checked: one press for both. */
export function progressAt(progress: Progress, steps: Step[], place: number): Progress {
  const at = Math.min(progress.at ?? 0, steps.length - 1);
  const step = steps[at];
  const keys = step && place > at ? step.checks.map((_, i) => `${step.key}:${i}`) : [];
  return {
    ...progress,
    checked: [...new Set([...(progress.checked ?? []), ...keys])],
    at: Math.min(place, steps.length),
    step: steps[Math.min(place, steps.length - 1)]!.key,
    // Back into a step that is sewn from stop to stop it is its last stop.
    stop: place < at ? Math.max(0, steps[place]!.stops.length - 1) : 0,
    ticked: 0,
  };
}

/** What the press that goes on says. */
export function saysOfNext(progress: Progress, steps: Step[], at: number) {
  const next = at === steps.length - 1 ? 'Done' : `Next: ${steps[at + 1]?.title ?? ''}`;
  return allTicked(steps[at]!, progress) ? next : `Tick all and go on: ${next.replace('Next: ', '')}`;
}
