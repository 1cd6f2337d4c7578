import { createCombobox, createTree, Rows } from 'elastic-shell/solid';
import { createContext, createEffect, createSignal, For, Show, useContext } from 'solid-js';
import { render } from 'solid-js/web';
import { again, Rows as ManyRows } from './rows/solid';
import { found, type Node, nodes, options, place } from './data';

const isOurs = location.search === '?ours';
let expandAll = (): void => {};
const Label = (props: { text: string }) => <span>{props.text}</span>;

function OurTree() {
  const tree = createTree<Node>({ items: nodes });
  expandAll = () => tree.expand();
  return (
    <>
      <div {...tree.root} aria-label="Parts" />
      <Rows of={tree}>{(node) => <Label text={node().label} />}</Rows>
    </>
  );
}
function OurList() {
  const combobox = createCombobox({ items: options });
  return (
    <div {...combobox.root}>
      <label {...combobox.label}>Rivet</label>
      <input {...combobox.field} />
      <div {...combobox.popup}>
        <div {...combobox.list} />
      </div>
      <Rows of={combobox}>{(item) => <Label text={item().label} />}</Rows>
    </div>
  );
}

/** The simplest way: a component for each node, with a boolean of its own; a full list. */
const All = createContext<() => boolean>(() => false);
function Branch(props: { node: Node }) {
  const all = useContext(All);
  const [open, setOpen] = createSignal(false);
  createEffect(() => all() && setOpen(true));
  return (
    <li>
      <button aria-expanded={props.node.children ? open() : undefined} onClick={() => setOpen(!open())}>
        <Label text={props.node.label} />
      </button>
      <Show when={open() && props.node.children}>
        {(children) => (
          <ul>
            <For each={children()}>{(child) => <Branch node={child} />}</For>
          </ul>
        )}
      </Show>
    </li>
  );
}
function ObviousTree() {
  const [all, setAll] = createSignal(false);
  expandAll = () => setAll(true);
  return (
    <All.Provider value={all}>
      <ul>
        <For each={nodes}>{(node) => <Branch node={node} />}</For>
      </ul>
    </All.Provider>
  );
}
function ObviousList() {
  const [query, setQuery] = createSignal('');
  const [open, setOpen] = createSignal(false);
  return (
    <div>
      <input
        role="combobox"
        aria-label="Part"
        onFocus={() => setOpen(true)}
        onInput={({ target }) => setQuery(target.value)}
      />
      <Show when={open()}>
        <ul>
          <For each={found(query())}>
            {({ label }) => (
              <li>
                <Label text={label} />
              </li>
            )}
          </For>
        </ul>
      </Show>
    </div>
  );
}

let end = (): void => {};
const show = (component: () => unknown): void => {
  end();
  end = render(component as () => null, place());
};
globalThis.bench = {
  tree: () => show(isOurs ? OurTree : ObviousTree),
  openAll: () => expandAll(),
  list: () => show(isOurs ? OurList : ObviousList),
  rows: (count) => show(() => <ManyRows count={count} isOurs={isOurs} />),
  again,
  end: () => end(),
};
