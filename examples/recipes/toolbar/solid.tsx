import { createToolbar } from 'elastic-shell/solid';
import { createSignal } from 'solid-js';

/** The tools of a chart. Arrow keys move between them, and Tab leaves the toolbar. */
export function ChartTools() {
  const [scale, setScale] = createSignal(4000);
  const [depths, setDepths] = createSignal(false);
  const tools = createToolbar();
  return (
    <>
      <div {...tools.root} aria-label="Chart">
        <button type="button" {...tools.item('in')} onClick={() => setScale(scale() / 2)}>
          Zoom in
        </button>
        <button type="button" {...tools.item('out')} onClick={() => setScale(scale() * 2)}>
          Zoom out
        </button>
        <button
          type="button"
          {...tools.item('depths')}
          aria-pressed={depths()}
          onClick={() => setDepths(!depths())}
        >
          Depths
        </button>
        <select {...tools.item('unit')} aria-label="Unit">
          <option>Metres</option>
          <option>Feet</option>
        </select>
      </div>
      <output>1 : {scale()}</output>
    </>
  );
}
