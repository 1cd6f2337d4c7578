// The parts of a boat: a tree with checkboxes, a filter and a branch that loads from the store; or one of
// 100,000 nodes.
import { cell, type TreeNode, wireSwitch, wireTree } from 'elastic-shell';
import orders from 'quillhaven-data/orders.json';
import { makeServer } from 'quillhaven-data/server';
import parts from 'quillhaven-data/parts.json';
import type { Order, Part } from 'quillhaven-data/types';
import { makeDetail } from './part-detail';
import { wireTopbar } from './topbar';

const find = <E extends HTMLElement>(selector: string): E => document.querySelector<E>(selector)!;
const server = makeServer(orders as Order[], sessionStorage);
wireTopbar(server);

/** The parts below deck are on the store's own list. */
const asked = new Set(['p5']);
const nodeOf = (part: Part): TreeNode => ({
  key: part.key,
  label: part.label,
  ...(asked.has(part.key)
    ? { children: 'lazy' as const }
    : part.children && { children: part.children.map(nodeOf) }),
});
const few = (parts as Part[]).map(nodeOf);
const items = cell<readonly TreeNode[]>(few);
const checked = cell<ReadonlySet<string>>(new Set());
const detail = makeDetail();
items.subscribe(detail.replace);
detail.replace(few);
checked.subscribe((keys) => {
  find('#chosen').textContent = `${keys.size}`;
  detail.order(keys);
});

const tree = wireTree(find('#parts'), {
  items,
  checked,
  expanded: ['boat'],
  checks: true,
  async children({ key }) {
    const children = (await server.parts(key)).map(nodeOf);
    detail.add(key, children);
    return children;
  },
});
// The details follow the current row.
tree.current.subscribe((key) => key && detail.show(key));
detail.show('boat');

wireSwitch(find('#many'), {
  onChange({ name, value }) {
    if (name !== 'checked') return;
    tree.query.set('');
    find<HTMLInputElement>('#find').value = '';
    checked.set(new Set());
    if (!value) return items.set(few);
    void import('quillhaven-data/make-parts').then(({ makeParts }) => items.set(makeParts(100_000)));
  },
});
