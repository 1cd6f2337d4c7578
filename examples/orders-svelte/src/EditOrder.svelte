<script lang="ts">
  // Editing an order: fields with two-way binding, and a second dialog if changes would be lost.
  import { useDialog } from 'elastic-shell/svelte';
  import { boats, office, type Order, sameOrder } from 'quillhaven-gallery/office';
  import { untrack } from 'svelte';
  import PennantField from './PennantField.svelte';
  import TradesField from './TradesField.svelte';

  let { order, onclose }: { order: Order; onclose(saved?: Order): void } = $props();
  let draft = $state(untrack(() => ({ ...order })));
  let work: HTMLInputElement;

  const discard = useDialog({ size: 'narrow' });
  const edit = useDialog({
    open: true,
    firstFocus: () => work,
    guard({ value, result }) {
      if (value) return true;
      if (result === 'save') return office.save($state.snapshot(draft));
      return sameOrder(draft, order) || discard.ask().then((answer) => answer === 'discard');
    },
    onChange: ({ value, result }) => value || onclose(result === 'save' ? draft : undefined),
  });
</script>

<dialog {...edit.root}>
  <form method="dialog" autocomplete="off">
    <header>
      <h2>Edit order {order.id}</h2>
      <button {...edit.closer()} aria-label="Close">×</button>
    </header>
    <div class="fields">
      <label class="wide">
        Work <input bind:this={work} bind:value={draft.title} required maxlength="80" />
      </label>
      <label>
        Boat
        <select bind:value={draft.boat}>
          {#each boats as { id, name } (id)}
            <option value={id}>{name}</option>
          {/each}
        </select>
      </label>
      <label>Hours <input type="number" bind:value={draft.hours} min="1" max="400" required /></label>
      <TradesField bind:chosen={draft.trades} />
      <PennantField boat={draft.boat} />
      <p role="alert" data-message class="failure wide"></p>
    </div>
    <footer>
      <button {...edit.closer('cancel')}>Cancel</button>
      <button type="submit" value="save" data-button="primary">
        {edit.busy ? 'Saving…' : 'Save order'}
      </button>
    </footer>
  </form>
</dialog>

<dialog {...discard.root} role="alertdialog">
  <header><h2>Discard your changes?</h2></header>
  <div><p>What you typed into this order has not been saved.</p></div>
  <footer>
    <button {...discard.closer('cancel')}>Keep editing</button>
    <button {...discard.closer('discard')} data-button="danger">Discard changes</button>
  </footer>
</dialog>
