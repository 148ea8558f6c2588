import { useKinds } from './drawer';
import { useSymptoms } from './faults';
import { openHelp, screens, useWords } from './help';
import { useTechniques } from './useTechnique';

/** Somewhere that search leads to, though nobody made it: a screen, a setting, a method, a kind of supplies, a word. */
export type Place = {
  title: string;
  kind: 'screen' | 'setting' | 'method' | 'supplies' | 'explained' | 'what went wrong';
  /** Where it is; a word of the craft opens help instead. */
  to?: string;
  open?: () => void;
  /** What else finds it, in small letters. */
  words: string;
};

const settings: Place[] = [
  { title: 'Units', words: 'centimetres inches metric imperial mm cm' },
  { title: 'Appearance', words: 'light dark theme night lamp colours' },
  { title: 'Rounding', words: 'marking step cutting step ruler sixteenth' },
  { title: 'Export and import', words: 'backup archive restore save copy file move computer' },
].map((s) => ({ ...s, kind: 'setting', to: '/settings' }));

/** What is called otherwise elsewhere, by the kind of supplies. */
const alsoOf: Record<string, string> = {
  cloth: 'cloth material textile fabric bolt remnant',
  machine: 'serger overlocker sewing machine',
  needle: 'twin double stretch jeans',
  foot: 'presser ruffler attachment',
  thread: 'spool bobbin',
};

/** Every place there is. */
export function usePlaces(): Place[] {
  const techniques = useTechniques().data ?? [];
  const kinds = useKinds().data ?? [];
  const explained = useWords();
  const symptoms = useSymptoms() ?? [];
  return [
    ...screens.flatMap(({ head, to, words = '' }): Place[] =>
      to ? [{ title: head, kind: 'screen', to, words }] : [],
    ),
    ...settings,
    ...techniques.map((t): Place => ({
      title: t.begin,
      kind: 'method',
      to: `/calculator/${t.name}`,
      words: [t.title, t.short, ...t.also].join(' ').toLowerCase(),
    })),
    ...kinds.map((k): Place => ({
      title: k.plural,
      kind: 'supplies',
      to: `/supplies/${k.name}`,
      words: `${k.title} ${alsoOf[k.name] ?? ''}`.toLowerCase(),
    })),
    ...symptoms.map((s): Place => ({
      title: s.says,
      kind: 'what went wrong',
      to: `/faults?seen=${s.name}`,
      words: `${s.shows} ${s.name.replaceAll('-', ' ')}`.toLowerCase(),
    })),
    ...explained.map((w): Place => ({
      title: w.name,
      kind: 'explained',
      open: () => openHelp({ word: w.name }),
      words: w.also.join(' ').toLowerCase(),
    })),
  ];
}

/** Those in which each word of a text begins a word; those whose own title does first. */
export function found(places: Place[], text: string, most = 12): Place[] {
  const asked = text.toLowerCase().split(/\s+/).filter(Boolean);
  if (asked.length === 0) return [];
  const begins = (said: string, word: string) => ` ${said.toLowerCase()}`.includes(` ${word}`);
  const inTitle = (p: Place) => asked.every((word) => begins(p.title, word));
  const all = places.filter((p) => asked.every((word) => begins(`${p.title} ${p.words}`, word)));
  return [...all.filter(inTitle), ...all.filter((p) => !inTitle(p))].slice(0, most);
}
