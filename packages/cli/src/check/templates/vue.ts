// Vue's single-file components, parsed by Vue's own parser.
import type { Markup } from 'elastic-shell/rules';
import { Refused } from '../refused.js';
import type { ReadPage } from '../source.js';
import { Gathered } from './attributes.js';
import { compilerFor } from './compiler.js';
import { opaque, TemplateElement } from './element.js';
import { handlesIn, type Handles } from './parts.js';
import { isComponent, textOfLiteral } from './names.js';
import { pieceOf } from './read.js';

/** The fields of Vue's nodes that are read. `type` distinguishes them. */
interface Node {
  type: number;
  tag?: string;
  content?: unknown;
  props?: readonly Prop[];
  children?: readonly Node[];
  loc: { start: { offset: number } };
}

/** An attribute (6) or a directive (7). */
interface Prop {
  type: number;
  name: string;
  value?: { content: string } | undefined;
  arg?: { content?: string } | undefined;
  exp?: { content?: string; loc: { source: string } } | undefined;
  loc: { start: { offset: number } };
}

interface Compiler {
  parse(
    source: string,
    options: { filename: string },
  ): {
    descriptor: {
      template: { ast?: Node; lang?: string } | null;
      script: { content: string } | null;
      scriptSetup: { content: string } | null;
    };
    errors: readonly { message: string }[];
  };
}

const text = 2;
const element = 1;
const interpolation = 5;
const attribute = 6;

const choices = new Set(['if', 'else-if', 'else', 'for']);
const silent = new Set([...choices, 'show', 'model', 'once', 'memo', 'pre', 'cloak', 'slot', 'bind', 'on']);

/** Reads one attribute or directive. */
function gather(into: Gathered, prop: Prop, handles: Handles): void {
  const at = prop.loc.start.offset;
  if (prop.type === attribute) return into.write(prop.name.toLowerCase(), prop.value?.content ?? '', at);
  const name = prop.arg?.content?.toLowerCase();
  const expression = prop.exp?.loc.source ?? '';
  if (prop.name === 'bind' && name === undefined) into.spread(expression, handles, at);
  else if (prop.name === 'bind' && name) {
    const said = textOfLiteral(expression, name);
    if (said !== undefined) into.write(name, said, at);
  } else if (prop.name === 'on' && name) into.set(`on${name}`, '', at);
  // It exists, but is never shown: a field that a script clicks.
  else if (prop.name === 'show' && expression === 'false') into.set('style', 'display: none', at);
  else if (!silent.has(prop.name)) into.isOpen = true;
}

/** Reads the nodes of a template into markup. */
function read(
  nodes: readonly Node[],
  parent: Markup | undefined,
  into: (Markup | string)[],
  handles: Handles,
): void {
  for (const node of nodes) {
    if (node.type === text && typeof node.content === 'string') into.push(node.content);
    if (node.type === interpolation) into.push(opaque(parent).markup);
    if (node.type !== element || !node.tag) continue;
    const props = node.props ?? [];
    const isOptional = props.some(({ type, name }) => type !== attribute && choices.has(name));
    // A <template> of Vue isn't an element, so its content takes its place.
    if (node.tag === 'template' || isComponent(node.tag) || props.some(({ name }) => name === 'is')) {
      const around = opaque(parent);
      read(node.children ?? [], around.markup, around.children, handles);
      into.push(around.markup);
      continue;
    }
    const gathered = new Gathered();
    for (const prop of props) gather(gathered, prop, handles);
    const made = new TemplateElement({
      tag: node.tag.toLowerCase(),
      parent,
      gathered,
      isOptional,
      start: node.loc.start.offset,
    });
    into.push(made);
    read(node.children ?? [], made, made.children, handles);
    if (props.some(({ name, type }) => type !== attribute && /^(html|text)$/.test(name)))
      made.children.push(opaque(made).markup);
  }
}

/** Reads a Vue component. */
export async function readVue(file: string, source: string): Promise<ReadPage[]> {
  const compiler = await compilerFor(file, 'vue/compiler-sfc', 'vue');
  // Resolved by name in the user's project, so its type is that of the package.
  const { descriptor, errors } = (compiler as Compiler).parse(source, { filename: file });
  const [error] = errors;
  if (error) throw new Refused(`Vue can't parse it: ${error.message}`);
  const language = descriptor.template?.lang;
  if (language && language !== 'html')
    throw new Refused(`its template language, ${language}, isn't supported; it was skipped`);
  const root = descriptor.template?.ast;
  if (!root) return [];
  const handles = handlesIn(`${descriptor.scriptSetup?.content ?? ''}\n${descriptor.script?.content ?? ''}`);
  const roots: (Markup | string)[] = [];
  read(root.children ?? [], undefined, roots, handles);
  return [
    pieceOf(
      source,
      roots.filter((each) => typeof each !== 'string'),
    ),
  ];
}
