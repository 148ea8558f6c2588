import type { ComponentType } from 'react';
import type { Answer, Technique, Units } from '../api/types';
import type { EditedWorking } from '../views/Working/useWorking';
import { pieced } from './pieced';
import { pulledGathers } from './pulled-gathers';
import type { Reckoning } from './useReckoning';

/** What a stage of a working is given. */
export type StageProps = {
  working: EditedWorking;
  technique: Technique;
  reckoning: Reckoning<Answer>;
  units: Units;
};

/** The parts of the screen that differ from technique to technique. */
export type TechniqueParts = {
  Plan: ComponentType<StageProps>;
  Sample: ComponentType<StageProps>;
  Cut: ComponentType<StageProps>;
  Reckoner: ComponentType<{ technique: Technique; units: Units }>;
  /** Whether its answers rest on what swatches say. */
  learns: boolean;
  /** What beginning one is called. */
  begin: string;
  /** Its name among others, in a word or two. */
  short: string;
};

/** The techniques that have a screen: one line each. */
export const techniques: Record<string, TechniqueParts> = {
  'pulled-gathers': pulledGathers,
  'gathering-foot': { ...pieced, learns: true, begin: 'Gather by a foot', short: 'Gathering foot' },
  'overlock-gathers': { ...pieced, learns: true, begin: 'Gather on the overlocker', short: 'Overlocker' },
  'tucked-ruffle': { ...pieced, learns: false, begin: 'Ruffle in small folds', short: 'Small folds' },
  shirring: { ...pieced, learns: true, begin: 'Shirr with elastic', short: 'Shirring' },
};
