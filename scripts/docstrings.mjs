// `npm run lint` runs this: everything that an entry exports has a docstring, its members included. A function has an @param for
// each parameter and an @returns for its value. It reads the declarations that were built, as users' editors do.
import { join, relative } from 'node:path';
import ts from 'typescript';
import { entriesOf } from './api.mjs';
import { build } from './build.mjs';
import { root, setUp } from './setup.mjs';

const tagged = /^(param|returns|throws|defaultValue|example|see|deprecated|typeParam|remarks|internal)$/;

/** Whether a declaration was written in this project. */
const isOurs = (declaration) => {
  const file = declaration.getSourceFile().fileName;
  return file.startsWith(join(root, 'packages')) && !file.includes('/node_modules/');
};

/** Whether a declaration repeats an outline, which has the docstring: TypeScript writes out the types of the generated list. */
const isOutlineAgain = (declaration) =>
  declaration.getSourceFile().fileName.endsWith('bindings/patterns.d.ts') && ts.isTypeElement(declaration);

/** The functions that a declaration describes: its own signatures, or those of its type. */
const signaturesOf = (checker, symbol, declaration) =>
  ts.isFunctionLike(declaration) || ts.isVariableDeclaration(declaration)
    ? checker.getTypeOfSymbolAtLocation(symbol, declaration).getCallSignatures()
    : [];

/** What a docstring lacks, in words. */
function lacking(checker, symbol, declaration) {
  const text = ts.displayPartsToString(symbol.getDocumentationComment(checker));
  const tags = symbol.getJsDocTags(checker);
  if (!text.trim() && !tags.length) return ['a text'];
  const unknown = tags.find(({ name }) => !tagged.test(name));
  const found = unknown ? [`a known tag in place of @${unknown.name}`] : [];
  const [signature] = signaturesOf(checker, symbol, declaration);
  if (!signature || signature.declaration?.getSourceFile() !== declaration.getSourceFile()) return found;
  const named = tags.flatMap(({ name, text: words }) =>
    name === 'param' ? (ts.displayPartsToString(words).split(/\s/)[0] ?? []) : [],
  );
  for (const parameter of signature.parameters)
    if (!parameter.name.startsWith('_') && !named.includes(parameter.name))
      found.push(`@param ${parameter.name}`);
  const type = checker.typeToString(signature.getReturnType());
  if (!/^(void|undefined|never|Promise<void>)$/.test(type) && !tags.some(({ name }) => name === 'returns'))
    found.push('@returns');
  return found;
}

/** Lists what the docstrings of a program's exports lack. */
function check(program, files) {
  const checker = program.getTypeChecker();
  const seen = new Set();
  const found = new Map();
  let count = 0;
  const visit = (symbol, path) => {
    const real = symbol.flags & ts.SymbolFlags.Alias ? checker.getAliasedSymbol(symbol) : symbol;
    const declaration = real.declarations?.find(isOurs);
    if (!declaration || seen.has(declaration) || isOutlineAgain(declaration)) return;
    seen.add(declaration);
    count++;
    const lacks = lacking(checker, real, declaration);
    const file = relative(root, declaration.getSourceFile().fileName);
    if (lacks.length) found.set(`${file}: ${path}`, lacks);
    for (const member of membersOf(checker, real, declaration)) visit(member, `${path}.${member.name}`);
  };
  for (const file of files) {
    const module = checker.getSymbolAtLocation(program.getSourceFile(file));
    for (const symbol of module ? checker.getExportsOfModule(module) : []) visit(symbol, symbol.name);
  }
  return { found, count };
}

/** The members of an interface, a class or a type that is an object. */
function membersOf(checker, symbol, declaration) {
  const isShape =
    ts.isInterfaceDeclaration(declaration) ||
    ts.isClassDeclaration(declaration) ||
    (ts.isTypeAliasDeclaration(declaration) && ts.isTypeLiteralNode(declaration.type));
  if (!isShape) return [];
  return checker
    .getPropertiesOfType(checker.getDeclaredTypeOfSymbol(symbol))
    .filter((member) => member.declarations?.some(isOurs) && !/^(#|__)/.test(member.name));
}

setUp();
await build(['library', 'angular', 'cli']);
const files = ['elastic-shell', 'angular', 'cli'].flatMap((name) => entriesOf(name).map(({ file }) => file));
const program = ts.createProgram(files, {
  target: ts.ScriptTarget.ES2022,
  module: ts.ModuleKind.ESNext,
  moduleResolution: ts.ModuleResolutionKind.Bundler,
  lib: ['lib.es2023.d.ts', 'lib.dom.d.ts', 'lib.dom.iterable.d.ts'],
  types: [],
  skipLibCheck: true,
  noEmit: true,
});
const { found, count } = check(program, files);
for (const [place, lacks] of found) console.log(`${place} lacks ${lacks.join(', ')}`);
console.log(`${count} public symbols, ${found.size} of them with an incomplete docstring`);
if (found.size) process.exitCode = 1;
