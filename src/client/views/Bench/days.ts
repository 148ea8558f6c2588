const day = 86_400_000;

/** Whole days from today until a day such as 2027-05-22; null when there is none. */
export function daysUntil(wanted: string | null | undefined): number | null {
  if (!wanted) return null;
  const now = new Date();
  return Math.round((Date.parse(wanted) - Date.UTC(now.getFullYear(), now.getMonth(), now.getDate())) / day);
}

/** Says when something is wanted. */
export function sayDay(days: number): string {
  if (days < 0) return `${-days === 1 ? 'one day' : `${-days} days`} overdue`;
  if (days === 0) return 'needed today';
  if (days === 1) return 'needed tomorrow';
  return days < 60 ? `needed in ${days} days` : `needed in ${Math.round(days / 7)} weeks`;
}
