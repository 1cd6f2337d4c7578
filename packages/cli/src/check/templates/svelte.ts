// Svelte components, parsed by Svelte's own parser.
import type { Markup } from 'elastic-shell/rules';
import { Refused } from '../refused.js';
import type { ReadPage } from '../source.js';
import { Gathered } from './attributes.js';
import { compilerFor } from './compiler.js';
import { opaque, TemplateElement, unknown } from './element.js';
import { handlesIn, type Handles } from './parts.js';
import { isComponent, textOfLiteral } from './names.js';
import { pieceOf } from './read.js';

/** The fields of Svelte's nodes that are read. `type` distinguishes them. */
interface Node {
  type: string;
  name?: string;
  start: number;
  end: number;
  data?: string;
  value?: true | Node | readonly Node[];
  expression?: Node;
  attributes?: readonly Node[];
  nodes?: readonly Node[];
  fragment?: Node;
  consequent?: Node | null;
  alternate?: Node | null;
  body?: Node | null;
  fallback?: Node | null;
  pending?: Node | null;
  then?: Node | null;
  catch?: Node | null;
}

interface Compiler {
  parse(source: string, options: { modern: true }): { fragment: Node };
}

/** The data about one file. */
interface Reading {
  source: string;
  handles: Handles;
}

const sourceOf = ({ source }: Reading, { start, end }: Node): string => source.slice(start, end);

/** The value of an attribute: a text, or an expression. */
function valueOf(reading: Reading, name: string, value: Node['value']): string | typeof unknown | undefined {
  if (value === true || value === undefined) return '';
  const parts = 'type' in value ? [value] : value;
  const [first] = parts;
  if (parts.every(({ type }) => type === 'Text')) return parts.map(({ data }) => data ?? '').join('');
  if (parts.length > 1 || !first?.expression) return unknown;
  return textOfLiteral(sourceOf(reading, first.expression), name);
}

function gather(into: Gathered, each: Node, reading: Reading): void {
  const name = each.name?.toLowerCase() ?? '';
  if (each.type === 'SpreadAttribute' && each.expression)
    into.spread(sourceOf(reading, each.expression), reading.handles, each.start);
  else if (each.type === 'Attribute') {
    const value = name.startsWith('on') ? '' : valueOf(reading, name, each.value);
    if (value !== undefined) into.write(name, value, each.start);
  } else if (each.type === 'OnDirective') into.set(`on${name}`, '', each.start);
  else if (each.type === 'BindDirective' && name !== 'this') into.set(name, unknown, each.start);
  // Actions and attachments may do anything to the element.
  else if (/^(UseDirective|AttachTag)$/.test(each.type)) into.isOpen = true;
}

/** Returns the possible content of a block. */
const branches = (node: Node): readonly Node[] =>
  [node.consequent, node.alternate, node.body, node.fallback, node.pending, node.then, node.catch].flatMap(
    (branch) => branch?.nodes ?? [],
  );

/** Reads nodes into markup. */
function read(
  nodes: readonly Node[],
  parent: Markup | undefined,
  into: (Markup | string)[],
  reading: Reading,
  isOptional = false,
): void {
  for (const node of nodes) {
    if (node.type === 'Text') into.push(node.data ?? '');
    else if (/^(ExpressionTag|HtmlTag|RenderTag)$/.test(node.type)) into.push(opaque(parent).markup);
    else if (/^(If|Each|Await|Key|Snippet)Block$/.test(node.type)) {
      read(branches(node), parent, into, reading, true);
    } else if (node.type === 'RegularElement' && node.name && !isComponent(node.name)) {
      const gathered = new Gathered();
      for (const each of node.attributes ?? []) gather(gathered, each, reading);
      const tag = node.name.toLowerCase();
      const made = new TemplateElement({ tag, parent, gathered, isOptional, start: node.start });
      into.push(made);
      read(node.fragment?.nodes ?? [], made, made.children, reading);
      const isBound = node.attributes?.some(
        ({ type, name }) => type === 'BindDirective' && /^(innerHTML|textContent)$/.test(name ?? ''),
      );
      if (isBound) made.children.push(opaque(made).markup);
    } else if (node.fragment) {
      const around = opaque(parent);
      read(node.fragment.nodes ?? [], around.markup, around.children, reading);
      into.push(around.markup);
    }
  }
}

/** Reads a Svelte component. */
export async function readSvelte(file: string, source: string): Promise<ReadPage[]> {
  const compiler = await compilerFor(file, 'svelte/compiler', 'svelte');
  let fragment: Node;
  try {
    // Resolved by name in the user's project, so its type is that of the package.
    ({ fragment } = (compiler as Compiler).parse(source, { modern: true }));
  } catch (error) {
    throw new Refused(`Svelte can't parse it: ${error instanceof Error ? error.message : String(error)}`);
  }
  const roots: (Markup | string)[] = [];
  read(fragment.nodes ?? [], undefined, roots, { source, handles: handlesIn(source) });
  return [
    pieceOf(
      source,
      roots.filter((each) => typeof each !== 'string'),
    ),
  ];
}
