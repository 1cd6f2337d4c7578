<script>
  import { Rows, useDialog, useTree } from 'elastic-shell/svelte';

  let open = $state(false);
  let veto = $state(false);
  let items = $state([
    { key: 'hull', label: 'Hull', children: [{ key: 'keel', label: 'Keel' }] },
    { key: 'rig', label: 'Rig', children: [] },
  ]);
  const dialog = useDialog({ open: [() => open, (next) => veto || (open = next)] });
  const parts = useTree({
    get items() {
      return items;
    },
    expanded: ['hull', 'rig'],
  });
  Object.assign(globalThis, {
    turn: () => (open = !open),
    rename() {
      items[0].label = 'The hull';
      items[1].children.push({ key: 'mast', label: 'Mast' });
    },
    forbid: () => (veto = true),
  });
</script>

<button {...dialog.opener()} id="opener">Open</button>
<output>{open ? 'open' : 'closed'}</output>
<dialog {...dialog.root}>
  <h2>A pair</h2>
  <button {...dialog.closer()} id="closer">Close</button>
</dialog>
<ul {...parts.root} aria-label="Parts"></ul>
<Rows of={parts}>{#snippet children(part)}<span data-label>{part.label}</span>{/snippet}</Rows>
