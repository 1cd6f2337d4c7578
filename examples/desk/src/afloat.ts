// A boat at its berth at low water: whether it floats, and by how much.
import type { Berth, Boat } from 'quillhaven-data/types';
import { make, makeSvg } from './draw';

/** Units of the drawing for a metre, and the position of the water surface. */
const metre = 24;
const surface = 34;

const metres = (length: number): string => `${Math.abs(length).toFixed(1)} m`;

/** The drawing, with its text. */
export function drawAfloat({ draught, name }: Boat, { depth, name: berth }: Berth): HTMLElement {
  const under = depth - draught;
  const ground = surface + depth * metre;
  const keel = Math.min(surface + draught * metre, ground);
  const rail = keel - draught * metre - 20;
  const words =
    under >= 0
      ? `${metres(under)} of water under the keel at low water.`
      : `Takes the ground at low water, ${metres(under)} short of floating.`;
  return make(
    'figure',
    { class: 'afloat', ...(under < 0 && { 'data-aground': '' }) },
    makeSvg(
      'svg',
      { viewBox: '0 0 240 124', 'aria-hidden': 'true' },
      makeSvg('path', { class: 'afloat-water', d: `M0 ${surface}H240V${ground}H0Z` }),
      makeSvg('path', { class: 'afloat-ground', d: `M0 ${ground}H240V124H0Z` }),
      makeSvg('path', { class: 'afloat-wall', d: 'M0 16H26V124H0Z' }),
      makeSvg('path', {
        class: 'afloat-hull',
        d: `M60 ${rail}C110 ${rail + 7} 170 ${rail + 7} 214 ${rail - 3}C208 ${keel - 8} 190 ${keel} 168 ${keel}H104C84 ${keel} 66 ${keel - 10} 60 ${rail}Z`,
      }),
      makeSvg('path', { class: 'afloat-mark', d: `M26 ${surface}H240` }),
    ),
    make('figcaption', {}, make('strong', {}, `${name} at ${berth}. `), words),
  );
}
