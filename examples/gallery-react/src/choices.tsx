// Listboxes, comboboxes and switches.
import { Rows, Tokens, useCombobox, useListbox, useSwitch } from 'elastic-shell/react';
import type { Item } from 'elastic-shell';
import { berths, gear, later, rigs, rivets, trades } from 'quillhaven-gallery/data';
import { useState } from 'react';
import { Instance, Section } from './section';
import { useServed } from './served';

const Rivet = ({ item }: { item: Item }) => (
  <span className="rivet">
    {item.label} <small>by a component</small>
  </span>
);

function PlainListbox() {
  const listbox = useListbox(useServed() ? { selected: 'ketch' } : {});
  return (
    <div {...listbox.root} aria-label="Rig" className="box">
      {rigs.map(({ key, label, disabled }) => (
        <div key={key} {...listbox.option(key)} {...(disabled && { 'aria-disabled': 'true' })}>
          {label}
        </div>
      ))}
    </div>
  );
}

function SeveralListbox() {
  const [selected, setSelected] = useState<ReadonlySet<string>>(new Set(['anchor']));
  const listbox = useListbox({ multiple: true, selected: [selected, setSelected] });
  return (
    <>
      <div {...listbox.root} aria-label="Gear" className="box">
        {gear.map(({ key, label }) => (
          <div key={key} {...listbox.option(key)}>
            {label}
          </div>
        ))}
      </div>
      <output>{[...selected].join()}</output>
    </>
  );
}

function LongListbox() {
  const listbox = useListbox({ items: rivets });
  return (
    <>
      <div {...listbox.root} aria-label="Rivets" className="box tall" />
      <Rows of={listbox}>{(item) => <Rivet item={item} />}</Rows>
    </>
  );
}

function PlainCombobox() {
  const combobox = useCombobox();
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
          {berths.map(({ key, label }) => (
            <div key={key} {...combobox.option(key)}>
              {label}
            </div>
          ))}
        </div>
      </div>
    </div>
  );
}

function SelectOnly() {
  const [kind, setKind] = useState<string | undefined>('cutter');
  const combobox = useCombobox({ selected: [kind, setKind], items: rigs });
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
      <output>{kind}</output>
    </div>
  );
}

function LongCombobox() {
  const combobox = useCombobox({ items: rivets });
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
      <Rows of={combobox}>{(item) => <Rivet item={item} />}</Rows>
    </div>
  );
}

function Several() {
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set(['rigger']));
  const combobox = useCombobox({ multiple: true, limit: 4, selected: [chosen, setChosen], items: trades });
  return (
    <div {...combobox.root}>
      <label {...combobox.label}>Trades</label>
      <div {...combobox.box}>
        <input {...combobox.field} />
      </div>
      <div {...combobox.popup}>
        <div {...combobox.list} />
      </div>
      <output>{[...chosen].join()}</output>
      <Tokens of={combobox}>{({ label }) => <b>{label}</b>}</Tokens>
    </div>
  );
}

function PlainSwitch() {
  const lights = useSwitch({ checked: useServed() });
  return (
    <p className="row">
      <button {...lights.root} aria-labelledby="plain-switch-name" />
      <span id="plain-switch-name">Quay lights</span>
    </p>
  );
}

function BoxSwitch() {
  const [on, setOn] = useState(true);
  const pump = useSwitch({ checked: [on, setOn] });
  return (
    <p className="row">
      <label>
        <input {...pump.box} name="pump" /> Pump
      </label>
      <output>{on ? 'on' : 'off'}</output>
    </p>
  );
}

function SlowSwitch() {
  const power = useSwitch({ guard: () => later(400, true) });
  return (
    <p className="row">
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
