import type { CardAnswer, Units } from '../../api/types';
import { useDrawer } from '../../app/drawer';
import { useWorkroom } from '../../app/workroom';
import { useReckoning } from '../../techniques/useReckoning';
import type { EditedWorking } from './useWorking';

/** What a card asks of the working, whatever its technique. */
const cardFields = [
  'rows',
  'fullness',
  'clothWeight',
  'stitchLength',
  'tail',
  'rowGap',
  'tensionSteps',
  'differential',
  'stitchesPerTuck',
  'layers',
];

/** The card of a working: for the machine, cloth and thread that it uses, else for the workroom's own machine. */
export function useCard(working: EditedWorking, technique: string, units: Units) {
  const workroom = useWorkroom().data;
  const drawer = useDrawer().data;
  const { ask } = working;
  // A thing that was taken out of the drawer since is not asked for.
  const uses = Object.fromEntries(
    Object.entries(working.uses).filter(([, id]) => drawer?.things.some((t) => t.id === id)),
  );
  const card = {
    ...Object.fromEntries(cardFields.filter((f) => ask[f] !== undefined).map((f) => [f, ask[f]])),
    ...(ask.rows === 'over-threads' && ask.zigzagWidth !== undefined
      ? { stitchWidth: ask.zigzagWidth, stitchLength: undefined }
      : {}),
    ...Object.fromEntries(
      ['machine', 'cloth', 'thread'].flatMap((kind) => (uses[kind] ? [[kind, uses[kind]]] : [])),
    ),
  };
  // The workroom's own figures are part of the question when no machine is chosen.
  const key = uses.machine ? '' : String(workroom?.version);
  return useReckoning<CardAnswer>(workroom && drawer ? `card/${technique}` : null, card, units, '', key);
}
