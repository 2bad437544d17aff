/** An amount of loops as one says it: whole, or with its half. */
export const sayLoops = (loops: number): string => {
  const half = Math.round(loops * 2) / 2;
  return Number.isInteger(half) ? String(half) : `${Math.floor(half)}½`;
};
