/**
 * The page, with what a student's screen will ask for announced in its head: on a slow network every question asked
 * only when the answer before it is there costs a way to the server and back.
 */
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/** What Vite writes about a built module. */
interface BuiltModule {
  readonly file: string;
  readonly imports?: readonly string[];
}
type Manifest = Readonly<Record<string, BuiltModule>>;

/** A screen, by its address: the module it is in, and the answers it asks for first. */
interface Preloaded {
  readonly address: RegExp;
  readonly module: string;
  readonly asks: (address: RegExpExecArray) => readonly string[];
}

const preloaded: readonly Preloaded[] = [
  {
    address: /^\/work$/,
    module: 'src/features/student/student/index.tsx',
    asks: () => ['/api/my-lesson', '/api/my-lesson/edition'],
  },
  {
    address: /^\/join(?:\/([A-Za-z0-9]{1,16}))?$/,
    module: 'src/features/student/join/index.tsx',
    asks: ([, code]) => (code === undefined ? [] : [`/api/join/${code}`]),
  },
  {
    address: /^\/show\/([\w-]{16})$/,
    module: 'src/features/sharing/show/index.tsx',
    asks: ([, show]) => [`/api/shows/${show ?? ''}?pass=`],
  },
  {
    address: /^\/embed\/([\w-]{16})$/,
    module: 'src/features/sharing/show/embedded.tsx',
    asks: ([, show]) => [`/api/shows/${show ?? ''}?pass=`],
  },
];

/** Gives the page of a built application for an address. @throws when the folder holds no page */
export function readPreloads(folder: string): (address: string) => string {
  const page = readFileSync(join(folder, 'index.html'), 'utf8');
  const place = join(folder, '.vite', 'manifest.json');
  const manifest: Manifest = existsSync(place) ? JSON.parse(readFileSync(place, 'utf8')) : {};
  return (address) => {
    for (const screen of preloaded) {
      const known = screen.address.exec(address);
      if (!known) continue;
      const links = [
        ...filesOf(manifest, screen.module).map((file) => `<link rel="modulepreload" crossorigin href="/${file}" />`),
        ...screen.asks(known).map((url) => `<link rel="preload" as="fetch" crossorigin href="${url}" />`),
      ];
      return page.replace('</head>', `${links.join('')}</head>`);
    }
    return page;
  };
}

/** The files of a module and of all it imports, each once. */
function filesOf(manifest: Manifest, module: string): readonly string[] {
  const found = new Set<string>();
  const visit = (name: string) => {
    const built = manifest[name];
    if (!built || found.has(built.file)) return;
    found.add(built.file);
    built.imports?.forEach(visit);
  };
  visit(module);
  return [...found];
}
