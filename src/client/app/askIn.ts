import type { Ask, Technique } from '../api/types';

/** The figures in an address, each as its field takes it. */
export function askIn(technique: Pick<Technique, 'fields'>, address: URLSearchParams): Ask {
  const ask: Ask = {};
  for (const field of technique.fields) {
    const text = address.get(field.name);
    if (text === null) continue;
    if (field.kind === 'flag') ask[field.name] = text === 'true';
    else if (field.kind === 'groups' || field.kind === 'line') ask[field.name] = groupsIn(text);
    else if (field.kind === 'number')
      ask[field.name] = Number.isFinite(Number(text)) && text.trim() ? Number(text) : text;
    else ask[field.name] = text;
  }
  return ask;
}

/** Groups as an address holds them; what is spoilt is left out. */
function groupsIn(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
