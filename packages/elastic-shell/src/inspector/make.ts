// Elements made from a program: no markup in texts, so that a strict policy holds.

/** What can stand in an element; what is false or nothing is left out. */
export type Child = Node | string | false | undefined;

/** Attributes; `true` for one that is only there, `false` or nothing for none. A function hears the event of its name. */
export type Properties = Readonly<Record<string, string | boolean | undefined | ((event: Event) => void)>>;

/** Makes an element. */
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

/** A button with a word. */
export const button = (
  word: string,
  press: (event: Event) => void,
  more: Properties = {},
): HTMLButtonElement => make('button', { type: 'button', click: press, ...more }, word);

const namespace = 'http://www.w3.org/2000/svg' as const;

/** Makes an element of a drawing. */
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

/** Puts other children in place of an element's own, unless they say the same: focus and selection in it stay. */
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

/** A button with an icon, a path of 16 by 16, and a name. */
export const iconButton = (name: string, path: string, press: () => void): HTMLButtonElement => {
  const made = button('', press, { class: 'icon', 'aria-label': name, title: name });
  made.append(icon(path));
  return made;
};
