const day = 86_400_000;

/** Whole days from today until a day such as 2027-05-22; null when there is none. */
export function daysUntil(wanted: string | null | undefined): number | null {
  if (!wanted) return null;
  const now = new Date();
  return Math.round((Date.parse(wanted) - Date.UTC(now.getFullYear(), now.getMonth(), now.getDate())) / day);
}

/** Says when something is wanted. */
export function sayDay(days: number): string {
  if (days < 0) return `wanted ${-days === 1 ? 'yesterday' : `${-days} days ago`},`;
  if (days === 0) return 'wanted today,';
  if (days === 1) return 'wanted tomorrow,';
  return days < 60 ? `wanted in ${days} days,` : `wanted in ${Math.round(days / 7)} weeks,`;
}
