// An application with a dialog of the platform alone.
import { createApp, defineComponent, h, ref } from 'vue';

const App = defineComponent(() => {
  const struck = ref(0);
  const dialog = ref<HTMLDialogElement>();
  return () => [
    h('button', { onClick: () => dialog.value?.showModal() }, `Strike… (${struck.value})`),
    h('dialog', { ref: dialog, onClose: () => struck.value++ }, [
      h('h2', 'Strike order 42?'),
      h('button', { onClick: () => dialog.value?.close('keep') }, 'Keep'),
    ]),
  ];
});
createApp(App).mount(document.body);
