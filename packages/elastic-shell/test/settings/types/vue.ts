// Types of the entry for Vue: what is inferred, and what is refused. Nothing here runs.
import { useCombobox, useDialog, useListbox, useTabs } from 'elastic-shell/vue';
import type { ModelRef, Ref } from 'vue';

declare const open: Ref<boolean>;
declare const model: ModelRef<boolean | undefined>;
declare const text: Ref<string | undefined>;
declare const keys: Ref<ReadonlySet<string>>;

const dialog = useDialog({ open, escape: 'keep' });
useDialog({ open: model });
useDialog({ open: () => open.value });
const isOpen: boolean = dialog.open;
// @ts-expect-error a state is a boolean, and its ref is one of booleans
useDialog({ open: text });
// @ts-expect-error there is no such value
useDialog({ escape: 'never' });

useTabs(() => ({ selected: text, closable: true })).tab('a');
interface Boat {
  key: string;
  label: string;
  length: number;
}
declare const boats: readonly Boat[];
const several = useListbox({ multiple: true, selected: keys });
const all: ReadonlySet<string> = several.selected;
useCombobox({ items: boats, match: (_label, _query, boat) => boat.length > 9 });

export { all, isOpen };
