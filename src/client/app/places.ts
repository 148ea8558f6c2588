import { useKinds } from './drawer';
import { openHelp, useWords } from './help';
import { useTechniques } from './useTechnique';

/** Somewhere that search leads to, though nobody made it: a screen, a setting, a method, a kind of supplies, a word. */
export type Place = {
  title: string;
  kind: 'screen' | 'setting' | 'method' | 'supplies' | 'explained';
  /** Where it is; a word of the craft opens help instead. */
  to?: string;
  open?: () => void;
  /** What else finds it, in small letters. */
  words: string;
};

const screens: Place[] = [
  { title: 'Projects', to: '/', words: 'home start parts what is next to buy list' },
  { title: 'Swatches', to: '/swatches', words: 'test swatch sample scrap chart plot learnt' },
  { title: 'Supplies', to: '/supplies', words: 'drawer stash owned inventory' },
  {
    title: 'Compatibility',
    to: '/supplies/chart',
    words: 'which foot needle fits works together chart rules',
  },
  {
    title: 'Machine settings finder',
    to: '/supplies/settings',
    words: 'stitch length width tension differential needle position presser foot pressure feed speed card',
  },
  { title: 'Calculator', to: '/calculator', words: 'sum quick reckon how much fabric' },
  {
    title: 'Compare the methods',
    to: '/calculator/which-way',
    words: 'which way suits not sure gathers ruffle frill choose',
  },
  { title: 'Practice', to: '/practice', words: 'train exercise simulated machine pace free motion hands' },
].map((s) => ({ ...s, kind: 'screen' }));

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
  const words = useWords();
  return [
    ...screens,
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
    ...words.map((w): Place => ({
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
