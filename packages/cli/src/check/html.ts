// An HTML file as the rules see it.
//
// It is parsed by parse5, into elements that answer the rules' questions themselves. Where an element stands in the text is not
// kept by the parser, which would take three times as long: it is found in the text when something is found there. What would
// take too long to parse is refused.
//
// HTML that another program fills in before anybody sees it says so by marks like `{{ name }}`, or by names like `:open`. What they
// stand for cannot be known, so asking for it raises doubt.
import {
  type DefaultTreeAdapterMap,
  type DefaultTreeAdapterTypes as Tree,
  defaultTreeAdapter,
  html as names,
  Parser,
  type TreeAdapter,
} from 'parse5';
import { type Markup, raiseDoubt, unknownMarkup } from 'elastic-shell/rules';
import { Refused } from './refused.js';
import type { Places, ReadPage } from './source.js';
import { startTag } from './start-tag.js';

/** How long a text may be, in characters: what takes more than some seconds is refused. */
const largest = 32_000_000;

/**
 * How many elements around others may be looked at while parsing. At each start of a block the parser looks at all that is around it:
 * a page nested a hundred thousand deep takes the square of that. Browsers show 512 levels.
 */
const mostLooks = 100_000_000;

/** Elements at whose start it looks at nothing around them. */
const lightly = /^(abbr|bdi|bdo|cite|data|dfn|kbd|label|mark|q|samp|span|sub|sup|time|var)$|-/;

