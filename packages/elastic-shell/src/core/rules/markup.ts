// Markup as the rules see it: the same few questions, answered by a live document or by a parsed file.
import { labelText } from '../text.js';

/** An element. */
export interface Markup {
  /** In lower case. */
  tag: string;
  attribute(name: string): string | null;
  parent: Markup | undefined;
  children: readonly (Markup | string)[];
}

/** A document, read once. */
export interface Page {
  /** In document order. */
  elements: readonly Markup[];
  /** Every element by its id; more than one where ids are doubled. */
  ids: ReadonlyMap<string, readonly Markup[]>;
  /** Every label by the id that its `for` names. */
  labels: ReadonlyMap<string, readonly Markup[]>;
}

/** Whether an element has an attribute, whatever its value. */
export const has = (element: Markup, name: string): boolean => element.attribute(name) !== null;

/** The element's explicit role, else its name; enough to tell apart what the rules care for. */
export const roleOf = (element: Markup): string =>
  element.attribute('role')?.trim().split(/\s+/)[0] || element.tag;

const addTo = (map: Map<string, Markup[]>, key: string | null, element: Markup): void => {
  if (!key) return;
  const list = map.get(key);
  if (list) list.push(element);
  else map.set(key, [element]);
};

/** The page under `roots`, with its indexes. */
export function pageOf(roots: Iterable<Markup>): Page {
  const elements: Markup[] = [];
  const ids = new Map<string, Markup[]>();
  const labels = new Map<string, Markup[]>();
  const waiting = [...roots].reverse();
  for (let element = waiting.pop(); element; element = waiting.pop()) {
    elements.push(element);
    addTo(ids, element.attribute('id'), element);
    if (element.tag === 'label') addTo(labels, element.attribute('for'), element);
    for (const child of [...element.children].reverse()) if (typeof child !== 'string') waiting.push(child);
  }
  return { elements, ids, labels };
}

/** Everything inside `element`, in document order, without it. */
export const inside = (element: Markup): readonly Markup[] => pageOf([element]).elements.slice(1);

/** The elements around `element`, from the nearest. */
export function ancestors(element: Markup): Markup[] {
  const found: Markup[] = [];
  for (let at = element.parent; at; at = at.parent) found.push(at);
  return found;
}

/** The text that a name is made of: no hidden parts, pictures by their alternative text. */
export function textOf(element: Markup): string {
  const texts: string[] = [];
  const waiting: (Markup | string)[] = [element];
  for (let part = waiting.pop(); part !== undefined; part = waiting.pop()) {
    if (typeof part === 'string') texts.push(part);
    else if (part.attribute('aria-hidden') !== 'true' && !/^(script|style|template)$/.test(part.tag)) {
      const own = part.attribute('aria-label') ?? (part.tag === 'img' ? part.attribute('alt') : null);
      if (own !== null) texts.push(own);
      else waiting.push(...[...part.children].reverse());
    }
  }
  return texts.join(' ');
}

/** The accessible name, as far as markup alone tells it. */
export function nameOf(element: Markup, page: Page): string {
  const byId = (element.attribute('aria-labelledby') ?? '')
    .split(/\s+/)
    .flatMap((id) => page.ids.get(id) ?? [])
    .map(textOf)
    .join(' ');
  const id = element.attribute('id');
  const isField = /^(input|select|textarea)$/.test(element.tag);
  // A <label> also names a button, which then says nothing else.
  const isLabelable = isField || (element.tag === 'button' && !labelText(textOf(element)));
  const labels = (isLabelable && page.labels.get(id ?? '')) || [];
  const around = isLabelable ? ancestors(element).filter((parent) => parent.tag === 'label') : [];
  const type = element.attribute('type')?.toLowerCase() ?? '';
  const typed = /^(submit|reset|button)$/.test(type)
    ? (element.attribute('value') ?? type.replace('button', ''))
    : '';
  return labelText(
    byId ||
      element.attribute('aria-label') ||
      [...labels, ...around].map(textOf).join(' ') ||
      (isField ? '' : textOf(element)) ||
      typed ||
      element.attribute('alt') ||
      element.attribute('title') ||
      element.attribute('placeholder'),
  );
}

/** The element as one would point at it: its start tag, shortened. */
export function tagText(element: Markup): string {
  const shown = ['id', 'class', 'role', 'commandfor', 'command', 'name']
    .filter((name) => has(element, name))
    .map((name) => ` ${name}="${element.attribute(name)}"`)
    .join('');
  return `<${element.tag}${shown.length > 90 ? `${shown.slice(0, 90)}…` : shown}>`;
}
