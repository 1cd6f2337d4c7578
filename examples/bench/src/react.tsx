import { Rows, useCombobox, useTree } from 'elastic-shell/react';
import { createContext, useContext, useEffect, useState } from 'react';
import { createRoot } from 'react-dom/client';
import { rows } from './rows/react';
import { found, type Node, nodes, options, place } from './data';

const isOurs = location.search === '?ours';
let expandAll = (): void => {};
const Label = ({ text }: { text: string }) => <span>{text}</span>;

function OurTree() {
  const tree = useTree<Node>({ items: nodes });
  useEffect(() => {
    expandAll = () => tree.expand();
  });
  return (
    <>
      <div {...tree.root} aria-label="Parts" />
      <Rows of={tree}>{({ label }) => <Label text={label} />}</Rows>
    </>
  );
}
function OurList() {
  const combobox = useCombobox({ items: options });
  return (
    <div {...combobox.root}>
      <label {...combobox.label}>Rivet</label>
      <input {...combobox.field} />
      <div {...combobox.popup}>
        <div {...combobox.list} />
      </div>
      <Rows of={combobox}>{({ label }) => <Label text={label} />}</Rows>
    </div>
  );
}

/** The simplest way: a component for each node, with a boolean of its own; a full list. */
const All = createContext(0);
function Branch({ node }: { node: Node }) {
  const [open, setOpen] = useState(false);
  const all = useContext(All);
  useEffect(() => {
    if (all) setOpen(true);
  }, [all]);
  return (
    <li>
      <button aria-expanded={node.children ? open : undefined} onClick={() => setOpen(!open)}>
        <Label text={node.label} />
      </button>
      {open && node.children && (
        <ul>
          {node.children.map((child) => (
            <Branch key={child.key} node={child} />
          ))}
        </ul>
      )}
    </li>
  );
}
function ObviousTree() {
  const [all, setAll] = useState(0);
  expandAll = () => setAll(1);
  return (
    <All value={all}>
      <ul>
        {nodes.map((node) => (
          <Branch key={node.key} node={node} />
        ))}
      </ul>
    </All>
  );
}
function ObviousList() {
  const [query, setQuery] = useState('');
  const [open, setOpen] = useState(false);
  return (
    <div>
      <input
        role="combobox"
        aria-label="Part"
        value={query}
        onFocus={() => setOpen(true)}
        onChange={({ target }) => setQuery(target.value)}
      />
      {open && (
        <ul>
          {found(query).map(({ key, label }) => (
            <li key={key}>
              <Label text={label} />
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

const root = createRoot(place());
globalThis.bench = {
  tree: () => root.render(isOurs ? <OurTree /> : <ObviousTree />),
  openAll: () => expandAll(),
  list: () => root.render(isOurs ? <OurList /> : <ObviousList />),
  ...rows(root, isOurs),
};
