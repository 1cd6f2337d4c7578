<script lang="ts">
  // Wrong uses in Svelte, and the first line of each error.
  import { Rows, useDialog, useListbox, useTabs } from 'elastic-shell/svelte';

  // says: Object literal may only specify known properties, and 'outsid' does not exist in type 'Given<UseDialogOptions>'.
  const dialog = useDialog({ outsid: 'keep' });
  // says: Type 'number' is not assignable to type 'StateOption<string | undefined> | StatePair<string | undefined> | readonly [() => string | null | undefined, CallableFunction]'.
  const tabs = useTabs({ selected: 7 });
  // says: Type 'number' is not assignable to type 'string'.
  tabs.selected = 7;
  // says: Property 'hide' does not exist on type 'DialogHandle'.
  dialog.hide();
  const listbox = useListbox({ items: [{ key: 'a', label: 'A', berth: 7 }] });
</script>

<!-- says: Argument of type '{ [attribute: string]: unknown; [attachment: symbol]: Attachment<HTMLDialogElement & Element>; }' is not assignable to parameter of type 'HTMLProps<"div", HTMLAttributes<any>>'. -->
<div {...dialog.root}></div>
<!-- says: Argument of type 'number' is not assignable to parameter of type 'string'. -->
<div {...tabs.panel(1)}></div>
<!-- says: Property 'draught' does not exist on type '{ key: string; label: string; berth: number; }'. -->
<Rows of={listbox}>{#snippet children(item)}{item.draught}{/snippet}</Rows>
<!-- says: Type 'DialogHandleIn<Part>' has no properties in common with type 'RowsOf<unknown>'. -->
<Rows of={dialog}>{#snippet children()}Row{/snippet}</Rows>
