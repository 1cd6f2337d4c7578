// What the server knows: orders that are not struck, and whether the lights are on.
import boats from 'quillhaven-data/boats.json' with { type: 'json' };
import all from 'quillhaven-data/orders.json' with { type: 'json' };

const names = new Map(boats.map(({ id, name }) => [id, name]));
const orders = all.slice(0, 20).map((order) => ({ ...order, boat: names.get(order.boat) ?? '' }));

/** The names of all boats, in order. */
export const boatNames = [...new Set(orders.map(({ boat }) => boat))].sort();

/** What a visitor finds first. */
export const fresh = () => ({ struck: new Set(), lights: true });

/** The orders that are left, of boats whose name has `name` in it. */
export const ordersOf = ({ struck }, name = '') =>
  orders.filter(({ id, boat }) => !struck.has(id) && boat.toLowerCase().includes(name.toLowerCase()));

export const strike = ({ struck }, id) => struck.add(id);
