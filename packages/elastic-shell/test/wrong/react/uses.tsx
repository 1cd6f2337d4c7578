// Wrong uses in React, and the first line of each error.
import { useState } from 'react';
import { Rows, useCombobox, useDialog, useTabs } from 'elastic-shell/react';

export function Wrong() {
  const [count, setCount] = useState(0);
  // says: Object literal may only specify known properties, but 'outsid' does not exist in type 'UseDialogOptions'. Did you mean to write 'outside'?
  const dialog = useDialog({ outsid: 'keep' });
  // says: Type '[number, Dispatch<SetStateAction<number>>]' is not assignable to type 'StateOption<string | undefined> | StatePair<string | undefined> | readonly [string | null | undefined, CallableFunction]'.
  const tabs = useTabs({ selected: [count, setCount] });
  const combobox = useCombobox({ items: [{ key: 'a', label: 'A', berth: 7 }] });
  // says: Cannot assign to 'selected' because it is a read-only property.
  tabs.selected = 7;
  // says: Property 'hide' does not exist on type 'DialogHandle'.
  dialog.hide();
  return (
    <>
      {/* says: Type '{ ref?: RefCallback<HTMLDialogElement>; }' is not assignable to type 'DetailedHTMLProps<HTMLAttributes<HTMLDivElement>, HTMLDivElement>'. */}
      <div {...dialog.root} />
      {/* says: Argument of type 'number' is not assignable to parameter of type 'string'. */}
      <div {...tabs.panel(1)} />
      {/* says: Property 'input' does not exist on type 'ComboboxHandle<{ key: string; label: string; berth: number; }, false>'. */}
      <input {...combobox.input} />
      {/* says: Property 'draught' does not exist on type '{ key: string; label: string; berth: number; }'. */}
      <Rows of={combobox}>{({ draught }) => draught}</Rows>
      {/* says: Type 'Readonly<DialogHandleIn<Part>>' has no properties in common with type 'RowsOf<unknown>'. */}
      <Rows of={dialog}>{() => null}</Rows>
    </>
  );
}
