// A boat's record: its facts, and its pennant, which two fields show and can change.
import {
  cell,
  type Tabs,
  wireCombobox,
  wireListbox,
  wirePopover,
  wireTabs,
  wireTooltip,
} from 'elastic-shell';
import berths from 'quillhaven-data/berths.json';
import rows from 'quillhaven-data/boats.json';
import orders from 'quillhaven-data/orders.json';
import { makeServer } from 'quillhaven-data/server';
import type { Berth, Boat, Order, Pennant } from 'quillhaven-data/types';
import { drawAfloat } from './afloat';
import { wireBerth } from './berth';
import { drawPennant, make, pennantName } from './draw';
import { wirePlates } from './plates';
import { wireSteps } from './steps';
import { wireTopbar } from './topbar';

const find = <E extends HTMLElement>(selector: string): E => document.querySelector<E>(selector)!;
const boats = rows as Boat[];
const server = makeServer(orders as Order[], sessionStorage);
wireTopbar(server);

const key = (boat: Boat): string => `quillhaven-pennant-${boat.id}`;
const kept = (boat: Boat): Pennant => JSON.parse(sessionStorage.getItem(key(boat)) ?? 'null') ?? boat.pennant;
const idOf = ({ shape, field, mark }: Pennant): string => `${shape}-${field}-${mark}`;

const select = find<HTMLSelectElement>('#boat');
const asked = new URLSearchParams(location.search).get('boat');
let boat = boats.find(({ id }) => id === asked) ?? boats[0]!;
const flown = cell<Pennant>(kept(boat));

const fields = [find('#mast'), find('#board')];
const showPennant = (pennant: Pennant): void => {
  for (const field of fields)
    field.replaceChildren(drawPennant(pennant), make('span', {}, pennantName(pennant)));
};
flown.subscribe((pennant) => {
  sessionStorage.setItem(key(boat), JSON.stringify(pennant));
  showPennant(pennant);
});

const picker = wirePopover(find('#pennants'), {
  area: 'block-end span-inline-end',
  firstFocus: '[role=option][tabindex="0"]',
  loadOn: 'hover',
  keepContent: false,
  messages: { loading: () => 'Fetching the pennants…' },
  async content() {
    const [{ drawPennants }, pennants] = await Promise.all([import('./pennants'), server.pennants()]);
    const choose = (next: Pennant): void => {
      flown.set(next);
      find('#status').textContent = `${boat.name} now flies: ${pennantName(next)}.`;
      picker.open.set(false);
    };
    return drawPennants({ pennants, chosen: idOf(flown.get()), choose });
  },
});

const berth = wireBerth(find('#berth'), ({ id, name }) => {
  boat.berth = id;
  find(`#plan [data-berth=${id}]`).append(find(`#plan [data-key=${boat.id}]`));
  showFacts();
  find('#status').textContent = `${boat.name} moves to ${name}.`;
});

const plan = wireListbox(find('#plan'), {
  onChange({ name, value, reason }) {
    const chosen = name === 'selected' && reason !== 'program' && boats.find(({ id }) => id === value);
    if (chosen) change(chosen);
  },
});
/** Returns for each berth whether the boat would run aground there. */
const showPlan = (): void => {
  for (const { id, depth } of berths) {
    const isShallow = depth < boat.draught;
    const place = find(`#plan [data-berth=${id}]`);
    place.toggleAttribute('data-shallow', isShallow);
    place.querySelector<HTMLElement>('.shoal')!.hidden = !isShallow;
  }
};

const showFacts = (): void => {
  const lies = berths.find(({ id }) => id === boat.berth)! as Berth;
  find('#afloat').replaceChildren(drawAfloat(boat, lies));
  showPlan();
  const facts: Record<string, string> = {
    Length: `${boat.length} m`,
    Draught: `${boat.draught} m`,
    Owner: boat.owner,
    Lies: `${lies.name}, ${lies.depth} m at low water`,
    'On the board': `${server.orders().filter((order) => order.boat === boat.id).length} orders`,
  };
  find('#facts').replaceChildren(
    ...Object.entries(facts).map(([name, value]) =>
      make('div', {}, make('dt', {}, name), make('dd', {}, value)),
    ),
  );
};

const show = (next: Boat): void => {
  picker.open.set(false);
  boat = next;
  select.value = boat.id;
  find('#boat-name').textContent = boat.name;
  find('#boat-kind').textContent = boat.kind;
  showFacts();
  berth.selected.set(boat.berth);
  plan.selected.set(boat.id);
  find('#work').replaceChildren(
    ...server
      .orders()
      .filter((order) => order.boat === boat.id)
      .map((order) => make('li', {}, `${order.id} ${order.title}, ${order.state}`)),
  );
  flown.set(kept(boat));
  showPennant(flown.get());
  history.replaceState(null, '', `?boat=${boat.id}${location.hash}`);
};
/** Another boat: its own papers are loaded when they are opened. */
const change = (next: Boat): void => {
  record.unwire();
  show(next);
  record = wireRecord();
};
const turn = (by: number): void => change(boats[(boats.indexOf(boat) + by + boats.length) % boats.length]!);

wireSteps();
wirePlates((words) => {
  find('#status').textContent = words;
});
const wireRecord = (): Tabs =>
  wireTabs(find('#record'), {
    address: true,
    keepContent: false,
    content: async (_, key) => {
      if (key !== 'papers') return undefined;
      const papers = await server.papers(boat.name);
      return make('ul', { class: 'papers' }, ...papers.map((paper) => make('li', {}, paper)));
    },
  });
let record = wireRecord();

const search = wireCombobox(find('#search'), {
  debounce: 150,
  items: async (query, signal) =>
    (await server.findBoats(query, signal)).map(({ id, name, kind, berth: lies }) => ({
      key: id,
      label: name,
      description: `${kind}, ${lies}`,
    })),
  messages: { none: (query) => `No boat answers to “${query}”` },
  onChange({ name, value }) {
    const found = name === 'selected' && boats.find(({ id }) => id === value);
    if (!found) return;
    change(found);
    search.clear();
  },
});

for (const tip of ['#previous-tip', '#next-tip']) wireTooltip(find(tip));
find('#previous').addEventListener('click', () => turn(-1));
find('#next').addEventListener('click', () => turn(1));
select.addEventListener('change', () => change(boats.find(({ id }) => id === select.value)!));
show(boat);
