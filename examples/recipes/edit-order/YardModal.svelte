<script lang="ts">
  // A dialog with slots: a title, scrolling content and a footer.
  import { useDialog } from 'elastic-shell/svelte';
  import type { DialogOptions } from 'elastic-shell';
  import type { Snippet } from 'svelte';

  type Modal = {
    title: string;
    /** The width: narrow, medium, wide or full. Default: medium. */
    size?: DialogOptions['size'];
    open: boolean;
    /** Called before it closes. Return false to keep it open. If it throws, the dialog shows the message. */
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
