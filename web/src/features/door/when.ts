const HOUR = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
});

/** "Sat 28 Nov, 14:05", by this device's clock. */
export const when = (at: string): string => HOUR.format(new Date(at));
