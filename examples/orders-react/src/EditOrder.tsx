// Editing an order: fields with two-way binding, a second dialog if changes would be lost, a component for
// each trade, and a picker that loads later.
import { Content, Rows, useCombobox, useDialog, usePopover } from 'elastic-shell/react';
import {
  boatOf,
  boats,
  loadGrid,
  type NamedPennant,
  office,
  type Order,
  sameOrder,
  trades,
} from 'quillhaven-gallery/office';
import { useRef, useState } from 'react';
import type PennantGrid from './PennantGrid';
import { PennantSign } from './PennantSign';

function Trades({ chosen, onChange }: { chosen: string[]; onChange(next: string[]): void }) {
  const combobox = useCombobox({
    items: trades,
    multiple: true,
    limit: 4,
    selected: [new Set(chosen), (keys: ReadonlySet<string>) => onChange([...keys])],
  });
  return (
    <div {...combobox.root} className="wide">
      <label {...combobox.label}>Trades, four at most</label>
      <div {...combobox.box}>
        <input {...combobox.field} />
      </div>
      <div {...combobox.popup}>
        <div {...combobox.list} />
      </div>
      <Rows of={combobox}>
        {({ label, group }) => (
          <span className="rivet">
            {label} <small>{group}</small>
          </span>
        )}
      </Rows>
    </div>
  );
}

type Loaded = { default: typeof PennantGrid; pennants: NamedPennant[] };

// Declared outside the component, because React's compiler doesn't compile a component that contains an
// import.
const loadPennants = (): Promise<Loaded> => loadGrid(import('./PennantGrid'));

function PennantField({ boat }: { boat: string }) {
  const [chosen, setChosen] = useState<NamedPennant>();
  const picker = usePopover({
    content: loadPennants,
    loadOn: 'hover',
  });
  return (
    <div className="wide">
      <span>Pennant</span>{' '}
      <button {...picker.opener()}>
        <PennantSign pennant={chosen ?? boatOf(boat).pennant} /> {chosen?.name ?? 'As the boat flies it'}
      </button>
      <div {...picker.root}>
        <h3>Pennants that the loft can sew</h3>
        <div data-content="" />
      </div>
      <Content<Loaded> of={picker}>
        {({ default: Grid, pennants }) => (
          <Grid
            pennants={pennants}
            chosen={chosen?.id}
            onChoose={(pennant) => {
              setChosen(pennant);
              picker.close();
            }}
          />
        )}
      </Content>
    </div>
  );
}

function Discard({ dialog }: { dialog: ReturnType<typeof useDialog> }) {
  return (
    <dialog {...dialog.root} role="alertdialog">
      <header>
        <h2>Discard your changes?</h2>
      </header>
      <div>
        <p>What you typed into this order has not been saved.</p>
      </div>
      <footer>
        <button {...dialog.closer('cancel')}>Keep editing</button>
        <button {...dialog.closer('discard')} data-button="danger">
          Discard changes
        </button>
      </footer>
    </dialog>
  );
}

export function EditOrder({ order, onClose }: { order: Order; onClose(saved?: Order): void }) {
  const [draft, setDraft] = useState(order);
  const work = useRef<HTMLInputElement>(null);
  const change = (part: Partial<Order>) => setDraft((now) => ({ ...now, ...part }));
  const discard = useDialog({ size: 'narrow' });
  const edit = useDialog({
    open: [true, (open, { result }) => open || onClose(result === 'save' ? draft : undefined)],
    firstFocus: work,
    guard({ value, result }) {
      if (value) return true;
      if (result === 'save') return office.save(draft);
      return sameOrder(draft, order) || discard.ask().then((answer) => answer === 'discard');
    },
  });
  return (
    <>
      <dialog {...edit.root}>
        <form method="dialog" autoComplete="off">
          <header>
            <h2>Edit order {order.id}</h2>
            <button {...edit.closer()} aria-label="Close">
              ×
            </button>
          </header>
          <div className="fields">
            <label className="wide">
              Work{' '}
              <input
                ref={work}
                value={draft.title}
                onChange={({ target }) => change({ title: target.value })}
                required
                maxLength={80}
              />
            </label>
            <label>
              Boat{' '}
              <select value={draft.boat} onChange={({ target }) => change({ boat: target.value })}>
                {boats.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
            <label>
              Hours{' '}
              <input
                type="number"
                min="1"
                max="400"
                value={draft.hours}
                onChange={({ target }) => change({ hours: target.valueAsNumber })}
                required
              />
            </label>
            <Trades chosen={draft.trades} onChange={(chosen) => change({ trades: chosen })} />
            <PennantField boat={draft.boat} />
            <p role="alert" data-message="" className="failure wide" />
          </div>
          <footer>
            <button {...edit.closer('cancel')}>Cancel</button>
            <button type="submit" value="save" data-button="primary">
              {edit.busy ? 'Saving…' : 'Save order'}
            </button>
          </footer>
        </form>
      </dialog>
      <Discard dialog={discard} />
    </>
  );
}
