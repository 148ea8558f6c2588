import type { components } from '../../api/schema';

export type BookSwatch = components['schemas']['BookSwatch'];

export const verdicts: Record<string, string> = { yes: 'good', nearly: 'nearly', no: 'not yet' };

/** A swatch in a few words of what was set. */
export function inShort({ swatch, set }: BookSwatch): string {
  if (set.length > 0) return set.map(({ name, text }) => `${name.toLowerCase()} ${text}`).join(' · ');
  return Object.entries(swatch.settings as Record<string, string>)
    .slice(0, 4)
    .map(([name, text]) => `${name.toLowerCase()} ${text}`)
    .join(' · ');
}

/** A row of what is laid side by side. */
export type Row = {
  name: string;
  text: string;
  /** Whether it is what came of it, which is no difference in what was done. */
  isResult?: boolean;
};

/** Everything that can be laid side by side, row by row. */
export function rowsOf({ swatch, ...book }: BookSwatch): Row[] {
  const shown = new Set(book.set.map((f) => f.name));
  const words = Object.entries(swatch.settings as Record<string, string>);
  const result = (name: string, text: string): Row => ({ name, text, isResult: true });
  return [
    result('Result', book.headline ? `${book.headline.text} ${book.headline.name}` : ''),
    { name: 'Technique', text: book.techniqueTitle },
    { name: 'Fabric', text: book.clothName },
    { name: 'Foot', text: book.footName },
    ...book.set,
    ...book.read.map((f) => result(f.name, f.text)),
    result('Looks', swatch.looks.map((l) => l.replaceAll('-', ' ')).join(', ')),
    result('Verdict', verdicts[swatch.verdict] ?? ''),
    result('Note', swatch.note),
    ...words.filter(([k]) => k !== 'Foot' && !shown.has(k)).map(([name, text]) => ({ name, text })),
  ];
}
