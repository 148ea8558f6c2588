import type { Ask, CardAnswer, Technique } from '../../api/types';

type Knob = Technique['swatch']['knobs'][number];

/** What was set, in words: what the plan is held against, the whole card, and the plan's choices; knobs are kept as figures. */
export function setOf(
  card: CardAnswer | null,
  { swatch, fields }: Technique,
  ask: Ask,
  knobs: Knob[] = [],
): Record<string, string> {
  const planned = fields.find((f) => f.name === swatch.against);
  const lines = card?.lines.filter((l) => !knobs.some((k) => k.cardLine === l.key)) ?? [];
  const chosen = fields.flatMap((f) => {
    const is = f.kind === 'choice' && f.choices?.find((c) => c.name === ask[f.name]);
    return is ? [[f.label, is.label]] : [];
  });
  return Object.fromEntries([
    ...(planned && ask[planned.name] !== undefined ? [[planned.label, String(ask[planned.name])]] : []),
    // As many as are kept.
    ...lines.slice(0, 50).map((l) => [l.setting, [l.figure, l.dial].filter(Boolean).join(', ')]),
    ...chosen,
  ]) as Record<string, string>;
}
