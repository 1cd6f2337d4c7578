// An HTML file as the rules see it, with the place of everything.
import { type DefaultTreeAdapterTypes as Tree, parse } from 'parse5';
import { examine, type Finding, type Markup } from 'elastic-shell/rules';

/** A finding with its line and column. */
export interface Placed extends Omit<Finding, 'element'> {
  /** From 1. */
  line: number;
  /** From 1. */
  column: number;
}

type Element = Tree.Element;

/** Checks one document or fragment; findings stand in the order of the text. */
export function checkHtml(text: string): Placed[] {
  const sources = new Map<Markup, Element>();

  const markupOf = (element: Element, parent?: Markup): Markup => {
    const attributes = new Map(element.attrs.map(({ name, value }) => [name, value]));
    const markup: Markup = {
      tag: element.tagName,
      attribute: (name) => attributes.get(name) ?? null,
      parent,
      children: [],
    };
    sources.set(markup, element);
    return markup;
  };

  // By hand and not by recursion, so that markup of any depth can be read.
  const document = parse(text, { sourceCodeLocationInfo: true });
  const roots: Markup[] = [];
  const waiting: [Tree.ParentNode, Markup | undefined][] = [[document, undefined]];
  for (const [node, parent] of waiting) {
    const children: (Markup | string)[] = [];
    for (const child of node.childNodes) {
      if (child.nodeName === '#text') children.push((child as Tree.TextNode).value);
      if (!('tagName' in child)) continue;
      const markup = markupOf(child, parent);
      children.push(markup);
      if (!parent) roots.push(markup);
      waiting.push([child, markup]);
    }
    if (parent) parent.children = children;
  }

  return examine(roots).map(({ element, ...finding }) => {
    const place = sources.get(element)?.sourceCodeLocation;
    const spot = (finding.attribute && place?.attrs?.[finding.attribute]) || place;
    return { ...finding, line: spot?.startLine ?? 1, column: spot?.startCol ?? 1 };
  });
}
