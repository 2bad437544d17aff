import { builtinEnvironments, type Environment } from 'vitest/runtime';

/** Under this name the worker keeps that it has a DOM. */
const MADE = Symbol.for('gyrotaxis.dom');

/**
 * The page's DOM, built once for each worker: building it takes longer than most test files do. `setup.ts` empties it after every
 * test, and a test that leaves something behind shows in shuffled runs.
 */
export default {
  name: 'dom-once',
  viteEnvironment: 'client',
  async setup(global, options) {
    const kept = global as { [MADE]?: true };
    if (!kept[MADE]) {
      await builtinEnvironments.jsdom.setup(global, options);
      kept[MADE] = true;
    }
    return { teardown: () => {} };
  },
} satisfies Environment;
