// What users write, as types: checked by `npm run types`, never run. Each `@ts-expect-error` is a mistake that must be one.
import {
  cell,
  type Cell,
  type Change,
  type Combobox,
  type Item,
  type Listbox,
  type ReadCell,
  setDefaults,
  type TreeNode,
  type Wire,
  wireAccordion,
  wireCarousel,
  wireCombobox,
  type Wired,
  wireDialog,
  wireListbox,
  wireMenu,
  wireSwitch,
  wireTabs,
  wireToolbar,
  wireTree,
} from 'elastic-shell';
import type { Contract } from 'elastic-shell/core';
import { definePattern, type ElementOf, type OptionsOf } from 'elastic-shell/engine';
import {
  useDialog,
  type DialogHandle,
  useListbox,
  type ListboxHandle,
  usePattern,
} from 'elastic-shell/react';

declare const root: HTMLElement;
/** True where both are the same type. */
type Same<A, B> = (<T>() => T extends A ? 1 : 2) extends <T>() => T extends B ? 1 : 2 ? true : false;
const yes = <T extends true>(): T | undefined => undefined;

interface Boat extends Item {
  berth: string;
  draught: number;
}
declare const boats: readonly Boat[];

// A change is a union by the name of its state: who asks for the name knows the value.
wireTabs(root, {
  guard(change) {
    if (change.name === 'selected') yes<Same<typeof change.value, string | undefined>>();
    else yes<Same<typeof change.value, ReadonlySet<string>>>();
    // @ts-expect-error: tabs have no such state
    return change.name !== 'open';
  },
  onChange: ({ name, value }) => name === 'closed' && value.has('a'),
});
wireDialog(root, { guard: ({ value, result }) => !value || result !== 'strike' });
wireSwitch(root, { onChange: ({ value }) => yes<Same<typeof value, boolean>>() });
const hears = (change: Change): void => void change.reason;
wireAccordion(root, { onChange: hears });

// `selected` is typed by `multiple`.
const one = wireListbox(root);
yes<Same<typeof one.selected, Cell<string | undefined>>>();
const several = wireListbox(root, { multiple: true, selected: ['a', 'b'] });
yes<Same<typeof several.selected, Cell<ReadonlySet<string>>>>();
wireListbox(root, { selected: cell<string | undefined>('a') });
// @ts-expect-error: of one a key, not keys
wireListbox(root, { selected: ['a', 'b'] });
const choice = wireCombobox(root, { items: boats, multiple: true });
choice.selected.set(new Set(['a']));
const leaves = wireTree(root, { multiple: true });
yes<Same<typeof leaves.selected, Cell<ReadonlySet<string>>>>();
wireListbox(root, {
  multiple: true,
  onChange: (change) => change.name === 'selected' && change.value.has('a'),
});

// Items are inferred in what is given about them.
wireListbox(root, { items: boats, render: ({ berth, draught }) => `${berth} ${draught.toFixed(1)}` });
wireCombobox(root, {
  items: async (query: string) => boats.filter(({ berth }) => berth.includes(query)),
  render: ({ berth }) => berth,
  match: (label, query, { draught }) => label.startsWith(query) && draught < 2,
  create: (query) => ({ key: query, label: query, berth: 'none', draught: 0 }),
});
wireCombobox(root, {
  items: boats,
  // @ts-expect-error: what is made is one of the items
  create: (query) => ({ key: query }),
});
interface Part extends TreeNode {
  hours: number;
  children?: readonly Part[] | 'lazy';
}
declare const parts: readonly Part[];
wireTree(root, {
  items: parts,
  render: ({ hours }) => `${hours} h`,
  children: async ({ hours }) => parts.filter((part) => part.hours < hours),
  match: (_, __, { hours }) => hours > 2,
});
wireListbox(root, { items: cell(boats), render: ({ berth }) => berth });

// All of that holds through a function that passes a wire function on.
const later =
  <A extends unknown[], W extends Wired>(wireIt: (...given: A) => W) =>
  (...given: A): W =>
    wireIt(...given);
