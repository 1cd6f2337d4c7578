// Listboxes, comboboxes and switches.
import { Rows, Tokens, createCombobox, createListbox, createSwitch } from 'elastic-shell/solid';
import type { Item } from 'elastic-shell';
import { berths, gear, later, rigs, rivets, trades } from 'quillhaven-gallery/data';
import { createSignal, For } from 'solid-js';
import { Instance, Section } from './section';
import { useServed } from './served';

const Rivet = (props: { item: Item }) => (
  <span class="rivet">
    {props.item.label} <small>by a component</small>
  </span>
);

function PlainListbox() {
  const listbox = createListbox(useServed() ? { selected: 'ketch' } : {});
  return (
    <div {...listbox.root} aria-label="Rig" class="box">
      <For each={rigs}>
        {({ key, label, disabled }) => (
          <div {...listbox.option(key)} {...(disabled && { 'aria-disabled': 'true' })}>
            {label}
          </div>
        )}
      </For>
    </div>
  );
}

function SeveralListbox() {
  const [selected, setSelected] = createSignal<ReadonlySet<string>>(new Set(['anchor']));
  const listbox = createListbox({ multiple: true, selected: [selected, setSelected] });
  return (
    <>
      <div {...listbox.root} aria-label="Gear" class="box">
        <For each={gear}>{({ key, label }) => <div {...listbox.option(key)}>{label}</div>}</For>
      </div>
      <output>{[...selected()].join()}</output>
    </>
  );
}

function LongListbox() {
  const listbox = createListbox({ items: rivets });
  return (
    <>
      <div {...listbox.root} aria-label="Rivets" class="box tall" />
      <Rows of={listbox}>{(item) => <Rivet item={item()} />}</Rows>
    </>
  );
}

function PlainCombobox() {
  const combobox = createCombobox();
  return (
    <div {...combobox.root}>
      <label {...combobox.label}>Berth</label>
      <div {...combobox.box}>
        <input {...combobox.field} />
        <button {...combobox.toggler} aria-label="Show berths">
          <span data-marker aria-hidden="true" />
        </button>
      </div>
      <div {...combobox.popup}>
        <div {...combobox.list}>
          <For each={berths}>{({ key, label }) => <div {...combobox.option(key)}>{label}</div>}</For>
        </div>
      </div>
    </div>
  );
}

function SelectOnly() {
  const [kind, setKind] = createSignal<string | undefined>('cutter');
  const combobox = createCombobox({ selected: [kind, setKind], items: rigs });
  return (
    <div {...combobox.root}>
      <span {...combobox.label}>Kind</span>
      <button {...combobox.button}>
        <span {...combobox.value}>{rigs.find(({ key }) => key === 'cutter')?.label}</span>
        <span data-marker aria-hidden="true" />
      </button>
      <div {...combobox.popup}>
        <div {...combobox.list} />
      </div>
      <output>{kind()}</output>
    </div>
  );
}

function LongCombobox() {
  const combobox = createCombobox({ items: rivets });
  return (
    <div {...combobox.root}>
      <label {...combobox.label}>Rivet</label>
      <div {...combobox.box}>
        <input {...combobox.field} />
      </div>
      <div {...combobox.popup}>
        <div {...combobox.list} />
      </div>
      <output>{combobox.query}</output>
      <Rows of={combobox}>{(item) => <Rivet item={item()} />}</Rows>
    </div>
  );
}

function Several() {
  const [chosen, setChosen] = createSignal<ReadonlySet<string>>(new Set(['rigger']));
  const combobox = createCombobox({ multiple: true, limit: 4, selected: [chosen, setChosen], items: trades });
  return (
    <div {...combobox.root}>
      <label {...combobox.label}>Trades</label>
      <div {...combobox.box}>
        <input {...combobox.field} />
      </div>
      <div {...combobox.popup}>
        <div {...combobox.list} />
      </div>
      <output>{[...chosen()].join()}</output>
      <Tokens of={combobox}>{(token) => <b>{token().label}</b>}</Tokens>
    </div>
  );
}

function PlainSwitch() {
  const lights = createSwitch({ checked: useServed() });
  return (
    <p class="row">
      <button {...lights.root} aria-labelledby="plain-switch-name" />
      <span id="plain-switch-name">Quay lights</span>
    </p>
  );
}

function BoxSwitch() {
  const [on, setOn] = createSignal(true);
  const pump = createSwitch({ checked: [on, setOn] });
  return (
    <p class="row">
      <label>
        <input {...pump.box} name="pump" /> Pump
      </label>
      <output>{on() ? 'on' : 'off'}</output>
    </p>
  );
}

function SlowSwitch() {
  const power = createSwitch({ guard: () => later(400, true) });
  return (
    <p class="row">
      <button {...power.root} aria-label="Crane power" /> Crane power {power.busy && 'is asked for'}
    </p>
  );
}

export function Choices() {
  return (
    <>
      <Section id="listbox" title="Listbox">
        <PlainListbox />
        <Instance title="Several">
          <SeveralListbox />
        </Instance>
        <Instance title="10,000 options by components">
          <LongListbox />
        </Instance>
      </Section>
      <Section id="combobox" title="Combobox">
        <PlainCombobox />
        <Instance title="To choose only">
          <SelectOnly />
        </Instance>
        <Instance title="10,000 options by components">
          <LongCombobox />
        </Instance>
      </Section>
      <Section id="combobox-multiple" title="Combobox for several">
        <Several />
      </Section>
      <Section id="switch" title="Switch">
        <PlainSwitch />
        <Instance title="On a checkbox">
          <BoxSwitch />
        </Instance>
        <Instance title="Waiting for a server">
          <SlowSwitch />
        </Instance>
      </Section>
    </>
  );
}
