// Components that render rows and lazy content where the engine has inserted hosts. Each is rendered into its
// host by a portal, so it keeps the context of the place where it is written.
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
 * Renders each host with `show`, for as long as it exists. While React hides the subtree (a row has
 * suspended, an activity is hidden) the root is unwired and its hosts are removed. They are rendered until it
 * is shown again. Otherwise, what has suspended would be discarded, shown and suspended for ever.
 */
function usePortals<T>(hosts: Hosts<T>, show: (value: T) => ReactNode): ReactNode {
  const [, render] = useReducer((times: number) => times + 1, 0);
  const [shown] = useState(() => ({ isHidden: false, list: hosts.list() }));
  // Runs before roots are wired in the layout phase, so that rows are filled from the start.
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

/** A handle that a hook of this entry returned. */
export interface PlaceProps<T extends unknown[], Of extends object = object> {
  /** The handle. */
  of: Of;
  /** Renders the content of a host. */
  children: (...args: T) => ReactNode;
}

/**
 * Renders the rows of a listbox, a tree or a combobox with the option `items`. `children` is called for each
 * item that has a row on the page.
 *
 * @returns The portals of the rows.
 * @throws TypeError if `of` isn't a handle.
 */
export function Rows<I>({ of, children }: PlaceProps<[item: I], RowsOf<I>>): ReactNode {
  // These are the items of the option `items`.
  return usePortals(boundOf(of).rows as Hosts<I>, children);
}

/**
 * Renders the tokens of a combobox with `multiple`. `children` is called with each token, which has a key and
 * a label.
 *
 * @returns The portals of the tokens.
 * @throws TypeError if `of` isn't a handle.
 */
export function Tokens({ of, children }: PlaceProps<[token: Token]>): ReactNode {
  // The combobox derives tokens from its options.
  return usePortals(boundOf(of).tokens as Hosts<Token>, children);
}

/**
 * Renders the result of the option `content`, which may be a module. `children` is called with it, and for
 * tabs with the key of the tab.
 *
 * @returns The portals of the content.
 * @throws TypeError if `of` isn't a handle.
 */
export function Content<C>({ of, children }: PlaceProps<[content: C, key: string | undefined]>): ReactNode {
  return usePortals<Loaded>(boundOf(of).content, ({ content, key }) =>
    // This is the result of the option `content`.
    children(content as C, key),
  );
}
