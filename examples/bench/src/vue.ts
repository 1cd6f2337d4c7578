import { Rows, useCombobox, useTree } from 'elastic-shell/vue';
import { type App, createApp, defineComponent, h, inject, provide, type Ref, ref, watch } from 'vue';
import { again, rowsOf } from './rows/vue';
import { found, type Node, nodes, options, place } from './data';

const isOurs = location.search === '?ours';
let expandAll = (): void => {};
const Label = defineComponent({ props: { text: String }, setup: (props) => () => h('span', props.text) });
const row = { default: ({ item }: { item: Node }) => h(Label, { text: item.label }) };

const OurTree = defineComponent(() => {
  const tree = useTree<Node>({ items: nodes });
  expandAll = () => tree.expand();
  return () => [h('div', { ...tree.root, 'aria-label': 'Parts' }), h(Rows, { of: tree }, row)];
});
const OurList = defineComponent(() => {
  const combobox = useCombobox({ items: options });
  return () =>
    h('div', combobox.root, [
      h('label', combobox.label, 'Rivet'),
      h('input', combobox.field),
      h('div', combobox.popup, [h('div', combobox.list)]),
      h(Rows, { of: combobox }, row),
    ]);
});

/** The simplest way: a component for each node, with a boolean of its own; a full list. */
const Branch = defineComponent({
  name: 'Branch',
  props: { node: { type: Object as () => Node, required: true } },
  setup({ node }) {
    const all = inject<Ref<boolean>>('all')!;
    const open = ref(all.value);
    watch(all, () => (open.value = true));
    return (): unknown =>
      h('li', [
        h(
          'button',
          {
            'aria-expanded': node.children ? open.value : undefined,
            onClick: () => (open.value = !open.value),
          },
          h(Label, { text: node.label }),
        ),
        open.value &&
          node.children &&
          h(
            'ul',
            node.children.map((child) => h(Branch, { key: child.key, node: child })),
          ),
      ]);
  },
});
const ObviousTree = defineComponent(() => {
  const all = ref(false);
  provide('all', all);
  expandAll = () => void (all.value = true);
  return () =>
    h(
      'ul',
      nodes.map((node) => h(Branch, { key: node.key, node })),
    );
});
const ObviousList = defineComponent(() => {
  const query = ref('');
  const open = ref(false);
  return () =>
    h('div', [
      h('input', {
        role: 'combobox',
        onFocus: () => (open.value = true),
        onInput: ({ target }: Event) => (query.value = (target as HTMLInputElement).value),
      }),
      open.value &&
        h(
          'ul',
          found(query.value).map(({ key, label }) => h('li', { key }, h(Label, { text: label }))),
        ),
    ]);
});

let app: App | undefined;
const show = (component: object): void => {
  app?.unmount();
  app = createApp(component);
  app.mount(place());
};
globalThis.bench = {
  tree: () => show(isOurs ? OurTree : ObviousTree),
  openAll: () => expandAll(),
  list: () => show(isOurs ? OurList : ObviousList),
  rows: (count) => show(rowsOf(count, isOurs)),
  again,
  end: () => app?.unmount(),
};
