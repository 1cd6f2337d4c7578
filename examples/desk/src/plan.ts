// The plan of the berths as HTML text, created during the build: the boats as options of a listbox, in a
// group for each berth.
import type { Berth, Boat } from 'quillhaven-data/types';
import { escapeHtml, pennant } from './rows.ts';

const option = ({ id, name, pennant: flag }: Boat): string =>
  `<div role="option" data-key="${id}">${pennant(flag)}<span data-label>${escapeHtml(name)}</span></div>`;

/** How deep the water is at low tide, drawn to a scale of four metres. */
const water = (depth: number): string =>
  `<svg class="place-water" viewBox="0 0 10 4" preserveAspectRatio="none" aria-hidden="true"><rect width="10" height="${depth}"/></svg>`;

export const berthPlan = (berths: Berth[], boats: Boat[]): string =>
  berths
    .map(
      ({ id, name, depth, state }) => `
<div role="group" class="place" aria-labelledby="plan-${id}" data-berth="${id}" data-state="${state}">
  <div role="presentation" class="place-name" id="plan-${id}">${escapeHtml(name)} <span class="small">${depth} m<span class="shoal" hidden>, too shallow</span></span></div>
  ${water(depth)}${boats
    .filter(({ berth }) => berth === id)
    .map(option)
    .join('')}
</div>`,
    )
    .join('');
