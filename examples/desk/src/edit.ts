// Editing an order: a form in a dialog, saved by the server, with a second dialog when changes would be lost.
import { wireCombobox, wireDialog, wireDisclosure } from 'elastic-shell';
import type { Server } from 'quillhaven-data/server';
import trades from 'quillhaven-data/trades.json';
import type { Order, OrderState } from 'quillhaven-data/types';

interface Desk {
  server: Server;
  orderOf(control: Element | null | undefined): Order | undefined;
  saved(order: Order): void;
}

const find = <E extends HTMLElement>(selector: string): E => document.querySelector<E>(selector)!;

export function wireEdit({ server, orderOf, saved }: Desk): void {
  const form = find<HTMLFormElement>('#edit-form');
  const field = (name: string): HTMLInputElement => form.elements.namedItem(name) as HTMLInputElement;
  let editing: Order | undefined;
  let before = '';

  const needed = wireCombobox(find('#edit-trades'), {
    multiple: true,
    limit: 4,
    items: trades.map(({ name, group }) => ({ key: name, label: name, group })),
    messages: { required: () => 'Say which trade is needed.' },
  });
  const typed = (): string => JSON.stringify([...new FormData(form)]);
  const fill = (order: Order): void => {
    editing = order;
    find('#edit-title').textContent = `Edit order ${order.id}`;
    for (const name of ['title', 'boat', 'state', 'due', 'hours', 'cost'] as const)
      field(name).value = `${order[name]}`;
    needed.selected.set(new Set(order.trades));
    field('notes').value = order.notes.join('\n');
    before = typed();
  };
  const read = (order: Order): Order => ({
    ...order,
    title: field('title').value.trim(),
    boat: field('boat').value,
    state: field('state').value as OrderState,
    due: field('due').value,
    hours: field('hours').valueAsNumber,
    cost: field('cost').valueAsNumber,
    trades: [...(needed.selected.get() as ReadonlySet<string>)],
    notes: field('notes')
      .value.split('\n')
      .filter((note) => note.trim()),
  });

  const discard = wireDialog(find('#discard'));
  const notes = wireDisclosure(find('#edit-notes'));

  wireDialog(find('#edit'), {
    guard({ value, source, result }) {
      if (value) {
        const order = orderOf(source);
        if (order) fill(order);
        notes.open.set(false);
        return !!order;
      }
      if (result === 'save') return server.save(read(editing!)).then(saved);
      return typed() === before || discard.ask().then((answer) => answer === 'discard');
    },
  });
}
