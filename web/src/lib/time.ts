/** Minutes as a stylist says them, to five: 1 h 40. */
export function formatMinutes(minutes: number): string {
  const rounded = Math.max(5, Math.round(minutes / 5) * 5);
  const hours = Math.floor(rounded / 60);
  const rest = rounded % 60;
  if (hours === 0) return `${rest} min`;
  return rest === 0 ? `${hours} h` : `${hours} h ${String(rest).padStart(2, '0')}`;
}

/** Minutes that were counted, to the minute: 1 h 42. */
export function exactMinutes(minutes: number): string {
  const whole = Math.round(minutes);
  const hours = Math.floor(whole / 60);
  if (hours > 0) return `${hours} h ${String(whole % 60).padStart(2, '0')}`;
  return whole === 0 ? 'under 1 min' : `${whole} min`;
}

/** "1 loop", "2 loops". */
export const plural = (count: number, one: string, many = `${one}s`): string =>
  `${count} ${count === 1 ? one : many}`;

/** "24 Nov 2026". */
export const formatDay = (instant: string): string =>
  new Date(instant).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
  });

/** A day of the weeks to come: Fri 4 Dec. */
export const formatWeekday = (day: string): string =>
  new Date(`${day}T12:00:00`)
    .toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' })
    .replace(',', '');

/** A moment by the clock of whoever reads it: 2 Jun 2031, 07:06. */
export const formatMoment = (instant: string): string =>
  new Date(instant).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
  });
