// Dialogs that are open from the first in a tree that isn't in the document yet: below a pending Suspense, and in a detached mount.
import { createApp, defineComponent, h, ref, Suspense } from 'vue';
import { useDialog } from 'elastic-shell/vue';

const Plate = defineComponent({
  props: { name: { type: String, required: true } },
  setup(props) {
    const dialog = useDialog({ open: true });
    return () => h('dialog', { ...dialog.root, class: props.name }, [h('h2', props.name)]);
  },
});

let arrive = (): void => {};
const Late = defineComponent({
  async setup() {
    await new Promise<void>((resolve) => (arrive = resolve));
    return () => h('p', 'The tide table');
  },
});

const count = ref(0);
const errors: string[] = [];
const app = createApp({
  render: () => [
    h('button', { id: 'count', onClick: () => count.value++ }, `${count.value}`),
    h(Suspense, null, {
      default: () => h('div', [h(Plate, { name: 'suspended' }), h(Late)]),
      fallback: () => h('p', { id: 'fallback' }, 'Loading'),
    }),
  ],
});
app.config.errorHandler = (error) => void errors.push(`${error}`);
app.mount('#app');

const detached = document.createElement('div');
createApp({ render: () => h(Plate, { name: 'detached' }) }).mount(detached);

Object.assign(globalThis, {
  ready: true,
  errors,
  arrive: () => arrive(),
  append: () => document.body.append(detached),
});
