// Layers, and the disclosure.
import {
  Content,
  createDialog,
  createDisclosure,
  createDrawer,
  createPopover,
  createTooltip,
} from 'elastic-shell/solid';
import { later } from 'quillhaven-gallery/data';
import { createSignal, Show } from 'solid-js';
import { Instance, Section } from './section';
import { useServed } from './served';

function PlainDialog() {
  const dialog = createDialog();
  return (
    <>
      <button {...dialog.opener()}>Open a dialog</button>
      <dialog {...dialog.root}>
        <header>
          <h3>Tide times</h3>
          <button {...dialog.closer()} aria-label="Close">
            ×
          </button>
        </header>
        <div>
          <p>High water is at 06:12 and again at 18:40.</p>
        </div>
        <footer>
          <button {...dialog.closer('read')} data-button="primary">
            Understood
          </button>
        </footer>
      </dialog>
    </>
  );
}

function Inner() {
  const inner = createDialog({ size: 'narrow' });
  return (
    <>
      <button {...inner.opener()}>Open the inner dialog</button>
      <dialog {...inner.root}>
        <header>
          <h5>Inner</h5>
        </header>
        <div>
          <p>Escape closes this one first.</p>
        </div>
        <footer>
          <button {...inner.closer()}>Close the inner dialog</button>
        </footer>
      </dialog>
    </>
  );
}

function NestedDialogs() {
  const outer = createDialog();
  return (
    <>
      <button {...outer.opener()}>Open the outer dialog</button>
      <dialog {...outer.root}>
        <header>
          <h4>Outer</h4>
        </header>
        <div>
          <p>A click outside the inner one, but inside this one, closes the inner one alone.</p>
          <Inner />
        </div>
        <footer>
          <button {...outer.closer()}>Close the outer dialog</button>
        </footer>
      </dialog>
    </>
  );
}

/** Rendered only while it is open, as is common for components. */
function Mounted(props: { onClose(): void }) {
  const dialog = createDialog({ open: [() => true, (open) => open || props.onClose()], size: 'narrow' });
  return (
    <dialog {...dialog.root}>
      <header>
        <h4>Here while it is open</h4>
      </header>
      <div>
        <p>Its component comes with it and goes with it.</p>
      </div>
      <footer>
        <button {...dialog.closer()}>Close it</button>
      </footer>
    </dialog>
  );
}

function MountedDialog() {
  const [open, setOpen] = createSignal(false);
  return (
    <>
      <button type="button" onClick={() => setOpen(true)}>
        Open one that is mounted
      </button>
      <Show when={open()}>
        <Mounted onClose={() => setOpen(false)} />
      </Show>
    </>
  );
}

function AlertDialog() {
  const alert = createDialog({ size: 'narrow' });
  return (
    <>
      <button {...alert.opener()}>Cut the line…</button>
      <dialog {...alert.root} role="alertdialog">
        <header>
          <h3>Cut the mooring line?</h3>
        </header>
        <div>
          <p>The boat will drift with the ebb until somebody takes a line ashore.</p>
        </div>
        <footer>
          <button {...alert.closer('cancel')}>Leave it</button>
          <button {...alert.closer('cut')} data-button="danger">
            Cut the line
          </button>
        </footer>
      </dialog>
    </>
  );
}

function SlowAlert() {
  const alert = createDialog({
    size: 'narrow',
    guard: ({ result }) => result !== 'empty' || later(400, true),
  });
  return (
    <>
      <button {...alert.opener()}>Empty the store…</button>
      <dialog {...alert.root} role="alertdialog">
        <header>
          <h4>Empty the paint store?</h4>
        </header>
        <div>
          <p>Every tin is taken off the list.</p>
        </div>
        <footer>
          <button {...alert.closer('cancel')}>Keep the paint</button>
          <button {...alert.closer('empty')} data-button="danger">
            {alert.busy ? 'Emptying…' : 'Empty it'}
          </button>
        </footer>
      </dialog>
    </>
  );
}

