import { Content, usePopover } from 'elastic-shell/react';
import { useEffect, useRef } from 'react';

type Plots = typeof import('./tide-plot.js');

/** Wraps the third-party widget in a component: created on mounting, destroyed on unmounting. */
function Plot({ plots, heights }: { plots: Plots; heights: readonly number[] }) {
  const place = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!place.current) return undefined;
    const plot = new plots.TidePlot(place.current, heights);
    return () => plot.destroy();
  }, [plots, heights]);
  return <div ref={place} />;
}

const today = [3.1, 4.2, 2.4, 0.9, 1.7];

/** A third-party widget in a popover. Its script loads when the popover opens. */
export function TideToday() {
  const popover = usePopover({ keepContent: false, content: () => import('./tide-plot.js') });
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
