// Places where Vue renders what the engine has made room for: rows, and content that comes later. Each is teleported into its
// host, so it keeps what is provided where it is written.
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

/** What renders each host by `render`, for as long as it is there. */
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

/** `Rows` as templates see it: the items of its slot are those of the handle. Vue's tools read the slots of generic components there. */
export interface RowsComponent {
  <I>(
    props: { of: RowsOf<I> } & PublicProps,
    context?: object,
  ): VNode & { __ctx?: { slots: { default?(props: { item: I }): unknown } } };
}

/**
 * Renders the rows of a listbox, a tree or a combobox that has `items`: the slot is given each `item` that has a row on the
 * page, and what it renders goes with its row. Throws a TypeError when `of` is no handle.
 */
export const Rows = defineComponent({
  name: 'ShellRows',
  props: { of: { type: Object, required: true } },
  // The items are what the option `items` gave.
  // eslint-disable-next-line @typescript-eslint/no-explicit-any
  slots: Object as SlotsType<{ default: { item: any } }>,
  setup: ({ of }, { slots }) => teleports(boundOf(of).rows, (item) => slots.default?.({ item })),
  // Vue has no type for a component whose slots depend on its properties.
}) as object as RowsComponent;

/**
 * Renders what stands in the tokens of a combobox for several: the slot is given each `token`, its key and its label.
 * Throws a TypeError when `of` is no handle.
 */
export const Tokens = defineComponent({
  name: 'ShellTokens',
  props: { of: { type: Object, required: true } },
  // Vue's own way to type a slot.
  slots: Object as SlotsType<{ default: { token: Token } }>,
  setup: ({ of }, { slots }) =>
    // Tokens are what the combobox makes of its options.
    teleports(boundOf(of).tokens as Hosts<Token>, (token) => slots.default?.({ token })),
});

/**
 * Renders what the option `content` has come to, be it a module: the slot is given it as `content`, and for tabs the key of the
 * tab as `tab`. Throws a TypeError when `of` is no handle.
 */
export const Content = defineComponent({
  name: 'ShellContent',
  props: { of: { type: Object, required: true } },
  // What the option `content` answered with.
  // eslint-disable-next-line @typescript-eslint/no-explicit-any
  slots: Object as SlotsType<{ default: { content: any; tab: string | undefined } }>,
  setup: ({ of }, { slots }) =>
    teleports<Loaded>(boundOf(of).content, ({ content, key }) => slots.default?.({ content, tab: key })),
});
