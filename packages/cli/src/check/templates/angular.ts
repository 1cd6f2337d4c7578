// Angular templates, in files and inline, parsed by Angular's own compiler.
import type { Markup } from 'elastic-shell/rules';
import { Refused } from '../refused.js';
import type { ReadPage } from '../source.js';
import { Gathered } from './attributes.js';
import { compilerFor } from './compiler.js';
import { opaque, TemplateElement } from './element.js';
import { givenByDirective, type Handle, handleNamed, type Handles, patternOfDirective } from './parts.js';
import { isComponent, textOfLiteral } from './names.js';
import { pieceOf } from './read.js';

interface Span {
  start: { offset: number };
  toString(): string;
}

/** The fields of Angular's nodes that are read. */
interface Node {
  name?: string;
  tagName?: string | null;
  value?: unknown;
  attributes?: readonly Attribute[];
  inputs?: readonly Attribute[];
  outputs?: readonly Attribute[];
  references?: readonly { name: string; value: string }[];
  templateAttrs?: readonly unknown[];
  children?: readonly Node[];
  branches?: readonly Node[];
  cases?: readonly Node[];
  groups?: readonly Node[];
  empty?: Node | null;
  placeholder?: Node | null;
  loading?: Node | null;
  error?: Node | null;
  startSourceSpan?: Span;
  sourceSpan: Span;
}

interface Attribute {
  name: string;
  value: unknown;
  /** Of an input: a property (0), an attribute (1), a class (2), a style (3). */
  type?: number;
  sourceSpan: Span;
}

interface Compiler {
  parseTemplate(
    source: string,
    url: string,
  ): { nodes: readonly Node[]; errors: readonly { msg: string }[] | null };
}

interface Reading {
  handles: Handles;
  /** The offset of the template in its file. */
  base: number;
}

/** Properties whose attributes have another name. */
const properties: Readonly<Record<string, string>> = {
  classname: 'class',
  htmlfor: 'for',
  innerhtml: '',
  textcontent: '',
};

/** Inputs of the platform's elements, or of Angular's own directives without a template. */
const plainInput =
  /^(className|innerHTML|innerText|textContent|tabIndex|readOnly|htmlFor|contentEditable|colSpan|rowSpan|maxLength|minLength|noValidate|defaultValue|ng(Class|Style|Model|If|For.*)|aria[A-Z]\w*|shell\w*)$/;

/**
 * Returns whether an element has a directive of the application, or an input of one, which may do anything.
 */
const isForeign = (name: string): boolean => /^[a-z]+[A-Z]/.test(name) && !plainInput.test(name);

const hasForeign = (node: Node): boolean =>
  [...(node.attributes ?? []), ...(patternOf(node) ? [] : (node.inputs ?? []))].some(({ name }) =>
    isForeign(name),
  );

/** Returns the pattern of the directive on an element. */
const patternOf = (node: Node): string | undefined =>
  (node.attributes ?? []).map(({ name }) => patternOfDirective(name)).find(Boolean);

