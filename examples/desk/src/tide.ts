// The tide of a berth: one popover, next to the badge of the berth that was clicked.
import { wirePopover } from 'elastic-shell';
import berths from 'quillhaven-data/berths.json';
import tides from 'quillhaven-data/tides.json';

const find = (selector: string): HTMLElement => document.querySelector<HTMLElement>(selector)!;

/** The plot's own units; its viewBox is 240 by 72. The scale is in metres. */
const [width, height, highest] = [240, 72, 8];
const today = tides.slice(0, 25);
const low = Math.min(...today.map((tide) => tide.height));

function draw(depths: number[]): void {
  const points = depths.map((metres, hour) => {
    const y = height - (metres / highest) * height;
    return `${hour * (width / 24)} ${Math.round(y * 10) / 10}`;
  });
  find('#tide-plot .water').setAttribute('d', `M0 ${height}L${points.join('L')}L${width} ${height}Z`);
}

/** "4.4 m at 06:00", of the hour with that depth. */
const moment = (depths: number[], depth: number): string =>
  `${depth.toFixed(1)} m at ${today[depths.indexOf(depth)]!.at.slice(11, 16)}`;

export function wireTide(): void {
  wirePopover(find('#tide'), {
    area: 'block-end span-inline-end',
    guard({ value, source }) {
      const badge = source as HTMLElement | null | undefined;
      const berth = berths.find(({ id }) => id === badge?.dataset['berth']);
      if (!value || !berth) return;
      const depths = today.map((tide) => berth.depth + tide.height - low);
      find('#tide-title').textContent = berth.name;
      find('#tide-words').textContent = `${berth.sentence} Now ${berth.state}.`;
      find('#tide-range').textContent =
        `Deepest ${moment(depths, Math.max(...depths))}, least ${moment(depths, Math.min(...depths))}.`;
      draw(depths);
    },
  });
}
