// The data of the server: orders that were not struck, boats with the changes of a visitor, and whether the
// lights are on.
import allBoats from 'quillhaven-data/boats.json' with { type: 'json' };
import all from 'quillhaven-data/orders.json' with { type: 'json' };

/** A berth holds one boat. */
const boats = allBoats
  .slice(0, 12)
  .filter(({ berth }, at) => allBoats.findIndex((boat) => boat.berth === berth) === at)
  .map(({ id, name, kind, berth }) => ({ id, name, kind, berth }));
const names = new Map(allBoats.map(({ id, name }) => [id, name]));
const orders = all.slice(0, 20).map((order) => ({ ...order, boat: names.get(order.boat) ?? '' }));

/** The names of all boats, in order. */
export const boatNames = [...new Set(orders.map(({ boat }) => boat))].sort();

/** The data for a new visitor. */
export const fresh = () => ({ struck: new Set(), lights: true, warnings: 0, boats: structuredClone(boats) });

/** The remaining orders of the boats whose name contains `name`. */
export const ordersOf = ({ struck }, name = '') =>
  orders.filter(({ id, boat }) => !struck.has(id) && boat.toLowerCase().includes(name.toLowerCase()));

export const strike = ({ struck }, id) => struck.add(id);

/** Changes a boat. Returns the errors by field, or nothing if the boat was changed. */
export function changeBoat(visit, id, { name, berth }) {
  const others = visit.boats.filter((boat) => boat.id !== id);
  const wrong = {};
  if (!name.trim()) wrong.name = 'A boat needs a name.';
  else if (others.some((boat) => boat.name === name.trim())) wrong.name = 'Another boat has that name.';
  const taken = others.find((boat) => boat.berth === berth.trim());
  if (!/^[A-Z]\d+$/.test(berth.trim())) wrong.berth = 'A berth is a letter and a number.';
  else if (taken) wrong.berth = `${taken.name} lies there.`;
  if (!Object.keys(wrong).length)
    Object.assign(visit.boats.find((boat) => boat.id === id) ?? {}, {
      name: name.trim(),
      berth: berth.trim(),
    });
  return wrong;
}

export const release = (visit, id) => {
  visit.boats = visit.boats.filter((boat) => boat.id !== id);
};