/** Returns the text of a bound expression. */
const written = ({ sourceSpan }: Attribute): string =>
  /=\s*(["'])([\s\S]*)\1$/.exec(sourceSpan.toString())?.[2] ?? '';

function gather(node: Node, { handles, base }: Reading): Gathered {
  const into = new Gathered();
  into.isOpen = hasForeign(node);
  for (const { name, value, sourceSpan } of node.attributes ?? []) {
    const at = base + sourceSpan.start.offset;
    const handle = node.references?.find((each) => each.value === name)?.name ?? name;
    const given = patternOfDirective(name) ? givenByDirective(name, handle) : undefined;
    for (const [attribute, said] of given ?? []) into.set(attribute, said, at);
    into.set(name.toLowerCase(), typeof value === 'string' ? value : '', at);
  }
  for (const input of node.inputs ?? []) {
    const at = base + input.sourceSpan.start.offset;
    const name = input.name.toLowerCase();
    if (name === 'shellpart')
      for (const part of written(input)
        .replace(/^\[|\]$/g, '')
        .split(/,\s*(?=[\w.]+\()/))
        into.spread(part, handles, at);
    else if (input.type === 0 || input.type === 1) {
      const attribute = properties[name] ?? name;
      const said = attribute && textOfLiteral(written(input), attribute);
      if (attribute && said !== undefined) into.set(attribute, said, at);
    }
  }
  for (const { name, sourceSpan } of node.outputs ?? [])
    into.set(`on${name.toLowerCase()}`, '', base + sourceSpan.start.offset);
  return into;
}

/** Returns the content of a block, and of its alternatives. */
const inBlock = (node: Node): readonly Node[] => {
  const lists = [node.branches, node.cases, node.groups, node.children];
  const beside = [node.empty, node.placeholder, node.loading, node.error];
  return [...lists.flatMap((list) => list ?? []), ...beside.flatMap((each) => each ?? [])];
};

/** Reads nodes into markup. */
function read(
  nodes: readonly Node[],
  parent: Markup | undefined,
  into: (Markup | string)[],
  reading: Reading,
  isOptional = false,
): void {
  for (const node of nodes) {
    const isElement =
      typeof node.name === 'string' && node.startSourceSpan && node.inputs && !('tagName' in node);
    if (isElement && !isComponent(node.name ?? '') && !/^ng-/.test(node.name ?? '')) {
      const tag = (node.name ?? '').replace(/^:\w+:/, '').toLowerCase();
      const start = reading.base + node.sourceSpan.start.offset;
      const made = new TemplateElement({ tag, parent, gathered: gather(node, reading), isOptional, start });
      into.push(made);
      read(node.children ?? [], made, made.children, reading);
      const isFilled =
        hasForeign(node) || node.inputs?.some(({ name }) => /^(innerHTML|textContent|innerText)$/.test(name));
      if (isFilled) made.children.push(opaque(made).markup);
    } else if (isElement) {
      const around = opaque(parent);
      read(node.children ?? [], around.markup, around.children, reading);
      into.push(around.markup);
    } else if (inBlock(node).length) read(inBlock(node), parent, into, reading, true);
    else if (typeof node.value === 'string') into.push(node.value);
    // Bound text, and projected content.
    else into.push(opaque(parent).markup);
  }
}

/** Returns every directive of the library with a template variable: `#tides="shellDialog"`. */
function namedIn(nodes: readonly Node[], into: Map<string, Handle>): Map<string, Handle> {
  for (const node of nodes) {
    for (const { name, value } of node.references ?? []) {
      const pattern = patternOfDirective(value);
      if (pattern) into.set(name, handleNamed(name, pattern));
    }
    namedIn(inBlock(node), into);
  }
  return into;
}

/** What surrounds a template. */
interface Around {
  /** Its offset in the text of its file. Default: 0. */
  base?: number;
  /** The handles of its class. Default: none. */
  handles?: Handles;
  /** The text of its file. Default: the template. */
  whole?: string;
}

/** Reads an Angular template that begins at the offset `base` of its file. */
export async function readAngular(
  file: string,
  template: string,
  { base = 0, handles, whole = template }: Around = {},
): Promise<ReadPage> {
  const compiler = await compilerFor(file, '@angular/compiler', '@angular/compiler');
  // Resolved by name in the user's project, so its type is that of the package.
  const { nodes, errors } = (compiler as Compiler).parseTemplate(template, file);
  const [error] = errors ?? [];
  if (error) throw new Refused(`Angular can't parse it: ${error.msg}`);
  const roots: (Markup | string)[] = [];
  read(nodes, undefined, roots, { handles: namedIn(nodes, new Map(handles ?? [])), base });
  return pieceOf(
    whole,
    roots.filter((each) => typeof each !== 'string'),
  );
}
