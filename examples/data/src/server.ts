// A simulated office server inside the page. It responds after 150 to 900 ms, and can be made to fail.
import type { Boat, NamedPennant, Order, Part } from './types.js';

/** Stores changes across a reload in the page's session storage, if there is one. */
export interface Memory {
  getItem(key: string): string | null;
  setItem(key: string, value: string): void;
  removeItem(key: string): void;
}

export interface Server {
  /** While true, every request fails. */
  failing: boolean;
  /** Returns every order that was not struck, with saved changes. */
  orders(): Order[];
  strike(id: string): Promise<void>;
  save(order: Order): Promise<Order>;
  /** Turns the yard lights on or off. */
  light(on: boolean): Promise<void>;
  /** The papers of a boat. */
  papers(boat: string): Promise<string[]>;
  /** Returns the boats whose name, kind or berth contains `query`. Stops when the signal aborts. */
  findBoats(query: string, signal?: AbortSignal): Promise<Boat[]>;
  /** Returns the children of a part, from the store's own list. */
  parts(key: string): Promise<Part[]>;
  /** Returns the pennants that the yard's loft can sew, which is a large response. */
  pennants(): Promise<NamedPennant[]>;
  /** Forgets all changes. */
  startOver(): void;
}

const key = 'quillhaven-orders';

/** How long each response takes in milliseconds, in turn: always the same times. */
const delays = [420, 150, 610, 280, 900, 350, 520, 190, 760];

export function makeServer(first: readonly Order[], memory: Memory, wait = defaultWait): Server {
  let orders: Order[] = JSON.parse(memory.getItem(key) ?? 'null') ?? structuredClone(first);
  let requests = 0;

  const answer = async <T>(task: string, act: () => T): Promise<T> => {
    await wait(delays[requests++ % delays.length]!);
    if (server.failing)
      throw new Error(`The office server did not answer. ${task} Nothing was lost: try again.`);
    const result = act();
    memory.setItem(key, JSON.stringify(orders));
    return result;
  };

  const server: Server = {
    failing: false,
    orders: () => structuredClone(orders),
    strike: (id) =>
      answer(`Order ${id} still stands.`, () => {
        orders = orders.filter((order) => order.id !== id);
      }),
    save: (order) =>
      answer(`Order ${order.id} was not saved.`, () => {
        orders = orders.map((other) => (other.id === order.id ? structuredClone(order) : other));
        return order;
      }),
    light: (on) => answer(`The lights stay ${on ? 'off' : 'on'}.`, () => undefined),
    papers: (boat) =>
      answer('The papers did not come.', () => [
        `Certificate of registry, ${boat}`,
        'Builder’s certificate, copy',
        'Insurance, until the end of the season',
        'Survey report, six plates',
      ]),
    async findBoats(query, signal) {
      const boats = await answer('Nobody was found.', loadBoats).then((load) => load());
      signal?.throwIfAborted();
      const wanted = query.trim().toLowerCase();
      return boats.filter(({ name, kind, berth }) =>
        `${name} ${kind} ${berth}`.toLowerCase().includes(wanted),
      );
    },
    parts: (key) =>
      answer('The store’s list did not come.', loadParts).then(async (load) => {
        const waiting = [...(await load())];
        for (let part = waiting.pop(); part; part = waiting.pop()) {
          if (part.key === key) return part.children ?? [];
          waiting.push(...(part.children ?? []));
        }
        return [];
      }),
    pennants: () => answer('The pennants could not be loaded.', loadPennants).then((load) => load()),
    startOver() {
      memory.removeItem(key);
      orders = structuredClone([...first]);
    },
  };
  return server;
}

const loadPennants = () => async (): Promise<NamedPennant[]> =>
  ((await import('../pennants.json')) as unknown as { default: NamedPennant[] }).default;

const loadBoats = () => async (): Promise<Boat[]> =>
  ((await import('../boats.json')) as unknown as { default: Boat[] }).default;

const loadParts = () => async (): Promise<Part[]> =>
  ((await import('../parts.json')) as unknown as { default: Part[] }).default;

function defaultWait(milliseconds: number): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, milliseconds));
}
