/** Builds the player: one script and one style sheet a language, from which shows in one file are made. */
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { defaultClientConditions, defineConfig, type Plugin } from 'vite';

const language = process.env['GOBREL_LANGUAGE'] ?? 'en';
const english = createRequire(import.meta.url).resolve('@gobrel/messages');

/** Whether it can draw charts: the library for them is as large as all the rest. */
const hasCharts = process.env['GOBREL_PLAYER_CHARTS'] === 'yes';

const withoutCharts: Plugin = {
  name: 'without-charts',
  enforce: 'pre',
  resolveId: (source) =>
    source.endsWith('/chart-drawing.js') ? join(import.meta.dirname, '../player/src/no-charts.ts') : null,
};

export default defineConfig({
  root: join(import.meta.dirname, '../player'),
  plugins: [react(), tailwindcss(), ...(hasCharts ? [] : [withoutCharts])],
  resolve: {
    conditions: ['@gobrel/source', ...defaultClientConditions],
    dedupe: ['react', 'react-dom'],
    alias: { '@gobrel/messages': join(dirname(english), '..', language, 'index.js') },
  },
  define: { 'process.env.NODE_ENV': '"production"' },
  build: {
    outDir: process.env['GOBREL_PLAYER_FOLDER'] ?? 'dist',
    emptyOutDir: false,
    // All of it is in the file: nothing is loaded later.
    cssCodeSplit: false,
    chunkSizeWarningLimit: 1200,
    lib: {
      entry: 'src/main.tsx',
      formats: ['iife'],
      name: 'gobrelPlayer',
      fileName: () => `${language}${hasCharts ? '-charts' : ''}.js`,
      cssFileName: language,
    },
  },
});
