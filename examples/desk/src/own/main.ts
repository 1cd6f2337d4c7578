// The page of patterns of one's own: two tide curves in step, and a number stepper in a form.
import { cell } from 'elastic-shell';
import tides from 'quillhaven-data/tides.json';
import orders from 'quillhaven-data/orders.json';
import { makeServer } from 'quillhaven-data/server';
import type { Order } from 'quillhaven-data/types';
import { wireTopbar } from '../topbar';
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
find('#unwire').addEventListener('click', () => {
  for (const wired of [...curves, lines]) wired.unwire();
});
