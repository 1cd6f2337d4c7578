import { createTree } from 'elastic-shell/solid';
import { For, Show } from 'solid-js';

type Place = { key: string; label: string; places?: readonly Place[] };

const yard: readonly Place[] = [
  {
    key: 'sheds',
    label: 'Sheds',
    places: [
      { key: 'loft', label: 'Sail loft' },
      { key: 'smithy', label: 'Smithy' },
    ],
  },
  {
    key: 'slips',
    label: 'Slips',
    places: [
      { key: 'great', label: 'Great slip' },
      { key: 'little', label: 'Little slip' },
    ],
  },
  { key: 'quay', label: 'Quay' },
];

function Places(props: { tree: ReturnType<typeof createTree>; places: readonly Place[] }) {
  return (
    <For each={props.places}>
      {({ key, label, places }) => (
        <li {...(places ? props.tree.branch(key) : props.tree.leaf(key))}>
          {label}
          <Show when={places}>
            {(within) => (
              <ul {...props.tree.group}>
                <Places tree={props.tree} places={within()} />
              </ul>
            )}
          </Show>
        </li>
      )}
    </For>
  );
}

/** Nested lists as a tree view. Arrow keys move, expand and collapse. */
export function YardPlaces() {
  const tree = createTree();
  return (
    <ul {...tree.root} aria-label="Yard">
      <Places tree={tree} places={yard} />
    </ul>
  );
}
