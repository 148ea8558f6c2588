import type { Answer, Ask, Knob, Technique } from '../../api/types';
import { isAsked } from '../ask/asked';
import type { Reckoning } from '../../app/useReckoning';

/** The settings of a swatch that decide what comes out, as figures. */
export type Features = Record<string, number>;

/** What the plan sets, as a new swatch keeps it. */
export function plannedFeatures(
  { fields, swatch }: Technique,
  ask: Ask,
  reckoning: Reckoning<Answer>,
): Features {
  const features: Features = {};
  for (const name of swatch.features) {
    const field = fields.find((f) => f.name === name);
    // What the plan sets is asked for, or is a figure of its answer.
    const told = (reckoning.answer as Record<string, { mm?: number }> | null)?.[name]?.mm;
    const is =
      field?.kind === 'number'
        ? Number(ask[name] ?? NaN)
        : field?.kind === 'flag'
          ? Number(ask[name] === true)
          : (reckoning.understood[name]?.mm ?? told);
    if (is !== undefined && Number.isFinite(is)) features[name] = is;
  }
  return features;
}

/** What the plan chooses that decides what comes out, such as where elastic is; a new swatch keeps it by name. */
export const chosenFeatures = ({ fields, swatch }: Technique, ask: Ask) =>
  Object.fromEntries(
    fields
      .filter((f) => f.kind === 'choice' && swatch.features.includes(f.name))
      .map((f) => [f.name, ask[f.name] ?? f.start]),
  );

/** The knobs that are there with what the plan chooses. */
export const knobsFor = ({ fields, swatch }: Technique, ask: Ask) =>
  swatch.knobs.filter((k) => {
    const field = fields.find((f) => f.name === k.name);
    return !field || isAsked(field, ask, fields);
  });

/** Whether a knob is one of what is or is not, kept as 0 or 1. */
export const isSwitch = (knob: Knob) => knob.unit === '0 or 1';

/** What a knob stands at, in words. */
export const saysOfKnob = (knob: Knob, features: Features) => {
  const at = features[knob.name] ?? knob.usual;
  return isSwitch(knob) ? (at ? 'yes' : 'no') : String(at);
};

/** Three settings of the first length among the knobs: as it is, a quarter less and a quarter more; null where there is none. */
export function threeOf(knobs: Knob[], features: Features) {
  const knob = knobs.find((k) => k.unit === 'mm');
  if (!knob) return null;
  const at = features[knob.name] ?? knob.usual;
  const stepped = (mm: number) => Math.round(Math.round(mm / knob.step) * knob.step * 100) / 100;
  const by = Math.max(knob.step, stepped(at / 4));
  const all = [stepped(at - by), at, stepped(at + by)];
  return all[0]! > 0 ? { knob, all } : null;
}

/** The settings that differ, each with what it was and what it is. */
export function changesOf(now: Features, before: Features | undefined, knobs: Knob[]) {
  if (!before) return [];
  return knobs.filter((k) => (now[k.name] ?? k.usual) !== (before[k.name] ?? k.usual));
}
