// Elements created by code, without markup in texts, so that a strict content security policy allows them.

/** The children of an element. False and undefined are skipped. */
export type Child = Node | string | false | undefined;

/**
 * Attributes. `true` sets an empty attribute, false and undefined set none. A function listens for the event
 * of its name.
 */
export type Properties = Readonly<Record<string, string | boolean | undefined | ((event: Event) => void)>>;

/** Creates an element. */
export function make<K extends keyof HTMLElementTagNameMap>(
  tag: K,
  properties: Properties = {},
  ...children: readonly Child[]
): HTMLElementTagNameMap[K] {
  const element = document.createElement(tag);
  for (const [name, value] of Object.entries(properties))
    if (typeof value === 'function') element.addEventListener(name, value);
    else if (value !== undefined && value !== false) element.setAttribute(name, value === true ? '' : value);
  element.append(...children.filter((child) => child !== false && child !== undefined));
  return element;
}

/** Creates a button with a text. */
export const button = (
  word: string,
  press: (event: Event) => void,
  more: Properties = {},
): HTMLButtonElement => make('button', { type: 'button', click: press, ...more }, word);

const namespace = 'http://www.w3.org/2000/svg' as const;

/** Creates an SVG element. */
export function draw(
  tag: string,
  attributes: Readonly<Record<string, string | number>>,
  ...children: (Node | string)[]
): SVGElement {
  const element = document.createElementNS(namespace, tag);
  for (const [name, value] of Object.entries(attributes)) element.setAttribute(name, String(value));
  element.append(...children);
  return element;
}

/**
 * Replaces the children of an element, unless they are equal, so that focus and selection inside are kept.
 */
export function fill(element: Element, children: readonly Child[], said?: string): void {
  const next = said ?? '';
  if (said !== undefined && element.getAttribute('data-said') === next) return;
  if (said !== undefined) element.setAttribute('data-said', next);
  element.replaceChildren(...children.filter((child) => child !== false && child !== undefined));
}

const icon = (path: string): SVGElement =>
  draw(
    'svg',
    { viewBox: '0 0 16 16', width: 16, height: 16, 'aria-hidden': 'true' },
    draw('path', {
      d: path,
      fill: 'none',
      stroke: 'currentColor',
      'stroke-width': 1.6,
      'stroke-linecap': 'round',
    }),
  );

/** Creates a button with an icon, a path of 16 by 16, and a name. */
export const iconButton = (name: string, path: string, press: () => void): HTMLButtonElement => {
  const made = button('', press, { class: 'icon', 'aria-label': name, title: name });
  made.append(icon(path));
  return made;
};
