import type { Units } from '../api/types';

const months = 'January February March April May June July August September October November December'.split(
  ' ',
);

/** A day such as 2027-05-22 in the workroom's own way: 22 May 2027, or May 22, 2027. */
export function inDays(day: string, units: Units): string {
  const [year, month, date] = day.slice(0, 10).split('-').map(Number);
  const name = months[month! - 1]!;
  return units === 'metric' ? `${date} ${name} ${year}` : `${name} ${date}, ${year}`;
}

/** A moment by its day here. */
export function onDay(moment: string, units: Units): string {
  const at = new Date(moment);
  const two = (n: number) => String(n).padStart(2, '0');
  return inDays(`${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`, units);
}
