import type { Stage } from '../../api/types';

/** The six stages, in their order. */
export const stages: { name: Stage; title: string }[] = [
  { name: 'plan', title: 'Plan' },
  { name: 'set-up', title: 'Set up' },
  { name: 'sample', title: 'Sample' },
  { name: 'cut', title: 'Cut' },
  { name: 'sew', title: 'Sew' },
  { name: 'keep', title: 'Keep' },
];
