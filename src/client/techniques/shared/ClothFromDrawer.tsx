import type { Cloth, Technique } from '../../api/types';
import { useDrawer, type Thing } from '../../app/drawer';
import { ThingSelect } from '../../parts/ThingSelect';
import type { StageProps } from '../registry';

/** What a cloth of the drawer says of itself, field by field of the plan. */
const told = {
  clothWidth: 'usableWidth',
  clothWeight: 'weight',
  clothThickness: 'thickness',
  clothAtHand: 'lengthLeft',
} as const;

/** A cloth of the drawer: its look, width, weight and what is left come along. */
export function ClothFromDrawer({ working, technique }: Pick<StageProps, 'working' | 'technique'>) {
  const drawer = useDrawer().data;
  if (!drawer?.things.some((t) => t.kind === 'cloth')) return null;
  const choose = (id: string) => {
    const cloth = drawer.things.find((t) => t.id === id);
    if (!cloth) {
      working.change({ uses: { cloth: null } });
      return;
    }
    working.change({ uses: { cloth: id }, cloth: lookOf(cloth), ask: known(cloth, technique) });
  };
  return (
    <ThingSelect
      kind="cloth"
      label="From the drawer"
      none="that is not there"
      value={working.uses.cloth ?? ''}
      set={choose}
    />
  );
}

function lookOf({ name, properties }: Thing): Cloth {
  return {
    name,
    colour: (properties.colour as unknown as string | undefined) ?? null,
    accent: (properties.accent as unknown as string | undefined) ?? null,
    pattern: (properties.pattern as unknown as Cloth['pattern']) ?? 'plain',
  };
}

function known({ properties }: Thing, technique: Technique) {
  return Object.fromEntries(
    Object.entries(told).flatMap(([field, property]) =>
      properties[property] === undefined || !technique.fields.some((f) => f.name === field)
        ? []
        : [[field, properties[property] as unknown]],
    ),
  );
}
