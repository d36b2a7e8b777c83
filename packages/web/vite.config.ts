import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { compression } from 'vite-plugin-compression2';

export default defineConfig({
  root: dirname(fileURLToPath(import.meta.url)),
  // Written compressed once, so that nobody waits for it at every request.
  plugins: [
    react(),
    tailwindcss(),
    compression({ algorithms: ['brotliCompress', 'gzip'], include: /\.(?:js|css|html|svg|json)$/, threshold: 1024 }),
  ],
  worker: { format: 'es' },
  build: { outDir: 'dist', emptyOutDir: true, chunkSizeWarningLimit: 700, sourcemap: false },
  server: { port: 4290, proxy: { '/api': { target: process.env.LOTUS_API ?? 'http://127.0.0.1:4280', changeOrigin: false } } },
});
