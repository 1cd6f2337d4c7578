// Types of the entry for React: what is inferred, and what is refused. Nothing here runs.
import { Rows, useCombobox, useDialog, useListbox, useTabs, useTree } from 'elastic-shell/react';

declare const pair: readonly [boolean, (next: boolean) => void];
declare const text: readonly [string | undefined, (next: string | undefined) => void];
declare const keys: readonly [ReadonlySet<string>, (next: ReadonlySet<string>) => void];

const dialog = useDialog({ open: pair, guard: ({ value, result }) => value || result !== 'no' });
const isOpen: boolean = dialog.open;
const answer: Promise<string | null> = dialog.ask();
dialog.closer('yes');
// @ts-expect-error a state is a boolean, and its pair is one of booleans
useDialog({ open: text });
// @ts-expect-error there is no such option
useDialog({ openn: true });

const tabs = useTabs({ selected: text });
tabs.tab('a');
// @ts-expect-error a tab has a key
tabs.tab();

interface Boat {
  key: string;
  label: string;
  length: number;
}
declare const boats: readonly Boat[];
const one = useListbox({ items: boats, selected: text });
const chosen: string | undefined = one.selected;
const several = useListbox({ multiple: true, selected: keys });
const all: ReadonlySet<string> = several.selected;
// @ts-expect-error of several, what is selected is a set
useListbox({ multiple: true, selected: text });
useCombobox({ items: boats, match: (_label, _query, boat) => boat.length > 9 });
useTree({ multiple: true, expanded: keys });
Rows<Boat>({ of: one, children: (boat) => boat.length });

export { all, answer, chosen, isOpen };
