// Rows in Vue that strike themselves within a TransitionGroup, and a drawer of links.
import { createApp, defineComponent, h, ref, TransitionGroup } from 'vue';
import { useDialog, useDrawer } from 'elastic-shell/vue';

const Row = defineComponent({
  props: { name: { type: String, required: true } },
  emits: ['strike'],
  setup(props, { emit }) {
    const dialog = useDialog({
      onChange: ({ value, result }) => !value && result === 'strike' && emit('strike'),
    });
    return () =>
      h('li', [
        h('button', { ...dialog.opener(), class: 'open' }, `Strike ${props.name}`),
        h('dialog', dialog.root, [
          h('h2', 'Strike it?'),
          h('button', { ...dialog.closer('strike'), class: 'strike' }, 'Strike'),
        ]),
      ]);
  },
});

const rows = ref(['ada', 'bee', 'cod']);
const page = ref('Orders');

const Site = defineComponent({
  setup() {
    const sections = useDrawer();
    const go = (event: Event, name: string) => {
      event.preventDefault();
      page.value = name;
      sections.close();
    };
    return () => [
      h('dialog', sections.root, [
        h('h2', 'Sections'),
        h('a', { href: '#crew', id: 'crew', onClick: (event: Event) => go(event, 'Crew') }, 'Crew'),
      ]),
      h('main', { key: page.value, id: 'main' }, [
        h('button', { ...sections.opener(), class: 'sections' }, 'Sections'),
        h('h1', page.value),
        h('a', { href: '#first' }, `First of ${page.value}`),
      ]),
    ];
  },
});

createApp({
  render: () => [
    h(Site),
    h(TransitionGroup, { tag: 'ul', name: 'row' }, () =>
      rows.value.map((name) =>
        h(Row, {
          key: name,
          name,
          onStrike: () => (rows.value = rows.value.filter((each) => each !== name)),
        }),
      ),
    ),
  ],
}).mount('#app');

document.head.append(
  Object.assign(document.createElement('style'), {
    textContent: '.row-leave-active { transition: opacity 300ms; } .row-leave-to { opacity: 0; }',
  }),
);
Object.assign(globalThis, { ready: true });
