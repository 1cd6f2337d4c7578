import type { Item } from 'elastic-shell';
import { createCombobox } from 'elastic-shell/solid';
import { createSignal } from 'solid-js';

const search = async (query: string, signal: AbortSignal): Promise<readonly Item[]> => {
  const response = await fetch(`/yard/boats?q=${encodeURIComponent(query)}`, { signal });
  if (!response.ok) throw new Error('The office did not answer.');
  return response.json();
};

/** A combobox that loads options from a server while the user types. Only the latest result is used, and a failure offers a retry. */
export function BoatSearch() {
  const [boat, setBoat] = createSignal<string | undefined>();
  const combobox = createCombobox({ items: search, name: 'boat', selected: [boat, setBoat] });
  return (
    <>
      <div {...combobox.root}>
        <label {...combobox.label}>Boat</label>
        <div {...combobox.box}>
          <input {...combobox.field} />
        </div>
        <div {...combobox.popup}>
          <div {...combobox.list} />
        </div>
      </div>
      <output>{boat()}</output>
    </>
  );
}
