<script lang="ts">
  import 'elastic-shell/structure.css';
  import 'elastic-shell/skin.css'; // optional: the look
  import { Content, Rows, useDialog, useListbox, usePopover } from 'elastic-shell/svelte';
  import type { Item } from 'elastic-shell';
  import type { Component } from 'svelte';

  type Given = { open?: boolean; remove: () => Promise<boolean>; items: readonly Item[] };
  let { open = $bindable(false), remove, items }: Given = $props();
  const strike = useDialog({
    open: [() => open, (next) => (open = next)],
    guard: ({ result }) => result !== 'strike' || remove(), // can return a promise
  });

  const boats = useListbox({
    get items() {
      return items;
    },
  });
  const log = usePopover({ content: () => import('../tooltip/svelte.svelte') });
</script>

<button {...strike.opener()}>Strike…</button>
<dialog {...strike.root} role="alertdialog">
  <h2>Strike this order?</h2>
  <button {...strike.closer('cancel')}>Keep it</button>
  <button {...strike.closer('strike')}>{strike.busy ? 'Striking…' : 'Strike'}</button>
</dialog>

<div {...boats.root} aria-label="Boats"></div>
<Rows of={boats}>{#snippet children(boat)}<b>{boat.label}</b>{/snippet}</Rows>

<button {...log.opener()}>Harbour log</button>
<div {...log.root}><div data-content></div></div>
<Content of={log}>{#snippet children(module: { default: Component })}<module.default />{/snippet}</Content>
