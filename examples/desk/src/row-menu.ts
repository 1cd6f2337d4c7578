// The actions for an order, in a menu of its row, opened by a button or as a context menu.
import { cell, type MenuPick, wireMenu } from 'elastic-shell';
import type { Order, OrderState } from 'quillhaven-data/types';

interface Rows {
  orderOf(element: Element | null | undefined): Order | undefined;
  notesOf(order: Order): { get(): boolean; set(open: boolean): void } | undefined;
  /** An order's state is chosen. */
  choose(order: Order, state: OrderState): void;
}

const find = (selector: string): HTMLElement => document.querySelector<HTMLElement>(selector)!;

/** Wires it. Returns the element for which the menu was last opened. */
export function wireRowMenu({ orderOf, notesOf, choose }: Rows): () => Element | undefined {
  const state = cell<ReadonlySet<string>>(new Set());
  const notes = cell<ReadonlySet<string>>(new Set());
  const menu = wireMenu(find('#row-menu'), {
    context: '.order',
    checked: notes,
    onPick({ key, about }: MenuPick) {
      const order = orderOf(about);
      if (key === 'notes' && order) notesOf(order)?.set(notes.get().has('notes'));
    },
  });
  menu.about.subscribe((about) => {
    const order = orderOf(about);
    if (!order) return;
    state.set(new Set([order.state]));
    notes.set(new Set(notesOf(order)?.get() ? ['notes'] : []));
  });
  wireMenu(find('#state-menu'), {
    checked: state,
    onPick({ key }) {
      const order = orderOf(menu.about.get());
      if (order) choose(order, key as OrderState);
    },
  });
  return () => menu.about.get();
}
