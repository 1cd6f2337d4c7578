<script lang="ts">
  // A third-party widget in a popover. Its script loads when the popover opens.
  import { Content, usePopover } from 'elastic-shell/svelte';

  type Plots = typeof import('./tide-plot.js');

  const today = [3.1, 4.2, 2.4, 0.9, 1.7];
  const popover = usePopover({ keepContent: false, content: () => import('./tide-plot.js') });

  /** Wraps the third-party widget in an attachment: created with its element, and destroyed with it. */
  const draws =
    ({ TidePlot }: Plots) =>
    (place: HTMLElement) => {
      const plot = new TidePlot(place, today);
      return () => plot.destroy();
    };
</script>

<button {...popover.opener()}>Tide today</button>
<div {...popover.root}>
  <h2>Tide today</h2>
  <div data-content></div>
</div>
<Content of={popover}>
  {#snippet children(plots: Plots)}<div {@attach draws(plots)}></div>{/snippet}
</Content>
