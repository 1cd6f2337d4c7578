// Wrong uses in Solid, and the first line of each error.
import { createSignal } from 'solid-js';
import { createDialog, createListbox, createTabs, Rows } from 'elastic-shell/solid';

export function Wrong() {
  const [count, setCount] = createSignal(0);
  // says: Object literal may only specify known properties, and 'outsid' does not exist in type 'Given<CreateDialogOptions>'.
  const dialog = createDialog({ outsid: 'keep' });
  // says: Type '[Accessor<number>, Setter<number>]' is not assignable to type 'StateOption<string | undefined> | StatePair<string | undefined> | readonly [Accessor<string | null | undefined>, CallableFunction] | Accessor<...>'.
  const tabs = createTabs({ selected: [count, setCount] });
  // says: Type 'number' is not assignable to type 'string'.
  tabs.selected = 7;
  // says: Property 'hide' does not exist on type 'DialogHandle'.
  dialog.hide();
  const listbox = createListbox({ items: [{ key: 'a', label: 'A', berth: 7 }] });
  return (
    <>
      {/* says: Type '{ ref?: (element: HTMLDialogElement) => void; }' is not assignable to type 'HTMLAttributes<HTMLDivElement>'. */}
      <div {...dialog.root} />
      {/* says: Type '{ children: string; ref?: (element: HTMLButtonElement) => void; }' is not assignable to type 'HTMLAttributes<HTMLSpanElement>'. */}
      <span {...dialog.opener()}>Open</span>
      {/* says: Argument of type 'number' is not assignable to parameter of type 'string'. */}
      <div {...tabs.panel(1)} />
      {/* says: Property 'draught' does not exist on type '{ key: string; label: string; berth: number; }'. */}
      <Rows of={listbox}>{(item) => item().draught}</Rows>
      {/* says: Type 'DialogHandleIn<Part>' has no properties in common with type 'RowsOf<unknown>'. */}
      <Rows of={dialog}>{() => ''}</Rows>
    </>
  );
}
