// Controlled state: a component that refuses a change, accepts it later, changes the state from outside, or
// unmounts while it is open.
import { createCombobox, createDialog, createDisclosure } from 'elastic-shell/solid';
import { berths, later } from 'quillhaven-gallery/data';
import { createSignal, Show } from 'solid-js';
import { Instance, Section } from './section';

function Refused() {
  const [open, setOpen] = createSignal(false);
  const [takes, setTakes] = createSignal(false);
  const [refused, setRefused] = createSignal(0);
  const dialog = createDialog({
    open: [open, (next) => (next || takes()) && setOpen(next)],
    onRefuse: ({ by }) => by === 'owner' && setRefused((times) => times + 1),
  });
  return (
    <div data-case="refused">
      <button {...dialog.opener()}>Open what stays open</button>
      <output>
        {open() ? 'open' : 'closed'}, refused {refused()}
      </output>
      <dialog {...dialog.root}>
        <h4>Held</h4>
        <label>
          <input type="checkbox" checked={takes()} onChange={() => setTakes(!takes())} /> It may close
        </label>
        <button {...dialog.closer()}>Close the held one</button>
      </dialog>
    </div>
  );
}

function Later() {
  const [open, setOpen] = createSignal(false);
  const dialog = createDialog({ open: [open, (next) => later(200, next).then(setOpen)] });
  return (
    <div data-case="later">
      <button {...dialog.opener()}>Open when the owner says so</button>
      <output>{open() ? 'open' : 'closed'}</output>
      <dialog {...dialog.root}>
        <h4>Later</h4>
        <button {...dialog.closer()}>Close it later</button>
      </dialog>
    </div>
  );
}

function Outside() {
  const [open, setOpen] = createSignal(false);
  const [reasons, setReasons] = createSignal<string[]>([]);
  const disclosure = createDisclosure({
    open: [open, setOpen],
    onChange: ({ reason }) => setReasons((all) => [...all, reason]),
  });
  return (
    <div data-case="outside">
      <button type="button" onClick={() => setOpen(!open())}>
        Turn it over from outside
      </button>
      <button {...disclosure.opener()}>Turn it over</button>
      <div {...disclosure.root}>The tide table hangs by the door.</div>
      <output>{reasons().join()}</output>
    </div>
  );
}

/** The slip has no boats, so choosing it is refused, and the list stays as it was. */
function Several() {
  const [berth, setBerth] = createSignal<string | undefined>('quay');
  const [open, setOpen] = createSignal(false);
  const combobox = createCombobox({
    items: berths,
    selected: [berth, (key) => key !== 'slip' && setBerth(key)],
    open: [open, setOpen],
  });
  return (
    <div data-case="several">
      <div {...combobox.root}>
        <label {...combobox.label}>Berth, not the slip</label>
        <div {...combobox.box}>
          <input {...combobox.field} />
        </div>
        <div {...combobox.popup}>
          <div {...combobox.list} />
        </div>
      </div>
      <output>
        {berth()}, {open() ? 'open' : 'closed'}
      </output>
    </div>
  );
}

function Options() {
  const [size, setSize] = createSignal<'narrow' | 'wide'>('narrow');
  const [escape, setEscape] = createSignal<'close' | 'keep'>('close');
  const dialog = createDialog(() => ({ size: size(), escape: escape() }));
  return (
    <div data-case="options">
      <button {...dialog.opener()}>Open what changes</button>
      <dialog {...dialog.root}>
        <h4>Changes while it is open</h4>
        <button type="button" onClick={() => setSize(size() === 'wide' ? 'narrow' : 'wide')}>
          Other size
        </button>
        <button type="button" onClick={() => setEscape(escape() === 'keep' ? 'close' : 'keep')}>
          Escape: {escape()}
        </button>
        <button {...dialog.closer()}>Close what changes</button>
      </dialog>
    </div>
  );
}

function Guest(props: { onLeave(): void }) {
  const dialog = createDialog({ open: true, guard: ({ value }) => value || new Promise(() => {}) });
  return (
    <dialog {...dialog.root}>
      <h4>Waits for ever</h4>
      <button {...dialog.closer()}>Ask to close</button>
      <button type="button" onClick={() => props.onLeave()}>
        Unmount
      </button>
    </dialog>
  );
}

function Mounted() {
  const [there, setThere] = createSignal(false);
  return (
    <div data-case="mounted">
      <button type="button" onClick={() => setThere(true)}>
        Mount what waits
      </button>
      <Show when={there()}>
        <Guest onLeave={() => setThere(false)} />
      </Show>
    </div>
  );
}

export const Owners = () => (
  <Section id="owners" title="Who owns the state">
    <Refused />
    <Instance title="An owner who answers later">
      <Later />
    </Instance>
    <Instance title="Changed from outside">
      <Outside />
    </Instance>
    <Instance title="Two states at once">
      <Several />
    </Instance>
    <Instance title="Options that change while it is open">
      <Options />
    </Instance>
    <Instance title="Gone while it waits">
      <Mounted />
    </Instance>
  </Section>
);
