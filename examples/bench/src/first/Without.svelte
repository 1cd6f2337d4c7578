<script lang="ts">
  let struck = $state(0);
  let dialog: HTMLDialogElement;
</script>

<button onclick={() => dialog.showModal()}>Strike… ({struck})</button>
<dialog bind:this={dialog} onclose={() => struck++}>
  <h2>Strike order 42?</h2>
  <button onclick={() => dialog.close('keep')}>Keep</button>
</dialog>
