import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { VitePWA } from 'vite-plugin-pwa';
import { defineConfig } from 'vite';

/** Changes when the form of any of the server's answers does. */
const apiForm = createHash('sha256')
  .update(readFileSync(new URL('openapi.json', import.meta.url)))
  .digest('hex')
  .slice(0, 12);

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
});
