// Wrong uses in plain scripts, and the first line of each error.
import { setDefaults, wireDialog, wireListbox, wireTabs, wireToolbar } from 'elastic-shell';

declare const root: HTMLElement;

// says: Object literal may only specify known properties, but 'outsid' does not exist in type 'DialogOptions'. Did you mean to write 'outside'?
wireDialog(root, { outsid: 'keep' });
// says: Type '"shut"' is not assignable to type 'Outside | undefined'.
wireDialog(root, { outside: 'shut' });
// says: Type '"shut"' is not assignable to type 'Outside | undefined'.
wireDialog(root).update({ outside: 'shut' });
// says: Type 'number' is not assignable to type 'StateOption<string | undefined>'.
wireTabs(root, { selected: 3 });
// says: Expected 1 arguments, but got 0.
wireTabs(root).select();
// says: Property 'ask' does not exist on type 'Toolbar'.
wireToolbar(root).ask();
// says: Property 'key' is missing in type '{ label: string; }' but required in type 'Item'.
wireListbox(root, { items: [{ label: 'Great slip' }] });
// says: Argument of type '"dialgo"' is not assignable to parameter of type '"dialog" | "drawer" | "popover" | "tooltip" | "accordion" | "carousel" | "disclosure" | "tabs" | "combobox" | "listbox" | "menu" | "switch" | "tree" | "toolbar" | "menubar"'.
setDefaults('dialgo', {});
