// Astro pages and components, parsed by Astro's own parser.
import type { Markup } from 'elastic-shell/rules';
import { Refused } from '../refused.js';
import type { ReadPage } from '../source.js';
import { Gathered } from './attributes.js';
import { compilerFor } from './compiler.js';
import { opaque, TemplateElement, unknown } from './element.js';
import { isComponent, textOfLiteral } from './names.js';
import { pieceOf } from './read.js';

/** The fields of Astro's nodes that are read. */
interface Node {
  type: string;
  name?: string;
  value?: string;
  attributes?: readonly {
    kind: string;
    name: string;
    value: string;
    position?: { start: { offset: number } };
  }[];
  children?: readonly Node[];
  position?: { start: { offset: number } };
}

interface Compiler {
  parse(source: string, options: { position: boolean }): Promise<{ ast: Node }>;
}

function gather(attributes: Node['attributes']): Gathered {
  const into = new Gathered();
  for (const { kind, name, value, position } of attributes ?? []) {
    const at = position?.start.offset ?? 0;
    const lower = name.toLowerCase();
    if (kind === 'spread') into.spread(name, new Map(), at);
    else if (kind === 'quoted') into.set(lower, value, at);
    else if (kind === 'empty') into.set(lower, '', at);
    else {
      const said = kind === 'expression' ? textOfLiteral(value, lower) : unknown;
      if (said !== undefined) into.set(lower, said, at);
    }
  }
  return into;
}

function read(
  nodes: readonly Node[],
  parent: Markup | undefined,
  into: (Markup | string)[],
  isOptional: boolean,
): void {
  for (const node of nodes) {
    if (node.type === 'text') into.push(node.value ?? '');
    else if (node.type === 'fragment') read(node.children ?? [], parent, into, isOptional);
    else if (node.type === 'expression') {
      // An expression in braces may be text, elements or nothing.
      into.push(opaque(parent).markup);
      read(
        (node.children ?? []).filter(({ type }) => type !== 'text'),
        parent,
        into,
        true,
      );
    } else if (node.type === 'element' && node.name && !isComponent(node.name)) {
      const start = node.position?.start.offset ?? 0;
      const made = new TemplateElement({
        tag: node.name.toLowerCase(),
        parent,
        gathered: gather(node.attributes),
        isOptional,
        start,
      });
      into.push(made);
      read(node.children ?? [], made, made.children, false);
    } else if (node.children) {
      const around = opaque(parent);
      into.push(around.markup);
      read(node.children, around.markup, around.children, true);
    }
  }
}

/** How deep elements may be nested, beyond which Astro's parser takes gigabytes. */
const deepest = 500;

/** Elements without content, or without an end tag. */
const isOpenEnded =
  /^<\/?(area|base|br|col|embed|hr|img|input|link|meta|source|track|wbr|li|p|d[td]|option|optgroup|t[rdh]|tbody|thead|tfoot)\b/i;

/** Estimates how deep elements are nested, without parsing. */
function depthOf(source: string): number {
  let depth = 0;
  let most = 0;
  const markup = source.replace(/^---\n[\s\S]*?\n---\n/, '');
  for (const [tag] of markup.matchAll(/<\/?[a-z][^<>]*>?/gi)) {
    if (isOpenEnded.test(tag) || tag.endsWith('/>')) continue;
    if (tag.startsWith('</')) depth = Math.max(0, depth - 1);
    else most = Math.max(most, ++depth);
  }
  return most;
}

/** Reads an Astro page or component. */
export async function readAstro(file: string, source: string): Promise<ReadPage[]> {
  if (depthOf(source) > deepest)
    throw new Refused(`more than ${deepest} of its elements are nested; it was skipped`);
  const compiler = await compilerFor(file, '@astrojs/compiler', '@astrojs/compiler');
  // Resolved by name in the user's project, so its type is that of the package.
  const { ast } = await (compiler as Compiler).parse(source, { position: true });
  const roots: (Markup | string)[] = [];
  read(ast.children ?? [], undefined, roots, false);
  return [
    pieceOf(
      source,
      roots.filter((each) => typeof each !== 'string'),
    ),
  ];
}
