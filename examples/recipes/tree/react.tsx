import { useTree } from 'elastic-shell/react';

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

function Places({ tree, places }: { tree: ReturnType<typeof useTree>; places: readonly Place[] }) {
  return places.map(({ key, label, places: within }) => (
    <li key={key} {...(within ? tree.branch(key) : tree.leaf(key))}>
      {label}
      {within && (
        <ul {...tree.group}>
          <Places tree={tree} places={within} />
        </ul>
      )}
    </li>
  ));
}

/** Nested lists as a tree view. Arrow keys move, expand and collapse. */
export function YardPlaces() {
  const tree = useTree();
  return (
    <ul {...tree.root} aria-label="Yard">
      <Places tree={tree} places={yard} />
    </ul>
  );
}
