// A language's catalogue becomes modules: one a feature, one export a message or a record of messages.
import { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { compileMessage } from './compile-message.mjs';
import { pseudoMessage } from './pseudo.mjs';

const folder = new URL('..', import.meta.url).pathname;

/** `hand-out` becomes `handOut`, as code says it. */
export const nameOfFeature = (file) => file.replace(/-(\w)/g, (_, letter) => letter.toUpperCase());

/** Every language with its catalogue; the pseudo-language is made of English, and runs from right to left. */
export function readLanguages() {
  const shipped = Object.entries(JSON.parse(readFileSync(join(folder, 'languages.json'), 'utf8')));
  const languages = shipped.map(([language, about]) => ({
    language,
    ...about,
    isShipped: true,
    catalogue: readCatalogue(language),
  }));
  const english = languages.find(({ language }) => language === 'en');
  const pseudo = { ...english, language: 'pseudo', direction: 'rtl', isShipped: false };
  return [...languages, { ...pseudo, catalogue: mapMessages(english.catalogue, pseudoMessage) }];
}

/** The features of a language and their messages, as they are written: `{ 'hand-out': { title: '…' } }`. */
function readCatalogue(language) {
  const files = readdirSync(join(folder, 'catalogue', language)).filter((name) => name.endsWith('.json'));
  return Object.fromEntries(
    files
      .sort()
      .map((name) => [name.slice(0, -5), JSON.parse(readFileSync(join(folder, 'catalogue', language, name), 'utf8'))]),
  );
}

/** The same records and lists, with every message made anew. */
function mapMessages(messages, make) {
  if (typeof messages === 'string') return make(messages);
  if (Array.isArray(messages)) return messages.map((each) => mapMessages(each, make));
  return Object.fromEntries(Object.entries(messages).map(([key, each]) => [key, mapMessages(each, make)]));
}

/** All messages of a catalogue by their paths: `{ 'board.states.right': '…' }`. */
export function flatMessages(messages, path = '') {
  if (typeof messages === 'string') return { [path]: messages };
  const below = Object.entries(messages).map(([key, each]) => flatMessages(each, path ? `${path}.${key}` : key));
  return Object.assign({}, ...below);
}

/**
 * One feature's messages as a module and its types.
 * @param messages texts, or records and lists of messages, by their names
 */
export function compileFeature(feature, messages) {
  const uses = new Set();
  const compiled = (message, path) => {
    if (Array.isArray(message)) {
      const parts = message.map((each, at) => compiled(each, `${path}.${at}`));
      return {
        code: `[${parts.map(({ code }) => code).join(', ')}]`,
        type: `readonly [${parts.map(({ type }) => type).join(', ')}]`,
      };
    }
    if (typeof message === 'object') {
      const fields = Object.entries(message).map(([key, each]) => [key, compiled(each, `${path}.${key}`)]);
      return {
        code: `{ ${fields.map(([key, { code }]) => `${JSON.stringify(key)}: ${code}`).join(', ')} }`,
        type: `{ ${fields.map(([key, { type }]) => `readonly ${JSON.stringify(key)}: ${type}`).join('; ')} }`,
      };
    }
    try {
      const made = compileMessage(message);
      made.uses.forEach((each) => uses.add(each));
      return made;
    } catch (error) {
      throw new SyntaxError(`${path}: ${error.message}`, { cause: error });
    }
  };
  const all = Object.entries(messages).map(([key, message], at) => ({
    key,
    at,
    ...compiled(message, `${feature}.${key}`),
  }));
  // Names such as `delete` or `at-end` cannot be declared, but can be exported.
  const code = all.map(({ at, key, code }) => `const m${at} = ${code};\nexport { m${at} as ${JSON.stringify(key)} };`);
  const types = all.map(
    ({ at, key, type }) => `declare const m${at}: ${type};\nexport { m${at} as ${JSON.stringify(key)} };`,
  );
  const helpers = [...uses].sort().join(', ');
  const runtime = `import { ${helpers} } from './formats.js';\n`;
  return { code: `${helpers ? runtime : ''}${code.join('\n')}\n`, types: `${types.join('\n')}\n` };
}

/** Writes the modules of a language. */
function writeLanguage({ language, locale, direction, catalogue }, shipped) {
  const target = join(folder, 'compiled', language);
  rmSync(target, { recursive: true, force: true });
  mkdirSync(target, { recursive: true });
  const index = Object.keys(catalogue).map((file) => `export * as ${nameOfFeature(file)} from './${file}.js';`);
  for (const [file, messages] of Object.entries(catalogue)) {
    const { code, types } = compileFeature(file, messages);
    writeFileSync(join(target, `${file}.js`), code);
    writeFileSync(join(target, `${file}.d.ts`), types);
  }
  writeFileSync(
    join(target, 'formats.js'),
    `import { formats } from '../../runtime.js';\nexport const { number, date, plural, ordinal, select } = /* @__PURE__ */ formats(${JSON.stringify(locale)});\n`,
  );
  writeFileSync(
    join(target, 'index.js'),
    `${index.join('\n')}\nexport const locale = ${JSON.stringify(locale)};\nexport const direction = ${JSON.stringify(direction)};\nexport const language = ${JSON.stringify(language)};\nexport const languages = ${JSON.stringify(shipped)};\n`,
  );
  writeFileSync(
    join(target, 'index.d.ts'),
    `${index.join('\n')}\n/** The locale of dates, numbers and sorting, a BCP 47 tag. */\nexport declare const locale: string;\n/** Which way its lines run. */\nexport declare const direction: 'ltr' | 'rtl';\n/** The language, as its folder is called. */\nexport declare const language: string;\n/** All languages that can be chosen, each with its own name for itself. */\nexport declare const languages: readonly { readonly language: string; readonly name: string }[];\n`,
  );
}

/** Compiles every language. */
export function compileAll() {
  const all = readLanguages();
  const shipped = all.filter(({ isShipped }) => isShipped).map(({ language, name }) => ({ language, name }));
  all.forEach((each) => writeLanguage(each, shipped));
}
