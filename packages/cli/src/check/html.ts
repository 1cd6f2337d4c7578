// An HTML file, as the rules see it.  parse5 parses it into elements that implement the interface of the
// rules. The parser does not record positions, which would take three times as long. The position of an
// element is searched in the text when there is a finding about it. A text that would take too long to parse
// is refused. HTML for a template engine contains marks such as `{{ name }}`, or names such as `:open`.
// Their values are unknown, so reading them raises doubt.
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

/** The maximum length of a text, in characters. A longer one would take more than a few seconds. */
const largest = 32_000_000;

/**
 * How many ancestors may be visited while parsing. At each start of a block the parser visits all ancestors,
 * so a page with a hundred thousand levels takes the square of that. Browsers show 512 levels.
 */
const mostLooks = 100_000_000;

/** Elements at whose start the parser visits no ancestors. */
const lightly = /^(abbr|bdi|bdo|cite|data|dfn|kbd|label|mark|q|samp|span|sub|sup|time|var)$|-/;

/** Marks where a template engine inserts a value. */
const mark = /\{\{|\{%|<%|<\?|\$\{/;

/** Characters that no name in HTML contains. */
const odd = /^(v-|x-|bind-|\.\.\.)|[:[*@?.({]/;

/** Elements that the parser creates again if they are not closed in order (HTML, formatting elements). */
const copied = /^(a|b|big|code|em|font|i|nobr|s|small|strike|strong|tt|u)$/;

/** Attributes with which a template sets any attribute, or all content. */
const anyAttribute = /^(v-bind|x-bind|\.\.\.)$|^\{\{/;
const anyContent = /^(v|x)-(html|text)$/;
const choices = /^(v|x)-(if|else|else-if|for)$|^\*ng(if|for)$/;

/** Returns whether an attribute sets the value of `name`: `:name`, `v-bind:name`, `[name]`, `[attr.name]`. */
const binds = (written: string, name: string): boolean =>
  written.length > name.length &&
  ((written.endsWith(name) && /^(:|\?|v-bind:|x-bind:|bind-)$/.test(written.slice(0, -name.length))) ||
    written === `[${name}]` ||
    written === `[attr.${name}]`);

/** Returns the event handler attribute for a template's listener: `@click`, `v-on:click`, `(click)`. */
function heard(name: string): readonly string[] {
  const [, event, other] = /^(?:@|v-on:|x-on:)([a-z]+)(?:\.|$)|^\(([a-z]+)\)$/.exec(name) ?? [];
  return event || other ? [`on${event ?? other}`] : [];
}

/** An element of the parser that also implements the interface of the rules. */
class Parsed implements Tree.Element, Markup {
  readonly nodeName: string;
  readonly tag: string;
  parentNode: Tree.ParentNode | null = null;
  childNodes: Tree.ChildNode[] = [];
  /** The content of a template. */
  content: Tree.DocumentFragment | undefined;
  depth = 0;
  /**
   * Whether the parser created it from a tag elsewhere. It does so for <b> and similar elements that are not
   * closed in order.
   */
  isCopy = false;
  number = -1;
  /** Whether any of its attributes contains more than a name and a text. */
  readonly #isFilledIn: boolean;

  constructor(
    readonly tagName: string,
    readonly namespaceURI: names.NS,
    readonly attrs: Tree.Element['attrs'],
    /** The end of its start tag in the text. */
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

/** The template whose content a fragment is. */
const hosts = new WeakMap<Tree.ParentNode, Parsed>();

const scriptTypes = /^(|module|(text|application)\/(x-)?(java|ecma)script)$/i;

const runs = ({ attrs, childNodes }: Parsed): boolean =>
  scriptTypes.test(attrs.find(({ name }) => name === 'type')?.value.trim() ?? '') &&
  (childNodes.length > 0 || attrs.some(({ name }) => name === 'src'));

/** Counts the ancestors that the parser visits, and throws if there are too many. */
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

/** The positions of elements in a text. */
const placesIn = (text: string): Places => ({
  of(element, attribute) {
    if (!(element instanceof Parsed)) return 0;
    const tag = startTag(text, element.tag, element.end);
    return (attribute === undefined ? undefined : tag?.attributes.get(attribute)) ?? tag?.start ?? 0;
  },
  nameEnd: (element) =>
    element instanceof Parsed ? startTag(text, element.tag, element.end)?.nameEnd : undefined,
});

/** Reads a document, or a fragment. Throws `Refused` if elements are nested too deeply. */
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
