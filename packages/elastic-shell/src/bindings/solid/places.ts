// Components that render rows and lazy content where the engine has inserted hosts. Each is rendered into its
// host under the owner of the component, so it keeps the context of the place where it is written.
import { createRoot, createSignal, getOwner, type JSX, onCleanup } from 'solid-js';
import { insert } from 'solid-js/web';
import type { Loaded } from '../bound.js';
import { boundOf, type RowsOf } from '../handle.js';
import type { Token } from '../../patterns/combobox/tokens.js';
import type { Host, Hosts } from '../hosts.js';

/** A rendered host: what it shows, and a function that disposes it. */
interface Rendered<T> {
  show(value: T): void;
  end(): void;
}

/** Renders each host with `render` for as long as it exists. */
function fill<T>(hosts: Hosts<T>, render: (value: () => T) => JSX.Element): void {
  const owner = getOwner();
  const all = new Map<number, Rendered<T>>();
  const start = ({ node, value }: Host<T>): Rendered<T> =>
    createRoot((end) => {
      // Wrapped in an object, because a value may be a function.
      const [box, show] = createSignal({ value });
      insert(node, () => render(() => box().value));
      return { show: (next) => show({ value: next }), end };
    }, owner);
  const follow = (): void => {
    const now = new Map(hosts.list().map((host) => [host.key, host]));
    for (const [key, { end }] of [...all])
      if (!now.has(key)) {
        all.delete(key);
        end();
      }
    for (const [key, host] of now) {
      const known = all.get(key);
      if (known) known.show(host.value);
      else all.set(key, start(host));
    }
  };
  if (typeof document === 'undefined') return;
  onCleanup(hosts.fill(follow));
  onCleanup(() => all.forEach(({ end }) => end()));
  follow();
}

/** A handle that a primitive of this entry returned. */
export interface PlaceProps<T extends unknown[], Of extends object = object> {
  /** The handle. */
  of: Of;
  /** Renders the content of a host. */
  children: (...args: T) => JSX.Element;
}

/**
 * Renders the rows of a listbox, a tree or a combobox with the option `items`. `children` is called with an
 * accessor of each item that has a row on the page.
 *
 * @param props - The handle, and the function that renders a row.
 * @returns Nothing visible: rows are rendered into the list.
 * @throws TypeError if `of` isn't a handle.
 */
export function Rows<I>(props: PlaceProps<[item: () => I], RowsOf<I>>): JSX.Element {
  // These are the items of the option `items`.
  fill(boundOf(props.of).rows as Hosts<I>, (item) => props.children(item));
  return undefined;
}

/**
 * Renders the tokens of a combobox with `multiple`. `children` is called with an accessor of each token,
 * which has a key and a label.
 *
 * @param props - The handle, and the function that renders a token.
 * @returns Nothing visible: tokens are rendered into the field.
 * @throws TypeError if `of` isn't a handle.
 */
export function Tokens(props: PlaceProps<[token: () => Token]>): JSX.Element {
  // The combobox derives tokens from its options.
  fill(boundOf(props.of).tokens as Hosts<Token>, (token) => props.children(token));
  return undefined;
}

/**
 * Renders the result of the option `content`, which may be a module. `children` is called with it, and for
 * tabs with the key of the tab.
 *
 * @param props - The handle, and the function that renders the content.
 * @returns Nothing visible: content is rendered into the root.
 * @throws TypeError if `of` isn't a handle.
 */
export function Content<C>(props: PlaceProps<[content: C, key: string | undefined]>): JSX.Element {
  fill<Loaded>(boundOf(props.of).content, (loaded) => {
    const { content, key } = loaded();
    // This is the result of the option `content`.
    return props.children(content as C, key);
  });
  return undefined;
}
