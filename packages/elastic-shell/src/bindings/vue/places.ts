// Components that render rows and lazy content where the engine has inserted hosts. Each is teleported into
// its host, so it keeps what is provided at the place where it is written.
import {
  Comment,
  defineComponent,
  Fragment,
  h,
  onScopeDispose,
  type PublicProps,
  type SlotsType,
  shallowRef,
  Teleport,
  type VNode,
} from 'vue';
import type { Loaded } from '../bound.js';
import { boundOf, type RowsOf } from '../handle.js';
import type { Token } from '../../patterns/combobox/tokens.js';
import type { Host, Hosts } from '../hosts.js';

/** Renders each host with `render`, for as long as it exists. */
function teleports<T>(hosts: Hosts<T>, render: (value: T) => VNode[] | undefined): () => VNode {
  const all = shallowRef<readonly Host<T>[]>([]);
  // On a server nothing is wired, and there is nothing to fill.
  if (typeof document !== 'undefined') onScopeDispose(hosts.fill(() => void (all.value = hosts.list())));
  return () =>
    all.value.length
      ? h(
          Fragment,
          all.value.map(({ key, node, value }) =>
            h(Teleport, { key, to: node }, { default: () => render(value) ?? [] }),
          ),
        )
      : h(Comment);
}

/**
 * The type of `Rows` in templates: its slot gets the items of the handle. Vue's tools read the slots of
 * generic components there.
 *
 * @param props - The handle.
 * @param context - The slots.
 * @returns The component.
 */
export interface RowsComponent {
  <I>(
    props: { of: RowsOf<I> } & PublicProps,
    context?: object,
  ): VNode & { __ctx?: { slots: { default?(props: { item: I }): unknown } } };
}

/**
 * Renders the rows of a listbox, a tree or a combobox with the option `items`. The slot gets each `item` that has a row on the
 * page. Throws a TypeError if `of` isn't a handle.
 *
 * @param props - The handle.
 * @param context - The slots.
 * @returns The component.
 */
export const Rows = defineComponent({
  name: 'ShellRows',
  props: { of: { type: Object, required: true } },
  // These are the items of the option `items`.
  // eslint-disable-next-line @typescript-eslint/no-explicit-any
  slots: Object as SlotsType<{ default: { item: any } }>,
  setup: ({ of }, { slots }) => teleports(boundOf(of).rows, (item) => slots.default?.({ item })),
  // Vue has no type for a component whose slots depend on its properties.
}) as object as RowsComponent;

/**
 * Renders the tokens of a combobox with `multiple`. The slot gets each `token`, which has a key and a label.
 * Throws a TypeError if `of` isn't a handle.
 */
export const Tokens = defineComponent({
  name: 'ShellTokens',
  props: { of: { type: Object, required: true } },
  // Vue's own way to type a slot.
  slots: Object as SlotsType<{ default: { token: Token } }>,
  setup: ({ of }, { slots }) =>
    // The combobox derives tokens from its options.
    teleports(boundOf(of).tokens as Hosts<Token>, (token) => slots.default?.({ token })),
});

/**
 * Renders the result of the option `content`, which may be a module. The slot gets it as `content`, and for
 * tabs the key of the tab as `tab`. Throws a TypeError if `of` isn't a handle.
 */
export const Content = defineComponent({
  name: 'ShellContent',
  props: { of: { type: Object, required: true } },
  // This is the result of the option `content`.
  // eslint-disable-next-line @typescript-eslint/no-explicit-any
  slots: Object as SlotsType<{ default: { content: any; tab: string | undefined } }>,
  setup: ({ of }, { slots }) =>
    teleports<Loaded>(boundOf(of).content, ({ content, key }) => slots.default?.({ content, tab: key })),
});
