// The types of the patterns, as TypeScript sees them in the source.
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { patterns, src } from './facts.mjs';

const config = ts.getParsedCommandLineOfConfigFile(
  join(src, '../tsconfig.json'),
  {},
  { ...ts.sys, onUnRecoverableConfigFileDiagnostic: ({ messageText }) => console.error(messageText) },
);
const filesOf = (name) =>
  readdirSync(join(src, 'patterns', name)).map((file) => join(src, 'patterns', name, file));
const outlines = readdirSync(join(src, 'core/outline')).map((file) => join(src, 'core/outline', file));
const program = ts.createProgram([...outlines, ...patterns.flatMap(({ name }) => filesOf(name))], {
  ...config.options,
  noEmit: true,
});
/** TypeScript's checker, for the source of the library. */
export const checker = program.getTypeChecker();

/** The interface `name` in the folder of a pattern. */
export function interfaceOf(pattern, name) {
  for (const file of filesOf(pattern)) {
    const found = program
      .getSourceFile(file)
      .statements.find((each) => ts.isInterfaceDeclaration(each) && each.name.text === name);
    if (found) return checker.getTypeAtLocation(found.name);
  }
  throw new Error(`patterns/${pattern} has no interface ${name}`);
}

/** The type of an outline. */
export function outlineOf({ name, outline }) {
  const file = program.getSourceFile(join(src, 'core/outline', outline.replace('.js', '.ts')));
  const symbol = checker
    .getExportsOfModule(checker.getSymbolAtLocation(file))
    .find((each) => each.name === `${name}Outline`);
  return checker.getTypeOfSymbol(symbol);
}

/** The docstring of a symbol, without its tags. */
export const docOf = (symbol) => ts.displayPartsToString(symbol.getDocumentationComment(checker));

/** The first paragraph of a docstring. */
export const summaryOf = (symbol) => docOf(symbol).split('\n\n')[0];

/** A text without marks, on one line. */
export const plain = (text) => text.replaceAll('`', '').replace(/\s+/g, ' ').trim();
