import { mergeConfig } from 'vite';
import { defineConfig } from 'vitest/config';
import product from './vite.config.ts';

const ALL_TESTS = ['src/**/*.test.{ts,tsx}'];

/** Files that put something else in the place of a module or of what the browser has: they load everything anew. */
const ISOLATED = [
  'src/api/client.test.ts',
  'src/features/bench/bench.queries.test.ts',
  'src/features/bench/draft/useAutosave.test.tsx',
  'src/features/bench/panels/WhatIf.test.tsx',
  'src/features/bench/plan/useComputedPlan.test.tsx',
  'src/features/chair/chair.test.tsx',
];

/** A test that takes minutes hangs. Nothing else is told by the clock: a busy machine may be many times slower. */
const HANGS_MS = 300_000;

export default mergeConfig(
  product,
  defineConfig({
    test: {
      // Most files draw something; those that do not lose nothing by it.
      environment: './src/testing/domOnce.ts',
      maxWorkers: '100%',
      testTimeout: HANGS_MS,
      hookTimeout: HANGS_MS,
      setupFiles: ['src/testing/setup.ts'],
      // Loading what a test needs takes longer than the test, so files share it, in whatever order they run.
      projects: [
        {
          extends: true,
          test: { name: 'shared', isolate: false, include: ALL_TESTS, exclude: ISOLATED },
        },
        { extends: true, test: { name: 'isolated', include: ISOLATED } },
      ],
    },
  }),
);
