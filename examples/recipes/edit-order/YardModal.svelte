<script lang="ts">
  // A modal with named places: a title, a body that scrolls, and a footer that stays.
  import { useDialog } from 'elastic-shell/svelte';
  import type { DialogOptions } from 'elastic-shell';
  import type { Snippet } from 'svelte';

  type Modal = {
    title: string;
    /** narrow, medium, wide or full; medium when left out. */
    size?: DialogOptions['size'];
    open: boolean;
    /** Asked before it closes; false keeps it open, and what it throws is shown in it. */
    mayClose?: (result: string | null) => boolean | Promise<boolean>;
    footer: Snippet<[closer: (result?: string) => object, isBusy: boolean]>;
    children: Snippet;
  };
  let { title, size = 'medium', open = $bindable(), mayClose, footer, children }: Modal = $props();

  const modal = useDialog({
    get size() {
      return size;
    },
    get open() {
      return open;
    },
    set open(now) {
      open = now;
    },
    guard: ({ value: opens, result }) => opens === true || (mayClose?.(result ?? null) ?? true),
  });
</script>

<dialog {...modal.root}>
  <header>
    <h2>{title}</h2>
    <button {...modal.closer()} aria-label="Close">×</button>
  </header>
  <div>{@render children()}</div>
  <footer>{@render footer(modal.closer, modal.busy)}</footer>
</dialog>
