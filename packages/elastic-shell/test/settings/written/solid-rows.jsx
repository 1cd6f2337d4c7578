// Rows with a dialog each that strike themselves, tabs that change places, and a combobox whose options are a signal.
import { createSignal, For } from 'solid-js';
import { render } from 'solid-js/web';
import { createCombobox, createDialog, createTabs } from 'elastic-shell/solid';

function Row(props) {
  const dialog = createDialog({
    onChange: ({ value, result }) => !value && result === 'strike' && props.onStrike(),
  });
  return (
    <li>
      <button {...dialog.opener()} class="open">
        Strike {props.name}
      </button>
      <dialog {...dialog.root}>
        <h2>Strike it?</h2>
        <button {...dialog.closer('strike')} class="strike">
          Strike
        </button>
      </dialog>
    </li>
  );
}

function App() {
  const [rows, setRows] = createSignal(['ada', 'bee', 'cod']);
  const [sheets, setSheets] = createSignal(['hull', 'rig', 'engine']);
  const [boats, setBoats] = createSignal([
    { key: 'heron', label: 'Heron' },
    { key: 'tern', label: 'Tern' },
  ]);
  const tabs = createTabs({ selected: 'rig' });
  const boat = createCombobox({ items: boats, onChange: () => {} });
  Object.assign(globalThis, {
    turn: () => setSheets((now) => now.toReversed()),
    rename: () => setBoats((now) => now.map((each) => ({ ...each, label: `${each.label}s` }))),
  });
  return (
    <>
      <ul>
        <For each={rows()}>
          {(name) => (
            <Row name={name} onStrike={() => setRows((now) => now.filter((each) => each !== name))} />
          )}
        </For>
      </ul>
      <div {...tabs.root}>
        <div {...tabs.list} aria-label="Sheets">
          <For each={sheets()}>{(key) => <button {...tabs.tab(key)}>{key}</button>}</For>
        </div>
        <For each={sheets()}>{(key) => <div {...tabs.panel(key)}>{key}</div>}</For>
      </div>
      <div {...boat.root}>
        <label {...boat.label}>Boat</label>
        <input {...boat.field} />
        <div {...boat.popup}>
          <div {...boat.list} />
        </div>
      </div>
    </>
  );
}

render(() => <App />, document.querySelector('#app'));
Object.assign(globalThis, { ready: true });
