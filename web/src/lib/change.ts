const isObject = (v: unknown): v is Record<string, unknown> =>
  typeof v === 'object' && v !== null && !Array.isArray(v);

/**
 * Something with a change made to it: of objects only the properties that the change names, of everything else the whole. What
 * the change does not name stays as it is, and the very object it was.
 */
export function changed<T>(what: T, change: unknown): T {
  if (!isObject(what) || !isObject(change)) return change as T;
  const next: Record<string, unknown> = { ...what };
  for (const [name, value] of Object.entries(change)) {
    next[name] = isObject(next[name]) && isObject(value) ? changed(next[name], value) : value;
  }
  return next as T;
}
