import type { ComponentType } from 'react';
import type { Answer, Technique, Units } from '../api/types';
import type { EditedWorking } from '../views/Working/useWorking';
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
};

/** The techniques that have a screen: one line each. */
export const techniques: Record<string, TechniqueParts> = {
  'pulled-gathers': pulledGathers,
};
