// JSX as markup: `<button type="button" {...tides.opener()}>`.
import type * as ast from '@babel/types';
import type { Markup } from 'elastic-shell/rules';
import { Gathered } from './attributes.js';
import { opaque, TemplateElement, unknown } from './element.js';
import type { Handles } from './parts.js';
import { isComponent, textOfFlag, textOfLiteral } from './names.js';

/** The data about one file. */
export interface Reading {
  source: string;
  /** Returns the handles that are visible at a position. */
  handlesAt(place: number): Handles;
  /** Whether its handles are those of React, whose roots have a ref. */
  isReact: boolean;
}

/** Attributes that have another name in React. */
const renamed: Readonly<Record<string, string>> = { classname: 'class', htmlfor: 'for' };

const sourceOf = ({ source }: Reading, node: ast.Node): string =>
  source.slice(node.start ?? 0, node.end ?? 0);

/** Returns the name of a tag as it is written: `button`, `Fragment`, `React.Fragment`. */
function tagOf(name: ast.JSXOpeningElement['name']): string {
  if (name.type === 'JSXIdentifier') return name.name;
  if (name.type === 'JSXMemberExpression') return `${tagOf(name.object)}.${name.property.name}`;
  return `${name.namespace.name}:${name.name.name}`;
}

/** Returns the name of an attribute in HTML. Empty if it is set as a property. */
function nameOf(name: ast.JSXAttribute['name']): string {
  if (name.type === 'JSXIdentifier') {
    const lower = name.name.toLowerCase();
    return renamed[lower] ?? lower;
  }
  const [space, rest] = [name.namespace.name, name.name.name.toLowerCase()];
  if (/^(attr|bool)$/.test(space)) return rest;
  return space === 'on' ? `on${rest}` : '';
}

function valueOf(
  reading: Reading,
  name: string,
  value: ast.JSXAttribute['value'],
): string | typeof unknown | undefined {
  if (name.startsWith('on')) return '';
  if (!value) return textOfFlag(name, true);
  if (value.type === 'StringLiteral') return value.value;
  if (value.type !== 'JSXExpressionContainer') return unknown;
  return textOfLiteral(sourceOf(reading, value.expression), name);
}

/** Attributes that set the content. */
const filling = /^(dangerouslysetinnerhtml|innerhtml|textcontent|children)$/;

function gather(reading: Reading, attributes: ast.JSXOpeningElement['attributes']): Gathered {
  const into = new Gathered();
  for (const each of attributes) {
    const at = each.start ?? 0;
    if (each.type === 'JSXSpreadAttribute') {
      const spread = sourceOf(reading, each.argument);
      const handles = reading.handlesAt(at);
      into.spread(spread, handles, at);
      if (reading.isReact && handles.has(/^([\w$]+)\.root$/.exec(spread)?.[1] ?? '')) into.giveRef();
      continue;
    }
    const name = nameOf(each.name);
    if (each.name.type === 'JSXNamespacedName' && each.name.namespace.name === 'use') into.isOpen = true;
    if (name === 'ref') into.write(name, unknown, at);
    if (!name || filling.test(name) || /^(key|ref)$/.test(name)) continue;
    const value = valueOf(reading, name, each.value);
    if (value !== undefined) into.write(name, value, at);
  }
  return into;
}

const isJsx = (node: ast.Node): node is ast.JSXElement | ast.JSXFragment =>
  node.type === 'JSXElement' || node.type === 'JSXFragment';

/** Returns the direct children of a node of the parser. */
function* inside(node: ast.Node): Generator<ast.Node> {
  for (const value of Object.values(node))
    for (const each of [value].flat())
      if (typeof each === 'object' && each !== null && 'type' in each && typeof each.type === 'string')
        yield each;
}

/** Returns the outermost JSX elements in a node. */
export function outermost(node: ast.Node): (ast.JSXElement | ast.JSXFragment)[] {
  const found: (ast.JSXElement | ast.JSXFragment)[] = [];
  const waiting: ast.Node[] = [node];
  for (let at = waiting.pop(); at; at = waiting.pop())
    if (isJsx(at)) found.push(at);
    else waiting.push(...[...inside(at)].reverse());
  return found;
}

/**
 * Returns whether an expression is nothing, or some of the elements in it: `open && <p/>`, `list.map((each)
 * => <li/>)`.
 */
function isElements(node: ast.Node | null | undefined): boolean {
  if (!node || isJsx(node) || /^(NullLiteral|BooleanLiteral|JSXEmptyExpression)$/.test(node.type))
    return true;
  if (node.type === 'ConditionalExpression') return isElements(node.consequent) && isElements(node.alternate);
  if (node.type === 'LogicalExpression' && node.operator === '&&') return isElements(node.right);
  if (node.type === 'ArrowFunctionExpression') return isElements(node.body);
  if (node.type === 'CallExpression')
    return (
      node.callee.type === 'MemberExpression' &&
      node.arguments.length === 1 &&
      isElements(node.arguments[0]) &&
      outermost(node).length > 0
    );
  return node.type === 'ParenthesizedExpression' && isElements(node.expression);
}

/** Reads an expression in braces. */
function readExpression(
  reading: Reading,
  node: ast.Node,
  parent: Markup | undefined,
  into: (Markup | string)[],
): void {
  if (node.type === 'StringLiteral') into.push(node.value);
  else if (node.type === 'NumericLiteral') into.push(`${node.value}`);
  else if (node.type === 'TemplateLiteral' && node.quasis.some(({ value }) => value.raw.trim()))
    into.push('text');
  else if (!isElements(node)) into.push(opaque(parent).markup);
  for (const each of outermost(node)) readJsx(reading, each, parent, into, true);
}

/** Reads a JSX element or fragment with its content into markup. */
export function readJsx(
  reading: Reading,
  node: ast.JSXElement | ast.JSXFragment,
  parent: Markup | undefined,
  into: (Markup | string)[],
  isOptional: boolean,
): void {
  const readChildren = (
    within: Markup | undefined,
    children: (Markup | string)[],
    isMaybe: boolean,
  ): void => {
    for (const child of node.children)
      if (child.type === 'JSXText') children.push(child.value);
      else if (isJsx(child)) readJsx(reading, child, within, children, isMaybe);
      else
        readExpression(
          reading,
          child.type === 'JSXExpressionContainer' ? child.expression : child,
          within,
          children,
        );
  };
  const tag = node.type === 'JSXElement' ? tagOf(node.openingElement.name) : 'Fragment';
  if (/^(React\.)?Fragment$/.test(tag)) return readChildren(parent, into, isOptional);
  if (node.type !== 'JSXElement') return;
  const { attributes, start } = node.openingElement;
  if (isComponent(tag)) {
    const around = opaque(parent);
    into.push(around.markup);
    for (const attribute of attributes)
      for (const each of outermost(attribute)) readJsx(reading, each, around.markup, around.children, true);
    return readChildren(around.markup, around.children, true);
  }
  const made = new TemplateElement({
    tag: tag.toLowerCase(),
    parent,
    gathered: gather(reading, attributes),
    isOptional,
    start: start ?? 0,
  });
  into.push(made);
  readChildren(made, made.children, false);
  const isFilled = attributes.some(
    (each) => each.type === 'JSXSpreadAttribute' || filling.test(nameOf(each.name)),
  );
  if (isFilled && !node.children.length) made.children.push(opaque(made).markup);
}
