// Vue's own ways of mounting: kept alive, in a transition, by teleport, by key, with models, and sets that change in place.
import {
  type App,
  createApp,
  defineComponent,
  h,
  KeepAlive,
  nextTick,
  reactive,
  ref,
  Teleport,
  Transition,
  useModel,
  type VNode,
} from 'vue';
import {
  provideDefaults,
  Rows,
  useAccordion,
  useDialog,
  useDisclosure,
  useListbox,
  useTabs,
  useTree,
} from 'elastic-shell/vue';
import { optionNames, settle } from './page';

let app: App;
let place: HTMLElement;
const show = (render: () => VNode | null | undefined | false): void => {
  document.body.replaceChildren((place = document.createElement('div')));
  app = createApp({ render });
  app.mount(place);
};
afterEach(() => app?.unmount());

const find = (selector: string): HTMLElement => document.querySelector<HTMLElement>(selector)!;
const press = async (selector: string): Promise<void> => {
  find(selector).click();
  await nextTick();
  await nextTick();
};
const says = (selector: string, name: string): string | null => find(selector).getAttribute(name);

const Ladder = defineComponent({
  setup() {
    const disclosure = useDisclosure();
    return () =>
      h('div', [
        h('button', { ...disclosure.opener(), class: 'opener' }, disclosure.open ? 'Less' : 'More'),
        h('div', { ...disclosure.root, class: 'panel' }, 'The ladder'),
      ]);
  },
});

it('keeps its state while it is kept alive', async () => {
  const isThere = ref(true);
  show(() => h(KeepAlive, null, { default: () => (isThere.value ? h(Ladder) : undefined) }));
  await press('.opener');
  isThere.value = false;
  await nextTick();
  expect(place.textContent).toBe('');
  isThere.value = true;
  await nextTick();
  expect([find('.opener').textContent, says('.opener', 'aria-expanded')]).toEqual(['Less', 'true']);
  await press('.opener');
  expect(says('.opener', 'aria-expanded')).toBe('false');
});

it('lets a transition show it out, and has let go of it', async () => {
  const isThere = ref(true);
  const done: (() => void)[] = [];
  show(() =>
    h(
      Transition,
      { css: false, onLeave: (_, end) => void done.push(end) },
      { default: () => (isThere.value ? h(Ladder) : undefined) },
    ),
  );
  await press('.opener');
  isThere.value = false;
  await nextTick();
  expect(find('.panel')).not.toBeNull();
  for (const end of done) end();
  await nextTick();
  expect(document.querySelector('.panel')).toBeNull();
});

it('lives where it is teleported to', async () => {
  const isThere = ref(true);
  show(() => h(Teleport, { to: document.body }, { default: () => [isThere.value && h(Ladder)] }));
  await press('.opener');
  expect(says('.opener', 'aria-expanded')).toBe('true');
  isThere.value = false;
  await nextTick();
  expect(document.querySelector('.opener')).toBeNull();
});

it('asks a model, whose parent may not take it', async () => {
  const takes = ref(false);
  const open = ref(false);
  const Asked = defineComponent({
    props: { open: Boolean },
    emits: ['update:open'],
    setup(props) {
      const dialog = useDialog({ open: useModel(props, 'open') });
      return () =>
        h('div', [
          h('button', { ...dialog.opener(), class: 'opener' }, 'Ask'),
          h('dialog', dialog.root, [h('button', { ...dialog.closer(), class: 'closer' }, 'Close')]),
        ]);
    },
  });
  show(() =>
    h(Asked, {
      open: open.value,
      'onUpdate:open': (next: boolean) => {
        if (takes.value) open.value = next;
      },
    }),
  );
  await press('.opener');
  expect([find('dialog').hasAttribute('open'), says('.opener', 'aria-expanded')]).toEqual([false, 'false']);
  takes.value = true;
  await press('.opener');
  expect([find('dialog').hasAttribute('open'), open.value]).toEqual([true, true]);
  await press('.closer');
  expect([find('dialog').hasAttribute('open'), open.value]).toEqual([false, false]);
});

