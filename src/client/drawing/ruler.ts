import type { Units } from '../api/types';

const steps: Record<Units, { mm: number; parts: number; label: (n: number) => string }[]> = {
  metric: [
    { mm: 5, parts: 5, label: (n) => `${n * 5}` },
    { mm: 10, parts: 2, label: (n) => `${n}` },
    { mm: 50, parts: 5, label: (n) => `${n * 5}` },
    { mm: 100, parts: 2, label: (n) => `${n * 10}` },
    { mm: 200, parts: 4, label: (n) => `${n * 20}` },
    { mm: 500, parts: 5, label: (n) => `${n * 50}` },
    { mm: 1000, parts: 4, label: (n) => `${n * 100}` },
    { mm: 5000, parts: 5, label: (n) => `${n * 500}` },
    { mm: 50000, parts: 5, label: (n) => `${n * 5000}` },
  ],
  imperial: [
    { mm: 12.7, parts: 4, label: (n) => (n % 2 ? `${n > 1 ? (n - 1) / 2 : ''}½` : `${n / 2}`) },
    { mm: 25.4, parts: 4, label: (n) => `${n}` },
    { mm: 76.2, parts: 3, label: (n) => `${n * 3}` },
    { mm: 152.4, parts: 6, label: (n) => `${n * 6}` },
    { mm: 304.8, parts: 4, label: (n) => `${n * 12}` },
    { mm: 914.4, parts: 3, label: (n) => `${n * 36}` },
    { mm: 9144, parts: 5, label: (n) => `${n * 360}` },
    { mm: 91440, parts: 5, label: (n) => `${n * 3600}` },
  ],
};

/** A tick of a ruler: where, how long, and what is written at it. */
export type Tick = { at: number; label: string | null };

/** The ticks of a ruler, spaced so that its figures can be read. */
export function ticksOf(
  lengthMm: number,
  pixelsPerMm: number,
  units: Units,
): { ticks: Tick[]; unit: string } {
  const fit = steps[units].find((s) => s.mm * pixelsPerMm >= 30) ?? steps[units].at(-1)!;
  const small = fit.mm / fit.parts;
  const ticks: Tick[] = [];
  for (let i = 0; i * small <= lengthMm * (1 + 1e-9) && i < 2000; i++) {
    ticks.push({ at: i * small * pixelsPerMm, label: i % fit.parts === 0 ? fit.label(i / fit.parts) : null });
  }
  return { ticks, unit: units === 'metric' ? (fit.mm === 5 ? 'mm' : 'cm') : 'in' };
}
