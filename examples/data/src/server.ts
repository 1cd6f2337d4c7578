// A pretend office server, inside the page: it answers after 150 to 900 ms and can be told to fail.
import type { NamedPennant, Order } from './types.js';

/** Keeps what was done across a reload: the page's session storage, or nothing. */
export interface Memory {
  getItem(key: string): string | null;
  setItem(key: string, value: string): void;
  removeItem(key: string): void;
}

export interface Server {
  /** While true every request fails. */
  failing: boolean;
  /** Every order that was not struck, with what was saved. */
  orders(): Order[];
  strike(id: string): Promise<void>;
  save(order: Order): Promise<Order>;
  /** Turns the yard lights on or off. */
  light(on: boolean): Promise<void>;
  /** The papers of a boat. */
  papers(boat: string): Promise<string[]>;
  /** The pennants that the yard's loft can sew. A lot to fetch. */
  pennants(): Promise<NamedPennant[]>;
  /** Forgets everything that was done. */
  startOver(): void;
}

const key = 'quillhaven-orders';

/** Milliseconds that each answer takes, in turn: always the same ones. */
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
    pennants: () => answer('The pennants did not come.', loadPennants).then((load) => load()),
    startOver() {
      memory.removeItem(key);
      orders = structuredClone([...first]);
    },
  };
  return server;
}

const loadPennants = () => async (): Promise<NamedPennant[]> =>
  ((await import('../pennants.json')) as unknown as { default: NamedPennant[] }).default;

function defaultWait(milliseconds: number): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, milliseconds));
}
