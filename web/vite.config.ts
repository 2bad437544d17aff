import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { VitePWA } from 'vite-plugin-pwa';
import { defineConfig } from 'vitest/config';

/** Changes when the form of any of the server's answers does. */
const apiForm = createHash('sha256')
  .update(readFileSync(new URL('openapi.json', import.meta.url)))
  .digest('hex')
  .slice(0, 12);

const ALL_TESTS = ['src/**/*.test.{ts,tsx}'];
const WITH_STAND_INS = [
  'src/api/client.test.ts',
  'src/features/bench/bench.queries.test.ts',
  'src/features/bench/draft/useAutosave.test.tsx',
  'src/features/bench/panels/WhatIf.test.tsx',
  'src/features/bench/plan/useComputedPlan.test.tsx',
  'src/features/chair/chair.test.tsx',
];

export default defineConfig({
  define: { 'import.meta.env.VITE_API_FORM': JSON.stringify(apiForm) },
  plugins: [
    react(),
    tailwindcss(),
    // Keeps the page itself, so that it opens without a server. Data it never keeps: those are the device's own (see the chair).
    VitePWA({
      registerType: 'autoUpdate',
      injectRegister: false,
      manifest: {
        name: 'Gyrotaxis',
        short_name: 'Gyrotaxis',
        description: 'Plans crochet installs, and follows the work at the chair.',
        start_url: '/book',
        display: 'standalone',
        background_color: '#e6ece7',
        theme_color: '#dbe3dd',
        icons: [{ src: '/mark.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        // Compressed copies are the server's business.
        globIgnores: ['**/*.gz', '**/*.br'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/actuator\//],
        cleanupOutdatedCaches: true,
        maximumFileSizeToCacheInBytes: 4_000_000,
      },
    }),
  ],
  build: { outDir: 'target/classes/static', emptyOutDir: true, assetsInlineLimit: 0 },
  server: { proxy: { '/api': 'http://127.0.0.1:8420' } },
  test: {
    environment: 'node',
    maxWorkers: '100%',
    // Longer than the longest single wait.
    testTimeout: 15_000,
    setupFiles: ['src/testing/setup.ts'],
    // Loading what a test needs takes longer than the test: files share it, in whatever order they run. Those that put something else in
    // the place of a module or of what the browser has load their own.
    projects: [
      {
        extends: true,
        test: { name: 'shared', isolate: false, include: ALL_TESTS, exclude: WITH_STAND_INS },
      },
      { extends: true, test: { name: 'alone', include: WITH_STAND_INS } },
    ],
  },
});
