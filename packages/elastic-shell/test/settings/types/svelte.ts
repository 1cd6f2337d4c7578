// Types of the entry for Svelte: what is inferred, and what is refused. Nothing here runs.
import { useCombobox, useDialog, useListbox, useTabs } from 'elastic-shell/svelte';

let open = false;
let keys: ReadonlySet<string> = new Set();

const dialog = useDialog({
  get open() {
    return open;
  },
  set open(next) {
    open = next;
  },
});
const isOpen: boolean = dialog.open;
// @ts-expect-error a state is a boolean
useDialog({ open: 'yes' });

useTabs({ selected: 'a' }).tab('a');
interface Boat {
  key: string;
  label: string;
  length: number;
}
declare const boats: readonly Boat[];
const several = useListbox({
  multiple: true,
  get selected() {
    return keys;
  },
  set selected(next) {
    keys = next;
  },
});
const all: ReadonlySet<string> = several.selected;
useCombobox({ items: boats, match: (_label, _query, boat) => boat.length > 9 });

export { all, isOpen };
