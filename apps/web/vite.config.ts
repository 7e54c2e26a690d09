/** Builds the web application and its service worker; in development passes the server's routes on. */
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { readdirSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { defaultClientConditions, defineConfig, type Plugin } from 'vite';

/** The language of the interface; `pseudo` shows what is not in the catalogue, what is cut off, and what goes by direction. */
const language = process.env['GOBREL_LANGUAGE'] ?? 'en';
const english = createRequire(import.meta.url).resolve('@gobrel/messages');
const messages = join(dirname(english), '..', language, 'index.js');
const { direction, elsewhere, locale } = (await import(messages)) as typeof import('@gobrel/messages');

/** The page says its language, and what is read before any script has arrived. */
const pageInLanguage: Plugin = {
  name: 'page-in-language',
  transformIndexHtml: (html) =>
    html
      .replace('<html lang="en">', `<html lang="${locale}" dir="${direction}">`)
      .replace('%TAKES_LONG%', elsewhere.takesLong),
};

/** What documents may lack, as the reader of PDF asks for it: letters, tables of characters, and a decoder. */
const forDocuments: Plugin = {
  name: 'for-documents',
  apply: 'build',
  generateBundle() {
    // Every language finds it in the folder of the first.
    if (language !== 'en') return;
    const description = createRequire(import.meta.url).resolve('pdfjs-dist/package.json');
    const root = dirname(description);
    const { version } = JSON.parse(readFileSync(description, 'utf8')) as { version: string };
    for (const folder of ['cmaps', 'standard_fonts', 'wasm'])
      for (const name of readdirSync(join(root, folder)))
        if (/\.(bcmap|pfb|ttf|js)$/.test(name))
          this.emitFile({
            type: 'asset',
            fileName: `assets/pdf-${version}/${folder}/${name}`,
            source: readFileSync(join(root, folder, name)),
          });
  },
};

/** What reads PNG for PDF unpacks where it is: see `unzlib-here.ts`. */
const picturesUnpackHere: Plugin = {
  name: 'pictures-unpack-here',
  enforce: 'pre',
  resolveId: (source, importer) =>
    source === 'fflate' && importer?.includes('/png-js/')
      ? join(import.meta.dirname, 'src/features/exporting/paper/unzlib-here.ts')
      : null,
};

const server = process.env['GOBREL_SERVER'] ?? 'http://127.0.0.1:4172';

export default defineConfig({
  plugins: [react(), tailwindcss(), pageInLanguage, forDocuments],
  resolve: {
    conditions: ['@gobrel/source', ...defaultClientConditions],
    dedupe: ['yjs', 'react', 'react-dom'],
    alias: [
      { find: '@gobrel/messages', replacement: messages },
      // Formulas are drawn with letters that are given; the library would bring others along besides.
      { find: /^#default-font\//, replacement: '@mathjax/mathjax-tex-font/mjs/' },
    ],
  },
  worker: { format: 'es', plugins: () => [picturesUnpackHere] },
  server: { proxy: { '/api': server, '/stickers': server, '/sync': { target: server, ws: true } } },
  build: {
    outDir: process.env['GOBREL_BUILD_FOLDER'] ?? 'dist',
    emptyOutDir: true,
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
