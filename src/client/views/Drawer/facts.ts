import type { ThingKind } from '../../api/types';
import type { Thing } from '../../app/drawer';

/** The two or three figures that tell a thing from its neighbours, in the order of the kind's own fields. */
const telling: Record<string, string[]> = {
  machine: ['kind', 'widestStitch', 'feedDogs'],
  foot: ['kind', 'mount', 'opening'],
  needle: ['point', 'size', 'twinSpacing'],
  thread: ['fibre', 'tex'],
  elastic: ['diameter'],
  cloth: ['weight', 'build', 'usableWidth'],
  stabiliser: ['kind'],
  cord: ['diameter', 'stiffness'],
  ribbon: ['width'],
  hoop: ['inside'],
  'machine-stitch': ['look', 'length', 'repeat'],
};

/** A thing in a few words. What is not known is left out. */
export function factsOf(thing: Thing, kind: ThingKind | undefined): string {
  const words = (telling[thing.kind] ?? []).flatMap((name) => {
    const field = kind?.fields.find((f) => f.name === name);
    const value = thing.properties[name] as unknown;
    if (!field || value === undefined || value === null) return [];
    if (field.kind === 'choice') {
      const label = field.choices?.find((c) => c.name === value)?.label ?? String(value);
      return [name === 'feedDogs' ? `feed dogs ${label}` : label];
    }
    const length = thing.understood[name];
    if (length)
      return length.mm === 0
        ? []
        : [
            {
              usableWidth: `${length.text} wide`,
              opening: `${length.text} opening`,
              inside: `${length.text} inside`,
              twinSpacing: `${length.text} apart`,
              widestStitch: `${length.text} wide stitches`,
            }[name] ?? length.text,
          ];
    if (name === 'weight') return [`${String(value)} g/m²`];
    if (name === 'size') return [`size ${String(value)}`];
    if (name === 'tex') return [`tex ${String(value)}`];
    return [String(value)];
  });
  return words.join(', ');
}

/** How much of what a kind can say is known, for a thing that is still a stranger. */
export function unknownsOf(thing: Thing, kind: ThingKind | undefined): number {
  return (telling[thing.kind] ?? []).filter(
    (name) => kind?.fields.some((f) => f.name === name) && thing.properties[name] === undefined,
  ).length;
}
