// The view of everything that is wired, as a tree: open layers first, then by pattern, with the states,
// options and parts of the selected one.
import type { TreeNode } from '../../core/collection/tree.js';
import { cell } from '../../core/cell.js';
import { invokersOf } from '../../engine/invoker-index.js';
import { wiredRun } from '../../engine/registry.js';
import { layersOf } from '../../layer/open-layers.js';
import { type Tree, wireTree } from '../../patterns/tree/wire.js';
import { notesOf, optionsOfRoot, partsOfRoot, statesOf } from '../describe.js';
import { button, type Child, fill, make } from '../make.js';
import type { Context, View } from '../view.js';
import { allWired, keyOfRoot, placeOf, rootOfKey, tagOf, titleOf, type WiredRoot } from '../wired.js';

/** A pattern with more roots than this is collapsed at first. */
const mostOpen = 20;

/** The rows of the tree. */
function nodesOf(all: readonly WiredRoot[], document: Document): TreeNode[] {
  const byPattern = new Map<string, TreeNode[]>();
  const titles = all.map(
    ({ root, run }) => [titleOf(root), `${run.contract.name} ${titleOf(root)}`] as const,
  );
  const counts = new Map<string, number>();
  for (const [, own] of titles) counts.set(own, (counts.get(own) ?? 0) + 1);
  for (const [at, { root, run }] of all.entries()) {
    const { name } = run.contract;
    const nodes = byPattern.get(name) ?? [];
    byPattern.set(name, nodes);
    const [title = '', own = ''] = titles[at] ?? [];
    const place = (counts.get(own) ?? 0) > 1 ? placeOf(root) : '';
    nodes.push({ key: keyOfRoot(root), label: place ? `${title} · ${place}` : title });
  }
  const layers = layersOf(document).map(({ id, modal }) => ({
    key: `open ${keyOfRoot(id)}`,
    label: `${titleOf(id)}${modal ? ' (modal)' : ''}`,
  }));
  const patterns = [...byPattern].map(([name, children]) => ({
    key: `pattern ${name}`,
    label: `${name} (${children.length})`,
    children,
  }));
  return [
    ...(layers.length ? [{ key: 'open', label: `open layers (${layers.length})`, children: layers }] : []),
    ...patterns,
  ];
}

/** The root of a row. */
const rootOf = (key: string | undefined): HTMLElement | undefined => rootOfKey(key?.replace(/^open /, ''));

const table = (label: string, rows: readonly (readonly Child[])[]): HTMLElement =>
  make(
    'table',
    { 'aria-label': label },
    make(
      'tbody',
      {},
      ...rows.map(([first, ...others]) =>
        make('tr', {}, make('th', { scope: 'row' }, first), ...others.map((each) => make('td', {}, each))),
      ),
    ),
  );

function partRows(root: Element, run: WiredRoot['run']): Child[][] {
  return partsOfRoot(root, run).map(({ name, is, count, isMissing, why }) => [
    name,
    isMissing
      ? make('span', { class: 'bad' }, `missing: ${is}. ${why}`)
      : make(
          'span',
          { title: is, class: count ? undefined : 'soft' },
          count ? (count === 1 ? 'there' : `${count} of them`) : 'none',
        ),
  ]);
}

/** The details of a selected root. */
function aboutOf(root: HTMLElement, context: Context): Child[] {
  const run = wiredRun(root);
  if (!run) return [make('p', { class: 'soft' }, `${tagOf(root)} is not wired any more.`)];
  const { name } = run.contract;
  const options = optionsOfRoot(root, run);
  const given = options.filter(({ from }) => from !== 'default');
  const left = options.filter(({ from }) => from === 'default');
  return [
    make('h3', {}, `${name} “${titleOf(root)}”`),
    make('p', { class: 'soft' }, make('code', {}, tagOf(root)), ` ${notesOf(name)?.summary ?? ''}`),
    make(
      'div',
      { class: 'row' },
      button('Show', () =>
        context.point(
          root,
          invokersOf(root).map((element) => ({ element, word: 'opener', isPart: true })),
        ),
      ),
      button('What happened to it', () => context.showHappenings(root)),
    ),
    run.isIncomplete &&
      make('p', { class: 'bad' }, 'A part that it needs was removed. It waits until it is back.'),
    make('h3', {}, 'States'),
    table(
      'States',
      statesOf(run).map(({ name: state, value, isOwned }) => [
        state,
        `${value}${isOwned ? ', controlled by a cell' : ''}`,
      ]),
    ),
    make('h3', {}, 'Parts'),
    table('Parts', partRows(root, run)),
    make('h3', {}, 'Options'),
    given.length
      ? table(
          'Options',
          given.map(({ name: option, value, from }) => [option, value, from]),
        )
      : make('p', { class: 'soft' }, 'None is set.'),
    make(
      'details',
      {},
      make('summary', {}, `${left.length} defaults`),
      table(
        'Options with defaults',
        left.map(({ name: option, value }) => [option, value]),
      ),
    ),
  ];
}

/** Creates the view. */
export function wiredView(context: Context): View & { select(root: HTMLElement): void } {
  const items = cell<readonly TreeNode[]>([]);
  const tree = make('ul', { role: 'tree', 'aria-label': 'Wired elements' });
  const about = make('div', {
    class: 'about',
    tabindex: '0',
    role: 'group',
    'aria-label': 'Details of the selected element',
  });
  const element = make('div', { class: 'split' }, make('div', { class: 'tree' }, tree), about);
  let wired: Tree | undefined;
  let said = '';
  /** The search is slow in a large page, so it is not repeated at once. */
  let next = 0;
  let later: ReturnType<typeof setTimeout> | undefined;
  const search = (): void => {
    clearTimeout(later);
    later = undefined;
    const began = performance.now();
    const nodes = nodesOf(allWired(context.document), context.document);
    const now = JSON.stringify(nodes);
    if (now !== said) items.set(nodes);
    said = now;
    const ended = performance.now();
    next = ended + 10 * (ended - began);
  };
  const selected = (): HTMLElement | undefined => rootOf(wired?.selected.get());
  const start = (): void => {
    if (wired) return;
    const expanded = items
      .get()
      .filter(({ children }) => !Array.isArray(children) || children.length <= mostOpen)
      .map(({ key }) => key);
    wired = wireTree<TreeNode>(tree, { items, expanded, activation: 'automatic' });
    wired.selected.subscribe(() => {
      const root = selected();
      if (root) context.point(root);
      tell();
    });
  };
  const tell = (): void => {
    const root = selected();
    const children = root
      ? aboutOf(root, context)
      : [
          make(
            'p',
            { class: 'soft' },
            'Select an element to see its states, its parts, and where its options came from.',
          ),
        ];
    // The details are compared as text, so that what somebody reads or selects stays as long as it is the
    // same.
    const text = children.map((child) => (child instanceof Node ? child.textContent : child)).join('|');
    fill(about, children, `${root ? keyOfRoot(root) : ''}|${text}`);
  };
  return {
    key: 'wired',
    title: 'Wired',
    element,
    refresh() {
      if (performance.now() >= next) search();
      else later ??= setTimeout(search, next - performance.now());
      start();
      tell();
    },
    select(root) {
      start();
      const key = keyOfRoot(root);
      wired?.expandTo(key);
      wired?.selected.set(key);
    },
  };
}
