/** Builds the web application and its service worker; in development passes the server's routes on. */
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';

const server = process.env['GOBREL_SERVER'] ?? 'http://127.0.0.1:4172';

export default defineConfig({
  plugins: [react(), tailwindcss()],
  resolve: {
    conditions: ['@gobrel/source', ...defaultClientConditions],
    dedupe: ['yjs', 'react', 'react-dom'],
  },
  worker: { format: 'es' },
  server: { proxy: { '/api': server, '/stickers': server, '/sync': { target: server, ws: true } } },
  build: {
    sourcemap: false,
    // The server reads there which files a screen needs, to announce them with the page.
    manifest: true,
    // Nothing is written into the style sheet as data: the content security policy takes fonts from files only.
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 900,
    rollupOptions: {
      input: { page: 'index.html', 'service-worker': 'src/app/offline/service-worker.ts' },
      output: {
        entryFileNames: (chunk) => (chunk.name === 'service-worker' ? '[name].js' : 'assets/[name]-[hash].js'),
      },
    },
  },
});
