import { Content, createPopover } from 'elastic-shell/solid';
import { onCleanup, onMount } from 'solid-js';

type Plots = typeof import('./tide-plot.js');

/** Wraps the third-party widget in a component: created on mounting, destroyed on unmounting. */
function Plot(props: { plots: Plots; heights: readonly number[] }) {
  const place = (<div />) as HTMLDivElement;
  onMount(() => {
    const plot = new props.plots.TidePlot(place, props.heights);
    onCleanup(() => plot.destroy());
  });
  return place;
}

const today = [3.1, 4.2, 2.4, 0.9, 1.7];

/** A third-party widget in a popover. Its script loads when the popover opens. */
export function TideToday() {
  const popover = createPopover({ keepContent: false, content: () => import('./tide-plot.js') });
  return (
    <>
      <button {...popover.opener()}>Tide today</button>
      <div {...popover.root}>
        <h2>Tide today</h2>
        <div data-content />
      </div>
      <Content<Plots> of={popover}>{(plots) => <Plot plots={plots} heights={today} />}</Content>
    </>
  );
}
