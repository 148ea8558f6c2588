import type { Ask, Cloth, Cure, Field } from '../../api/types';
import { useDrawer, type Thing } from '../../app/drawer';
import { notify } from '../../app/notice';
import type { EditedWorking } from '../../app/useWorking';
import { numberOf } from '../NumberField';
import { ThingSelect } from '../ThingSelect';

type Props = {
  working: EditedWorking;
  fields: Field[];
  kind: string;
  label?: string;
  none?: string;
  className?: string;
};

/** A thing of the drawer that a working uses. */
export function FromDrawer({ working, fields, kind, ...shown }: Props) {
  const drawer = useDrawer().data;
  const choose = useChoose(working, fields);
  if (!drawer?.things.some((t) => t.kind === kind)) return null;
  return (
    <ThingSelect
      kind={kind}
      value={working.uses[kind] ?? ''}
      set={(id) => choose({ field: kind, value: id })}
      {...shown}
    />
  );
}

/** Sets a field of the ask, or chooses a thing: then what it says of itself comes along, and of a cloth its look. */
export function useChoose(working: EditedWorking, fields: Field[]) {
  const drawer = useDrawer().data;
  return ({ field, value }: Cure) => {
    const known = fields.find((f) => f.name === field);
    if (known) {
      working.set(field, known.kind === 'number' ? (numberOf(value) ?? value) : value);
      const says = known.choices?.find((c) => c.name === value)?.label ?? value;
      notify({ says: `${known.label} set to ${says}.` });
      return;
    }
    const thing = drawer?.things.find((t) => t.id === value);
    working.change({
      uses: { [field]: thing ? value : null },
      ...(thing ? { ask: told(thing, fields) } : {}),
      ...(thing?.kind === 'cloth' ? { cloth: lookOf(thing) } : {}),
    });
  };
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
export function told({ kind, properties }: Thing, fields: Field[]): Ask {
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
