<script lang="ts">
  // A form in a dialog, which asks before it discards changes.
  import { useDialog } from 'elastic-shell/svelte';
  import YardModal from './YardModal.svelte';

  let saved = $state({ title: 'New rudder', notes: '' });
  let draft = $state({ title: 'New rudder', notes: '' });
  let open = $state(false);
  let form = $state<HTMLFormElement>();
  const discard = useDialog({ size: 'narrow' });

  const mayClose = async (result: string | null) => {
    if (result === 'save') {
      if (!form?.reportValidity()) return false;
      const response = await fetch('/yard/orders/W1041', { method: 'PUT', body: JSON.stringify(draft) });
      if (!response.ok) throw new Error('The office did not take it. Nothing is lost: try again.');
      saved = { ...draft };
      return true;
    }
    const isChanged = draft.title !== saved.title || draft.notes !== saved.notes;
    if (isChanged && (await discard.ask()) !== 'discard') return false;
    draft = { ...saved };
    return true;
  };
</script>

<p>
  <button type="button" onclick={() => (open = true)}>Edit order</button>
  <output>{saved.title}</output>
</p>
<YardModal bind:open title="Edit order W1041" size="wide" {mayClose}>
  <form bind:this={form}>
    <label>Title <input bind:value={draft.title} required /></label>
    <label>Notes <textarea bind:value={draft.notes}></textarea></label>
  </form>
  {#snippet footer(closer, isBusy)}
    <button {...closer('cancel')}>Cancel</button>
    <button {...closer('save')}>{isBusy ? 'Saving…' : 'Save'}</button>
  {/snippet}
</YardModal>
<dialog {...discard.root} role="alertdialog">
  <header><h2>Throw the changes away?</h2></header>
  <div><p>What you typed is not saved yet.</p></div>
  <footer>
    <button {...discard.closer('back')}>Go on editing</button>
    <button {...discard.closer('discard')}>Throw away</button>
  </footer>
</dialog>
