// A recipe without types, for a project in JavaScript.
import { parse } from '@babel/parser';
import type * as ast from '@babel/types';

/** Nodes that exist only in TypeScript, and have no effect at run time. */
const typeOnly =
  /^(TSTypeAnnotation|TSTypeAliasDeclaration|TSInterfaceDeclaration|TSTypeParameterDeclaration|TSTypeParameterInstantiation)$/;

type Range = readonly [from: number, to: number];

const isNode = (value: unknown): value is ast.Node =>
  typeof value === 'object' && value !== null && 'type' in value && typeof value.type === 'string';

/** The separator after a member of a list. */
function withComma(source: string, [from, to]: Range): Range {
  const after = /^\s*,\s*/.exec(source.slice(to));
  if (after) return [from, to + after[0].length];
  const before = /,\s*$/.exec(source.slice(0, from));
  return before ? [from - before[0].length, to] : [from, to];
}

/** Returns the ranges of a node that are types. Those of its children are found separately. */
function typesOf(source: string, node: ast.Node): Range[] {
  const [start, end] = [node.start ?? 0, node.end ?? 0];
  if (typeOnly.test(node.type)) return [[start, end]];
  if (node.type === 'ImportDeclaration' && node.importKind === 'type') return [[start, end]];
  if (node.type === 'ImportSpecifier' && node.importKind === 'type') return [withComma(source, [start, end])];
  if (
    node.type === 'TSAsExpression' ||
    node.type === 'TSSatisfiesExpression' ||
    node.type === 'TSNonNullExpression'
  )
    return [[node.expression.end ?? 0, end]];
  // `name?: type`: the question mark is between the name and its type.
  if (node.type === 'Identifier' && node.optional) {
    const mark = source.indexOf('?', start + node.name.length);
    return [[mark, mark + 1]];
  }
  return [];
}

/** Returns every range of a program that is a type. */
function ranges(source: string, root: ast.Node): Range[] {
  const found: Range[] = [];
  const waiting: ast.Node[] = [root];
  for (let node = waiting.pop(); node; node = waiting.pop()) {
    const own = typesOf(source, node);
    found.push(...own);
    if (own.some(([from, to]) => from === node?.start && to === node.end)) continue;
    for (const value of Object.values(node))
      for (const each of [value].flat()) if (isNode(each)) waiting.push(each);
  }
  return found;
}

/** Returns the text of a script without its types. `isMarkup`: it contains JSX. */
export function untyped(source: string, isMarkup: boolean): string {
  const { program } = parse(source, {
    sourceType: 'module',
    plugins: isMarkup ? ['typescript', 'jsx', 'decorators'] : ['typescript', 'decorators'],
  });
  let text = source;
  for (const [from, to] of ranges(source, program).sort(([one], [other]) => other - one)) {
    const before = text.slice(0, from);
    const after = text.slice(to);
    // A whole statement is removed with its line, and with the comment before it.
    const isStatement = /(^|\n)[ \t]*(export )?$/.test(before) && /^[ \t]*\n/.test(after);
    if (!isStatement) {
      text = before + after;
      continue;
    }
    const kept = before.replace(/(\/\*\*[^\n]*\*\/\n)?[ \t]*(export )?$/, '');
    // One of the blank lines around it stays.
    text = kept + after.replace(/\n\n$/.test(kept) || !kept ? /^[ \t]*\n\n?/ : /^[ \t]*\n/, '');
  }
  return text.replace(/^import \{\s*\} from '[^']*';\n/gm, '');
}
