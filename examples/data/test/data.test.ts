// The yard's data: as much of it as the scenario says, whole, and the same every time it is made.
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { makeServer, type Memory } from '../src/server';
import type { Berth, Boat, Crew, NamedPennant, Order, Part, Trade } from '../src/types';

const read = (name: string): string => readFileSync(join(__dirname, `../${name}.json`), 'utf8');
const rows = <T>(name: string): T[] => JSON.parse(read(name)) as T[];
const unique = (values: string[]): boolean => new Set(values).size === values.length;

const orders = rows<Order>('orders');
const boats = rows<Boat>('boats');

const names = [
  'orders',
  'boats',
  'berths',
  'trades',
  'crew',
  'tides',
  'pennants',
  'steps',
  'plates',
  'parts',
];

describe('the data', () => {
  it('is as much as the scenario says', () => {
    const count = (name: string): number => rows(name).length;
    expect(names.map(count)).toEqual([60, 24, 10, 14, 12, 168, 320, 12, 6, 1]);
    expect(new Set(rows<Trade>('trades').map(({ group }) => group)).size).toBe(4);
  });

  it('refers only to what is there', () => {
    const berths = rows<Berth>('berths').map(({ id }) => id);
    const trades = rows<Trade>('trades').map(({ name }) => name);
    for (const { boat, trades: needed } of orders) {
      expect(boats.map(({ id }) => id)).toContain(boat);
      for (const trade of needed) expect(trades).toContain(trade);
    }
    for (const { berth } of boats) expect(berths).toContain(berth);
    for (const { trades: can } of rows<Crew>('crew'))
      for (const trade of can) expect(trades).toContain(trade);
  });

  it('has ids of its own, sound numbers and real days', () => {
    expect(
      [orders.map(({ id }) => id), boats.map(({ id }) => id), boats.map(({ name }) => name)].every(unique),
    ).toBe(true);
    for (const { due, hours, cost, notes } of orders) {
      expect(new Date(due).toISOString().slice(0, 10)).toBe(due);
      expect(hours > 0 && cost > 0 && notes.length > 0).toBe(true);
    }
  });

  it('has a pennant of each kind, and those of the boats among them', () => {
    const pennants = rows<NamedPennant>('pennants').map(({ id }) => id);
    expect(unique(pennants)).toBe(true);
    for (const { pennant } of boats)
      expect(pennants).toContain(`${pennant.shape}-${pennant.field}-${pennant.mark}`);
  });

  it('has a tree of 400 parts in five levels, each with a key of its own', () => {
    const count = (parts: Part[], level: number): [number, number] =>
      parts.reduce(
        ([all, deepest], { children = [] }) => {
          const [under, depth] = count(children, level + 1);
          return [all + 1 + under, Math.max(deepest, depth, level)];
        },
        [0, 0],
      );
    const keys = (parts: Part[]): string[] =>
      parts.flatMap((part) => [part.key, ...keys(part.children ?? [])]);
    expect(count(rows<Part>('parts'), 1)).toEqual([400, 5]);
    expect(unique(keys(rows<Part>('parts')))).toBe(true);
  });

  it('is made the same every time', () => {
    const before = names.map(read);
    execFileSync(process.execPath, [join(__dirname, '../make.mjs')]);
    expect(names.map(read)).toEqual(before);
  });
});

describe('the pretend server', () => {
  const memory = (): Memory & { kept: Map<string, string> } => {
    const kept = new Map<string, string>();
    return {
      kept,
      getItem: (key) => kept.get(key) ?? null,
      setItem: (key, value) => void kept.set(key, value),
      removeItem: (key) => void kept.delete(key),
    };
  };
  const waits: number[] = [];
  const wait = async (milliseconds: number): Promise<void> => void waits.push(milliseconds);

  it('strikes and saves, remembers it, and starts over', async () => {
    const remembered = memory();
    const server = makeServer(orders, remembered, wait);
    await server.strike('W1041');
    await server.save({ ...orders[1]!, title: 'Changed' });
    const again = makeServer(orders, remembered, wait).orders();
    expect([again.length, again[0]!.title]).toEqual([59, 'Changed']);
    server.startOver();
    expect(makeServer(orders, remembered, wait).orders()).toEqual(orders);
  });

  it('fails when told to, with a sentence, and loses nothing', async () => {
    const server = makeServer(orders, memory(), wait);
    server.failing = true;
    await expect(server.strike('W1041')).rejects.toThrow('Order W1041 still stands.');
    expect(server.orders()).toEqual(orders);
  });

  it('takes from 150 to 900 ms', () => {
    for (const milliseconds of waits) expect(milliseconds >= 150 && milliseconds <= 900).toBe(true);
  });
});
