// Toolbars and menubars.
import { createMenu, createMenubar, createToolbar } from 'elastic-shell/solid';
import { createSignal } from 'solid-js';
import { Section } from './section';

function ChartTools() {
  const [grid, setGrid] = createSignal(false);
  const tools = createToolbar();
  return (
    <div {...tools.root} aria-label="Chart" class="row">
      <button type="button" {...tools.item('in')}>
        Zoom in
      </button>
      <button type="button" {...tools.item('out')} aria-disabled="true">
        Zoom out
      </button>
      <input {...tools.item('depth')} aria-label="Depth" size={4} />
      <button
        type="button"
        role="checkbox"
        {...tools.item('grid')}
        aria-checked={grid()}
        onClick={() => setGrid(!grid())}
      >
        Grid
      </button>
    </div>
  );
}

function YardBar() {
  const bar = createMenubar();
  const order = createMenu();
  const berth = createMenu();
  return (
    <>
      <div {...bar.root} aria-label="Yard" class="row">
        <button {...bar.item('order')} {...order.opener()}>
          Order
        </button>
        <button {...bar.item('berth')} {...berth.opener()}>
          Berth
        </button>
        <button {...bar.item('help')}>Help</button>
      </div>
      <div {...order.root} aria-label="Order">
        <button {...order.item('new')}>New</button>
        <button {...order.item('strike')}>Strike</button>
      </div>
      <div {...berth.root} aria-label="Berth">
        <button {...berth.item('free')}>Free</button>
        <button {...berth.item('move')}>Move</button>
      </div>
    </>
  );
}

export function Bars() {
  return (
    <>
      <Section id="toolbar" title="Toolbar">
        <ChartTools />
      </Section>
      <Section id="menubar" title="Menubar">
        <YardBar />
      </Section>
    </>
  );
}
