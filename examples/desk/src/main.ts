// The yard desk: strikes and edits work orders. The page exists already; this script adds its behaviour.
import { wireDialog, wireDisclosure } from 'elastic-shell';
import boats from 'quillhaven-data/boats.json';
import first from 'quillhaven-data/orders.json';
import { makeServer } from 'quillhaven-data/server';
import type { Order } from 'quillhaven-data/types';
import { wireEdit } from './edit';
import { wireTide } from './tide';
import { wireFilter } from './filter';
import { wireRowMenu } from './row-menu';
import { day, pounds } from './rows';
import { wireTopbar } from './topbar';

const find = <E extends HTMLElement>(selector: string, within: ParentNode = document): E =>
  within.querySelector<E>(selector)!;

const server = makeServer(first as Order[], sessionStorage);
let orders = server.orders();

const list = find('#orders');
const status = find('#status');
const rows = (): HTMLElement[] => [...list.querySelectorAll<HTMLElement>('[data-order]')];
const rowOf = (id: string | undefined): HTMLElement | undefined =>
  rows().find((row) => row.dataset['order'] === id);
/** A control in the row's menu is about the row for which the menu was opened. */
const orderOf = (control: Element | null | undefined): Order | undefined => {
  const about = control?.closest('[role=menu]') ? aboutMenu() : control;
  return orders.find((order) => order.id === about?.closest<HTMLElement>('[data-order]')?.dataset['order']);
};
const boatOf = (id: string): (typeof boats)[number] => boats.find((boat) => boat.id === id)!;
const boatName = (id: string): string => boatOf(id).name;

const show = (row: HTMLElement, order: Order): void => {
  const texts: Record<string, string> = {
    title: order.title,
    trades: order.trades.join(', '),
    boat: boatName(order.boat),
    state: order.state,
    due: day(order.due),
    hours: `${order.hours}`,
    cost: pounds(order.cost),
  };
  for (const [field, text] of Object.entries(texts)) find(`[data-field=${field}]`, row).textContent = text;
  const berth = find('.berth', row);
  berth.dataset['berth'] = berth.textContent = boatOf(order.boat).berth;
  berth.setAttribute('aria-label', `Berth ${berth.textContent}, tide`);
  find('[data-field=state]', row).dataset['state'] = order.state;
  find('.notes ul', row).replaceChildren(
    ...order.notes.map((note) => Object.assign(document.createElement('li'), { textContent: note })),
  );
};

const refilter = wireFilter((shown) => {
  find('#count').textContent = shown === orders.length ? `${shown}` : `${shown} of ${orders.length}`;
  find('#none').hidden = shown > 0;
});

for (const row of rows()) {
  const order = orders.find(({ id }) => id === row.dataset['order']);
  if (!order) row.remove();
  else show(row, order);
}
refilter();
const notesBy = new Map(
  rows().map((row) => [row.dataset['order'], wireDisclosure(find('details.notes', row))]),
);
const aboutMenu = wireRowMenu({
  orderOf,
  notesOf: ({ id }) => notesBy.get(id)?.open,
  choose(order, state) {
    server.save({ ...order, state }).then(saved, (error: Error) => {
      status.textContent = error.message;
    });
  },
});

wireTide();
wireTopbar(server);

function saved(order: Order): void {
  orders = server.orders();
  const row = rowOf(order.id);
  if (row) show(row, order);
  // The row that was changed last is marked, until another one changes.
  for (const each of rows()) each.toggleAttribute('data-outcome', each === row);
  refilter();
  status.textContent = `Order ${order.id} was saved.`;
}

let striking: Order | undefined;
let next: HTMLElement | null | undefined;
const strike = wireDialog(find('#strike'), {
  guard({ value, source, result }) {
    if (!value) return result === 'strike' && striking ? server.strike(striking.id) : true;
    striking = orderOf(source);
    if (!striking) return false;
    find('#strike-title').textContent = `Strike order ${striking.id}?`;
    find('[data-fact=title]', strike.root).textContent = striking.title;
    find('[data-fact=boat]', strike.root).textContent = boatName(striking.boat);
    find('[data-fact=booked]', strike.root).textContent = `${striking.hours} hours, ${pounds(striking.cost)}`;
    return true;
  },
  onChange({ value, result }) {
    if (value || result !== 'strike' || !striking) return;
    const row = rowOf(striking.id);
    const neighbour = (row?.nextElementSibling ?? row?.previousElementSibling) as
      HTMLElement | null | undefined;
    next = neighbour?.querySelector<HTMLElement>('.strike');
    row?.remove();
    orders = server.orders();
    refilter();
    status.textContent = `Order ${striking.id} was struck.`;
  },
  focusReturn: () => next ?? rowOf(striking?.id)?.querySelector('.strike'),
});

wireEdit({ server, orderOf, saved });
