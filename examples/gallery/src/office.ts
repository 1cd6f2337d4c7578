// Shared by the orders pages of all frameworks: the office server of this window, the boats, and the formats
// of values.
import boatList from 'quillhaven-data/boats.json';
import orderList from 'quillhaven-data/orders.json';
import { makeServer } from 'quillhaven-data/server';
import tradeList from 'quillhaven-data/trades.json';
import type { Boat, NamedPennant, Order, Pennant } from 'quillhaven-data/types';

export type { Boat, NamedPennant, Order, Pennant } from 'quillhaven-data/types';
export { day, outlines, pounds } from '../../desk/src/rows.ts';

export const office = makeServer(orderList as Order[], sessionStorage);
export const boats = boatList as Boat[];
export const boatOf = (id: string): Boat => boats.find((boat) => boat.id === id) ?? boats[0]!;
export const trades = tradeList.map(({ name, group }) => ({ key: name, label: name, group }));
export const pennantKey = ({ shape, field, mark }: Pennant): string => `${shape}-${field}-${mark}`;

/** The pennants that the loft can sew, and the module that draws them, both loaded on demand. */
export const loadGrid = async <M>(module: Promise<M>): Promise<M & { pennants: NamedPennant[] }> => {
  const [loaded, pennants] = await Promise.all([module, office.pennants()]);
  return { ...loaded, pennants: pennants.slice(0, 60) };
};

/** The fields of an order that the form changes. */
export const sameOrder = (one: Order, other: Order): boolean => JSON.stringify(one) === JSON.stringify(other);
