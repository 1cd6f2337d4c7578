// The berth of a boat: a combobox with a drawing and a description of each berth. Closed berths can't be chosen.
import { type Combobox, type Item, wireCombobox } from 'elastic-shell';
import berths from 'quillhaven-data/berths.json';
import type { Berth } from 'quillhaven-data/types';
import { make, makeSvg } from './draw';

const all = berths as Berth[];

/** The quay wall, and the water as deep as it is at low tide. */
const drawBerth = ({ depth, state }: Berth): SVGElement =>
  makeSvg(
    'svg',
    { class: 'berth-plate', viewBox: '0 0 40 28', 'aria-hidden': 'true' },
    makeSvg('path', { class: 'berth-wall', d: 'M1 4H9V27H1Z' }),
    makeSvg('path', { class: 'berth-water', d: `M9 ${24 - depth * 5}H39V27H9Z` }),
    ...(state === 'taken'
      ? [makeSvg('path', { class: 'berth-hull', d: `M14 ${20 - depth * 5}H35L31 ${26 - depth * 5}H17Z` })]
      : []),
  );

const render = (item: Item): Node => {
  const berth = all.find(({ id }) => id === item.key)!;
  return make(
    'div',
    { class: 'berth-row' },
    drawBerth(berth),
    make(
      'div',
      {},
      make('div', { 'data-label': '' }, berth.name),
      make(
        'div',
        { 'data-description': '' },
        `${berth.depth} m at low water, ${berth.state}. ${berth.sentence}`,
      ),
    ),
  );
};

/** `moved` is called when another berth is chosen. */
export const wireBerth = (root: HTMLElement, moved: (berth: Berth) => void): Combobox =>
  wireCombobox(root, {
    render,
    items: all.map(({ id, name, state }) => ({ key: id, label: name, disabled: state === 'closed' })),
    onChange({ name, value, reason }) {
      const berth = all.find(({ id }) => id === value);
      if (name === 'selected' && reason !== 'program' && berth) moved(berth);
    },
  });
