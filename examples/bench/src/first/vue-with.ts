// The same with the first dialog of the library.
import { useDialog } from 'elastic-shell/vue';
import { createApp, defineComponent, h, ref } from 'vue';

const App = defineComponent(() => {
  const struck = ref(0);
  const dialog = useDialog({ onChange: () => struck.value++ });
  return () => [
    h('button', dialog.opener(), `Strike… (${struck.value})`),
    h('dialog', dialog.root, [h('h2', 'Strike order 42?'), h('button', dialog.closer('keep'), 'Keep')]),
  ];
});
createApp(App).mount(document.body);
