import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { compression } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  root: dirname(fileURLToPath(import.meta.url)),
  // Written compressed once, so that nobody waits for it at every request.
  plugins: [
    react(),
    tailwindcss(),
    // Installed, it opens without a network; the pages are kept, never an answer of the server. A new version waits until it is asked for.
    VitePWA({
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Lotus Steady',
        short_name: 'Lotus Steady',
        description: 'Sequences of asanas adapted to the people in front of you',
        display: 'standalone',
        background_color: '#faf6ee',
        theme_color: '#faf6ee',
        icons: [{ src: '/mark.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        maximumFileSizeToCacheInBytes: 8_000_000,
        navigateFallbackDenylist: [/^\/api\//],
      },
    }),
    compression({ algorithms: ['brotliCompress', 'gzip'], include: /\.(?:js|css|html|svg|json)$/, threshold: 1024 }),
  ],
  worker: { format: 'es' },
  build: {
    outDir: 'dist',
    emptyOutDir: true,
    chunkSizeWarningLimit: 700,
    sourcemap: false,
    // A screen has some forty parts: a link for each of them holds up a slow processor longer than it spares a slow line.
    modulePreload: { resolveDependencies: (_file, parts, { hostType }) => (hostType === 'html' ? parts : []) },
  },
  server: { port: 4290, proxy: { '/api': { target: process.env.LOTUS_API ?? 'http://127.0.0.1:4280', changeOrigin: false } } },
});
