import type { Ask, Field } from '../../api/types';

/** Whether a field is asked, by what another one says. */
export function isAsked({ shownWhen }: Field, ask: Ask, fields: Field[]): boolean {
  if (!shownWhen) return true;
  const other = fields.find((f) => f.name === shownWhen.field);
  // What hangs on a field that is not asked is not asked either.
  if (other && !isAsked(other, ask, fields)) return false;
  const said = String(ask[shownWhen.field] ?? other?.start ?? '');
  const says = said === shownWhen.is || shownWhen.or?.includes(said);
  return shownWhen.not ? !says : Boolean(says);
}
