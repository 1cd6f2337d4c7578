// The data that the bench measures in every framework: a tree of 5,000 nodes, a list of 10,000 options, and
// rows with a menu and a dialog each.

/** A node of the tree, and its children. */
export interface Node {
  key: string;
  label: string;
  children?: Node[];
}

const level = (count: number, make: (at: number) => Node): Node[] =>
  Array.from({ length: count }, (_, at) => make(at));

/** 10 sheds with 10 racks of 49 parts: 5,010 nodes. */
export const nodes: Node[] = level(10, (shed) => ({
  key: `${shed}`,
  label: `Shed ${shed}`,
  children: level(10, (rack) => ({
    key: `${shed}.${rack}`,
    label: `Rack ${rack}`,
    children: level(49, (part) => ({ key: `${shed}.${rack}.${part}`, label: `Part ${part}` })),
  })),
}));

/** The keys of all branches. */
export const branches = nodes.flatMap(({ key, children = [] }) => [key, ...children.map((rack) => rack.key)]);

export const options = Array.from({ length: 10_000 }, (_, at) => ({ key: `${at}`, label: `Rivet ${at}` }));

/** Returns the nodes whose label contains `query`, as a simple search would. */
export const found = (query: string) =>
  options.filter(({ label }) => label.toLowerCase().includes(query.toLowerCase()));

/** The functions of a page of the bench. */
export interface Bench {
  tree(): void;
  openAll(): void;
  list(): void;
  /** Mounts a number of rows with a menu and a dialog each. */
  rows(count: number): void;
  /** Renders all rows once more. */
  again(): void;
  /** Removes everything. */
  end(): void;
}

declare global {
  // Set by the page of each framework, called by the driver.
  var bench: Bench;
}
export const place = (): HTMLElement => document.querySelector<HTMLElement>('#app')!;
