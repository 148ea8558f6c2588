import type { Answer, CardAnswer, Units } from '../api/types';
import { useDrawer } from './drawer';
import { useReckoning } from './useReckoning';
import type { EditedWorking } from './useWorking';
import { useWorkroom } from './workroom';

/** The card of a working: for the machine, cloth and thread that it uses, else for the workroom's own machine. */
export function useCard(
  working: EditedWorking,
  technique: string | null,
  units: Units,
  /** The plan, whose settings the card then says too. */
  plan?: Answer | null,
) {
  const workroom = useWorkroom().data;
  const drawer = useDrawer().data;
  // A thing that was taken out of the drawer since is not asked for.
  const uses = Object.fromEntries(
    Object.entries(working.uses).filter(([, id]) => drawer?.things.some((t) => t.id === id)),
  );
  const planned = Object.fromEntries((plan?.card ?? []).map((fact) => [fact.name, fact.text]));
  // The workroom's own figures are part of the question when no machine is chosen.
  const key = uses.machine ? '' : String(workroom?.version);
  return useReckoning<CardAnswer>(
    workroom && drawer && technique ? `card/${technique}` : null,
    { ...working.ask, ...uses, ...planned },
    units,
    '',
    key,
  );
}
