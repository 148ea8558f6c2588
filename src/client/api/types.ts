import type { components } from './schema';

type Schemas = components['schemas'];

/** A length as the server gives it: exact in mm, rounded in its text. */
export type Length = { mm: number; text: string };

export type Severity = Schemas['Severity'];
export type Finding = Schemas['Finding'];
export type Cure = Schemas['Cure'];

/** What was typed, by field: texts, numbers, yes or no, groups of them. */
export type Ask = Record<string, unknown>;

export type Point = [number, number];

export type LineMeaning = Schemas['LineMeaning'];
export type StitchLook = Schemas['StitchLook'];
export type Shape = Schemas['Shape'];
/** A dot that a figure is pulled by; mm, and degrees clockwise from the right. */
export type Dot = Extract<Shape, { kind: 'dot' }>;
/** A part of a drawing from near, turned as it lies under the needle. */
export type Near = Schemas['Near'];
export type Drawing = Schemas['Drawing'];

export type PencilLine = Schemas['DerivationLine'];
export type Caution = Schemas['Caution'];
export type Step = Schemas['SewingStep'];
/** A place within a step where the sewing stops and the work is turned. */
export type Stop = Schemas['StepStop'];
/** A figure in words. */
export type Fact = Schemas['Fact'];

/** A range: nineteen in twenty lie above its low, the even chance, nineteen in twenty below its high. */
export type Likely = Schemas['Interval'];

/** What comes with every answer; the figures of each form are added by its technique. */
export type Answer = {
  findings: Finding[];
  understood?: Record<string, Length>;
  working?: PencilLine[];
  drawings?: Drawing[];
  steps?: Step[];
  cautions?: Caution[];
  /** Of a plan: what its card is told beside the ask. */
  card?: Fact[];
};

/** What every plan tells beside its own figures. */
export type Plan = Answer & {
  pieces: {
    key: string;
    count: number;
    name: string;
    length: Length;
    depth?: Length;
    of: string;
    outline: string;
    grainUpright: boolean;
    onBias: boolean;
    onFold: boolean;
  }[];
  facts: Fact[];
  scrap: Fact[];
  needs: { kind: string; amount: Length; until: Stage }[];
  /** What swatches changed of what is cut or set; missing where they changed nothing. */
  changedBySwatches?: Fact;
  /** What is likely by what swatches taught; missing where nothing is learnt. */
  expected?: Likely & {
    title: string;
    unit: string;
    places: number;
    least: number;
    most: number;
    step: number;
    wanted?: number;
    restsOn: string;
    /** What the piece, cut as it is told, likely becomes. */
    becomes?: Record<'flat' | 'wanted' | 'low' | 'mid' | 'high', Length>;
  };
};

/** What a swatch says. */
export type SwatchSays = Answer & {
  headline: { figure: string; unit: string };
  lines: { says: string }[];
  readings: { kind: string; count: number; mean: Length; spread: Length }[];
  takeOver?: { field: string; value: number; says: string };
  firstChange?: { name: string; seen: string; change: string; because: string; left: number };
};

export type CardAnswer = Answer & {
  technique: string;
  title: string;
  machine: string;
  isPossible: boolean;
  lines: { key: string; setting: string; figure: string; dial: string; because: string }[];
  feet: {
    rank: 'chosen' | 'best' | 'next' | 'buy';
    id: string;
    name: string;
    because: string;
    costs: string;
  }[];
  guides: { gap: Length; says: string; off?: Length }[];
  alternatives: { name: string; follows: string }[];
  checks: { says: string }[];
  unchecked: { says: string }[];
};

/** A card: what it may be told, and what is looked for on its swatch. */
export type CardTechnique = Schemas['CardOfOut'];

/** A kind of thing in the drawer. */
export type ThingKind = Schemas['KindOut'];

/** Whether things go together. */
export type FitAnswer = Schemas['FitOut'];

/** Things of the drawer that a working uses, by kind. */
export type Uses = Record<string, string | null>;

export type Choice = Schemas['Choice'];
export type Field = Schemas['FieldOut'];
export type Knob = Schemas['Control'];

/** Everything that the screens of a technique are made of. */
export type Technique = Omit<Schemas['TechniqueOut'], 'scale'> & { scale: Drawing | null };

export type Units = 'metric' | 'imperial';

export type Cloth = {
  name?: string | null;
  colour?: string | null;
  accent?: string | null;
  pattern?: 'plain' | 'stripe' | 'check' | 'dots' | 'sprig' | null;
};

export type Stage = Schemas['Stage'];

export type Progress = {
  step?: string;
  at?: number;
  checked?: string[];
  measured?: string[];
  /** Of a step that is sewn from stop to stop: how many are behind, and the stitches on the way to the next. */
  stop?: number;
  ticked?: number;
  /** What went wrong on the way, and what cured it. */
  cured?: components['schemas']['Cured'][];
};
