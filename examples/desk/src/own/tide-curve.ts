// A custom pattern around a plotting script: a tide curve on which the user selects an hour. The plot is
// created on wiring and destroyed on unwiring. The hour is kept in step between plot and state, in both
// directions.
import uPlot from 'uplot';
import type { Contract } from 'elastic-shell/core';
import {
  chordOf,
  type CommonOptions,
  definePattern,
  type Engine,
  listen,
  meaningOf,
  onResize,
  type Service,
  type StateOption,
} from 'elastic-shell/engine';

export type TideIntent = 'later' | 'earlier' | 'first' | 'last' | 'pick';

export interface TideState {
  /** The selected hour, from 0. */
  hour: number;
}

export interface TideOptions extends CommonOptions<TideState> {
  /** The height of the water at each hour, in metres. Default: none, so that no hour can be selected. */
  heights?: readonly number[];
  /** The first hour, or a cell: several curves with the same cell stay in step. Default: 0. */
  hour?: StateOption<number>;
  /** The height of the plot, in pixels. Default: 160. */
  height?: number;
}

declare module 'elastic-shell/defaults' {
  interface PatternOptions {
    'tide-curve': TideOptions;
  }
}

const keys: Record<string, TideIntent> = {
  'inline-next': 'later',
  'inline-previous': 'earlier',
  'block-previous': 'later',
  'block-next': 'earlier',
  Home: 'first',
  End: 'last',
};

/** The contract: role slider of WAI-ARIA. */
const contract: Contract<TideState, TideOptions, TideIntent> = {
  name: 'tide-curve',
  options: {
    heights: 'an object',
    hour: 'a number or a cell',
    height: 'a number',
  },
  commands: { '--later': 'later', '--earlier': 'earlier' },
  read: () => ({ hour: 0 }),
  step(state, intent, { at, options: { heights = [] } }) {
    const end = Math.max(0, heights.length - 1);
    const to = { later: state.hour + 1, earlier: state.hour - 1, first: 0, last: end, pick: Number(at) }[
      intent
    ];
    const hour = Math.min(end, Math.max(0, Math.round(to)));
    return hour === state.hour ? state : { hour };
  },
  semantics: {
    root: ({ hour }, { options: { heights = [] } }) => ({
      role: 'slider',
      tabindex: '0',
      'aria-valuemin': '0',
      'aria-valuemax': `${Math.max(0, heights.length - 1)}`,
      'aria-valuenow': `${hour}`,
      'aria-valuetext': wordsOf(hour, heights[hour]),
    }),
  },
};

const wordsOf = (hour: number, metres = 0): string =>
  `${String(hour).padStart(2, '0')}:00, ${metres.toFixed(1)} metres`;

const colourOf = (root: Element, name: string): string =>
  getComputedStyle(root).getPropertyValue(name).trim() || 'currentColor';

/** Creates the plot in `root`, `height` pixels high. `drawn` is called when it has been drawn. */
const plotIn = (
  root: HTMLElement,
  heights: readonly number[],
  height: number,
  drawn: (plot: uPlot) => void,
): uPlot =>
  new uPlot(
    {
      width: root.clientWidth || 320,
      height,
      legend: { show: false },
      hooks: { draw: [drawn] },
      cursor: { drag: { x: false, y: false }, y: false },
      scales: { x: { time: false } },
      axes: [
        {
          size: 26,
          incrs: [1, 2, 3, 6],
          stroke: colourOf(root, 'color'),
          values: (_, hours) => hours.map((hour) => `${hour}`),
        },
        { size: 34, stroke: colourOf(root, 'color') },
      ],
      series: [{}, { stroke: '#1d7480', fill: 'rgb(29 116 128 / 22%)', width: 2 }],
    },
    [heights.map((_, hour) => hour), [...heights]],
    root,
  );

function serve(engine: Engine<TideState, TideOptions, TideIntent>): Service<TideState> {
  const { root, options, state } = engine;
  const { heights = [], height = 160 } = options;
  /** Moves the plot's own cursor to the hour. */
  const stand = (at: uPlot): void => at.setCursor({ left: at.valToPos(state().hour, 'x'), top: 0 }, false);
  const plot = plotIn(root, heights, height, stand);
  const show = (): void => stand(plot);
  const releases = [
    onResize([root], () => plot.setSize({ width: root.clientWidth, height })),
    listen(root, {
      keydown(event) {
        const intent = meaningOf(keys, chordOf(event, root));
        if (!intent || event.defaultPrevented) return;
        event.preventDefault();
        engine.intend(intent, { reason: 'key', event });
      },
      click(event) {
        const { left } = plot.over.getBoundingClientRect();
        engine.intend('pick', { reason: 'press', event }, `${plot.posToVal(event.clientX - left, 'x')}`);
      },
      // The plot moves its cursor with the pointer. The hour under it is selected.
      pointerleave: show,
    }),
  ];
  return {
    show,
    release() {
      releases.forEach((release) => release());
      plot.destroy();
    },
  };
}

/** A tide curve on an empty element with a name. Follows the WAI-ARIA slider pattern. */
export const tideCurve = definePattern({ ...contract, serve });
