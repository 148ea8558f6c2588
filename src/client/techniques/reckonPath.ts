import { techniques } from './registry';

/** Where a working's ask is answered: with the workroom's swatches, where the technique learns from them. */
export function reckonPath(technique: string, working: string) {
  return techniques[technique]?.learns ? `workings/${working}/reckon` : `reckon/${technique}`;
}
