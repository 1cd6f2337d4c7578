// Types of the entry for Solid: what is inferred, and what is refused. Nothing here runs.
import { createCombobox, createDialog, createListbox, createTabs } from 'elastic-shell/solid';
import { createSignal } from 'solid-js';

const [open, setOpen] = createSignal(false);
const [text, setText] = createSignal<string>();
const [keys, setKeys] = createSignal<ReadonlySet<string>>(new Set());

const dialog = createDialog({ open: [open, setOpen] });
createDialog({ open });
const isOpen: boolean = dialog.open;
// @ts-expect-error a state is a boolean, and its signal is one of booleans
createDialog({ open: [text, setText] });

createTabs({ selected: [text, setText] }).tab('a');
interface Boat {
  key: string;
  label: string;
  length: number;
}
declare const boats: readonly Boat[];
const several = createListbox({ multiple: true, selected: [keys, setKeys] });
const all: ReadonlySet<string> = several.selected;
createCombobox({ items: boats, match: (_label, _query, boat) => boat.length > 9 });

export { all, isOpen };
