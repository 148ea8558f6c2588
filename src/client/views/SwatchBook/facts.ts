import type { components } from '../../api/schema';
import type { Features } from '../../techniques/samples/features';

export type BookSwatch = components['schemas']['BookSwatch'];

const knobs: [string, string, string][] = [
  ['stitchLength', 'stitch', ' mm'],
  ['tensionSteps', 'tension', ''],
  ['differential', 'differential', ''],
  ['passes', 'passes', ''],
  ['elasticDiameter', 'elastic', ' mm'],
];

export const verdicts: Record<string, string> = { yes: 'right', nearly: 'nearly', no: 'not yet' };

/** The knobs of a swatch, each in words. */
export function knobsSaid(features: Features): [string, string][] {
  return knobs.flatMap(([name, label, unit]) => {
    const is = features[name];
    if (is === undefined) return [];
    const text =
      name === 'tensionSteps'
        ? is === 0
          ? 'normal'
          : `${is > 0 ? '+' : '−'}${Math.abs(is)}`
        : `${is}${unit}`;
    return [[label, text] as [string, string]];
  });
}

/** A swatch in a few words of what was set. */
export function inShort({ swatch }: BookSwatch): string {
  const said = knobsSaid(swatch.features as Features).filter(
    ([label, text]) => !(label === 'passes' && text === '1'),
  );
  if (said.length > 0) return said.map(([label, text]) => `${label} ${text}`).join(' · ');
  const words = swatch.settings as Record<string, string>;
  return ['Stitch length', 'Needle tension', 'Rows', 'A fold every']
    .filter((k) => words[k])
    .map((k) => `${k.toLowerCase()} ${words[k]}`)
    .join(' · ');
}

/** Everything that can be laid side by side, row by row. */
export function rowsOf(book: BookSwatch): [string, string][] {
  const { swatch } = book;
  const read = (lengths: { text: string }[]) => lengths.map((l) => l.text).join('; ');
  const words = swatch.settings as Record<string, string>;
  return [
    ['Fullness', book.fullness?.toFixed(2) ?? ''],
    ['After steam', book.steamed?.toFixed(2) ?? ''],
    ['Technique', book.techniqueTitle],
    ['Cloth', book.clothName],
    ['Foot', book.footName],
    ...knobsSaid(swatch.features as Features).map(([l, t]) => [capital(l), t] as [string, string]),
    ['Flat', read(swatch.flat)],
    ['Sewn', read(swatch.gathered)],
    ['Steamed', read(swatch.steamed)],
    ['Stretched', read(swatch.stretched)],
    ['Looks', swatch.looks.map((l) => l.replaceAll('-', ' ')).join(', ')],
    ['Verdict', verdicts[swatch.verdict] ?? ''],
    ['Note', swatch.note],
    ...Object.entries(words).filter(([k]) => !['Foot', 'Fullness'].includes(k)),
  ];
}

function capital(text: string) {
  return text[0]!.toUpperCase() + text.slice(1);
}
