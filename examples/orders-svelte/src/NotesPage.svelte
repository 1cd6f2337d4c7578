<script lang="ts">
  // Notes for the yard. The page around it holds the note, and whether it is urgent.
  import { useDisclosure, useSwitch } from 'elastic-shell/svelte';

  type Given = { notes: string[]; isUrgent: boolean };
  let { notes = $bindable(), isUrgent = $bindable() }: Given = $props();
  const urgent = useSwitch({ checked: [() => isUrgent, (next) => (isUrgent = next)] });
  const help = useDisclosure();

  function add(event: SubmitEvent & { currentTarget: HTMLFormElement }) {
    event.preventDefault();
    const note = `${new FormData(event.currentTarget).get('note')}`;
    notes = [...notes, isUrgent ? `Urgent: ${note}` : note];
    event.currentTarget.reset();
  }
</script>

<form class="note" onsubmit={add}>
  <label>Note <input name="note" required maxlength="80" autocomplete="off" /></label>
  <span><button {...urgent.root} aria-labelledby="urgent"></button> <span id="urgent">Urgent</span></span>
  <button data-button="primary">Add note</button>
</form>
<button {...help.opener()}>{help.open ? 'Hide help' : 'Who reads this?'}</button>
<p {...help.root}>Everybody in the yard, on the board beside the slip.</p>
<ul aria-label="Notes">
  {#each notes as note (note)}<li>{note}</li>{/each}
</ul>
