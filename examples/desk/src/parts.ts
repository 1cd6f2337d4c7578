// The parts of a boat: a tree with checks, a filter and a branch that the store has to be asked for; or one of 100,000.
import { cell, type TreeNode, wireSwitch, wireTree } from 'elastic-shell';
import orders from 'quillhaven-data/orders.json';
import { makeServer } from 'quillhaven-data/server';
import parts from 'quillhaven-data/parts.json';
import type { Order, Part } from 'quillhaven-data/types';
import { wireTopbar } from './topbar';

const find = <E extends HTMLElement>(selector: string): E => document.querySelector<E>(selector)!;
const server = makeServer(orders as Order[], sessionStorage);
wireTopbar(server);

/** What is below deck is on the store's own list. */
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
checked.subscribe((keys) => {
  find('#chosen').textContent = `${keys.size}`;
});

const tree = wireTree(find('#parts'), {
  items,
  checked,
  expanded: ['boat'],
  checks: true,
  children: async ({ key }) => (await server.parts(key)).map(nodeOf),
});

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
