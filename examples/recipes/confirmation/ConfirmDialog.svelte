<script lang="ts">
  // Asks first, waits while the answer is carried out, and stays open where that fails.
  import { useDialog } from 'elastic-shell/svelte';
  import type { Snippet } from 'svelte';

  type Confirmation = {
    /** What is asked, and the words of its two answers. */
    question: string;
    keep: string;
    confirm: string;
    confirming: string;
    opener: string;
    /** Does it. What it throws is shown and announced in the dialog, which stays open. */
    onconfirm: () => Promise<void>;
    children: Snippet;
  };
  const { question, keep, confirm, confirming, opener, onconfirm, children }: Confirmation = $props();
  const dialog = useDialog({
    size: 'narrow',
    async guard({ result }) {
      if (result === 'confirm') await onconfirm();
      return true;
    },
  });
</script>

<button {...dialog.opener()}>{opener}</button>
<dialog {...dialog.root} role="alertdialog">
  <header><h2>{question}</h2></header>
  <div>{@render children()}</div>
  <footer>
    <button {...dialog.closer('keep')}>{keep}</button>
    <button {...dialog.closer('confirm')}>{dialog.busy ? confirming : confirm}</button>
  </footer>
</dialog>
