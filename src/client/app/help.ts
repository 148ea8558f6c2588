import { useQuery } from '@tanstack/react-query';
import { api, value } from '../api/http';
import type { components } from '../api/schema';
import type { Drawing, Step } from '../api/types';
import { storeOf } from './store';
import { useUnits } from './workroom';

/** What help is opened at: a word of the craft, or what this screen is for. */
export type HelpAt = { word?: string };

const help = storeOf<HelpAt | null>(null);

export const openHelp = (at: HelpAt = {}) => help.set(at);
export const closeHelp = () => help.set(null);

/** What help is open at; null while it is closed. */
export const useHelp = help.useNow;

type Word = components['schemas']['WordOut'] & {
  /** Where a text names it, in small letters. */
  named: RegExp;
};

const namedIn = (name: string) => new RegExp(`(^|[^a-zà-ÿ])${name}(s|es)?([^a-zà-ÿ]|$)`);

const words = storeOf<Word[]>([]);
let asked: Promise<void> | undefined;

/** Asks for the words of the craft, once: they are always the same. */
export const fetchWords = () =>
  (asked ??= value(api.GET('/api/words')).then(
    (all) => words.set(all.map((w) => ({ ...w, named: namedIn(w.name) }))),
    () => (asked = undefined),
  ));

/** The words of the craft, in the order of the alphabet; none until they were fetched. */
export const useWords = words.useNow;

/** The picture of a word, and what of it matters. */
export function useWordPicture(name: string, isWanted: boolean) {
  const units = useUnits();
  return useQuery({
    queryKey: ['words', name, units],
    staleTime: Infinity,
    enabled: isWanted,
    queryFn: async () =>
      (await value(
        api.GET('/api/words/{name}', { params: { path: { name }, query: { units } } }),
      )) as unknown as { drawing: Drawing; moment: Step['picture'] },
  }).data;
}

type Screen = {
  at: RegExp;
  head: string;
  says: string;
  /** Where search leads to it, with what else finds it; a stage of a part has no such place. */
  to?: string;
  words?: string;
};

/** What each screen is for; the first that its address begins with. */
export const screens: Screen[] = [
  {
    at: /^\/$/,
    head: 'Projects',
    to: '/',
    words: 'home start parts what is next to buy list',
    says: 'Everything you are making. Each project has parts: a frill, a row of tucks, a mend. The beads show how far a part has come; press it to go on where you left it.',
  },
  {
    at: /^\/projects\/[^/]+\/cutting/,
    head: 'Cutting table',
    says: 'Everything a project still needs cut, laid out on the fabrics you have, remnants first. It says how much is enough, and that less cannot do. When you have cut it, one press locks all lists and puts what is left back as remnants.',
  },
  {
    at: /^\/parts\/[^/]+\/set-up/,
    head: 'Machine settings',
    says: 'How to set your machine for this part: foot, needle, thread, tension, stitch. Every line gives its reason. Choose your own things on the right, and the lines follow.',
  },
  {
    at: /^\/parts\/[^/]+\/sample/,
    head: 'Test swatch',
    says: 'Sew a small piece with these settings, measure it, and type in what you read. The plan then uses what your fabric and machine really do.',
  },
  {
    at: /^\/parts\/[^/]+\/cut/,
    head: 'Cut',
    says: 'What to cut, to the marking step. Lock the list when you have cut: if the plan changes later, you are told what that means for what is on the table.',
  },
  {
    at: /^\/parts\/[^/]+\/sew/,
    head: 'Sew',
    says: 'One step after another, each with its picture. Tick what is done; At the machine shows one step at a time, large.',
  },
  {
    at: /^\/parts\/[^/]+\/keep/,
    head: 'Finish',
    says: 'Write down what you set and how it came out. It is found again the next time you sew something like it.',
  },
  {
    at: /^\/parts\//,
    head: 'Plan',
    says: 'Type what you want to sew, on the drawing or in its box. What to cut, the warnings and the settings follow with every key.',
  },
  {
    at: /^\/swatches/,
    head: 'Swatches',
    to: '/swatches',
    words: 'test swatch sample scrap chart plot learnt',
    says: 'Every test swatch you sewed, by technique and fabric. Two can be laid side by side, and a chart shows what a setting does.',
  },
  {
    at: /^\/supplies\/chart/,
    head: 'Compatibility',
    to: '/supplies/chart',
    words: 'which foot needle fits works together chart rules',
    says: 'Which foot works with which needle on your machine, and why not where it does not.',
  },
  {
    at: /^\/supplies\/settings/,
    head: 'Machine settings finder',
    to: '/supplies/settings',
    words: 'stitch length width tension differential needle position presser foot pressure feed speed card',
    says: 'Settings for a technique and a fabric, without a plan.',
  },
  {
    at: /^\/supplies/,
    head: 'Supplies',
    to: '/supplies',
    words: 'drawer stash owned inventory',
    says: 'Your machines, feet, needles, threads and fabrics. What you enter here decides what the settings name, and what is left is counted down as you cut.',
  },
  {
    at: /^\/calculator\/which-way/,
    head: 'Compare the methods',
    to: '/calculator/which-way',
    words: 'which way suits not sure gathers ruffle frill choose',
    says: 'The methods that give the same result, side by side: fabric, time, evenness, equipment.',
  },
  {
    at: /^\/calculator/,
    head: 'Calculator',
    to: '/calculator',
    words: 'sum quick reckon how much fabric',
    says: 'A sum without a project: type what you know, and read what follows. Nothing is saved until you make a part of it.',
  },
  {
    at: /^\/faults/,
    head: 'What went wrong?',
    to: '/faults',
    words: 'fault finder problem trouble wrong help symptom cause repair',
    says: 'Choose what you see. The likeliest cause comes with the one thing to try first; say what it did, and the next follows.',
  },
  {
    at: /^\/practice/,
    head: 'Practice',
    to: '/practice',
    words: 'train exercise simulated machine pace free motion hands',
    says: 'A simulated machine under your fingers or mouse: keep an even pace, follow a line, stop on a point.',
  },
  {
    at: /^\/settings/,
    head: 'Settings and backup',
    says: 'Units, rounding, light or dark. Everything can be exported into one file, and imported again.',
  },
];

export const screenAt = (pathname: string) => screens.find((s) => s.at.test(pathname));
