const STEP = 1000;
const UNITS = ['kB', 'MB', 'GB', 'TB'];

/** How large a file is, as a person says it: 840 kB, 1.3 GB. */
export function formatBytes(bytes: number): string {
  let [value, unit] = [bytes / STEP, 0];
  while (value >= STEP && unit < UNITS.length - 1) {
    value /= STEP;
    unit += 1;
  }
  return `${value < 10 && unit > 0 ? value.toFixed(1) : Math.max(1, Math.round(value))} ${UNITS[unit]}`;
}
