<script lang="ts">
  const { at, turn }: { at: number; turn: number } = $props();
  let picked = $state('');
  let dialog: HTMLDialogElement;
</script>

<li data-turn={turn}>
  <button popovertarget="m{at}">Order {at}</button>
  <div popover="auto" id="m{at}" data-picked={picked}>
    <button onclick={() => (picked = 'edit')}>Edit</button>
    <button onclick={() => (picked = 'copy')}>Copy</button>
    <button onclick={() => (picked = 'send')}>Send</button>
  </div>
  <button aria-haspopup="dialog" onclick={() => dialog.showModal()}>Strike…</button>
  <dialog bind:this={dialog} aria-labelledby="t{at}">
    <h2 id="t{at}">Strike order {at}?</h2>
    <button onclick={() => dialog.close('keep')}>Keep</button>
  </dialog>
</li>
