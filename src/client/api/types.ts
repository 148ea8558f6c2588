/** A length as the server gives it: exact in mm, rounded in its text. */
export type Length = { mm: number; text: string };

export type Severity = 'stop' | 'care' | 'note';

export type Finding = {
  code: string;
  severity: Severity;
  says: string;
  because: string;
  remedy: string;
};

/** What was typed, by field: texts, numbers, yes or no. */
export type Ask = Record<string, unknown>;

export type Point = [number, number];

export type Shape =
  | {
      kind: 'cloth';
      at: Point;
      to: Point;
      role: 'main' | 'plain' | 'length' | 'leftOver';
      label: string;
      tornRight: boolean;
    }
  | {
      kind: 'line';
      at: Point;
      to: Point;
      meaning:
        | 'chalk'
        | 'stitch'
        | 'stitchRemoved'
        | 'seam'
        | 'fold'
        | 'join'
        | 'hem'
        | 'selvedge'
        | 'match'
        | 'profile';
      label: string;
    }
  | { kind: 'notch'; at: Point; number: number; fromBelow: boolean }
  | {
      kind: 'dimension';
      at: Point;
      to: Point;
      side: 'above' | 'below' | 'left' | 'right';
      text: string;
      note: string;
    }
  | { kind: 'grain'; at: Point; to: Point }
  | {
      kind: 'gathered';
      at: Point;
      drop: number;
      span: number;
      folds: number;
      amplitude: number;
      tornRight: boolean;
    }
  | {
      kind: 'plate';
      at: Point;
      to: Point;
      role: 'sole' | 'opening' | 'groove' | 'hole' | 'swing';
      isGuess: boolean;
    }
  | { kind: 'handle'; at: Point; field: string; origin: Point; per: number }
  | { kind: 'words'; at: Point; text: string };

export type Drawing = {
  name: string;
  title: string;
  says: string;
  width: number;
  height: number;
  /** Whether the lengthwise grain, and with it a stripe, runs up the page. */
  grainUpright: boolean;
  isCloseUp: boolean;
  shapes: Shape[];
};

export type PencilLine = { title: string; sum: string; because: string };

export type Caution = { code: string; says: string };

export type Step = {
  key: string;
  title: string;
  says: string;
  big: string;
  takesMeasure: boolean;
  checks: string[];
  schools: { name: string; follows: string }[];
  caution?: Caution;
};

/** What comes with every answer; the figures of each form are added by its technique. */
export type Answer = {
  findings: Finding[];
  understood?: Record<string, Length>;
  working?: PencilLine[];
  drawings?: Drawing[];
  steps?: Step[];
  cautions?: Caution[];
};

export type CardAnswer = Answer & {
  technique: string;
  title: string;
  machine: string;
  isPossible: boolean;
  lines: { key: string; setting: string; figure: string; dial: string; because: string }[];
  feet: { rank: 'best' | 'next' | 'buy'; id: string; name: string; because: string; costs: string }[];
  guides: { gap: Length; says: string; off?: Length }[];
  alternatives: { name: string; follows: string }[];
  checks: { says: string }[];
  unchecked: { says: string }[];
};

/** A technique that has a card: what it may be told, and what is looked for on its swatch. */
export type CardTechnique = { name: string; title: string; says: string; fields: Field[]; looks: Choice[] };

/** A kind of thing in the drawer. */
export type ThingKind = {
  name: string;
  title: string;
  plural: string;
  says: string;
  fields: Field[];
  starters: { name: string; says: string; properties: Record<string, unknown> }[];
};

/** Whether things go together. */
export type FitAnswer = {
  verdict: 'yes' | 'yes-but' | 'no';
  findings: Finding[];
  unchecked: { code: string; says: string }[];
  tried?: 'clears' | 'strikes';
  greatestSafeWidth?: Length;
};

/** Things of the drawer that a working uses, by kind. */
export type Uses = Record<string, string | null>;

export type Choice = { name: string; label: string; follows: string };

export type Field = {
  name: string;
  label: string;
  says: string;
  kind: 'length' | 'fine' | 'lengths' | 'number' | 'flag' | 'choice' | 'choices' | 'colour' | 'groups';
  isNeeded: boolean;
  start?: string | number | boolean;
  least?: number;
  most?: number;
  choices?: Choice[];
};

export type Technique = {
  name: string;
  title: string;
  says: string;
  /** How the machine makes the fullness, where swatches say how much. */
  family?: 'gathering-foot' | 'overlock' | 'elastic';
  /** What can be turned to learn more: stitch, tension, passes, differential, steam. */
  knobs?: string[];
  fields: Field[];
  forms: Record<string, Field[]>;
  scale: Drawing;
};

export type Units = 'metric' | 'imperial';

export type Cloth = {
  name?: string | null;
  colour?: string | null;
  accent?: string | null;
  pattern?: 'plain' | 'stripe' | 'check' | 'dots' | 'sprig' | null;
};

export type Stage = 'plan' | 'set-up' | 'sample' | 'cut' | 'sew' | 'keep';

export type Progress = { step?: string; at?: number; checked?: string[]; measured?: string[] };
