// Places where React renders what the engine has made room for: rows, and content that comes later. Each is rendered by a
// portal into its host, so it keeps the context of the place that it is written in.
import {
  createElement,
  Fragment,
  type ReactNode,
  type ReactPortal,
  useInsertionEffect,
  useLayoutEffect,
  useReducer,
  useState,
} from 'react';
import { createPortal } from 'react-dom';
import type { Loaded } from '../bound.js';
import { boundOf, type RowsOf } from '../handle.js';
import type { Token } from '../../patterns/combobox/tokens.js';
import type { Hosts } from '../hosts.js';

/**
 * Renders each host by `show`, for as long as it is there. While React hides the subtree (a row has suspended, an activity is
 * hidden) the root is unwired, and its hosts go with it; they are rendered on until it shows again, or what has suspended
 * would be given up, shown and suspended for ever.
 */
function usePortals<T>(hosts: Hosts<T>, show: (value: T) => ReactNode): ReactNode {
  const [, render] = useReducer((times: number) => times + 1, 0);
  const [shown] = useState(() => ({ isHidden: false, list: hosts.list() }));
  // Before roots are wired, which happens as they are laid out: rows are filled from the first.
  useInsertionEffect(() => hosts.fill(render), [hosts]);
  useLayoutEffect(() => {
    if (shown.isHidden) render();
    shown.isHidden = false;
    return () => void (shown.isHidden = true);
  }, [shown]);
  if (!shown.isHidden) shown.list = hosts.list();
  return createElement(
    Fragment,
    null,
    ...shown.list.map(({ key, node, value }): ReactPortal => createPortal(show(value), node, `${key}`)),
  );
}

/** What rows and content are placed for: what a hook of this entry answers with. */
export interface PlaceProps<T extends unknown[], Of extends object = object> {
  of: Of;
  children: (...args: T) => ReactNode;
}

/**
 * Renders the rows of a listbox, a tree or a combobox that has `items`: `children` is called with each item that has a row on
 * the page, and what it renders goes with its row. Throws a TypeError when `of` is no handle.
 */
export function Rows<I>({ of, children }: PlaceProps<[item: I], RowsOf<I>>): ReactNode {
  // Items are what the option `items` gave.
  return usePortals(boundOf(of).rows as Hosts<I>, children);
}

/**
 * Renders what stands in the tokens of a combobox for several: `children` is called with each token, its key and its label.
 * Throws a TypeError when `of` is no handle.
 */
export function Tokens({ of, children }: PlaceProps<[token: Token]>): ReactNode {
  // Tokens are what the combobox makes of its options.
  return usePortals(boundOf(of).tokens as Hosts<Token>, children);
}

/**
 * Renders what the option `content` has come to, be it a module: `children` is called with it, and for tabs with the key of
 * the tab. Throws a TypeError when `of` is no handle.
 */
export function Content<C>({ of, children }: PlaceProps<[content: C, key: string | undefined]>): ReactNode {
  return usePortals<Loaded>(boundOf(of).content, ({ content, key }) =>
    // What the option `content` answered with.
    children(content as C, key),
  );
}
