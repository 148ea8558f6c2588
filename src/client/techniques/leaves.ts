import type { ComponentType } from 'react';
import type { Answer, Ask, Cloth } from '../api/types';
import type { FieldLeaf } from '../parts/ask/AskFields';

/** Parts of the screen that only one technique has: each is given the ask and the answer, and gives back a changed ask. */
export type Leaves = {
  /** Controls of their own, by field. */
  fields?: Record<string, FieldLeaf>;
  /** What stands beside the plan's figures. */
  plan?: ComponentType<{
    answer: Answer | null;
    ask: Ask;
    cloth: Cloth;
    set: (field: string, typed: unknown) => void;
  }>;
  /** What is looked at while cutting, beside the drawings. */
  cut?: ComponentType<{ answer: Answer; ask: Ask }>;
  /** The same on paper. */
  sheet?: ComponentType<{ answer: Answer; ask: Ask }>;
};

const found = import.meta.glob<{ leaves: Leaves }>('./*/index.ts', { eager: true });

/** The leaves of a technique, from the folder of its name; most have none. */
export const leavesOf = (technique: string): Leaves => found[`./${technique}/index.ts`]?.leaves ?? {};
