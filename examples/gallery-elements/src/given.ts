// Data and functions, which markup can't express, as properties that are set before the elements are defined.
import type { Item, TreeNode } from 'elastic-shell';
import { later, rivets, stores } from '../../gallery/src/data.ts';

const row = ({ label }: Item): HTMLElement => {
  const node = document.createElement('span');
  node.className = 'rivet';
  const words = document.createElement('small');
  words.textContent = 'by a function';
  node.append(`${label} `, words);
  return node;
};

/** Sets properties on the marked element. */
const give = (name: string, properties: object): void =>
  void Object.assign(document.querySelector(`[data-given=${name}]`) ?? {}, properties);

give('rivets', { items: rivets, render: row });
give('stores', { items: stores satisfies TreeNode[], render: row });
give('log', {
  content: async () => {
    const said = document.createElement('p');
    said.textContent = await later(300, 'Two boats in, one out, and a seal.');
    return said;
  },
});
