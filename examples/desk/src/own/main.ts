// The page of custom patterns.
import { cell } from 'elastic-shell';
import tides from 'quillhaven-data/tides.json';
import orders from 'quillhaven-data/orders.json';
import { makeServer } from 'quillhaven-data/server';
import type { Order } from 'quillhaven-data/types';
import { wireTopbar } from '../topbar';
import { berthCard } from './berth-card';
import { rail } from './rail';
import { roster } from './roster';
import { stepper } from './stepper';
import './stepper-described';
import { tideCurve } from './tide-curve';

const find = <E extends HTMLElement>(selector: string): E => document.querySelector<E>(selector)!;

wireTopbar(makeServer(orders as Order[], sessionStorage));

const day = (number: number): number[] =>
  tides.slice(24 * number, 24 * number + 24).map(({ height }) => height);
const hour = cell(6);
const curves = [
  tideCurve.wire(find('#first-day'), { heights: day(0), hour }),
  tideCurve.wire(find('#second-day'), { heights: day(1), hour }),
];
const say = (): void => {
  find('#hour').textContent = `${String(hour.get()).padStart(2, '0')}:00`;
};
hour.subscribe(say);
say();

const lines = stepper.wire(find('#lines'), {
  min: 1,
  max: 12,
  guard: ({ value }) => value !== 7,
  words: (number) => (number === 1 ? '1 line' : `${number} lines`),
});
find('#lines-form').addEventListener('submit', (event) => {
  event.preventDefault();
  const sent = new FormData(event.currentTarget as HTMLFormElement).get('lines');
  find('#lines-said').textContent = `${sent} ordered`;
});
const tools = rail.wire(find('#chart-tools'), { wrap: true });
find('#chart-tools').addEventListener('click', ({ target }) => {
  if (target instanceof HTMLElement && target.ariaPressed)
    target.ariaPressed = `${target.ariaPressed !== 'true'}`;
});

const depths = async (berth: number): Promise<string> =>
  `${(1.8 + berth / 5).toFixed(1)} metres at low water`;
const cards = [7, 9].map((berth) =>
  berthCard.wire(find(`#berth-${berth}`), { content: () => depths(berth) }),
);

const first = ['Ana', 'Bo', 'Cem', 'Dora', 'Edda', 'Finn', 'Gita', 'Hugo', 'Ines', 'Jon'];
const last = ['Aalto', 'Brandt', 'Castel', 'Duarte', 'Eriksen', 'Fontana', 'Gray', 'Holm'];
const crew = Array.from({ length: 400 }, (_, at) => ({
  key: `p${at}`,
  label: `${first[at % first.length]} ${last[Math.floor(at / first.length) % last.length]}${at < 80 ? '' : ` ${Math.floor(at / 80) + 1}`}`,
}));
const people = roster.wire(find('#crew'), { crew, onWatch: 'p3' });

find('#unwire').addEventListener('click', () => {
  for (const wired of [...curves, lines, tools, ...cards, people]) wired.unwire();
});
