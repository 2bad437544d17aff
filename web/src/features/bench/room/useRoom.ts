import { useSyncExternalStore } from 'react';

/**
 * How much room there is: three columns, three narrower ones, the map above its step, the map beside it on a screen that is
 * magnified, or the map with a sheet that the thumb draws up.
 */
export type Room = 'wide' | 'desk' | 'upright' | 'low' | 'phone';

/** The first that fits. */
const ROOMS: readonly (readonly [Room, string])[] = [
  ['phone', '(width < 600px)'],
  ['low', '(height < 540px)'],
  ['upright', '(width < 1024px)'],
  ['desk', '(width < 1600px)'],
];

function roomNow(): Room {
  // Where nothing is laid out, as in a test of one piece, it is a desk.
  if (typeof window.matchMedia !== 'function') return 'desk';
  return ROOMS.find(([, query]) => window.matchMedia(query).matches)?.[0] ?? 'wide';
}

function onChange(tell: () => void): () => void {
  if (typeof window.matchMedia !== 'function') return () => undefined;
  const queries = ROOMS.map(([, query]) => window.matchMedia(query));
  queries.forEach((q) => q.addEventListener('change', tell));
  return () => queries.forEach((q) => q.removeEventListener('change', tell));
}

/** The room there is; turning the tablet round changes it. */
export const useRoom = (): Room => useSyncExternalStore(onChange, roomNow);
