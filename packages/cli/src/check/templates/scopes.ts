// Which handles are visible at a position of a script, because two components in one file may use the same
// name.
import type * as ast from '@babel/types';
import { type Handle, type Handles, type Made, madeIn } from './parts.js';

/** Returns every node of a program that passes the test. */
export function all<T extends ast.Node>(root: ast.Node, test: (node: ast.Node) => node is T): T[] {
  const found: T[] = [];
  const waiting: ast.Node[] = [root];
  for (let node = waiting.pop(); node; node = waiting.pop()) {
    if (test(node)) found.push(node);
    for (const value of Object.values(node).reverse())
      for (const each of [value].flat().reverse())
        if (typeof each === 'object' && each !== null && 'type' in each && typeof each.type === 'string')
          waiting.push(each);
  }
  return found;
}

const isScope = (node: ast.Node): boolean =>
  /^(FunctionDeclaration|FunctionExpression|ArrowFunctionExpression|ObjectMethod|ClassMethod|ClassDeclaration|ClassExpression|BlockStatement)$/.test(
    node.type,
  );

/** The start and end of a scope in the text. */
type Extent = readonly [from: number, to: number];

/** Returns the range of a scope. That of a class begins with its decorators. */
const extent = (node: ast.Node): Extent => {
  const decorators = 'decorators' in node && Array.isArray(node.decorators) ? node.decorators : [];
  return [Math.min(...[node, ...decorators].map(({ start }) => start ?? 0)), node.end ?? 0];
};

const isIdentifier = (node: ast.Node): node is ast.Identifier => node.type === 'Identifier';
const isFunction = (
  node: ast.Node,
): node is
  ast.FunctionDeclaration | ast.FunctionExpression | ast.ArrowFunctionExpression | ast.ObjectMethod =>
  /^(FunctionDeclaration|FunctionExpression|ArrowFunctionExpression|ObjectMethod)$/.test(node.type);
const isDeclarator = (node: ast.Node): node is ast.VariableDeclarator => node.type === 'VariableDeclarator';

/** Returns the offset of a handle's name in its statement, after `readonly ` and white space. */
const lead = 40;

/** A declared name: a handle, or anything else that hides one of its name. */
interface Declared {
  name: string;
  at: number;
  handle?: Handle;
}

/** Names of handles that parameters and other variables use too. */
function hiding(program: ast.Program, scopes: readonly ast.Node[], made: readonly Made[]): Declared[] {
  const names = new Set(made.map(({ name }) => name));
  const isMade = ({ name, start }: ast.Identifier): boolean =>
    made.some((each) => each.name === name && (start ?? 0) - each.at >= 0 && (start ?? 0) - each.at < lead);
  const parameters = scopes.flatMap((scope) => (isFunction(scope) ? scope.params : []));
  const declared = all(program, isDeclarator).map(({ id }) => id);
  const patterns: ast.Node[] = [...parameters, ...declared];
  return patterns
    .flatMap((each) => all(each, isIdentifier))
    .filter((each) => names.has(each.name) && !isMade(each))
    .map(({ name, start }) => ({ name, at: start ?? 0 }));
}

/**
 * Finds the handles that are visible at a position. Of those with the same name, the one in the innermost
 * scope counts.
 */
export function scopedHandles(program: ast.Program, source: string): (place: number) => Handles {
  const made = madeIn(source);
  if (!made.length) return () => new Map();
  const nodes = all(program, (node): node is ast.Node => isScope(node));
  const scopes = nodes.map(extent);
  const holds = ([from, to]: Extent, place: number): boolean => from <= place && place < to;
  const whole: Extent = [0, source.length];
  const known = [...made, ...hiding(program, nodes, made)].map((each: Declared) => ({
    ...each,
    // The innermost scope begins last.
    scope: scopes
      .filter((scope) => holds(scope, each.at))
      .reduce((one, other) => (other[0] >= one[0] ? other : one), whole),
  }));
  known.sort((one, other) => one.scope[0] - other.scope[0]);
  return (place) => {
    const visible = new Map<string, Handle>();
    for (const { name, handle, scope } of known) {
      if (!holds(scope, place)) continue;
      if (handle) visible.set(name, handle);
      else visible.delete(name);
    }
    return visible;
  };
}