function PlainDrawer() {
  const drawer = createDrawer();
  return (
    <>
      <button {...drawer.opener()}>Open a drawer</button>
      <dialog {...drawer.root}>
        <header>
          <h3>Sections</h3>
          <button {...drawer.closer()} aria-label="Close">
            ×
          </button>
        </header>
        <div>
          <p>
            <a href="#dialog">Dialog</a>
          </p>
        </div>
      </dialog>
    </>
  );
}

function LiveDrawer() {
  const drawer = createDrawer({ edge: 'inline-end', modal: false });
  return (
    <>
      <button {...drawer.opener()}>Toggle the side drawer</button>
      <dialog {...drawer.root}>
        <header>
          <h4>Beside the page</h4>
        </header>
        <div>
          <p>The page stays live.</p>
          <button {...drawer.closer()}>Close the side drawer</button>
        </div>
      </dialog>
    </>
  );
}

function PlainPopover() {
  const popover = createPopover();
  return (
    <>
      <button {...popover.opener()}>Berth four</button>
      <div {...popover.root}>
        <p>
          Lies along the old quay wall; dries to mud at springs. <a href="#popover">The chart</a> shows it.
        </p>
      </div>
    </>
  );
}

const HarbourLog = () => <p>Two boats in, one out, and a seal.</p>;

function LazyPopover() {
  const popover = createPopover({ content: () => later(300, { default: HarbourLog }) });
  return (
    <>
      <button {...popover.opener()}>Harbour log</button>
      <div {...popover.root}>
        <h4>Harbour log</h4>
        <div data-content />
      </div>
      <Content<{ default: typeof HarbourLog }> of={popover}>{(module) => <module.default />}</Content>
    </>
  );
}

function PlainTooltip() {
  const tooltip = createTooltip();
  return (
    <>
      <button type="button" {...tooltip.described()}>
        Haul out
      </button>
      <div {...tooltip.root}>Lifts the boat onto the slip</div>
    </>
  );
}

function PlainDisclosure() {
  const disclosure = createDisclosure({ open: useServed() });
  return (
    <>
      <button {...disclosure.opener()}>Where the ladder is</button>
      <div {...disclosure.root}>
        <p>Behind the sail loft, chained to the third post. The key is on the hook.</p>
      </div>
    </>
  );
}

function ElasticDisclosure() {
  const disclosure = createDisclosure({ elastic: 'block' });
  return (
    <>
      <button {...disclosure.opener()}>{disclosure.open ? 'Show less' : 'Show more'}</button>
      <div {...disclosure.root}>
        <p>The crane lifts nine tonnes on a still day and seven in a breeze.</p>
      </div>
    </>
  );
}

export function Layers() {
  return (
    <>
      <Section id="dialog" title="Dialog">
        <PlainDialog />
        <Instance title="Dialogs in dialogs">
          <NestedDialogs />
        </Instance>
        <Instance title="Mounted while it is open">
          <MountedDialog />
        </Instance>
      </Section>
      <Section id="alertdialog" title="Alert dialog">
        <AlertDialog />
        <Instance title="Waiting for a server">
          <SlowAlert />
        </Instance>
      </Section>
      <Section id="drawer" title="Drawer">
        <PlainDrawer />
        <Instance title="Beside the live page">
          <LiveDrawer />
        </Instance>
      </Section>
      <Section id="popover" title="Popover">
        <PlainPopover />
        <Instance title="Content that comes later">
          <LazyPopover />
        </Instance>
      </Section>
      <Section id="tooltip" title="Tooltip">
        <PlainTooltip />
      </Section>
      <Section id="disclosure" title="Disclosure">
        <PlainDisclosure />
        <Instance title="Words that follow the state">
          <ElasticDisclosure />
        </Instance>
      </Section>
    </>
  );
}
