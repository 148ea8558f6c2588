import type { Ask, Cloth, Field } from '../../api/types';
import { useDrawer, type Thing } from '../../app/drawer';
import type { EditedWorking } from '../../app/useWorking';
import { ThingSelect } from '../ThingSelect';

type Props = {
  working: EditedWorking;
  fields: Field[];
  kind: string;
  label?: string;
  none?: string;
  className?: string;
};

/** A thing of the drawer that a working uses: what it says of itself comes along, and of a cloth its look. */
export function FromDrawer({ working, fields, kind, ...shown }: Props) {
  const drawer = useDrawer().data;
  if (!drawer?.things.some((t) => t.kind === kind)) return null;
  const choose = (id: string) => {
    const thing = drawer.things.find((t) => t.id === id);
    working.change({
      uses: { [kind]: thing ? id : null },
      ...(thing ? { ask: told(thing, fields) } : {}),
      ...(thing?.kind === 'cloth' ? { cloth: lookOf(thing) } : {}),
    });
  };
  return <ThingSelect kind={kind} value={working.uses[kind] ?? ''} set={choose} {...shown} />;
}

/** The look of a cloth of the drawer. */
export function lookOf({ name, properties }: Thing): Cloth {
  const of = properties as Record<string, string | undefined>;
  return {
    name,
    colour: of.colour ?? null,
    accent: of.accent ?? null,
    pattern: (of.pattern as Cloth['pattern']) ?? 'plain',
  };
}

/** What a thing says, by the fields that take it from there. */
function told({ kind, properties }: Thing, fields: Field[]): Ask {
  const of = properties as Record<string, unknown>;
  return Object.fromEntries(
    fields.flatMap((f) => {
      const [from, property] = f.from.split('.');
      // What is left of it is never kept: another piece may be cut from it tomorrow.
      return from === kind && property !== 'lengthLeft' && of[property!] !== undefined
        ? [[f.name, of[property!]]]
        : [];
    }),
  );
}
