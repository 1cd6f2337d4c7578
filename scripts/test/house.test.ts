// The house: no import cycles (type imports included), no function over 80 lines, and few casts, each with its reason.
import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';
import ts from 'typescript';

const root = join(__dirname, '../..');
const sources = ['packages/elastic-shell/src', 'packages/cli/src', 'packages/angular/src'].map((path) =>
  join(root, path),
);

const filesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return filesIn(path);
    return path.endsWith('.ts') ? [path] : [];
  });
const files = sources.flatMap(filesIn).map((path) => {
  const text = readFileSync(path, 'utf8');
  return {
    path,
    lines: text.split('\n'),
    tree: ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true),
  };
});
type File = (typeof files)[number];

/** A node and all that is below it, without the tokens between them. */
function nodesIn(node: ts.Node, found: ts.Node[] = []): ts.Node[] {
  found.push(node);
  ts.forEachChild(node, (child) => void nodesIn(child, found));
  return found;
}
const lineOf = ({ tree }: File, position: number): number =>
  tree.getLineAndCharacterOfPosition(position).line;
const placeOf = (file: File, node: ts.Node): string =>
  `${relative(root, file.path)}:${lineOf(file, node.getStart()) + 1}`;

it('has no import cycle, type imports included', () => {
  const imports = new Map(
    files.map(({ path, tree }) => [
      path,
      tree.statements.flatMap((statement) => {
        const from =
          (ts.isImportDeclaration(statement) || ts.isExportDeclaration(statement)) &&
          statement.moduleSpecifier;
        return from && ts.isStringLiteral(from) && from.text.startsWith('.')
          ? [resolve(dirname(path), from.text.replace(/\.js$/, '.ts'))]
          : [];
      }),
    ]),
  );
  const cycles: string[] = [];
  const done = new Set<string>();
  const walk = (path: string, way: readonly string[]): void => {
    const at = way.indexOf(path);
    if (at >= 0) cycles.push([...way.slice(at), path].map((each) => relative(root, each)).join(' → '));
    if (at >= 0 || done.has(path)) return;
    for (const next of imports.get(path) ?? []) walk(next, [...way, path]);
    done.add(path);
  };
  for (const path of imports.keys()) walk(path, []);
  expect(cycles).toEqual([]);
});

it('has no function over 80 lines', () => {
  const long = files.flatMap((file) =>
    nodesIn(file.tree)
      .filter((node) => ts.isFunctionLike(node) && 'body' in node && node.body)
      .filter((node) => lineOf(file, node.end) - lineOf(file, node.getStart()) + 1 > 80)
      .map((node) => placeOf(file, node)),
  );
  expect(long).toEqual([]);
});

it('has few casts (half of them in bindings, between the types of frameworks) and non-null assertions, each cast with a reason beside it', () => {
  const library = files.filter(({ path }) => path.startsWith(sources[0]!));
  const found = library.flatMap((file) => nodesIn(file.tree).map((node) => ({ file, node })));
  const casts = found.filter(({ node }) => ts.isAsExpression(node) && node.type.getText() !== 'const');
  const asserted = found.filter(({ node }) => ts.isNonNullExpression(node));
  expect(casts.length).toBeLessThanOrEqual(55);
  expect(asserted.length).toBeLessThanOrEqual(40);
  /** A comment on the line of the cast, or on one of the two before its statement or its end. */
  const hasReason = ({ file, node }: (typeof casts)[number]): boolean =>
    [lineOf(file, node.getStart()), lineOf(file, node.end)].some((line) =>
      file.lines.slice(Math.max(0, line - 2), line + 1).some((text) => /\/\/|\*/.test(text)),
    );
  expect(casts.filter((each) => !hasReason(each)).map(({ file, node }) => placeOf(file, node))).toEqual([]);
});

it('has a docstring for everything that is exported', () => {
  const silent = files.flatMap((file) =>
    file.tree.statements
      .filter(
        (statement) =>
          ts.canHaveModifiers(statement) &&
          ts.getModifiers(statement)?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword),
      )
      .filter((statement) => !ts.getJSDocCommentsAndTags(statement).length)
      .map((statement) => placeOf(file, statement)),
  );
  expect(silent).toEqual([]);
});
