/** How hard a drill can be. */
export const LEVELS = ['1', '2', '3', '4', '5'].map((value) => ({ value, words: value }));