const laterListbox = later(wireListbox);
laterListbox(root, { items: boats, render: ({ berth }) => berth });
const laterSeveral = laterListbox(root, { items: boats, multiple: true });
yes<Same<typeof laterSeveral, Listbox<true>>>();
later(wireTree)(root, { items: parts, render: ({ hours }) => `${hours}` });
const whatever: Wire<never>[] = [wireTabs, wireDialog, wireListbox, wireTree];

// States are cells, and methods are functions.
const carousel = wireCarousel(root, { selected: 'a' });
yes<Same<typeof carousel.selected, Cell<string | undefined>>>();
carousel.next();
const menu = wireMenu(root, { onPick: ({ key, about, checked }) => [key, about?.id, checked] });
yes<Same<typeof menu.about, ReadCell<Element | undefined>>>();
menu.show();
declare const combobox: Combobox;
combobox.deselect('a');

// Options and defaults.
setDefaults('combobox', { debounce: 300 });
setDefaults('listbox', { multiple: true });
// @ts-expect-error: no such pattern
setDefaults('dialgo', {});
// @ts-expect-error: no such option
wireDialog(root, { outsid: 'keep' });
// @ts-expect-error: no such word
wireDialog(root, { outside: 'shut' });

// A contract of one's own: its intents are a union, its changes too.
interface Lamp {
  lit: boolean;
  watts: number;
}
declare const lamp: Contract<Lamp, { most?: number }, 'light' | 'dim'>;
const lampKinds = { lit: 'true, false or a cell', size: ['small', 'large'], most: 'a number' } as const;
const lampOptions: OptionsOf<typeof lampKinds> = { lit: true, size: 'small', most: 60 };
// @ts-expect-error: no such word
lampOptions.size = 'huge';

export { whatever };

// A pattern of your own: its methods without the engine, its states, its options, its handle.
const lampPattern = definePattern({
  ...lamp,
  serve(engine) {
    engine.intend('dim', { reason: 'program' });
    // @ts-expect-error: no such intent
    engine.intend('burn', { reason: 'program' });
    return { show: (change) => change.name === 'watts' && change.value.toFixed() };
  },
  methods: {
    light: ({ intend }) => intend('light', { reason: 'program' }),
    dimTo: ({ change }, watts: number) => change({ watts }, { reason: 'program' }),
    // @ts-expect-error: no such intent
    blow: ({ intend }) => intend('blow', { reason: 'program' }),
  },
});
const lit = lampPattern.wire(root, { most: 60, guard: (change) => change.name === 'lit' && change.value });
yes<Same<typeof lit.lit, Cell<boolean>>>();
lit.dimTo(40);
// @ts-expect-error: it takes a number
lit.dimTo('40');
// @ts-expect-error: no such method
lit.shine();
// @ts-expect-error: no such option
lampPattern.wire(root, { least: 3 });
declare const lampElement: ElementOf<typeof lampPattern>;
lampElement.dimTo(3);
lampElement.most = 4;

// Options that change later are typed as those that it was wired with.
lit.update({ most: 80, guard: undefined });
// @ts-expect-error: no such option
lit.update({ least: 3 });
wireDialog(root).update({ outside: 'keep' });
// @ts-expect-error: no such word
wireDialog(root).update({ outside: 'shut' });
wireListbox(root, { items: boats }).update({ items: boats, selected: 'a' });
// @ts-expect-error: no such option of a toolbar
wireToolbar(root).update({ activation: 'manual' });

// Handles have names.
const dialogHandle = useDialog();
yes<Same<typeof dialogHandle, DialogHandle>>();
const severalHandle = useListbox({ items: boats, multiple: true });
yes<Same<typeof severalHandle, ListboxHandle<Boat, true>>>();
const lampHandle = usePattern(lampPattern, { most: 60 });
yes<Same<typeof lampHandle.lit, boolean>>();
lampHandle.dimTo(3);
lampHandle.opener('--light');
// @ts-expect-error: no such part
lampHandle.shade();
