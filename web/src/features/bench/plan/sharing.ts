import isEqual from 'fast-deep-equal';

/**
 * An answer with whatever is as it was before being the same object as before: only what moved need be drawn anew. Lists are
 * looked at member by member. An empty list of side views stands for the ones before: they do not come along while something
 * is held.
 */
export function sharing<T extends object>(now: T, before: T | undefined): T {
  if (!before) return now;
  const shared = { ...now };
  let isSame = true;
  for (const key of Object.keys(now) as (keyof T)[]) {
    shared[key] = shareOne(key, now[key], before[key]);
    isSame &&= shared[key] === before[key];
  }
  return isSame ? before : shared;
}

function shareOne<V>(key: PropertyKey, now: V, before: V): V {
  if (Array.isArray(now) && Array.isArray(before)) {
    if (key === 'views' && now.length === 0) return before;
    const list = now.map((item, i) => (isEqual(item, before[i]) ? before[i] : item));
    const isAll = list.length === before.length && list.every((item, i) => item === before[i]);
    return isAll ? before : (list as V);
  }
  return isEqual(now, before) ? before : now;
}
