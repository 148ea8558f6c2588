import type { Ask, Field, Technique } from '../../api/types';

/** Whether a field is asked, by what another one says. */
export const isAsked = (field: Field, ask: Ask, fields: Field[]) => holds(field.shownWhen, ask, fields);

function holds(shownWhen: Field['shownWhen'], ask: Ask, fields: Field[]): boolean {
  if (!shownWhen) return true;
  if (shownWhen.and && !holds(shownWhen.and, ask, fields)) return false;
  const other = fields.find((f) => f.name === shownWhen.field);
  // What hangs on a field that is not asked is not asked either.
  if (other && !isAsked(other, ask, fields)) return false;
  const said = String(ask[shownWhen.field] ?? other?.start ?? '');
  const says = said === shownWhen.is || shownWhen.or?.includes(said);
  return shownWhen.not ? !says : Boolean(says);
}

/** What a plan still misses: its first question, or the names of what is not said. */
export function stillToSay({ first, fields }: Technique, missing: string[]): string {
  if (missing.includes(first.field)) return first.question;
  const labels = fields.filter((f) => missing.includes(f.name)).map((f) => f.label.toLowerCase());
  return `Still needed: ${labels.join(', ') || 'what is marked above'}.`;
}
