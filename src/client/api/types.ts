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

type Part = {
  /** The part of the piece that it belongs to, by which a step lights it up; empty for none. */
  part: string;
};

export type LineMeaning =
  | 'chalk'
  | 'stitch'
  | 'stitchRemoved'
  | 'seam'
  | 'fold'
  | 'join'
  | 'hem'
  | 'selvedge'
  | 'match'
  | 'profile'
  | 'cord'
  | 'ribbon'
  | 'tear'
  | 'thread'
  | 'needle';

export type ClothRole = 'main' | 'plain' | 'length' | 'leftOver' | 'backing' | 'hole';

/** A row of stitches, drawn one by one where the scale allows; mm. */
export type StitchLook = {
  length: number;
  width: number;
  /** Of a decorative stitch: one repeat, from 0 along its row and from its middle across. */
  repeat?: { paths: string[]; length: number };
};

export type Shape = Part &
  (
    | { kind: 'cloth'; from: Point; to: Point; role: ClothRole; label: string; tornRight: boolean }
    | { kind: 'line'; from: Point; to: Point; meaning: LineMeaning; label: string }
    | {
        kind: 'path';
        /** SVG path data in mm. */
        path: string;
        meaning?: LineMeaning;
        fill?: ClothRole;
        label: string;
        stitches?: StitchLook;
        /** How wide it lies, in mm; 0 for a mere line. */
        width: number;
        /** Of the cloth within it; empty where its role says it. */
        colour: string;
      }
    | { kind: 'notch'; at: Point; number: number; fromBelow: boolean }
    | {
        kind: 'dimension';
        from: Point;
        to: Point;
        side: 'above' | 'below' | 'left' | 'right';
        text: string;
        note: string;
        /** The field of the ask that it states, or empty. */
        field: string;
      }
    | { kind: 'grain'; from: Point; to: Point }
    | {
        kind: 'gathered';
        from: Point;
        drop: number;
        hem: { from: Point; span: number; folds: number; amplitude: number };
        tornRight: boolean;
      }
    | {
        kind: 'plate';
        from: Point;
        to: Point;
        role: 'sole' | 'opening' | 'groove' | 'hole' | 'swing';
        isGuess: boolean;
      }
    | { kind: 'handle'; at: Point; field: string; origin: Point; per: number }
    | { kind: 'words'; at: Point; text: string; isNumber: boolean }
    | Dot
  );

/** A dot that a figure is pulled by; mm, and degrees clockwise from the right. */
export type Dot = {
  kind: 'dot';
  at: Point;
  /** By its path, such as `path[2].radius`. */
  field: string;
  label: string;
  text: string;
  pull: 'along' | 'round';
  origin: Point;
  heading: number;
  value: number;
  least: number;
  most: number;
};

/** A part of a drawing from near, turned as it lies under the needle. */
export type Near = { at: Point; across: number; turned: number; label: string };

export type Drawing = {
  name: string;
  title: string;
  says: string;
  width: number;
  height: number;
  /** Whether the lengthwise grain, and with it a stripe, runs up the page. */
  grainUpright: boolean;
  isCloseUp: boolean;
  isForCutting: boolean;
  /** Places that are looked at from near, one after another. */
  nears: Near[];
  shapes: Shape[];
};

export type PencilLine = { title: string; sum: string; because: string };

export type Caution = { code: string; says: string; at: Stage[] };

/** A place within a step where the sewing stops and the work is turned. */
export type Stop = {
  /** Stitches from the stop before. */
  stitches: number;
  /** On which side the needle stands; empty at the end. */
  needle: string;
  /** Degrees clockwise that the cloth is turned; 0 at the end. */
  turn: number;
  says: string;
  /** Which of its drawing's places from near. */
  near: number;
};

export type Step = {
  key: string;
  title: string;
  says: string;
  big: string;
  checks: string[];
  schools: { name: string; follows: string }[];
  caution?: Caution;
  /** The drawing of the moment, with what is lit up and what is not there yet. */
  picture?: { drawing: string; lit: string[]; notYet?: string[] };
  place?: 'table' | 'iron' | 'machine' | 'hand';
  minutes?: number;
  /** What is set on the machine for it, in words. */
  sets: string[];
  /** Of several pieces, each with what is told of it; empty where there is one. */
  table: Fact[];
  /** Where the sewing stops within it; empty where it is sewn through. */
  stops: Stop[];
  /** The form that takes the measure that is typed here, and in which field. */
  measure?: {
    form: string;
    field: string;
    question: string;
    /** Figures that the form is told beside it. */
    with: Record<string, number>;
    /** The field of the plan that keeps it among its groups; empty where it is only written down. */
    into: string;
  };
};

/** A figure in words. */
export type Fact = { name: string; text: string };

/** A range: nineteen in twenty lie above its low, the even chance, nineteen in twenty below its high. */
export type Likely = Schemas['Likely'];

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
export type Knob = Schemas['Knob'];

/** Everything that the screens of a technique are made of. */
export type Technique = Omit<Schemas['TechniqueOut'], 'scale'> & { scale: Drawing | null };

export type Units = 'metric' | 'imperial';

export type Cloth = {
  name?: string | null;
  colour?: string | null;
  accent?: string | null;
  pattern?: 'plain' | 'stripe' | 'check' | 'dots' | 'sprig' | null;
};

export type Stage = 'plan' | 'set-up' | 'sample' | 'cut' | 'sew' | 'keep';

export type Progress = {
  step?: string;
  at?: number;
  checked?: string[];
  measured?: string[];
  /** Of a step that is sewn from stop to stop: how many are behind, and the stitches on the way to the next. */
  stop?: number;
  ticked?: number;
};
