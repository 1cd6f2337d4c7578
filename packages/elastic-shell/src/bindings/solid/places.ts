// Places where Solid renders what the engine has made room for: rows, and content that comes later. Each is rendered into its
// host under the owner of the place, so it keeps the context of where it is written.
import { createRoot, createSignal, getOwner, type JSX, onCleanup } from 'solid-js';
import { insert } from 'solid-js/web';
import type { Loaded } from '../bound.js';
import { boundOf, type RowsOf } from '../handle.js';
import type { Token } from '../../patterns/combobox/tokens.js';
import type { Host, Hosts } from '../hosts.js';

/** One that is rendered: what it shows, and its end. */
interface Rendered<T> {
  show(value: T): void;
  end(): void;
}

/** Renders each host by `render` for as long as it is there. */
function fill<T>(hosts: Hosts<T>, render: (value: () => T) => JSX.Element): void {
  const owner = getOwner();
  const all = new Map<number, Rendered<T>>();
  const start = ({ node, value }: Host<T>): Rendered<T> =>
    createRoot((end) => {
      // Kept in a box: a value may be a function.
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

/** What rows and content are placed for: what a primitive of this entry answers with. */
export interface PlaceProps<T extends unknown[], Of extends object = object> {
  of: Of;
  children: (...args: T) => JSX.Element;
}

/**
 * Renders the rows of a listbox, a tree or a combobox that has `items`: `children` is called with an accessor of each item that
 * has a row on the page, and what it renders goes with its row. Throws a TypeError when `of` is no handle.
 */
export function Rows<I>(props: PlaceProps<[item: () => I], RowsOf<I>>): JSX.Element {
  // Items are what the option `items` gave.
  fill(boundOf(props.of).rows as Hosts<I>, (item) => props.children(item));
  return undefined;
}

/**
 * Renders what stands in the tokens of a combobox for several: `children` is called with an accessor of each token, its key and its label.
 * Throws a TypeError when `of` is no handle.
 */
export function Tokens(props: PlaceProps<[token: () => Token]>): JSX.Element {
  // Tokens are what the combobox makes of its options.
  fill(boundOf(props.of).tokens as Hosts<Token>, (token) => props.children(token));
  return undefined;
}

/**
 * Renders what the option `content` has come to, be it a module: `children` is called with it, and for tabs with the key of
 * the tab. Throws a TypeError when `of` is no handle.
 */
export function Content<C>(props: PlaceProps<[content: C, key: string | undefined]>): JSX.Element {
  fill<Loaded>(boundOf(props.of).content, (loaded) => {
    const { content, key } = loaded();
    // What the option `content` answered with.
    return props.children(content as C, key);
  });
  return undefined;
}
