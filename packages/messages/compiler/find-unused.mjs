// Which messages no source says: found by the types, so that `says.title` counts as well as `messages.board.title`.
import { readdirSync, readFileSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import ts from 'typescript';

/**
 * @param configPath the tsconfig.json of the sources that say the messages; their tests do not count
 * @param compiled   the folder of the compiled messages of one language
 * @returns their paths, such as `board.states.right`
 */
export function findUnused(configPath, compiled) {
  const { config } = ts.readConfigFile(configPath, ts.sys.readFile);
  const { fileNames, options } = ts.parseJsonConfigFileContent(config, ts.sys, dirname(configPath));
  const program = ts.createProgram(fileNames, options);
  const checker = program.getTypeChecker();
  const isMessages = (file) => dirname(file.fileName) === compiled && basename(file.fileName) !== 'index.d.ts';
  const used = new Set();

  /** The path of a message or record of messages, from its declaration; null of anything else. */
  const pathOf = (symbol) => {
    const declaration = (symbol && symbol.flags & ts.SymbolFlags.Alias ? checker.getAliasedSymbol(symbol) : symbol)
      ?.declarations?.[0];
    if (!declaration || !isMessages(declaration.getSourceFile())) return null;
    if (ts.isSourceFile(declaration)) return { file: basename(declaration.fileName, '.d.ts'), keys: [] };
    const keys = [];
    for (let at = declaration; !ts.isSourceFile(at); at = at.parent) {
      if (ts.isPropertySignature(at)) keys.unshift(at.name.text);
      if (ts.isVariableDeclaration(at)) keys.unshift(at.name.text);
    }
    return { file: basename(declaration.getSourceFile().fileName, '.d.ts'), keys };
  };
  const mark = (path) => path && used.add([path.file, ...path.keys].join('.'));
  /** Whether what is said here is only a step to what is said: `messages.board` in `messages.board.title`. */
  const isStep = (node) => {
    const { parent } = node;
    if (ts.isPropertyAccessExpression(parent)) return parent.expression === node;
    if (ts.isElementAccessExpression(parent))
      return parent.expression === node && ts.isStringLiteralLike(parent.argumentExpression);
    return ts.isVariableDeclaration(parent) && ts.isObjectBindingPattern(parent.name);
  };
  /** The names features have in a source: those imported, and those of variables. Only they are asked for their types. */
  const features = new Set();
  const noteFeatures = (node) => {
    if (ts.isImportSpecifier(node)) features.add(node.name.text);
    if (ts.isVariableDeclaration(node) && node.initializer && ts.isPropertyAccessExpression(node.initializer))
      features.add(node.name.getText());
    ts.forEachChild(node, noteFeatures);
  };
  const isNameOf = (node) => ts.isPropertyAccessExpression(node.parent) && node.parent.name === node;
  /** Whether a feature only gets a name of its own; with a type of its own it is passed on. */
  const isOnlyNamed = ({ parent }) => ts.isVariableDeclaration(parent) && parent.type === undefined;
  const visit = (node) => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isTypeQueryNode(node)) return;
    if (ts.isPropertyAccessExpression(node) || ts.isElementAccessExpression(node)) {
      const path = pathOf(
        checker.getSymbolAtLocation(ts.isPropertyAccessExpression(node) ? node.name : node.argumentExpression),
      );
      // A feature as a whole is no message; it counts when it is passed on or asked by a name not known before.
      const isAlias = path?.keys.length === 0 && isOnlyNamed(node);
      if (path && !isStep(node) && !isAlias) mark(path);
    } else if (ts.isBindingElement(node)) {
      const from = checker.getTypeAtLocation(node.parent);
      mark(pathOf(from.getProperty((node.propertyName ?? node.name).getText())));
    } else if (ts.isIdentifier(node) && features.has(node.text) && !isNameOf(node)) {
      // A feature under a name of its own that is spread, passed on, or asked by a name not known before.
      const type = checker.getTypeAtLocation(node);
      if (type.symbol?.flags & ts.SymbolFlags.ValueModule && !isStep(node) && !isOnlyNamed(node))
        mark(pathOf(type.symbol));
    }
    ts.forEachChild(node, visit);
  };
  for (const file of program.getSourceFiles()) {
    if (file.isDeclarationFile || /\.test\.tsx?$/.test(file.fileName) || file.fileName.includes('/node_modules/'))
      continue;
    features.clear();
    if (!/\bmessages\b/.test(file.text)) continue;
    noteFeatures(file);
    visit(file);
  }
  const isUsed = (keys) => keys.some((_, at) => used.has(keys.slice(0, at + 1).join('.')));
  return leaves(compiled)
    .filter((keys) => !isUsed(keys))
    .map((keys) => keys.join('.'));
}

/** The declared names of all messages of a folder: the file, then m0, m1 … and the names below, as paths. */
function leaves(compiled) {
  const all = [];
  for (const name of readdirSync(compiled)) {
    if (!name.endsWith('.d.ts') || name === 'index.d.ts') continue;
    const source = ts.createSourceFile(name, readFileSync(join(compiled, name), 'utf8'), ts.ScriptTarget.ES2022, true);
    const walk = (type, keys) => {
      if (ts.isTypeLiteralNode(type)) type.members.forEach((member) => walk(member.type, [...keys, member.name.text]));
      else all.push(keys);
    };
    for (const statement of source.statements)
      if (ts.isVariableStatement(statement))
        for (const { name: variable, type } of statement.declarationList.declarations)
          walk(type, [basename(name, '.d.ts'), variable.text]);
  }
  return all;
}