it('follows a set and a list that are changed in place', async () => {
  const keys = reactive(new Set(['a']));
  const items = reactive([
    { key: 'a', label: 'A' },
    { key: 'b', label: 'B' },
  ]);
  const Gear = defineComponent({
    setup() {
      const listbox = useListbox({ items, multiple: true, selected: keys });
      return () =>
        h('div', [
          h('div', { ...listbox.root, 'aria-label': 'Gear' }),
          h(
            Rows,
            { of: listbox },
            { default: ({ item }: { item: { label: string } }) => h('b', item.label) },
          ),
        ]);
    },
  });
  show(() => h(Gear));
  const selected = () =>
    [...document.querySelectorAll('[aria-selected=true]')].map(({ textContent }) => textContent);
  await nextTick();
  expect(selected()).toEqual(['A']);
  keys.add('b');
  await nextTick();
  expect(selected()).toEqual(['A', 'B']);
  items.push({ key: 'c', label: 'C' });
  await nextTick();
  await nextTick();
  expect([...document.querySelectorAll('b')].map(({ textContent }) => textContent)).toEqual(['A', 'B', 'C']);
  find('[role=option]').click();
  await nextTick();
  expect([...keys]).toEqual(['b']);
});

it('follows tabs by key, in another order', async () => {
  const keys = ref(['a', 'b', 'c']);
  const tab = ref<string | undefined>('b');
  const Sheets = defineComponent({
    setup() {
      const tabs = useTabs({ selected: tab });
      return () =>
        h('div', tabs.root, [
          h(
            'div',
            { ...tabs.list, 'aria-label': 'S' },
            keys.value.map((key) => h('button', { key, ...tabs.tab(key) }, key)),
          ),
          ...keys.value.map((key) => h('div', { key: `p${key}`, ...tabs.panel(key) }, `panel ${key}`)),
        ]);
    },
  });
  show(() => h(Sheets));
  const selected = () =>
    [...document.querySelectorAll('[aria-selected=true]')].map(({ textContent }) => textContent);
  await nextTick();
  keys.value = ['c', 'b', 'a'];
  await nextTick();
  expect(selected()).toEqual(['b']);
  keys.value = ['c', 'a'];
  await nextTick();
  await nextTick();
  expect([selected(), tab.value]).toEqual([['a'], 'a']);
});

it('takes the defaults that are provided around it', async () => {
  const Tides = defineComponent({
    setup() {
      const accordion = useAccordion({ expanded: ['a'] });
      return () =>
        h(
          'div',
          accordion.root,
          ['a', 'b'].map((key) =>
            h('section', { key }, [
              h('h3', [h('button', accordion.header(key), key)]),
              h('div', accordion.panel(key), key),
            ]),
          ),
        );
    },
  });
  const Around = defineComponent({
    setup() {
      provideDefaults({ accordion: { exclusive: true } });
      return () => h(Tides);
    },
  });
  show(() => h(Around));
  await nextTick();
  await press('[data-key=b]');
  expect(
    [...document.querySelectorAll('[aria-expanded=true]')].map(({ textContent }) => textContent),
  ).toEqual(['b']);
});

it('hands an error while wiring to Vue, and renders on', async () => {
  const errors: string[] = [];
  const nodes = ref([{ key: 'a', label: 'Keel' }]);
  const isThere = ref(false);
  const Yard = defineComponent({
    setup() {
      const tree = useTree(() => ({ items: nodes.value }));
      return () => h('div', { ...tree.root, 'aria-label': 'Parts' });
    },
  });
  document.body.replaceChildren((place = document.createElement('div')));
  app = createApp({ render: () => [h('p', nodes.value.length), isThere.value && h(Yard), h(Ladder)] });
  app.config.errorHandler = (error) => void errors.push(`${error}`);
  app.mount(place);
  nodes.value = [...nodes.value, { key: 'a', label: 'Mast' }];
  isThere.value = true;
  await nextTick();
  expect(errors.join()).toMatch(/duplicate|twice|“a”|"a"/);
  await press('.opener');
  expect([find('p').textContent, find('.opener').textContent]).toEqual(['2', 'Less']);
});