/** What a value is filled in at. */
const mark = /\{\{|\{%|<%|<\?|\$\{/;

/** Names that HTML itself has none of. */
const odd = /^(v-|x-|bind-|\.\.\.)|[:[*@?.({]/;

/** Elements that the parser makes again where they are not closed in turn (HTML, formatting elements). */
const copied = /^(a|b|big|code|em|font|i|nobr|s|small|strike|strong|tt|u)$/;

/** Attributes by which a template says all attributes, and all that is inside. */
const anyAttribute = /^(v-bind|x-bind|\.\.\.)$|^\{\{/;
const anyContent = /^(v|x)-(html|text)$/;
const choices = /^(v|x)-(if|else|else-if|for)$|^\*ng(if|for)$/;

/** Whether an attribute's name says that it gives the value of `name`: `:name`, `v-bind:name`, `[name]`, `[attr.name]`. */
const binds = (written: string, name: string): boolean =>
  written.length > name.length &&
  ((written.endsWith(name) && /^(:|\?|v-bind:|x-bind:|bind-)$/.test(written.slice(0, -name.length))) ||
    written === `[${name}]` ||
    written === `[attr.${name}]`);

/** The handler that a template's way of hearing an event stands for: `@click`, `v-on:click`, `(click)`. */
function heard(name: string): readonly string[] {
  const [, event, other] = /^(?:@|v-on:|x-on:)([a-z]+)(?:\.|$)|^\(([a-z]+)\)$/.exec(name) ?? [];
  return event || other ? [`on${event ?? other}`] : [];
}

/** An element of the parser's that is markup for the rules as well. */
class Parsed implements Tree.Element, Markup {
  readonly nodeName: string;
  readonly tag: string;
  parentNode: Tree.ParentNode | null = null;
  childNodes: Tree.ChildNode[] = [];
  /** Of a template. */
  content: Tree.DocumentFragment | undefined;
  depth = 0;
  /** Whether the parser made it of a tag that stands elsewhere: it does so of <b> and the like that are not closed in turn. */
  isCopy = false;
  number = -1;
  /** Whether any of its attributes is more than a name and a text. */
  readonly #isFilledIn: boolean;

  constructor(
    readonly tagName: string,
    readonly namespaceURI: names.NS,
    readonly attrs: Tree.Element['attrs'],
    /** Where its start tag ends in the text. */
    readonly end: number,
  ) {
    this.nodeName = tagName;
    this.tag = namespaceURI === names.NS.HTML ? tagName : tagName.toLowerCase();
    this.#isFilledIn = attrs.some(({ name, value }) => odd.test(name) || mark.test(value));
  }

  attribute(name: string): string | null {
    if (this.#isFilledIn) return this.#filledIn(name);
    for (const attribute of this.attrs) if (attribute.name === name) return attribute.value;
    return null;
  }

  #filledIn(name: string): string | null {
    let isElsewhere = false;
    for (const attribute of this.attrs) {
      if (attribute.name === name) {
        if (!mark.test(attribute.value)) return attribute.value;
        isElsewhere = true;
      } else if (heard(attribute.name)[0] === name) return '';
      else isElsewhere ||= anyAttribute.test(attribute.name) || binds(attribute.name, name);
    }
    if (isElsewhere) raiseDoubt();
    return null;
  }

  names(): Iterable<string> {
    const written = this.attrs.map(({ name }) => name);
    return this.#isFilledIn ? written.flatMap((name) => [name, ...heard(name)]) : written;
  }

  get parent(): Markup | undefined {
    const { parentNode } = this;
    if (parentNode instanceof Parsed) return parentNode;
    return parentNode ? hosts.get(parentNode) : undefined;
  }

  get children(): readonly (Markup | string)[] {
    const found: (Markup | string)[] = [];
    for (const child of (this.content ?? this).childNodes)
      if (child instanceof Parsed) found.push(child);
      else if ('value' in child) {
        if (mark.test(child.value)) found.push(unknownMarkup(this));
        else found.push(child.value);
      }
    if (this.#isFilledIn && this.attrs.some(({ name }) => anyContent.test(name)))
      found.push(unknownMarkup(this));
    return found;
  }

  get isOptional(): boolean {
    return this.isCopy || (this.#isFilledIn && this.attrs.some(({ name }) => choices.test(name)));
  }
}

/** The template that a piece of markup is the content of. */
const hosts = new WeakMap<Tree.ParentNode, Parsed>();

const scriptTypes = /^(|module|(text|application)\/(x-)?(java|ecma)script)$/i;

const runs = ({ attrs, childNodes }: Parsed): boolean =>
  scriptTypes.test(attrs.find(({ name }) => name === 'type')?.value.trim() ?? '') &&
  (childNodes.length > 0 || attrs.some(({ name }) => name === 'src'));

/** Counts what the parser looks at, from how deep each element stands in others; throws where that is too much. */
function depthCounter(): (parent: Tree.ParentNode, node: Tree.ChildNode) => void {
  let looks = 0;
  return (parent, node) => {
    if (!(node instanceof Parsed)) return;
    const around = parent instanceof Parsed ? parent : hosts.get(parent);
    node.depth = (around?.depth ?? 0) + 1;
    if (!lightly.test(node.tag)) looks += node.depth;
    if (looks > mostLooks)
      throw new Refused(
        `its elements are nested ${node.depth} or more levels deep (browsers show 512); it was skipped`,
      );
  };
}

/** Where elements of a text stand in it. */
const placesIn = (text: string): Places => ({
  of(element, attribute) {
    if (!(element instanceof Parsed)) return 0;
    const tag = startTag(text, element.tag, element.end);
    return (attribute === undefined ? undefined : tag?.attributes.get(attribute)) ?? tag?.start ?? 0;
  },
  nameEnd: (element) =>
    element instanceof Parsed ? startTag(text, element.tag, element.end)?.nameEnd : undefined,
});

/** Reads a document, or a piece of one. Throws `Refused` where elements are nested too deep. */
export function readHtml(text: string): ReadPage {
  if (text.length > largest)
    throw new Refused(
      `it has ${Math.round(text.length / 1e6)} million characters, which is more than the limit of ${largest / 1e6} million; it was skipped`,
    );
  const scripts: Parsed[] = [];
  const deepen = depthCounter();
  const made = new WeakSet<Tree.Element['attrs']>();
  let isPart = /^\s*(\{%|\{\{|<%|<\?php)/.test(text);
  const adapter: TreeAdapter<DefaultTreeAdapterMap> = {
    ...defaultTreeAdapter,
    createElement(tagName, namespace, attrs): Parsed {
      const element = new Parsed(tagName, namespace, attrs, parser.tokenizer.preprocessor.offset);
      if (tagName === 'script') scripts.push(element);
      if (copied.test(tagName)) {
        element.isCopy = made.has(attrs);
        made.add(attrs);
      }
      isPart ||= attrs.some(({ value }) => mark.test(value));
      return element;
    },
    setTemplateContent(template, content) {
      defaultTreeAdapter.setTemplateContent(template, content);
      if (template instanceof Parsed) hosts.set(content, template);
    },
    appendChild(parent, node) {
      deepen(parent, node);
      defaultTreeAdapter.appendChild(parent, node);
    },
    insertBefore(parent, node, before) {
      deepen(parent, node);
      defaultTreeAdapter.insertBefore(parent, node, before);
    },
  };
  const parser = new Parser<DefaultTreeAdapterMap>({ treeAdapter: adapter });
  parser.tokenizer.write(text, true);
  const roots = parser.document.childNodes.filter((node): node is Parsed => node instanceof Parsed);
  return { roots, kind: { isScripted: scripts.some(runs), isPart }, places: placesIn(text) };
}
