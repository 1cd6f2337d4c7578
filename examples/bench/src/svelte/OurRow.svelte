<script lang="ts">
  import { useDialog, useMenu } from 'elastic-shell/svelte';

  const { at, turn }: { at: number; turn: number } = $props();
  const menu = useMenu();
  const strike = useDialog();
</script>

<li data-turn={turn}>
  <button {...menu.opener()}>Order {at}</button>
  <div {...menu.root}>
    <button {...menu.item('edit')}>Edit</button>
    <button {...menu.item('copy')}>Copy</button>
    <button {...menu.item('send')}>Send</button>
  </div>
  <button {...strike.opener()}>Strike…</button>
  <dialog {...strike.root}>
    <h2>Strike order {at}?</h2>
    <button {...strike.closer('keep')}>Keep</button>
  </dialog>
</li>