it('leaves the ref of a root to the user, and finds the element of a component', async () => {
  const mine = ref<HTMLElement>();
  const Panel = defineComponent(() => () => h('section', { class: 'panel' }, 'The ladder'));
  const Both = defineComponent({
    setup() {
      const plain = useDisclosure();
      const within = useDisclosure();
      return () => [
        h('button', { ...plain.opener(), class: 'one' }),
        h('div', { ...plain.root, ref: mine }),
        h('button', { ...within.opener(), class: 'two' }),
        h(Panel, within.root),
      ];
    },
  });
  show(() => h(Both));
  await press('.one');
  await press('.two');
  expect([mine.value?.hidden, says('.one', 'aria-expanded'), says('.two', 'aria-expanded')]).toEqual([
    false,
    'true',
    'true',
  ]);
});

it('names and describes each row by what is rendered in it, from the first', async () => {
  const items = Array.from({ length: 3 }, (_, at) => ({ key: `${at}`, label: `Boat ${at}` }));
  const Boats = defineComponent({
    setup() {
      const listbox = useListbox({ items });
      return () => [
        h('div', { ...listbox.root, 'aria-label': 'Boats' }),
        h(
          Rows,
          { of: listbox },
          {
            default: ({ item }: { item: (typeof items)[number] }) => [
              h('b', { 'data-label': '' }, item.label),
              h('i', { 'data-description': '' }, `Berth ${item.key}`),
            ],
          },
        ),
      ];
    },
  });
  show(() => h(Boats));
  await nextTick();
  await nextTick();
  expect(optionNames()).toEqual(items.map(({ key, label }) => [label, `Berth ${key}`]));
});

it('kept alive and not shown, it leaves alone what it shares with the page that is shown', async () => {
  const open = ref(false);
  const shown = ref('a');
  const pageOf = (name: string) => ({
    setup() {
      const dialog = useDialog({ open });
      return () => h('section', [h('dialog', { ...dialog.root, class: name }, [h('button', name)])]);
    },
  });
  const pages: Record<string, object> = { a: pageOf('a'), b: pageOf('b') };
  const app = createApp({ setup: () => () => h(KeepAlive, null, { default: () => h(pages[shown.value]!) }) });
  app.mount(document.body.appendChild(document.createElement('main')));
  const settle = async (): Promise<void> => {
    await nextTick();
    await new Promise((done) => setTimeout(done));
  };
  open.value = true;
  await settle();
  const isOpen = (name: string) => document.querySelector(`dialog.${name}`)?.hasAttribute('open');
  expect(isOpen('a')).toBe(true);
  shown.value = 'b';
  await settle();
  expect([open.value, isOpen('b')]).toEqual([true, true]);
  shown.value = 'a';
  await settle();
  expect([open.value, isOpen('a')]).toEqual([true, true]);
  open.value = false;
  await settle();
  expect(isOpen('a')).toBe(false);
  app.unmount();
});

it('follows items that are changed in place, however deep, and renders the items themselves', async () => {
  const items = ref([
    {
      key: 'hull',
      label: 'Hull',
      children: [{ key: 'keel', label: 'Keel' }] as { key: string; label: string }[],
    },
    { key: 'rig', label: 'Rig', children: [] as { key: string; label: string }[] },
  ]);
  const seen = new Set<unknown>();
  const Parts = defineComponent({
    setup() {
      const parts = useTree({ items, expanded: ['hull', 'rig'] });
      const slot = ({ item }: { item: { label: string } }) => {
        seen.add(item);
        return h('span', { 'data-label': '' }, item.label);
      };
      return () => [
        h('ul', { ...parts.root, 'aria-label': 'Parts' }),
        h(Rows, { of: parts }, { default: slot }),
      ];
    },
  });
  show(() => h(Parts));
  await nextTick();
  const rows = () => [...document.querySelectorAll('[data-label]')].map((row) => row.textContent);
  expect(rows()).toEqual(['Hull', 'Keel', 'Rig']);
  items.value[0]!.label = 'The hull';
  items.value[1]!.children.push({ key: 'mast', label: 'Mast' });
  await nextTick();
  await settle();
  expect(rows()).toEqual(['The hull', 'Keel', 'Rig', 'Mast']);
  items.value[0]!.children[0]!.label = 'Long keel';
  await nextTick();
  await settle();
  expect(rows()).toEqual(['The hull', 'Long keel', 'Rig', 'Mast']);
  expect(seen.has(items.value[0])).toBe(true);
});

it('says what is wrong when it is called outside of setup', () => {
  expect(() => useDialog()).toThrow(
    'elastic-shell: a dialog was created outside a component; call its function in setup() or in <script setup>, before the first await',
  );
});
