<script lang="ts">
  // A confirmation that stays open while the server responds, and if it fails.
  import { useDialog } from 'elastic-shell/svelte';
  import type { Snippet } from 'svelte';

  type Confirmation = {
    /** The question, and the labels of the two answers. */
    question: string;
    keep: string;
    confirm: string;
    confirming: string;
    opener: string;
    /** Deletes the order. If it throws, the dialog stays open, and shows and announces the message. */
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
