// Scripts: JSX, inline templates of Angular components, and HTML in template literals that are marked as
// such. Babel's parser is used, which also reads TypeScript, and recovers from what it does not understand.
import { parse, type ParserPlugin } from '@babel/parser';
import type * as ast from '@babel/types';
import type { Markup } from 'elastic-shell/rules';
import { readHtml } from '../html.js';
import { Refused } from '../refused.js';
import type { ReadPage } from '../source.js';
import { readAngular } from './angular.js';
import { outermost, readJsx } from './jsx.js';
import { pieceOf } from './read.js';
import { all, scopedHandles } from './scopes.js';

const isTagged = (node: ast.Node): node is ast.TaggedTemplateExpression =>
  node.type === 'TaggedTemplateExpression' &&
  ((node.tag.type === 'Identifier' && node.tag.name === 'html') ||
    (node.tag.type === 'MemberExpression' &&
      node.tag.property.type === 'Identifier' &&
      node.tag.property.name === 'html'));

const isMarked = (node: ast.Node): node is ast.TemplateLiteral =>
  node.type === 'TemplateLiteral' &&
  node.leadingComments?.at(-1)?.type === 'CommentBlock' &&
  node.leadingComments.at(-1)?.value.trim() === 'html';

const isDecorator = (node: ast.Node): node is ast.Decorator => node.type === 'Decorator';

/** Returns the text of a literal with a mark of the same length for each expression, and its offset. */
function filledIn(source: string, literal: ast.TemplateLiteral): { text: string; base: number } {
  const base = (literal.start ?? 0) + 1;
  let text = source.slice(base, (literal.end ?? 1) - 1);
  const holes = literal.quasis.slice(0, -1).map((quasi, at) => {
    const from = (quasi.end ?? 0) - base;
    return [from, (literal.quasis[at + 1]?.start ?? 0) - base] as const;
  });
  for (const [from, to] of holes)
    text = `${text.slice(0, from)}{{${'-'.repeat(Math.max(0, to - from - 4))}}}${text.slice(to)}`;
  return { text, base };
}

/** Reads HTML in a literal of a script as a fragment. */
function readLiteral(source: string, literal: ast.TemplateLiteral): ReadPage {
  const { text, base } = filledIn(source, literal);
  const { roots, places } = readHtml(text);
  const moved = (place: number | undefined): number | undefined =>
    place === undefined ? undefined : place + base;
  return {
    roots,
    kind: { isPart: true, isScripted: true },
    places: {
      of: (element, attribute) => places.of(element, attribute) + base,
      nameEnd: (element) => moved(places.nameEnd(element)),
    },
  };
}

/** Returns the inline template of a component's decorator. */
function inlineTemplate({ expression }: ast.Decorator): ast.TemplateLiteral | ast.StringLiteral | undefined {
  if (expression.type !== 'CallExpression' || expression.callee.type !== 'Identifier') return undefined;
  const [options] = expression.arguments;
  if (expression.callee.name !== 'Component' || options?.type !== 'ObjectExpression') return undefined;
  for (const property of options.properties) {
    if (property.type !== 'ObjectProperty' || property.key.type !== 'Identifier') continue;
    const { value } = property;
    const isText =
      value.type === 'StringLiteral' || (value.type === 'TemplateLiteral' && !value.expressions.length);
    if (property.key.name === 'template' && isText) return value;
  }
  return undefined;
}

function parsed(file: string, source: string): ast.File {
  const plugins: ParserPlugin[] = ['decorators'];
  if (/\.[cm]?tsx?$/i.test(file)) plugins.push('typescript');
  if (!/\.[cm]?ts$/i.test(file)) plugins.push('jsx');
  try {
    return parse(source, { sourceType: 'unambiguous', errorRecovery: true, plugins });
  } catch (error) {
    throw new Refused(`it can't be parsed: ${error instanceof Error ? error.message : String(error)}`);
  }
}

/** Reads the markup in a script. */
export async function readScript(file: string, source: string): Promise<ReadPage[]> {
  const program = parsed(file, source).program;
  const handlesAt = scopedHandles(program, source);
  const pages: ReadPage[] = [];
  const elements = outermost(program);
  const roots: (Markup | string)[] = [];
  for (const element of elements)
    readJsx(
      {
        source,
        handlesAt,
        isReact: /from\s*['"]elastic-shell\/react['"]/.test(source),
      },
      element,
      undefined,
      roots,
      elements.length > 1,
    );
  const markup = roots.filter((each) => typeof each !== 'string');
  if (markup.length) pages.push(pieceOf(source, markup));
  for (const { quasi } of all(program, isTagged)) pages.push(readLiteral(source, quasi));
  for (const literal of all(program, isMarked)) pages.push(readLiteral(source, literal));
  for (const decorator of all(program, isDecorator)) {
    const template = inlineTemplate(decorator);
    if (!template) continue;
    const base = (template.start ?? 0) + 1;
    const written = source.slice(base, (template.end ?? 1) - 1);
    // With its escapes resolved, if there are any, so that positions are approximate.
    const said = template.type === 'StringLiteral' ? template.value : template.quasis[0]?.value.cooked;
    const text = written.includes('\\') ? (said ?? written) : written;
    pages.push(await readAngular(file, text, { base, handles: handlesAt(base), whole: source }));
  }
  return pages;
}
