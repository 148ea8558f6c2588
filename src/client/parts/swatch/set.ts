import type { Ask, CardAnswer, Technique } from '../../api/types';

type Knob = Technique['swatch']['knobs'][number];

/** As many as are kept. */
const most = 60;

/**
 * What was set, in words: what the plan is held against, the whole card, the plan's choices, and whatever of the plan decides how
 * it comes out; knobs are kept as figures.
 */
export function setOf(
  card: CardAnswer | null,
  { swatch, fields }: Technique,
  ask: Ask,
  knobs: Knob[] = [],
): Record<string, string> {
  const planned = fields.find((f) => f.name === swatch.against);
  const lines = card?.lines.filter((l) => !knobs.some((k) => k.cardLine === l.key)) ?? [];
  const chosen = fields.flatMap((f) => {
    const said = ask[f.name];
    const is = f.kind === 'choice' && f.choices?.find((c) => c.name === said);
    if (is) return [[f.label, is.label]];
    if (f.kind === 'flag') return said === true ? [[f.label, f.yes || 'yes']] : [];
    // Lengths and numbers that a swatch is told by: those with a knob are kept as figures where there are knobs.
    const makesIt =
      swatch.features.includes(f.name) &&
      !knobs.some((k) => k.name === f.name) &&
      // The card says it already, with what it is on the dial.
      !lines.some((l) => l.setting.toLowerCase().includes(f.label.toLowerCase()));
    return makesIt && said !== undefined && said !== null && said !== ''
      ? [[f.label, [said, f.unit].filter(Boolean).join(' ')]]
      : [];
  });
  return Object.fromEntries([
    ...(planned && ask[planned.name] !== undefined ? [[planned.label, String(ask[planned.name])]] : []),
    ...lines
      .slice(0, most - chosen.length - 1)
      .map((l) => [l.setting, [l.figure, l.dial].filter(Boolean).join(', ')]),
    ...chosen,
  ]) as Record<string, string>;
}
