// A row of the yard's orders with a menu and a dialog of its own, with composables and with plain elements.
import { useDialog, useMenu } from 'elastic-shell/vue';
import { defineComponent, h, ref } from 'vue';

const props = { at: { type: Number, required: true }, turn: Number } as const;

const OurRow = defineComponent({
  props,
  setup({ at }) {
    const menu = useMenu();
    const strike = useDialog();
    return () =>
      h('li', [
        h('button', menu.opener(), `Order ${at}`),
        h('div', menu.root, [
          h('button', menu.item('edit'), 'Edit'),
          h('button', menu.item('copy'), 'Copy'),
          h('button', menu.item('send'), 'Send'),
        ]),
        h('button', strike.opener(), 'Strike…'),
        h('dialog', strike.root, [
          h('h2', `Strike order ${at}?`),
          h('button', strike.closer('keep'), 'Keep'),
        ]),
      ]);
  },
});

const PlainRow = defineComponent({
  props,
  setup({ at }) {
    const picked = ref('');
    const dialog = ref<HTMLDialogElement>();
    return () =>
      h('li', [
        h('button', { popovertarget: `m${at}` }, `Order ${at}`),
        h('div', { popover: 'auto', id: `m${at}`, 'data-picked': picked.value }, [
          h('button', { onClick: () => (picked.value = 'edit') }, 'Edit'),
          h('button', { onClick: () => (picked.value = 'copy') }, 'Copy'),
          h('button', { onClick: () => (picked.value = 'send') }, 'Send'),
        ]),
        h('button', { 'aria-haspopup': 'dialog', onClick: () => dialog.value?.showModal() }, 'Strike…'),
        h('dialog', { ref: dialog, 'aria-labelledby': `t${at}` }, [
          h('h2', { id: `t${at}` }, `Strike order ${at}?`),
          h('button', { onClick: () => dialog.value?.close('keep') }, 'Keep'),
        ]),
      ]);
  },
});

const turn = ref(0);

export const rowsOf = (count: number, isOurs: boolean) =>
  defineComponent(() => () => {
    const Row = isOurs ? OurRow : PlainRow;
    return h(
      'ol',
      Array.from({ length: count }, (_, at) => h(Row, { key: at, at, turn: turn.value })),
    );
  });
export const again = (): void => void turn.value++;
