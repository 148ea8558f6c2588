import type { Answer, Ask, Technique } from '../../api/types';
import type { Reckoning } from '../useReckoning';

/** The settings of a swatch that decide its fullness, as figures. */
export type Features = Record<string, number>;

export type Knob = { name: string; label: string; suffix: string; step: number; usual: number };

const all: Record<string, Knob> = {
  stitch: { name: 'stitchLength', label: 'Stitch', suffix: 'mm', step: 0.5, usual: 4 },
  tension: { name: 'tensionSteps', label: 'Tension', suffix: 'steps', step: 1, usual: 0 },
  differential: { name: 'differential', label: 'Differential', suffix: '', step: 0.1, usual: 1 },
  passes: { name: 'passes', label: 'Passes', suffix: '', step: 1, usual: 1 },
};

/** What can be turned for a technique. */
export function knobsOf(technique: Technique): Knob[] {
  const knobs = Object.entries(all)
    .filter(([name]) => technique.knobs?.includes(name))
    .map(([, knob]) => knob);
  return technique.family === 'elastic'
    ? [...knobs, { name: 'elasticDiameter', label: 'Elastic', suffix: 'mm', step: 0.1, usual: 0.6 }]
    : knobs;
}

/** What the plan sets, as a new swatch keeps it. */
export function plannedFeatures(technique: Technique, ask: Ask, reckoning: Reckoning<Answer>): Features {
  const features: Features = {};
  for (const name of [...knobsOf(technique).map((k) => k.name), 'clothWeight', 'layers']) {
    const field = technique.fields.find((f) => f.name === name);
    const is = field?.kind === 'fine' ? reckoning.understood[name]?.mm : Number(ask[name]);
    if (field && is !== undefined && Number.isFinite(is)) features[name] = is;
  }
  return features;
}

/** The settings that differ, each with what it was and what it is. */
export function changesOf(now: Features, before: Features | undefined, knobs: Knob[]) {
  if (!before) return [];
  return knobs.filter((k) => (now[k.name] ?? k.usual) !== (before[k.name] ?? k.usual));
}
