// Documents that cannot lie: what is typed stands in the notes, what stands in the notes is typed, and both say defaults
// and units. The types are read with TypeScript, the notes and contracts from the core.
import { join } from 'node:path';
import ts from 'typescript';
import * as core from 'elastic-shell/core';

const root = join(__dirname, '../..');
const entry = join(root, 'packages/elastic-shell/src/patterns/index.ts');
const program = ts.createProgram([entry], {
  target: ts.ScriptTarget.ES2022,
  module: ts.ModuleKind.NodeNext,
  moduleResolution: ts.ModuleResolutionKind.NodeNext,
  lib: ['lib.es2023.d.ts', 'lib.dom.d.ts', 'lib.dom.iterable.d.ts'],
  strict: true,
  exactOptionalPropertyTypes: true,
  types: [],
});
const checker = program.getTypeChecker();
const exported = new Map(
  checker
    .getExportsOfModule(checker.getSymbolAtLocation(program.getSourceFile(entry)!)!)
    .map((symbol) => [symbol.name, symbol]),
);
const typeOf = (name: string): ts.Type => {
  const symbol = exported.get(name)!;
  return checker.getDeclaredTypeOfSymbol(
    symbol.flags & ts.SymbolFlags.Alias ? checker.getAliasedSymbol(symbol) : symbol,
  );
};
/** The text of a docstring, with its tags. */
const docOf = (symbol: ts.Symbol): string =>
  [
    ts.displayPartsToString(symbol.getDocumentationComment(checker)),
    ...symbol.getJsDocTags(checker).map(({ name, text }) => `@${name} ${ts.displayPartsToString(text)}`),
  ].join('\n');
const sorted = (names: Iterable<string>): string[] => [...names].sort();
const contracts = core as unknown as Record<
  string,
  { name?: string; options?: object; commands?: Record<string, string> }
>;

describe.each(core.notes.map((notes) => [notes.name, notes] as const))('%s', (name, notes) => {
  const Name = `${name[0]!.toUpperCase()}${name.slice(1)}`;
  const contract = Object.values(contracts).find((each) => each.name === name && 'commands' in each)!;
  const options = checker.getPropertiesOfType(typeOf(`${Name}Options`));
  const members = checker
    .getPropertiesOfType(typeOf(Name))
    .filter((member) => !['root', 'update', 'unwire'].includes(member.name));
  const isMethod = (member: ts.Symbol): boolean =>
    checker.getTypeOfSymbol(member).getCallSignatures().length > 0;

  it('has a note and a kind for every option that is typed, and the other way round', () => {
    const typed = sorted(options.map((option) => option.name));
    expect(sorted(notes.options.map((option) => option.name))).toEqual(typed);
    expect(sorted(Object.keys(contract.options ?? {}))).toEqual(typed);
  });

  it('says a default for each option, in its note and in its docstring, and the unit of each number', () => {
    for (const option of options) {
      const doc = docOf(option);
      expect(`${option.name}: ${doc}`).toMatch(/@defaultValue \S/);
      const note = notes.options.find((each) => each.name === option.name)!;
      expect(note.default && note.does && note.values).toBeTruthy();
      if (note.values === 'a number')
        expect(`${option.name}: ${doc}`).toMatch(/milliseconds|pixels|number of|How many/);
    }
  });

  it('has a note for every state and every method that is typed, and the other way round', () => {
    const states = members.filter((member) => !isMethod(member) && member.name !== 'about');
    expect(sorted(notes.states.map((state) => state.name))).toEqual(
      sorted(states.map((state) => state.name)),
    );
    const methods = notes.methods.map((method) => /^\w+/.exec(method.name)![0]);
    expect(sorted(methods)).toEqual(sorted(members.filter(isMethod).map((method) => method.name)));
  });

  it('has a note for every command that it hears, and the other way round', () => {
    const heard = Object.keys(contract.commands ?? {}).filter(Boolean);
    expect(sorted(notes.commands.map((command) => command.name))).toEqual(sorted(heard));
  });
});

it('documents every exported wire function, type and option of the patterns', () => {
  const silent = [...exported.values()].filter((symbol) => {
    const target = symbol.flags & ts.SymbolFlags.Alias ? checker.getAliasedSymbol(symbol) : symbol;
    return /^wire/.test(symbol.name) && !/@throws TypeError/.test(docOf(target));
  });
  expect(silent.map(({ name }) => name)).toEqual([]);
});
