// The orders list as HTML text, created during the build. `main.ts` finds its rows again by data-order.
import type { Boat, Order, Pennant } from 'quillhaven-data/types';

const escapes: Record<string, string> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };
export const escapeHtml = (text: string): string => text.replace(/[&<>"]/g, (sign) => escapes[sign]!);

export const outlines: Record<Pennant['shape'], string> = {
  swallowtail: 'M1 2H23L17 8L23 14H1Z',
  triangle: 'M1 2L23 8L1 14Z',
  square: 'M1 2H17V14H1Z',
  burgee: 'M1 2L23 5V11L1 14Z',
  streamer: 'M1 2L23 7V9L1 14Z',
};

export const pennant = ({ shape, field, mark }: Pennant): string =>
  `<svg class="pennant" viewBox="0 0 24 16" aria-hidden="true"><path class="paint-${field}" d="${outlines[shape]}"/>${mark === field ? '' : `<circle class="paint-${mark}" cx="7" cy="8" r="3"/>`}</svg>`;

export const pounds = (cost: number): string => `£${cost.toLocaleString('en-GB')}`;

export const day = (iso: string): string =>
  new Date(`${iso}T00:00:00Z`).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'short',
    timeZone: 'UTC',
  });

const row = (order: Order, boat: Boat): string => {
  const { id } = order;
  const title = escapeHtml(order.title);
  return `
<li class="order" data-order="${id}">
  <span class="number">${id}</span>
  <strong class="work" data-field="title">${title}</strong>
  <span class="boat">${pennant(boat.pennant)}<span data-field="boat">${escapeHtml(boat.name)}</span><button type="button" class="berth" commandfor="tide" command="--toggle" data-berth="${boat.berth}" aria-label="Berth ${boat.berth}, tide">${boat.berth}</button></span>
  <span class="state" data-field="state" data-state="${order.state}">${order.state}</span>
  <time class="due" data-field="due" datetime="${order.due}">${day(order.due)}</time>
  <span class="hours"><span data-field="hours">${order.hours}</span> h</span>
  <span class="cost" data-field="cost">${pounds(order.cost)}</span>
  <span class="actions">
    <button type="button" data-button="quiet" class="edit" commandfor="edit" command="show-modal" aria-label="Edit order ${id}">Edit order</button>
    <button type="button" data-button="quiet" class="strike" commandfor="strike" command="show-modal" aria-label="Strike order ${id}…">Strike order…</button>
    <button type="button" data-button="quiet" class="more" commandfor="row-menu" command="--toggle" aria-label="More for order ${id}"><svg viewBox="0 0 16 16" aria-hidden="true"><path d="M8 3.5v.01M8 8v.01M8 12.5v.01"/></svg></button>
  </span>
  <span class="trades" data-field="trades">${order.trades.map(escapeHtml).join(', ')}</span>
  <details class="notes">
    <summary><span data-marker aria-hidden="true"></span><span class="words"><span data-when="closed">Show notes</span><span data-when="open">Hide notes</span></span></summary>
    <ul>${order.notes.map((note) => `<li>${escapeHtml(note)}</li>`).join('')}</ul>
  </details>
</li>`;
};

export const orderRows = (orders: Order[], boats: Boat[]): string =>
  orders
    .map((order) =>
      row(
        order,
        boats.find((boat) => boat.id === order.boat)!,
      ),
    )
    .join('');

export const boatOptions = (boats: Boat[]): string =>
  boats.map((boat) => `<option value="${boat.id}">${escapeHtml(boat.name)}</option>`).join('');
